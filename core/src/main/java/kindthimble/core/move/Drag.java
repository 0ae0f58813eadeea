package kindthimble.core.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Word;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Region;
import kindthimble.core.mark.Blended;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Layer;
import kindthimble.core.mark.Marbling;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.WetLines;
import kindthimble.core.passes.Step;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Unit;

/**
 * One needle through all that is wet there: dots in dots, lines of several moves, coats that flow into each other. It moves icing and adds none.
 */
@Word(
        value = "needle",
        says = "one needle through all that is wet: dot in dot, lines, two coats",
        group = Kind.Group.WET)
public record Drag(
        @Amount(word = "drags", unit = Unit.PIECES, least = 1, most = 40, usual = USUAL_DRAGS)
        Integer pieces,

        @Choice(word = "drawn", from = Choice.From.WORDS, usual = "TO_MIDDLE")
        Needle.Dragged dragged,

        @Amount(word = "tilt", unit = Unit.DEGREES, least = -90, most = 90, usual = 0)
        Double tiltDegrees,

        @Laying(
                word = "through",
                from = {"SPREAD", "MARKS"})
        Where where,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Trim {
    static final double USUAL_DRAGS = 8;
    private static final double STEP_MM = 0.4;

    /** As if so many lines were drawn through: how far a needle draws icing along is its own reach then. */
    private static final int FEW_LINES = 2;

    @Override
    public String sinks() {
        return "Drags";
    }

    @Override
    public Easier easier() {
        int half = (int) Math.max(1, (pieces == null ? USUAL_DRAGS : pieces) / 2);
        return Easier.by(
                "Fewer strokes show as well.", "Half as many", new Drag(half, dragged, tiltDegrees, where, on));
    }

    @Override
    public void lay(Ground ground) {
        List<Region> rooms =
                where.laid() == Laid.MARKS ? ground.covered(where.marks(), on).pieces() : List.of(ground.on(on));
        Set<String> names = ground.named(on);
        int slot = names.stream().mapToInt(ground.coats()::pass).max().orElse(1);
        List<Step> wet = ground.laid().stream()
                .filter(step -> step.slot() == slot && step.mark().stage() == Stage.COAT)
                .filter(step -> step.sections().stream().anyMatch(names::contains))
                .toList();
        List<Layer> layers = new ArrayList<>();
        for (Region room : rooms) {
            Needle needle = new Needle(room, dragged, pieces, tiltDegrees, FEW_LINES);
            wet.forEach(step -> drawn(step.mark(), needle, room, layers));
        }
        ground.place(on, new Blended(pieces * rooms.size(), layers, Extent.of(Region.union(rooms))));
    }

    /** What a mark looks like in a room when the needle has gone through. */
    private static void drawn(Mark mark, Needle needle, Region room, List<Layer> layers) {
        if (mark instanceof WetLines lines) {
            String path = needle.through(lines.along()).within(room).pathData();
            layers.add(new Layer(Layer.Role.SUNK, mark.colour(), path, lines.widthMm()));
        } else if (mark instanceof Marbling veins) {
            String path = needle.through(veins.veins()).within(room).pathData();
            layers.add(new Layer(Layer.Role.SUNK, mark.colour(), path, veins.widthMm()));
        } else if (mark.icing() != null) {
            Region region = mark.covers();
            // A coat that goes beyond the room is seen in all of it, however its far edge is drawn.
            Region bent = mark instanceof Coat && region.intersection(room).areaMm2() > 0.999 * room.areaMm2()
                    ? room
                    : region.bent(STEP_MM, needle::moved).intersection(room);
            if (!bent.isEmpty()) {
                layers.add(new Layer(Layer.Role.SUNK, mark.colour(), bent.pathData(), null));
            }
        }
    }
}
