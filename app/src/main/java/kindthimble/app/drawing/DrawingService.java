package kindthimble.app.drawing;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import kindthimble.app.cookie.OneByOne;
import kindthimble.app.desk.DeskService;
import kindthimble.app.desk.OrderView;
import kindthimble.app.order.Kept;
import kindthimble.app.order.Orders;
import kindthimble.app.order.PaletteColour;
import kindthimble.app.plan.Planner;
import kindthimble.core.colour.Lab;
import kindthimble.core.design.Design;
import kindthimble.core.drawing.ColourWords;
import kindthimble.core.drawing.CutOutline;
import kindthimble.core.drawing.Drawing;
import kindthimble.core.drawing.DrawnDesign;
import kindthimble.core.drawing.SvgDrawing;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads drawings, each within its time, and makes designs of them. */
@Service
class DrawingService {
    private static final Duration LONGEST = Duration.ofMillis(1_700);
    private static final Duration BRIEF = Duration.ofMillis(200);

    /** Borders of a design keep within this of what was drawn. */
    private static final double DESIGN_TOLERANCE_MM = 0.05;

    /** Below this two colours are taken for one (CIEDE2000): side by side they differ, as icing they are the same bowl. */
    private static final double ALIKE = 7;

    private final OneByOne turns = new OneByOne(LONGEST, BRIEF, OneByOne.PATIENCE);
    private final Orders orders;
    private final DeskService desk;
    private final Planner planner;

    DrawingService(Orders orders, DeskService desk, Planner planner) {
        this.orders = orders;
        this.desk = desk;
        this.planner = planner;
    }

    /**
     * @throws Refused saying what is wrong with the file, or too much of it
     */
    Drawing read(byte[] file, double heightMm) {
        return timed(() -> SvgDrawing.read(file, heightMm));
    }

    /** The outline of all of a drawing, its middle at the origin. */
    PictureController.Outline outline(byte[] file, double heightMm) {
        return timed(() -> {
            Region outline = CutOutline.of(SvgDrawing.read(file, heightMm));
            Spot middle = outline.middle();
            Box box = outline.box();
            return new PictureController.Outline(
                    CutOutline.path(outline.moved(-middle.x(), -middle.y())), box.widthMm(), box.heightMm(), 0);
        });
    }

    private <T> T timed(Supplier<T> work) {
        try {
            return turns.compute(work);
        } catch (TooMuch tooMuch) {
            throw new Refused("", "This drawing can't be used: " + tooMuch.getMessage());
        }
    }

    /** Which colours of an order colours of a drawing are: those that look alike, and words for new ones. */
    List<DrawingController.Matched> matched(long orderId, List<String> hexes) {
        return matches(orders.order(orderId).details().palette(), hexes);
    }

    private static List<DrawingController.Matched> matches(List<PaletteColour> palette, List<String> hexes) {
        Set<String> names = new HashSet<>();
        palette.forEach(colour -> names.add(colour.name()));
        List<DrawingController.Matched> matched = new ArrayList<>();
        for (String hex : hexes) {
            Lab lab = Lab.ofHex(hex);
            Optional<PaletteColour> alike = palette.stream()
                    .min((a, b) -> Double.compare(
                            Lab.ofHex(a.hex()).differenceTo(lab),
                            Lab.ofHex(b.hex()).differenceTo(lab)))
                    .filter(nearest -> Lab.ofHex(nearest.hex()).differenceTo(lab) < ALIKE);
            if (alike.isPresent()) {
                matched.add(new DrawingController.Matched(
                        hex, alike.get().key(), alike.get().name()));
            } else {
                String word = ColourWords.of(hex, names);
                names.add(word);
                matched.add(new DrawingController.Matched(hex, null, word));
            }
        }
        return matched;
    }

    /**
     * Makes a design and puts it on the tray, with the colours that the order did not have.
     *
     * @return the order with it
     */
    @Transactional
    public OrderView added(long orderId, DrawingController.Wanted wanted) {
        Made made = made(orderId, wanted, null);
        return desk.addDesign(orderId, wanted.count(), made.design, made.gesture);
    }

