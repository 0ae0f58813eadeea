package kindthimble.core.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.mark.Blended;
import kindthimble.core.mark.Layer;
import kindthimble.core.mark.Shapes;
import kindthimble.core.words.Unit;

/** A needle or a brush drawn to and fro over a seam at which two coats are wet together, so that one goes over into the other. */
@Word(value = "blending drag", says = "two wet coats drawn into each other over their seam", group = Kind.Group.WET)
public record Blend(
        @Amount(word = "strokes over each seam", unit = Unit.PIECES, least = 1, most = 80, usual = STROKES)
        Integer pieces,

        @Amount(word = "how far", unit = Unit.MM, least = 0.5, most = 30, usual = REACH_MM)
        Double reachMm,

        @Choice(word = "between", from = Choice.From.SECTIONS, otherwise = "all that flow together")
        String on)
        implements Trim {
    static final double STROKES = 8;
    static final double REACH_MM = 5;
    private static final double SIDE_MM = 0.4;

    @Override
    public String sinks() {
        return "Drags";
    }

    @Override
    public Easier easier() {
        return Easier.by("Fewer strokes blend as well.", "Half as many", new Blend(half(), reachMm, on));
    }

    private int half() {
        return (int) Math.max(1, Math.round((pieces == null ? STROKES : pieces) / 2));
    }

    @Override
    public void lay(Ground ground) {
        Map<String, List<Pose>> teeth = new TreeMap<>();
        List<Lines> seams = new ArrayList<>();
        double narrowest = reachMm;
        for (Coats.Meeting meeting : ground.coats().flowing(ground.named(on))) {
            Region one = ground.region(meeting.one());
            Region other = ground.region(meeting.other());
            Lines seam = one.edge().within(other.grown(Strokes.SPLIT_MM));
            seams.add(seam);
            narrowest = Math.min(narrowest, seam.lengthMm() / pieces);
            boolean over = false;
            for (Pose pose : seam.spread(pieces)) {
                String from = over ? meeting.other() : meeting.one();
                String colour = ground.coatColour(from);
                if (colour != null) {
                    teeth.computeIfAbsent(colour, key -> new ArrayList<>()).add(into(over ? one : other, pose));
                }
                over = !over;
            }
        }
        List<Layer> layers = new ArrayList<>();
        for (var colour : teeth.entrySet()) {
            String path = Shapes.teeth(colour.getValue(), 2 * narrowest, reachMm);
            layers.add(new Layer(Layer.Role.SUNK, colour.getKey(), path, null));
        }
        Extent extent = seams.isEmpty() ? Extent.NONE : Extent.of(Lines.all(seams), 2 * reachMm);
        ground.place(on, new Blended(seams.size() * pieces, layers, extent));
    }

    /** Turned so that it points into a region. */
    private static Pose into(Region region, Pose along) {
        double angle = Math.toRadians(along.turnDegrees());
        boolean right = region.covers(along.x() - SIDE_MM * Math.sin(angle), along.y() + SIDE_MM * Math.cos(angle));
        return new Pose(along.x(), along.y(), along.turnDegrees() + (right ? 0 : 180));
    }
}
