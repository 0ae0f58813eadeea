package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.Flavour;
import kindthimble.core.kitchen.Kitchen;

/**
 * Which bowls are worth joining: pairs of colours that are near twins, and tiny bowls with the colour nearest to
 * theirs. Each is weighed by pouring the order once more with the two joined.
 */
public final class Joining {
    private Joining() {}

    /**
     * @param from key of the colour that is given up
     * @param into key of the colour whose bowl serves both
     * @param deltaE how far apart they are, CIEDE2000
     * @param gramsSaved of icing mixed
     * @param bagsSaved fewer bags
     * @param minutesSaved of hands
     * @param designs those that change their look
     */
    public record Advice(
            String from,
            String into,
            double deltaE,
            double gramsSaved,
            int bagsSaved,
            double minutesSaved,
            List<String> designs) {}

    /**
     * @param pour as it is
     * @param kitchen with how the colours look
     * @param poured the pour with the first colour joined into the second
     * @return what saves anything, the most grams first
     */
    public static List<Advice> of(Pour pour, Kitchen kitchen, BiFunction<String, String, Pour> poured) {
        Palette palette = kitchen.palette();
        Habits habits = kitchen.habits();
        Map<String, Pour.Bowl> bowls = pour.bowls().stream().collect(Collectors.toMap(Pour.Bowl::colour, b -> b));
        List<Advice> advice = new ArrayList<>();
        for (Pour.Bowl small : pour.bowls()) {
            Lab look = palette.colours().get(small.colour());
            Pour.Bowl into = look == null
                    ? null
                    : pour.bowls().stream()
                            .filter(b -> b != small && palette.colours().containsKey(b.colour()))
                            .filter(b -> Flavour.alike(b.flavour(), small.flavour()))
                            // Of two, the larger bowl serves both.
                            .filter(b -> b.cookiesGrams() > small.cookiesGrams()
                                    || b.cookiesGrams() == small.cookiesGrams()
                                            && b.colour().compareTo(small.colour()) < 0)
                            .min(Comparator.comparingDouble(
                                    b -> look.differenceTo(palette.colours().get(b.colour()))))
                            .orElse(null);
            if (into == null) {
                continue;
            }
            double apart = look.differenceTo(palette.colours().get(into.colour()));
            if (apart < habits.mean(Habit.NEAR_TWINS_DELTA_E)
                    || small.cookiesGrams() < habits.mean(Habit.TINY_BOWL_GRAMS)) {
                Pour joined = poured.apply(small.colour(), into.colour());
                double saved = pour.balance().inGrams()
                        - pour.balance().surplusGrams()
                        - joined.balance().inGrams()
                        + joined.balance().surplusGrams();
                if (saved > 0) {
                    advice.add(new Advice(
                            small.colour(),
                            into.colour(),
                            apart,
                            saved,
                            pour.bags() - joined.bags(),
                            Minutes.of(pour, habits) - Minutes.of(joined, habits),
                            List.copyOf(designs(bowls.get(small.colour())))));
                }
            }
        }
        // A near twin is worth more than a tiny bowl of quite another colour.
        advice.sort(Comparator.comparing((Advice a) -> a.deltaE() >= habits.mean(Habit.NEAR_TWINS_DELTA_E))
                .thenComparing(Comparator.comparingDouble(Advice::gramsSaved).reversed()));
        return advice;
    }

    private static TreeSet<String> designs(Pour.Bowl bowl) {
        return bowl.portions().stream()
                .flatMap(portion -> portion.drinks().stream())
                .map(Demand.Drink::design)
                .collect(Collectors.toCollection(TreeSet::new));
    }
}