    /** The design with the drawing, read again, in the place of the one before; the order has its colours by then. */
    @Transactional
    public Design again(long orderId, long designId, DrawingController.Wanted wanted) {
        Design before = orders.order(orderId).designs().stream()
                .filter(design -> design.id() == designId)
                .findFirst()
                .orElseThrow(() -> new Refused("", "This design is not on the tray any more."))
                .document();
        return made(orderId, wanted, before).design;
    }

    /** Puts a design that came as a file on the tray: its colours are those of the order that are called so or look so, or new ones. */
    @Transactional
    public OrderView taken(long orderId, DesignFile file, int count) {
        String gesture = UUID.randomUUID().toString();
        Map<String, String> keys = new HashMap<>();
        for (String key : file.design().colours()) {
            PaletteColour colour = file.colour(key);
            List<PaletteColour> palette = orders.order(orderId).details().palette();
            keys.put(
                    key,
                    palette.stream()
                            .filter(own -> own.name().equalsIgnoreCase(colour.name()))
                            .map(PaletteColour::key)
                            .findFirst()
                            .orElseGet(() -> {
                                DrawingController.Matched match =
                                        matches(palette, List.of(colour.hex())).get(0);
                                return match.key() != null
                                        ? match.key()
                                        : bring(
                                                orderId,
                                                new DrawingController.Matched(colour.hex(), null, colour.name()),
                                                gesture);
                            }));
        }
        return desk.addDesign(orderId, count, file.design().recoloured(keys::get), gesture);
    }

    private record Made(Design design, String gesture) {}

    private Made made(long orderId, DrawingController.Wanted wanted, Design before) {
        Kept order = orders.order(orderId);
        String gesture = UUID.randomUUID().toString();
        byte[] file = wanted.file().getBytes(StandardCharsets.UTF_8);
        Drawing drawing = timed(() -> SvgDrawing.read(file, wanted.heightMm(), DESIGN_TOLERANCE_MM));
        Map<String, String> keys = new HashMap<>();
        wanted.colours().forEach(colour -> {
            if (colour.key() != null && !colour.key().isBlank()) {
                keys.put(colour.colour(), colour.key());
            }
        });
        Map<String, DrawnDesign.Taken> taken = new HashMap<>();
        wanted.taken().forEach(one -> taken.put(one.id(), new DrawnDesign.Taken(one.word(), one.colour())));
        DrawnDesign.Wish wish =
                new DrawnDesign.Wish(wanted.name(), wanted.edge(), wanted.marginMm(), wanted.cutter(), taken);
        // First with the drawing's own colours, to see which are used; those that the order lacks are added to it.
        Kitchen kitchen = planner.kitchen(order.details());
        Design plain = timed(() -> design(drawing, wish, hex -> keys.getOrDefault(hex, hex), kitchen, before));
        List<String> missing = plain.colours().stream().filter(Lab::isHex).toList();
        for (DrawingController.Matched match : matches(order.details().palette(), missing)) {
            keys.put(match.colour(), match.key() != null ? match.key() : bring(orderId, match, gesture));
        }
        // What nobody sees of it in the end needs no colour of the order.
        return new Made(
                timed(() -> design(drawing, wish, hex -> keys.getOrDefault(hex, hex), kitchen, before)), gesture);
    }

    private static Design design(
            Drawing drawing, DrawnDesign.Wish wish, UnaryOperator<String> colours, Kitchen kitchen, Design before) {
        return before == null
                ? DrawnDesign.of(drawing, wish, colours, kitchen)
                : DrawnDesign.again(drawing, wish, colours, kitchen, before);
    }

    private String bring(long orderId, DrawingController.Matched colour, String gesture) {
        List<PaletteColour> palette = desk.addColours(
                        orderId, List.of(new PaletteColour(null, colour.name(), colour.colour())), gesture)
                .details()
                .palette();
        return palette.get(palette.size() - 1).key();
    }
}
