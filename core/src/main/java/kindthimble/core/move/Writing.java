package kindthimble.core.move;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Filled;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Text;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pen;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.lettering.Letters;
import kindthimble.core.mark.WetLines;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/**
 * Piped writing in the shipped face of even strokes. The length of its strokes comes from their outline: a stroke of length L and
 * width w has the area {@code L w} and the edge {@code 2 L + 2 w}.
 */
@Word(value = "writing", says = "piped letters, raised or wet; | begins a new line", group = Kind.Group.RAISED)
public record Writing(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Text(word = "text", longest = 60, usual = "Hello") String text,

        @Amount(word = "height", unit = Unit.MM, least = 2, most = 80, usual = USUAL_MM)
        double heightMm,

        @Choice(word = "sits", from = Choice.From.WORDS, usual = "RAISED")
        Drop.Sits sits,

        @Laying(from = {"MIDDLE", "PLACES", "MARKS"}) Where where,

        @Choice(word = "tip", from = Choice.From.TIPS, usual = Tip.LINE)
        String tip,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_FLOOD_SECONDS,
                most = Consistency.STIFF_SECONDS,
                habit = Habit.PIPING_SECONDS,
                otherwise = "piping raised, the order's flood wet")
        Double countSeconds,

        @Choice(word = "waits until", from = Choice.From.WORDS, otherwise = "the shop's school")
        Wait waits,

        @Amount(word = "own time", unit = Unit.MINUTES, least = 1, most = 2880, otherwise = "as long as that takes")
        Double waitMinutes,

        @Choice(word = "finish", from = Choice.From.WORDS, otherwise = "plain")
        Finish finish,

        @Amount(word = "more gap between letters", unit = Unit.MM, least = 0, most = 30, usual = 0)
        Double gapMm,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Piped {
    /** One that waits as long as that takes. */
    public Writing(
            String colour,
            String text,
            double heightMm,
            Drop.Sits sits,
            Where where,
            String tip,
            Double countSeconds,
            Wait waits,
            Finish finish,
            String on) {
        this(colour, text, heightMm, sits, where, tip, countSeconds, waits, null, finish, null, on);
    }

    static final double USUAL_MM = 9;
    private static final String NEXT_LINE = "\\|";

    /** From one line of writing to the next, in heights. */
    private static final double LINE_STEP = 1.35;

    /** How far inside the outline of a stroke its drawn line runs, in stroke widths. */
    private static final double MIDDLE_OF_STROKE = 0.42;

    @Override
    public Easier easier() {
        return Easier.by(
                "A marker writes it quicker.",
                "Write it with a marker",
                new Marker(colour, Marker.Drawn.WRITING, null, null, null, text, heightMm, null, null, on));
    }

    /** Wet letters are of the flood's icing, unless their count is told. */
    @Override
    public Move filled(Kitchen kitchen) {
        boolean ofFlood = countSeconds == null && sits == Drop.Sits.WET;
        Writing writing =
                ofFlood ? Catalogue.with(this, "countSeconds", kitchen.mean(Habit.FLOOD_COUNT_SECONDS)) : this;
        return Filled.of(writing, kitchen.habits());
    }

    @Override
    public void lay(Ground ground) {
        List<Region> all = written(ground);
        if (sits == Drop.Sits.WET) {
            wet(ground, all);
            return;
        }
        // The line drawn runs there and back within each stroke; what is piped is the stroke, once.
        pipe(
                ground,
                Lines.all(all.stream().map(Writing::drawn).toList()),
                all.stream().mapToDouble(Writing::lengthMm).sum(),
                ground.mean(Habit.DRAW),
                ground.mean(Habit.WRITING_SECONDS_PER_CM));
    }

    /** Into the wet coat: as wide as a wet line of its tip. */
    private void wet(Ground ground, List<Region> all) {
        Tip laidWith = ground.tip(tip);
        ground.place(
                on,
                new WetLines(
                        ground.flooding(colour, countSeconds, laidWith.name()),
                        Lines.all(all.stream().map(Writing::drawn).toList()),
                        all.stream().mapToDouble(Writing::lengthMm).sum(),
                        laidWith.openingMm() * ground.mean(Habit.WET_LINE_SPREAD),
                        ground.thicknessUnder(on),
                        0,
                        ground.mean(Habit.WET_MARK_ABOVE_SHARE)));
    }

    @Override
    public String sinks() {
        return sits == Drop.Sits.WET ? "Wet writing" : null;
    }

    /** Its outline, once for each place. */
    private List<Region> written(Ground ground) {
        Region letters = letters(heightMm);
        return ground.stand(where, on, 1, heightMm).stream()
                .map(Pose::readable)
                .map(letters::at)
                .toList();
    }

    /** The line that is drawn for letters: near the middle of each stroke, there and back. */
    static Lines drawn(Region letters) {
        return letters.inset(letters.strokeWidthMm() * MIDDLE_OF_STROKE).edge();
    }

    /** Length in mm of the strokes of letters. */
    static double lengthMm(Region letters) {
        return letters.areaMm2() / letters.strokeWidthMm();
    }

    /** Its outline about the origin, at a height in mm. */
    public Region letters(double height) {
        return lines(Letters.WRITTEN, text, height, gapMm == null ? 0 : gapMm);
    }

    /** The outline of writing in the middle of a region. */
    static Region letters(String text, double heightMm, Region region) {
        return letters(text, heightMm)
                .moved(region.middle().x(), region.middle().y());
    }

    /** The outline of writing about the origin; an upright stroke begins a new line. */
    static Region letters(String text, double heightMm) {
        return lines(Letters.WRITTEN, text, heightMm, 0);
    }

    /**
     * The same in the heavy face, to be filled.
     *
     * @param gapMm between two letters, beside what the face has
     */
    static Region cut(String text, double heightMm, Double gapMm) {
        return lines(Letters.CUT, text, heightMm, gapMm == null ? 0 : gapMm);
    }

    private static Region lines(Letters face, String text, double heightMm, double gapMm) {
        List<String> lines = Arrays.stream(text.split(NEXT_LINE))
                .filter(line -> !line.isBlank())
                .toList();
        try {
            if (lines.size() < 2) {
                return line(face, lines.isEmpty() ? text : lines.get(0), heightMm, gapMm);
            }
            List<Region> all = new ArrayList<>();
            for (int i = 0; i < lines.size(); i++) {
                double down = (i - (lines.size() - 1) / 2.0) * LINE_STEP * heightMm;
                all.add(line(face, lines.get(i), heightMm, gapMm).moved(0, down));
            }
            return Region.union(all);
        } catch (Refused refused) {
            throw new Refused("text", refused.getMessage());
        }
    }

    private static Region line(Letters face, String text, double heightMm, double gapMm) {
        Pen plain = face.written(text);
        Pen spaced = gapMm > 0 ? face.written(text, gapMm * plain.high() / heightMm) : plain;
        return spaced.fitted(heightMm, Across.HEIGHT);
    }
}
