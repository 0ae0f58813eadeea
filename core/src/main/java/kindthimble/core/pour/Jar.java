package kindthimble.core.pour;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.Flavour;

/**
 * Icing left over from before that goes into a bowl.
 *
 * @param id what tells it from other jars
 * @param colour key of the bowl that it goes into
 * @param grams finished icing in it, over 0
 * @param countSeconds its consistency
 */
public record Jar(String id, String colour, double grams, double countSeconds) {

    /**
     * Key of the bowl whose colour left-over icing has: of those that taste like it the one that looks nearest, as far as a jar may differ.
     *
     * @param flavour name of the flavour in it; null for none
     * @param bowls how they look
     * @param flavours of the bowls that have one
     */
    public static Optional<String> bowlFor(
            Lab look, String flavour, Palette bowls, Map<String, Flavour> flavours, Habits habits) {
        String best = null;
        double least = habits.mean(Habit.JAR_FITS_DELTA_E);
        for (Map.Entry<String, Lab> colour : bowls.colours().entrySet()) {
            Flavour own = flavours.get(colour.getKey());
            if (!Objects.equals(flavour, own == null ? null : own.name())) {
                continue;
            }
            double apart = look.differenceTo(colour.getValue());
            if (apart <= least) {
                least = apart;
                best = colour.getKey();
            }
        }
        return Optional.ofNullable(best);
    }
}
