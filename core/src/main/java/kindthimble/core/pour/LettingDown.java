package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.tint.Shade;
import kindthimble.core.tint.TintRecipe;
import kindthimble.core.tint.WhiteIcing;

/** Which light bowls are worth letting down from a darker one by weight, instead of tinting them on their own. */
public final class LettingDown {
    /** Less of a dark bowl than this is white (kitchen practice). */
    private static final double LEAST_SHARE = 0.02;

    private static final double LIGHTER_BY = 5;

    private LettingDown() {}

    /**
     * What is known of a bowl's tint.
     *
     * @param recipe its own
     * @param rested K/S of that, rested, band by band
     */
    public record Tinted(TintRecipe recipe, double[] rested) {}

    /**
     * @param light key of the bowl that is let down
     * @param mother key of the darker bowl
     * @param shade how much of it, and how near that comes
     * @param ownDeltaE how near its own recipe comes
     * @param gelSavedGrams less gel; negative for more
     * @param minutesSaved of hands
     */
    public record Advice(
            String light, String mother, Shade shade, double ownDeltaE, double gelSavedGrams, double minutesSaved) {}

    /**
     * @param pour as it is
     * @param kitchen with how the colours shall look
     * @param tinted what is known of each bowl that is tinted on its own, by its key
     * @return the nearest mother of each light bowl that has one, the best first
     */
    public static List<Advice> of(Pour pour, Kitchen kitchen, Map<String, Tinted> tinted, WhiteIcing white) {
        Palette palette = kitchen.palette();
        double near = kitchen.mean(Habit.LET_DOWN_DELTA_E);
        List<Advice> advice = new ArrayList<>();
        for (Pour.Bowl light : pour.bowls()) {
            Lab target = palette.colours().get(light.colour());
            Tinted own = tinted.get(light.colour());
            if (target == null
                    || own == null
                    || own.recipe().doses().isEmpty()
                    || light.flavour() != null
                    || light.givenGrams() > 0
                    || light.letDown() != null) {
                continue;
            }
            pour.bowls().stream()
                    .filter(mother -> mother != light
                            && mother.letDown() == null
                            && mother.flavour() == null
                            && isDarker(mother, target, palette))
                    .filter(mother -> tinted.containsKey(mother.colour()))
                    .map(mother ->
                            advice(light, own, mother, target, tinted.get(mother.colour()), white, kitchen.habits()))
                    .filter(one -> one.shade().deltaE() <= Math.max(near, one.ownDeltaE()))
                    .filter(one -> one.shade().share() >= LEAST_SHARE)
                    .min(Comparator.comparingDouble(one -> one.shade().deltaE()))
                    .ifPresent(advice::add);
        }
        advice.sort(Comparator.comparingDouble(one -> one.shade().deltaE()));
        return advice;
    }

    private static boolean isDarker(Pour.Bowl mother, Lab target, Palette palette) {
        Lab look = palette.colours().get(mother.colour());
        return look != null && look.l() < target.l() - LIGHTER_BY;
    }

    private static Advice advice(
            Pour.Bowl light,
            Tinted own,
            Pour.Bowl mother,
            Lab target,
            Tinted mothers,
            WhiteIcing white,
            Habits habits) {
        Shade shade = Shade.nearest(mothers.rested(), white, target);
        double motherGel = mothers.recipe().gelPercent() / 100;
        return new Advice(
                light.colour(),
                mother.colour(),
                shade,
                own.recipe().deltaE(),
                own.recipe().gelGrams() - shade.share() * light.mixedGrams() * motherGel,
                habits.mean(Habit.TINT_MINUTES) - habits.mean(Habit.LET_DOWN_MINUTES));
    }
}
