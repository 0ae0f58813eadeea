package kindthimble.core.tint;

import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Ingredient;

/** Icing before any gel: how much of the light each band gives back (kitchen practice: white, a shade of cream in the violet). */
public enum WhiteIcing {
    PLAIN(0.86),
    /** With a brown flavour in it. */
    WARM(0.74);

    private static final double TOP = 0.91;
    private static final double RISES_TO_NM = 500;

    private final double[] absorption = new double[Observer.BANDS];

    WhiteIcing(double atViolet) {
        for (int i = 0; i < absorption.length; i++) {
            double along = Math.min(1, (Observer.nm(i) - 400) / (RISES_TO_NM - 400));
            absorption[i] = Mixture.absorption(atViolet + (TOP - atViolet) * along);
        }
    }

    /** The white of a base: warm where a flavour is in it that is vanilla and not clear. */
    public static WhiteIcing of(BaseRecipe recipe) {
        boolean brown = recipe.ingredients().stream()
                .filter(i -> i.role() == Ingredient.Part.FLAVOUR)
                .anyMatch(i -> i.name().contains("vanilla") && !i.name().contains("clear"));
        return brown ? WARM : PLAIN;
    }

    /** K/S, band by band. */
    double[] absorption() {
        return absorption;
    }
}
