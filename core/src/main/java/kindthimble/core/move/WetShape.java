package kindthimble.core.move;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Text;
import kindthimble.core.catalogue.Word;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.SunkShapes;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/** A shape piped into the wet coat, into which it sinks and levels with it: a petal, a cheek, a shape of a drawing. */
@Word(
        value = "wet shape",
        says = "a form, letters or an outline of yours that sinks into the flood",
        group = Kind.Group.WET)
public record WetShape(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "form", from = Choice.From.WORDS, usual = "HEART")
        SmallForm form,

        @Text(word = "or letters", longest = 20, usual = "") String text,

        @Text(word = "or own outline", longest = 20_000, usual = "")
        String path,

        @Amount(word = "width, letters' height", unit = Unit.MM, least = 1, most = 120, usual = 10)
        Double sizeMm,

        @Laying(from = {"MIDDLE", "PLACES", "MARKS"}) Where where,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_FLOOD_SECONDS,
                most = Consistency.STIFF_SECONDS,
                habit = Habit.FLOOD_COUNT_SECONDS,
                otherwise = "the order\'s flood")
        Double countSeconds,

        @Choice(word = "tip", from = Choice.From.TIPS, otherwise = "tipless")
        String tip,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    @Override
    public Easier easier() {
        return Easier.said("Dots sink in just so, and are quicker than an outline.");
    }

    @Override
    public String sinks() {
        return "Wet shapes";
    }

    @Override
    public void lay(Ground ground) {
        List<Region> regions = Shape.regions(ground, where, on, form, path, text, sizeMm, null);
        double area = regions.stream().mapToDouble(Region::areaMm2).sum();
        if (area > ground.on(on).areaMm2()) {
            throw new Refused("sizeMm", "These shapes cover more than there is. Make them smaller.");
        }
        ground.place(
                on,
                new SunkShapes(
                        ground.flooding(colour, countSeconds, tip),
                        regions,
                        ground.thicknessUnder(on),
                        ground.mean(Habit.WET_MARK_ABOVE_SHARE)));
    }
}
