package kindthimble.core.tint;

import java.util.EnumMap;
import java.util.Map;

/**
 * A gel colour: what its drops do to white icing.
 *
 * @param key by which it is named
 * @param dyes K/S at the peak of each dye, of one drop in 100 g of base
 * @param deepening by what share it works stronger once it has rested for long
 * @param whitening share by which one drop in 100 g of base scatters more; 0 but for a whitener
 * @param fit what swatches have said of this bottle
 */
public record Gel(String key, Map<Dye, Double> dyes, double deepening, double whitening, Fit fit) {
    /** A drop, and what a toothpick's dab is, g. */
    public static final double DROP_GRAMS = 0.04;

    public static final double DAB_GRAMS = 0.01;

    /** Share of a gel that is water. */
    public static final double WATER_SHARE = 0.75;

    /** A colour deepens by 1 - 1/e of all it will in so many hours. */
    private static final double DEEPENING_HOURS = 6;

    /** When a colour has dried and rested. */
    public static final double RESTED_HOURS = 24;

    public Gel {
        dyes = Map.copyOf(dyes);
    }

    /**
     * How a bottle differs from its reference.
     *
     * @param strength times as strong
     * @param shiftNm its bands lie so far to the red
     */
    public record Fit(double strength, double shiftNm) {
        public static final Fit NONE = new Fit(1, 0);
    }

    /** The same with what swatches have said. */
    public Gel fitted(Fit other) {
        return new Gel(key, dyes, deepening, whitening, other);
    }

    /** K/S that one drop in 100 g of base adds, fresh, band by band. */
    double[] absorption() {
        double[] k = new double[Observer.BANDS];
        // In the order of the dyes, so that sums come out alike on every run.
        new EnumMap<>(dyes.isEmpty() ? new EnumMap<Dye, Double>(Dye.class) : dyes).forEach((dye, peak) -> {
            for (int i = 0; i < k.length; i++) {
                k[i] += peak * fit.strength() * dye.at(Observer.nm(i), fit.shiftNm());
            }
        });
        return k;
    }

    /** How much stronger it works after some hours. */
    double deepened(double hours) {
        return 1 + deepening * (1 - Math.exp(-hours / DEEPENING_HOURS));
    }
}
