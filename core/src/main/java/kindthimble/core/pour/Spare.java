package kindthimble.core.pour;

import kindthimble.core.shop.ShopSettings;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * Works out how much more of a colour to mix. A cookie's icing varies independently from cookie to cookie and, for all cookies
 * together, with the hand on the day: {@code sigma^2 = (v1^2 sum m^2) + (v2 sum m)^2}. A re-mixed colour never matches, so the
 * risk is one for the whole order: with k colours each gets {@code 1 - (1 - P)^(1/k)} (colours taken as independent), and the
 * spare is that quantile of the normal distribution times sigma.
 */
public final class Spare {
    private static final NormalDistribution NORMAL = new NormalDistribution();

    private final double cookieVariation;
    private final double dayVariation;

    Spare(ShopSettings shop) {
        cookieVariation = shop.cookieVariationPercent() / 100;
        dayVariation = shop.dayVariationPercent() / 100;
    }

    double sigmaGrams(Demand.OfColour colour) {
        double ofDay = dayVariation * colour.grams();
        return Math.sqrt(cookieVariation * cookieVariation * colour.squaredGrams() + ofDay * ofDay);
    }

    static double riskOfEach(double riskOfOrder, int colours) {
        return colours == 0 ? riskOfOrder : 1 - Math.pow(1 - riskOfOrder, 1.0 / colours);
    }

    double gramsAtRisk(Demand.OfColour colour, double riskOfColour) {
        return NORMAL.inverseCumulativeProbability(1 - riskOfColour) * sigmaGrams(colour);
    }

    /** The risk that a spare of so many grams leaves: 0.5 for none. */
    double riskLeft(Demand.OfColour colour, double spareGrams) {
        double sigma = sigmaGrams(colour);
        if (sigma == 0) {
            return spareGrams > 0 ? 0 : 0.5;
        }
        return 1 - NORMAL.cumulativeProbability(spareGrams / sigma);
    }
}
