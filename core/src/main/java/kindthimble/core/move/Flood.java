package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Word;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.mark.Coat;
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
        Seam seam)
        implements Coating {

    @Override
    public double thicknessMm(Habits habits) {
        return Coat.thicknessMm(habits, countSeconds);
    }

    @Override
    public void lay(Ground ground) {
        if (ground.filling() == Filling.DIP) {
            ground.filled(new Dip(colour, null, null, null, on)).lay(ground);
            return;
        }
        double thickness = thicknessMm(ground.habits());
        Covering.over(
                ground,
                ground.flooding(colour, countSeconds, tip),
                thickness,
                fullness,
                seam == null || seam == Seam.CREASE,
                (section, region) -> ground.coats().mm3(section, region, thickness));
    }
}
