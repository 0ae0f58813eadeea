package kindthimble.core.move;

import java.util.List;
import java.util.Set;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Word;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Relief;
import kindthimble.core.words.Unit;

/** Fills sections with icing that levels by itself. Takes the coat's volume, less the outline that stands in it already. */
@Word(value = "flood", says = "fills a section and levels", group = Kind.Group.COAT)
public record Flood(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_FLOOD_SECONDS,
                most = Consistency.MOST_FLOOD_SECONDS,
                habit = Habit.FLOOD_COUNT_SECONDS,
                otherwise = "the order\'s flood")
        Double countSeconds,

        @Amount(word = "fullness", unit = Unit.TIMES, least = 0.5, most = 1.5, habit = Habit.FULLNESS)
        Double fullness,

        @Choice(word = "tip", from = Choice.From.TIPS, otherwise = "tipless")
        String tip,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "what no other coat covers")
        String on,

        @Choice(word = "meets its neighbours by a", from = Choice.From.WORDS, otherwise = "crease")
        Seam seam,

        @Choice(word = "marbled with", from = Choice.From.PALETTE, otherwise = "nothing")
        String second,

        @Choice(word = "and with", from = Choice.From.PALETTE, otherwise = "nothing")
        String third,

        @Amount(word = "share of that", unit = Unit.PERCENT, least = 1, most = 50, habit = Habit.MARBLED_SHARE_PERCENT)
        Double secondPercent)
        implements Coating {
    /** In one colour. */
    public Flood(String colour, Double countSeconds, Double fullness, String tip, String on, Seam seam) {
        this(colour, countSeconds, fullness, tip, on, seam, null, null, null);
    }

    @Override
    public Set<String> colours() {
        return marbled().with(colour);
    }

    private Marbled marbled() {
        return Marbled.of(colour, second, third, secondPercent);
    }

    @Override
    public double thicknessMm(Habits habits) {
        return Coat.thicknessMm(habits, countSeconds);
    }

    @Override
    public void lay(Ground ground) {
        if (ground.filling() == Filling.DIP) {
            ground.filled(new Dip(colour, second, third, secondPercent, null, on))
                    .lay(ground);
            return;
        }
        double thickness = thicknessMm(ground.habits());
        boolean creased = seam == null || seam == Seam.CREASE;
        Coat coat =
                new Coat(ground.flooding(colour, countSeconds, tip), List.of(), thickness, 0, creased, Relief.LEVEL);
        Covering.over(
                ground,
                coat,
                fullness,
                marbled(),
                other -> ground.flooding(other, countSeconds, tip),
                (section, region) -> ground.coats().mm3(section, region, thickness));
    }
}
