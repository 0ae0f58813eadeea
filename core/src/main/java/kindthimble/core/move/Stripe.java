package kindthimble.core.move;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Text;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Lines;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.WetLines;
import kindthimble.core.words.Unit;

/** Lines laid into the wet coat; a needle drawn through them feathers, webs, swirls or marbles them. */
@Word(
        value = "wet line",
        says = "lines, plaid or rings that sink into the flood; dragged, they feather, web, swirl or marble",
        group = Kind.Group.WET)
public record Stripe(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "second colour", from = Choice.From.PALETTE, otherwise = "none")
        String second,

        @Choice(word = "third colour", from = Choice.From.PALETTE, otherwise = "none")
        String third,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 40, usual = 5)
        int pieces,

        @Choice(word = "run", from = Choice.From.WORDS, otherwise = "straight")
        Strokes.Form form,

        @Amount(word = "tilt", unit = Unit.DEGREES, least = -90, most = 90, usual = 0)
        Double tiltDegrees,

        @Text(word = "own path in mm", longest = 20_000, usual = "")
        String path,

        @Choice(word = "tip", from = Choice.From.TIPS, usual = Tip.OUTLINE)
        String tip,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_FLOOD_SECONDS,
                most = Consistency.STIFF_SECONDS,
                habit = Habit.FLOOD_COUNT_SECONDS,
                otherwise = "the order\'s flood")
        Double countSeconds,

        @Amount(word = "drags", unit = Unit.PIECES, least = 0, most = 40, usual = 0)
        Integer drags,

        @Choice(word = "dragged", from = Choice.From.WORDS, usual = "FEATHERED")
        Needle.Dragged dragged,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    @Override
    public Set<String> colours() {
        Set<String> colours = new LinkedHashSet<>(List.of(colour));
        Stream.of(second, third)
                .filter(other -> other != null && !other.isBlank())
                .forEach(colours::add);
        return colours;
    }

    @Override
    public String ownPath() {
        return path;
    }

    @Override
    public String sinks() {
        return "Wet lines";
    }

    @Override
    public void lay(Ground ground) {
        Tip laidWith = ground.tip(tip);
        Needle needle =
                drags == 0 ? null : new Needle(ground.on(on), dragged, drags, path.isBlank() ? tiltDegrees : 0, pieces);
        List<String> colours = List.copyOf(colours());
        List<Lines> each = Strokes.each(ground, on, path, pieces, tiltDegrees, form);
        for (int of = 0; of < colours.size(); of++) {
            List<Lines> own = new ArrayList<>();
            for (int i = of; i < each.size(); i += colours.size()) {
                own.add(each.get(i));
            }
            Lines lines = Lines.all(own);
            if (!lines.isEmpty()) {
                ground.place(
                        on,
                        new WetLines(
                                ground.flooding(colours.get(of), countSeconds, laidWith.name()),
                                needle == null ? lines : needle.through(lines),
                                lines.lengthMm(),
                                laidWith.openingMm() * ground.mean(Habit.WET_LINE_SPREAD),
                                ground.thicknessUnder(on),
                                // One drag goes through the lines of all colours.
                                of == 0 ? drags : 0,
                                ground.mean(Habit.WET_MARK_ABOVE_SHARE)));
            }
        }
    }
}
