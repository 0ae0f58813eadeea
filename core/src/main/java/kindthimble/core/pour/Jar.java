package kindthimble.core.pour;

import java.util.Map;
import java.util.Optional;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.shop.HouseDefaults;

/**
 * Icing left over from before that goes into a bowl.
 *
 * @param id what tells it from other jars
 * @param colour key of the bowl that it goes into
 * @param grams finished icing in it, over 0
 * @param countSeconds its consistency
 */
public record Jar(String id, String colour, double grams, double countSeconds) {

    /** Key of the bowl whose colour left-over icing has: the one that looks nearest, up to a CIEDE2000 of 2. */
    public static Optional<String> bowlFor(Lab look, Palette bowls) {
        String best = null;
        double least = HouseDefaults.JAR_FITS_DELTA_E;
        for (Map.Entry<String, Lab> colour : bowls.colours().entrySet()) {
            double apart = look.differenceTo(colour.getValue());
            if (apart <= least) {
                least = apart;
                best = colour.getKey();
            }
        }
        return Optional.ofNullable(best);
    }
}
