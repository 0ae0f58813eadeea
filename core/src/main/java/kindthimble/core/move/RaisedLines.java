package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Text;
import kindthimble.core.catalogue.Word;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Bead;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Unit;

/** Raised lines across sections, or along a path of one's own. */
@Word(
        value = "raised lines",
        says = "raised lines across, short ones where you put them, or a path of your own",
        group = Kind.Group.RAISED)
public record RaisedLines(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 60, usual = 1)
        int pieces,

        @Choice(word = "run", from = Choice.From.WORDS, otherwise = "straight")
        Strokes.Form form,

        @Amount(word = "tilt", unit = Unit.DEGREES, least = -90, most = 90, usual = 0)
        Double tiltDegrees,

        @Text(word = "own path in mm", longest = 20_000, usual = "")
        String path,

        @Laying(from = {"SPREAD", "SCATTERED", "ROWS", "RING", "PLACES", "EDGE", "SEAMS", "PATH", "MARKS"})
        Where where,

        @Amount(word = "each long", unit = Unit.MM, least = 1, most = 200, usual = SHORT_MM)
        Double lengthMm,

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

        @Choice(word = "ends", from = Choice.From.WORDS, usual = "EVEN")
        Bead.Ends ends,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Piped {
    /** One that waits as long as that takes. */
    public RaisedLines(
            String colour,
            int pieces,
            Strokes.Form form,
            Double tiltDegrees,
            String path,
            Where where,
            Double lengthMm,
            String tip,
            Double countSeconds,
            Wait waits,
            Finish finish,
            String on) {
        this(
                colour,
                pieces,
                form,
                tiltDegrees,
                path,
                where,
                lengthMm,
                tip,
                countSeconds,
                waits,
                null,
                finish,
                null,
                on);
    }

    static final double SHORT_MM = 6;

    /** Lines across a whole section, or on a path of her own. */
    public RaisedLines(
            String colour,
            int pieces,
            Strokes.Form form,
            Double tiltDegrees,
            String path,
            String tip,
            Double countSeconds,
            Wait waits,
            Finish finish,
            String on) {
        this(colour, pieces, form, tiltDegrees, path, null, null, tip, countSeconds, waits, finish, on);
    }

    @Override
    public Easier easier() {
        return Easier.by(
                "A marker draws them quicker.",
                "Draw them with a marker",
                new Marker(colour, Marker.Drawn.LINES, pieces, form, tiltDegrees, null, null, path, null, on));
    }

    @Override
    public String ownPath() {
        return path;
    }

    @Override
    public void lay(Ground ground) {
        pipe(
                ground,
                where.laid() == Laid.SPREAD || !path.isBlank()
                        ? Strokes.drawn(ground, on, path, pieces, tiltDegrees, form)
                        : Strokes.shortOnes(ground.stand(where, on, pieces, lengthMm), lengthMm, tiltDegrees, form),
                ground.mean(Habit.DRAW),
                ground.mean(Habit.RAISED_SECONDS_PER_CM));
    }
}
