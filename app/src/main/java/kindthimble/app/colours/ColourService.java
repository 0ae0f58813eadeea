package kindthimble.app.colours;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.exchange.PaletteFiles;
import kindthimble.app.order.AllOrders;
import kindthimble.app.order.Kept;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.order.Orders;
import kindthimble.app.order.PaletteColour;
import kindthimble.app.plan.Planner;
import kindthimble.core.colour.Eyes;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.design.Seeing;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The colours of orders. */
@Service
@Transactional(readOnly = true)
class ColourService {
    private static final int MOST_PAST = 200;
    private static final int LATEST = 100;

    private final Orders orders;
    private final AllOrders all;
    private final Planner planner;
    private final CookieService cookies;

    ColourService(Orders orders, AllOrders all, Planner planner, CookieService cookies) {
        this.orders = orders;
        this.all = all;
        this.planner = planner;
        this.cookies = cookies;
    }

    /**
     * A colour of an order.
     *
     * @param name what it was called
     * @param hex {@code #RRGGBB}
     * @param order the order's number
     * @param orderName its name
     */
    public record PastColour(String name, String hex, long order, String orderName) {}

    /**
     * Whether a design can be seen.
     *
     * @param design its number
     * @param name of the design
     * @param alike colours of neighbouring sections that become hard to tell apart
     * @param writing contrast of each piece of writing with what it lies on
     */
    public record SeeingView(long design, String name, List<AlikeView> alike, List<Seeing.Contrast> writing) {}

    /**
     * Two colours side by side.
     *
     * @param one key of the one
     * @param other key of the other
     * @param deltaE how far apart they are to most eyes, CIEDE2000
     * @param seen by those eyes that hardly tell them apart
     */
    public record AlikeView(String one, String other, double deltaE, List<SeenBy> seen) {}

    /**
     * @param eyes which
     * @param deltaE how far apart the colours are to them
     * @param oneHex how the one looks to them
     * @param otherHex how the other looks
     */
    public record SeenBy(Eyes eyes, double deltaE, String oneHex, String otherHex) {}

    /** Colours of all orders, the latest hand-over first; each name and colour once. */
    List<PastColour> past() {
        List<Kept> latest = all.latest(LATEST);
        Set<String> told = new HashSet<>();
        List<PastColour> past = new ArrayList<>();
        for (Kept order : latest) {
            for (PaletteColour colour : order.details().palette()) {
                if (past.size() < MOST_PAST && told.add(colour.name() + colour.hex())) {
                    past.add(new PastColour(
                            colour.name(),
                            colour.hex(),
                            order.id(),
                            order.details().name()));
                }
            }
        }
        return past;
    }

    /** The palette of an order, as a file has it. */
    PaletteFiles.PaletteFile palette(long order) {
        OrderDetails details = orders.order(order).details();
        return new PaletteFiles.PaletteFile(
                details.name(),
                details.palette().stream()
                        .map(colour -> new PaletteFiles.Named(colour.name(), colour.hex()))
                        .toList());
    }

    /** Each design of an order that can be measured. */
    List<SeeingView> seeing(long id) {
        Kept order = orders.order(id);
        Kitchen kitchen = planner.kitchen(order.details());
        List<SeeingView> views = new ArrayList<>();
        for (Kept.KeptDesign design : order.designs()) {
            try {
                Palette looks = order.details().looks();
                Seeing seeing = Seeing.of(cookies.measure(design.document(), kitchen), kitchen);
                views.add(new SeeingView(
                        design.id(),
                        design.document().name(),
                        seeing.alike().stream().map(one -> view(one, looks)).toList(),
                        seeing.writing()));
            } catch (Refused refused) {
                continue; // What can't be measured has its sentence on Cookie.
            }
        }
        return views;
    }

    private static AlikeView view(Seeing.Alike alike, Palette looks) {
        Lab one = looks.colours().get(alike.one());
        Lab other = looks.colours().get(alike.other());
        return new AlikeView(
                alike.one(),
                alike.other(),
                alike.deltaE(),
                alike.seen().entrySet().stream()
                        .map(seen -> new SeenBy(
                                seen.getKey(),
                                seen.getValue(),
                                seen.getKey().see(one).hex(),
                                seen.getKey().see(other).hex()))
                        .toList());
    }
}
