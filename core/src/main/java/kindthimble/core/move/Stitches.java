package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Word;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Unit;

/** A border of short raised lines, like a seam sewn by hand. */
@Word(value = "stitched border", says = "short raised lines along an edge, a seam or a line", group = Kind.Group.RAISED)
public record Stitches(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(word = "stitch", unit = Unit.MM, least = 1, most = 30, usual = STITCH_MM)
        Double stitchMm,

        @Amount(word = "gap", unit = Unit.MM, least = 0.5, most = MOST_GAP_MM, usual = GAP_MM)
        Double gapMm,

        @Laying(
                word = "along",
                from = {"EDGE", "SEAMS", "PATH"},
                unbroken = true)
        Where where,

        @Choice(word = "tip", from = Choice.From.TIPS, usual = Tip.LINE)
        String tip,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_LINE_SECONDS,
                most = Consistency.STIFF_SECONDS,
                habit = Habit.PIPING_SECONDS)
        Double countSeconds,

        @Choice(word = "waits until", from = Choice.From.WORDS, otherwise = "the shop's school")
        Wait waits,

        @Amount(word = "own time", unit = Unit.MINUTES, least = 1, most = 2880, otherwise = "as long as that takes")
        Double waitMinutes,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Piped {
    /** One that waits as long as that takes. */
    public Stitches(
            String colour,
            Double stitchMm,
            Double gapMm,
            Where where,
            String tip,
            Double countSeconds,
            Wait waits,
            String on) {
        this(colour, stitchMm, gapMm, where, tip, countSeconds, waits, null, on);
    }

    static final double STITCH_MM = 4;
    static final double GAP_MM = 2;
    static final double MOST_GAP_MM = 30;
    static final double INSIDE_MM = 3;

    @Override
    public Easier easier() {
        double wider = 2 * (gapMm == null ? GAP_MM : gapMm);
        return wider > MOST_GAP_MM
                ? Easier.said("A plain line needs no lifting between stitches.")
                : Easier.by(
                        "Wider gaps are fewer stitches.", "Gaps twice as wide", Catalogue.with(this, "gapMm", wider));
    }

    @Override
    public void lay(Ground ground) {
        pipe(
                ground,
                ground.course(where, on, INSIDE_MM).stitched(stitchMm, gapMm),
                ground.mean(Habit.DRAW),
                ground.mean(Habit.RAISED_SECONDS_PER_CM));
    }
}
