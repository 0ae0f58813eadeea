package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Word;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Unit;

/** A raised line along the edge of sections or a part of it, along the seams between them, or along a line of her own. */
@Word(value = "line", says = "a raised line along an edge, a seam or a line of your own", group = Kind.Group.RAISED)
public record Line(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

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

        @Choice(word = "finish", from = Choice.From.WORDS, otherwise = "plain")
        Finish finish,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Piped {
    /** One that waits as long as that takes. */
    public Line(String colour, Where where, String tip, Double countSeconds, Wait waits, Finish finish, String on) {
        this(colour, where, tip, countSeconds, waits, null, finish, on);
    }

    @Override
    public Easier easier() {
        return where != null && where.laid() == Laid.SEAMS
                ? Easier.said("A crease alone shows the split too, and takes no time.")
                : Easier.by(
                        "A marker draws it quicker.",
                        "Draw it with a marker",
                        new Marker(colour, Marker.Drawn.EDGE, null, null, null, null, null, null, null, on));
    }

    @Override
    public void lay(Ground ground) {
        pipe(
                ground,
                ground.course(where, on, ground.tip(tip).openingMm() / 2),
                ground.mean(Habit.DRAW),
                ground.mean(Habit.RAISED_SECONDS_PER_CM));
    }
}
