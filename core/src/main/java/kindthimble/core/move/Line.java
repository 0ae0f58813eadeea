package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Lines;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/** A raised line along the edge of sections, or along the splits between them. */
@Word(value = "line", says = "a raised line round the edge, or along the splits", group = Kind.Group.RAISED)
public record Line(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "along", from = Choice.From.WORDS, usual = "EDGE")
        Along along,

        @Choice(word = "tip", from = Choice.From.TIPS, usual = Tip.LINE)
        String tip,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_MEDIUM_SECONDS,
                most = Consistency.STIFF_SECONDS,
                habit = Habit.PIPING_SECONDS)
        Double countSeconds,

        @Amount(word = "inside the edge", unit = Unit.MM, least = 0, most = 100, otherwise = "half a bead")
        Double insetMm,

        @Choice(word = "waits until", from = Choice.From.WORDS, otherwise = "the shop's school")
        Wait waits,

        @Choice(word = "finish", from = Choice.From.WORDS, otherwise = "plain")
        Finish finish,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Piped {
    /** What a line follows. */
    public enum Along {
        EDGE,
        SPLITS
    }

    @Override
    public Easier easier() {
        return along == Along.SPLITS
                ? Easier.said("A crease alone shows the split too, and takes no time.")
                : Easier.by(
                        "A marker draws it quicker.",
                        "Draw it with a marker",
                        new Marker(colour, Marker.Drawn.EDGE, null, null, null, null, null, null, null, on));
    }

    @Override
    public void lay(Ground ground) {
        Lines lines = along == Along.SPLITS
                ? Strokes.splits(ground, on)
                : Strokes.alongEdge(
                        ground.on(on), insetMm == null ? ground.tip(tip).openingMm() / 2 : insetMm);
        if (lines.isEmpty()) {
            throw new Refused("along", "Nothing is split there. Divide the cookie first, or follow the edge.");
        }
        pipe(ground, lines, ground.mean(Habit.DRAW), ground.mean(Habit.RAISED_SECONDS_PER_CM));
    }
}
