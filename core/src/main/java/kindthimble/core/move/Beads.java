package kindthimble.core.move;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Word;
import kindthimble.core.drying.Gate;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Scatter;
import kindthimble.core.geometry.Spot;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Balls;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/** A border of beads along the edge: one every 0.85 of their width, with tails. */
@Word(value = "bead border", says = "beads along the edge, or raised dots", group = Kind.Group.RAISED)
public record Beads(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(word = "size", unit = Unit.MM, least = 0.8, most = 12, usual = 3)
        double diameterMm,

        @Choice(word = "laid", from = Choice.From.WORDS, usual = "EDGE")
        Where laid,

        @Amount(
                word = "how many",
                unit = Unit.PIECES,
                least = 1,
                most = 200,
                otherwise = "as many as fit; 7 raised dots")
        Integer pieces,

        @Choice(word = "tip", from = Choice.From.TIPS, usual = Tip.OUTLINE)
        String tip,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_MEDIUM_SECONDS,
                most = Consistency.STIFF_SECONDS,
                habit = Habit.MEDIUM_SECONDS)
        Double countSeconds,

        @Choice(word = "waits until", from = Choice.From.WORDS, otherwise = "the shop's school")
        Wait waits,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    private static final int DOTS = 7;

    /** Where beads lie. */
    public enum Where {
        /** Side by side along the edge. */
        EDGE,
        /** Each by itself: raised dots. */
        SCATTERED,
        ROWS
    }

    @Override
    public Easier easier() {
        return Easier.by(
                "A plain line round the edge would be quicker.",
                "Pipe a line instead",
                new Line(colour, Line.Along.EDGE, tip, null, null, waits, null, on));
    }

    @Override
    public void lay(Ground ground) {
        Gate gate = ground.raisedGate(on, waits);
        ground.place(
                on,
                new Balls(
                        ground.piped(colour, countSeconds, ground.tip(tip)),
                        spots(ground),
                        diameterMm,
                        isBorder() ? ground.mean(Habit.BEAD_TAILS) : 0,
                        gate));
    }

    private boolean isBorder() {
        return laid == Where.EDGE;
    }

    private List<Spot> spots(Ground ground) {
        if (isBorder()) {
            Lines edge = Strokes.alongEdge(ground.on(on), diameterMm / 2);
            return edge.beads(pieces == null ? ground.mean(Habit.BEAD_STEP) * diameterMm : edge.lengthMm() / pieces);
        }
        Region room = ground.on(on).inset(diameterMm / 2);
        if (room.isEmpty()) {
            throw new Refused("diameterMm", "A dot of that size does not fit there. Make it smaller.");
        }
        int dots = pieces == null ? DOTS : pieces;
        return laid == Where.ROWS ? Scatter.inRows(room, dots) : Scatter.over(room, dots);
    }
}
