package kindthimble.app.plan;

import java.util.HashMap;
import java.util.Map;
import kindthimble.app.tint.Tinter;
import kindthimble.core.pour.Demand;
import kindthimble.core.pour.Pour;
import kindthimble.core.pour.Pouring;

/** A pour whose gel is that of the recipes shown for its bowls: whole drops for just these grams. */
public final class RecipeGel {
    private static final double GEL_TOLERANCE_GRAMS = 0.004;
    private static final int MOST_ROUNDS = 6;

    private RecipeGel() {}

    /**
     * @param hexes how each bowl shall look, by colour
     * @param withoutGel how it is poured, but for the gel
     */
    public static Pour pour(Demand demand, Tinter tinter, Map<String, String> hexes, Pouring withoutGel) {
        Map<String, Double> shares = new HashMap<>();
        demand.colours()
                .forEach(colour -> shares.put(
                        colour.colour(),
                        withoutGel.isTinted(colour.colour()) ? tinter.gelShare(hexes.get(colour.colour())) : 0));
        Pouring pouring = withoutGel.withGel(shares);
        Pour pour = pouring.of(demand);
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double off = 0;
            for (Pour.Bowl bowl : pour.bowls()) {
                if (withoutGel.isTinted(bowl.colour())
                        && bowl.letDown() == null
                        && bowl.mixedGrams() > Tinter.LEAST_GRAMS) {
                    double gel = tinter.forBowl(hexes.get(bowl.colour()), bowl.mixedGrams())
                            .recipe()
                            .gelGrams();
                    off = Math.max(off, Math.abs(gel - bowl.gelGrams()));
                    shares.put(bowl.colour(), gel / bowl.mixedGrams());
                }
            }
            if (off < GEL_TOLERANCE_GRAMS) {
                return pour;
            }
            pouring = pouring.withGel(shares);
            pour = pouring.of(demand);
        }
        return pour;
    }
}
