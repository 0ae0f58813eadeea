package kindthimble.core.move;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Text;
import kindthimble.core.catalogue.Word;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.mark.Dressing;
import kindthimble.core.mark.Supply;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/** Drawn with a food marker: a guide on the bare cookie, a guide that icing will cover, or last of all on a dry coat. */
@Word(value = "marker", says = "drawn or scratched lines: a guide, or the last touch", group = Kind.Group.DRESSED)
public record Marker(
        @Choice(word = "colour", from = Choice.From.PALETTE, otherwise = "none: scratched")
        String colour,

        @Choice(word = "draws", from = Choice.From.WORDS, usual = "LINES")
        Drawn drawn,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 60, usual = PIECES)
        Integer pieces,

        @Choice(word = "run", from = Choice.From.WORDS, otherwise = "straight")
        Strokes.Form form,

        @Amount(word = "tilt", unit = Unit.DEGREES, least = -90, most = 90, usual = 0)
        Double tiltDegrees,

        @Text(word = "text", longest = 40, usual = "Hello") String text,

        @Amount(word = "letters' height", unit = Unit.MM, least = 2, most = 80, usual = Writing.USUAL_MM)
        Double heightMm,

        @Text(word = "own path in mm", longest = 20_000, usual = "")
        String path,

        @Choice(word = "when", from = Choice.From.WORDS, usual = "SURFACE_DRY")
        When when,

        @Amount(word = "own time", unit = Unit.MINUTES, least = 1, most = 2880, otherwise = "as long as that takes")
        Double waitMinutes,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Trim {
    /** One that waits as long as that takes. */
    public Marker(
            String colour,
            Drawn drawn,
            Integer pieces,
            Strokes.Form form,
            Double tiltDegrees,
            String text,
            Double heightMm,
            String path,
            When when,
            String on) {
        this(colour, drawn, pieces, form, tiltDegrees, text, heightMm, path, when, null, on);
    }

    static final int PIECES = 3;

    /** What is drawn. */
    public enum Drawn {
        LINES,
        EDGE,
        /** Where sections meet each other. */
        SPLITS,
        WRITING
    }

    /** When it is drawn on a coat; on a bare cookie it is a guide at once. */
    public enum When {
        /** On a skin, to be covered by icing. */
        GUIDE,
        HALF_DRY,
        SURFACE_DRY,
        DRY_THROUGH
    }

    /** With a needle: it leaves no colour, and needs no marker. */
    public boolean leavesNoColour() {
        return colour == null || colour.isBlank();
    }

    @Override
    public String ownPath() {
        return drawn == Drawn.LINES ? path : "";
    }

    @Override
    public boolean dresses() {
        return when != When.GUIDE;
    }

    @Override
    public void lay(Ground ground) {
        boolean bare = ground.isBare(on);
        Gate gate = bare
                ? Gate.BARE_COOKIE
                : switch (when) {
                    case GUIDE -> Gate.SKINNED;
                    case HALF_DRY -> Gate.HALF_DRY;
                    case SURFACE_DRY -> Gate.SURFACE_DRY;
                    case DRY_THROUGH -> Gate.DRY_THROUGH;
                };
        Stage stage = bare ? Stage.COAT : when == When.GUIDE ? Stage.GUIDE : Stage.MARKER;
        double centimetres = 0;
        Lines lines;
        if (drawn == Drawn.WRITING) {
            Region letters = Writing.letters(text, heightMm, ground.on(on));
            lines = Writing.drawn(letters);
            centimetres = Writing.lengthMm(letters) / 10;
        } else {
            lines = switch (drawn) {
                case EDGE -> Strokes.alongEdge(ground.on(on), ground.mean(Habit.MARKER_MM) / 2);
                case SPLITS -> Strokes.splits(ground, on);
                default -> Strokes.drawn(ground, on, path, pieces, tiltDegrees, form);
            };
            centimetres = lines.lengthMm() / 10;
        }
        if (lines.isEmpty()) {
            throw new Refused("drawn", "There is nothing to draw there. Take another section, or draw lines.");
        }
        ground.place(
                on,
                new Dressing(
                        colour,
                        lines.pathData(),
                        ground.mean(Habit.MARKER_MM),
                        10 * centimetres,
                        0,
                        gate,
                        stage,
                        centimetres * ground.mean(Habit.MARKER_SECONDS_PER_CM),
                        leavesNoColour()
                                ? List.of()
                                : List.of(new Supply(Supply.Sort.MARKER, colour, centimetres / 100)),
                        Extent.of(lines, ground.mean(Habit.MARKER_MM))));
    }
}
