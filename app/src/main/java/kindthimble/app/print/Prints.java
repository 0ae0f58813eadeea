package kindthimble.app.print;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.http.NotThere;
import kindthimble.app.mixing.MixingService;
import kindthimble.app.order.Kept;
import kindthimble.app.order.Orders;
import kindthimble.app.order.PaletteColour;
import kindthimble.app.order.Together;
import kindthimble.app.plan.Planner;
import kindthimble.app.plan.PourView;
import kindthimble.app.shop.ShopService;
import kindthimble.core.design.Cookie;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;
import org.springframework.stereotype.Service;

/** The sheets of an order. */
@Service
public class Prints {
    private final MixingService mixing;
    private final Orders orders;
    private final Together together;
    private final ShopService shop;
    private final CookieService cookies;
    private final Planner planner;

    private static final Range COPIES = new Range("copies", Unit.PIECES, 1, 60);

    Prints(
            MixingService mixing,
            Orders orders,
            Together together,
            ShopService shop,
            CookieService cookies,
            Planner planner) {
        this.cookies = cookies;
        this.planner = planner;
        this.mixing = mixing;
        this.orders = orders;
        this.together = together;
        this.shop = shop;
    }

    /** PDF. */
    public byte[] mixingSheet(long order) {
        return MixingSheet.of(printed(order), mixing.view(order), shop.settings());
    }

    /**
     * PDF.
     *
     * @param sheet name of a {@link BagLabels.Sheet}
     * @throws Refused when there is no such sheet
     */
    public byte[] bagLabels(long order, String sheet) {
        BagLabels.Sheet laid;
        try {
            laid = BagLabels.Sheet.valueOf(sheet);
        } catch (IllegalArgumentException e) {
            throw new Refused("sheet", "There is no such sheet of labels. Take one of the list, or plain paper.");
        }
        Map<Long, LocalDateTime> handOvers = new HashMap<>();
        together.mixedWith(order)
                .forEach(one -> handOvers.put(one.id(), one.details().handOver()));
        return BagLabels.of(printed(order), mixing.view(order).mixed(), handOvers, laid, shop.settings());
    }

    /** PDF. */
    public byte[] shopping(long order) {
        return ShoppingSheet.pdf(printed(order), mixing.view(order).shopping(), shop.settings());
    }

    /** PDF. */
    public byte[] daySheet(LocalDate day, List<DaySheet.Line> lines) {
        return DaySheet.of(day, lines, shop.settings());
    }

    /** CSV. */
    public String shoppingTable(long order) {
        return ShoppingSheet.csv(mixing.view(order).shopping(), shop.settings());
    }

    /**
     * Templates of a design at true size. PDF.
     *
     * @throws Refused when it can't be measured, or is larger than the paper
     */
    public byte[] template(long order, long design, TemplateSheet.How how) {
        COPIES.check("copies", how.copies());
        Kept.KeptDesign kept = design(order, design);
        return TemplateSheet.of(
                printed(order), measured(order, kept), kept.document().cutter().baked(0), how, shop.settings());
    }

    /** What lies under the film of a design's pieces. PDF. */
    public byte[] transfers(long order, long design) {
        Kept.KeptDesign kept = design(order, design);
        Map<Integer, Integer> made = new TreeMap<>();
        mixing.view(order)
                .mixed()
                .forEach(mixed ->
                        pieces(mixed.pour(), design).forEach((move, pieces) -> made.merge(move, pieces, Integer::sum)));
        return TemplateSheet.transfers(printed(order), measured(order, kept), made, shop.settings());
    }

    /** By move of a design, how many pieces are made ahead; each colour of a piece is of as many. */
    private static Map<Integer, Integer> pieces(PourView poured, long design) {
        Map<Integer, Integer> pieces = new TreeMap<>();
        poured.pour().bowls().stream()
                .flatMap(bowl -> bowl.portions().stream())
                .flatMap(portion -> portion.drinks().stream())
                .filter(drink -> drink.design().equals(Long.toString(design)) && drink.piecesEach() > 0)
                .forEach(drink -> pieces.merge(
                        drink.move(), drink.piecesEach() * drink.cookies() + drink.sparePieces(), Math::max));
        return pieces;
    }

    /** A grid to lie under cookies. PDF. */
    public byte[] grid() {
        return LyingSheet.grid(shop.settings());
    }

    /** Straight edges to lie under cookies. PDF. */
    public byte[] straightEdges() {
        return LyingSheet.straightEdges(shop.settings());
    }

    /** A frame to draw in, by whose corners a photo of it is straightened. PDF. */
    public byte[] frame() {
        return LyingSheet.frame(shop.settings());
    }

    /** What to do with a design, pass by pass. PDF. */
    public byte[] instructions(long order, long design) {
        Kept.KeptDesign kept = design(order, design);
        Map<String, PaletteColour> palette = new HashMap<>();
        orders.order(order).details().palette().forEach(colour -> palette.put(colour.key(), colour));
        return InstructionSheet.of(
                printed(order),
                measured(order, kept),
                kept.count(),
                palette,
                planner.kitchen(orders.order(order).details()));
    }

    private Kept.KeptDesign design(long order, long id) {
        return orders.order(order).designs().stream()
                .filter(design -> design.id() == id)
                .findFirst()
                .orElseThrow(() -> new NotThere("design"));
    }

    private Cookie measured(long order, Kept.KeptDesign design) {
        return cookies.measure(
                design.document(), planner.kitchen(orders.order(order).details()));
    }

    /**
     * What stands on each page.
     *
     * @param name of the order, with those that are mixed with it
     * @param handOver when it is fetched
     */
    record Printed(String name, LocalDateTime handOver) {
        String foot(Written w) {
            return name + "  -  hand-over " + w.when(handOver);
        }
    }

    private Printed printed(long order) {
        return new Printed(together.name(order), orders.order(order).details().handOver());
    }
}
