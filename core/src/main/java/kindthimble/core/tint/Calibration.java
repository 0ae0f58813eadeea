package kindthimble.core.tint;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import kindthimble.core.colour.Lab;

/**
 * What swatches say of a bottle. One swatch tells its strength; two or more its hue as well, as a shift of its bands. The fit is the
 * one with the least sum of squared CIEDE2000 between what is seen and what is predicted.
 *
 * @param fit of the bottle
 * @param before root of the mean squared CIEDE2000 with the bottle as its reference
 * @param after the same with the fit
 * @param misses CIEDE2000 of each swatch after the fit, in their order
 */
public record Calibration(Gel.Fit fit, double before, double after, List<Double> misses) {
    private static final double WEAKEST = 0.1;
    private static final double STRONGEST = 10;
    private static final int STRENGTHS_SCANNED = 40;
    private static final double MOST_SHIFT_NM = 30;
    private static final double SHIFT_STEP_NM = 5;

    public Calibration {
        misses = List.copyOf(misses);
    }

    /**
     * A dab of icing that was tinted, dried and looked at.
     *
     * @param dropsPer100 drops in 100 g of base, over 0
     * @param seen its colour when dry
     */
    public record Swatch(double dropsPer100, Lab seen) {}

    /** A gel of the reference list that a swatch comes near to, with the strength that brings it nearest. */
    public record Likeness(Gel gel, double deltaE) {}

    /**
     * @param gel as its reference is: a fit that it has already is left out
     * @param swatches of it; none leaves it as its reference
     */
    public static Calibration of(Gel gel, WhiteIcing white, List<Swatch> swatches) {
        if (swatches.isEmpty()) {
            return new Calibration(Gel.Fit.NONE, 0, 0, List.of());
        }
        Function<Gel.Fit, Double> miss = fit -> missed(gel.fitted(fit), white, swatches);
        Gel.Fit fit = swatches.size() == 1 ? strongest(0, miss) : shifted(miss);
        Gel fitted = gel.fitted(fit);
        return new Calibration(
                fit,
                miss.apply(Gel.Fit.NONE),
                miss.apply(fit),
                swatches.stream()
                        .map(s -> s.seen().differenceTo(look(fitted, white, s.dropsPer100())))
                        .toList());
    }

    /** Of all reference gels the one that explains a swatch best. */
    public static Likeness likest(WhiteIcing white, Swatch swatch) {
        return ReferenceGels.ALL.stream()
                .filter(gel -> !gel.dyes().isEmpty())
                .map(gel -> {
                    Calibration one = of(gel, white, List.of(swatch));
                    return new Likeness(gel.fitted(one.fit()), one.after());
                })
                .min(Comparator.comparingDouble(Likeness::deltaE))
                .orElseThrow();
    }

    private static Gel.Fit strongest(double shiftNm, Function<Gel.Fit, Double> miss) {
        double strength =
                Searching.least(WEAKEST, STRONGEST, STRENGTHS_SCANNED, s -> miss.apply(new Gel.Fit(s, shiftNm)));
        return new Gel.Fit(strength, shiftNm);
    }

    private static Gel.Fit shifted(Function<Gel.Fit, Double> miss) {
        double best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (double shift = -MOST_SHIFT_NM; shift <= MOST_SHIFT_NM; shift += SHIFT_STEP_NM) {
            double there = miss.apply(strongest(shift, miss));
            if (there < least) {
                least = there;
                best = shift;
            }
        }
        double shift =
                Searching.within(best - SHIFT_STEP_NM, best + SHIFT_STEP_NM, s -> miss.apply(strongest(s, miss)));
        return strongest(shift, miss);
    }

    private static double missed(Gel gel, WhiteIcing white, List<Swatch> swatches) {
        double sum = 0;
        for (Swatch swatch : swatches) {
            double apart = swatch.seen().differenceTo(look(gel, white, swatch.dropsPer100()));
            sum += apart * apart;
        }
        return Math.sqrt(sum / swatches.size());
    }

    private static Lab look(Gel gel, WhiteIcing white, double dropsPer100) {
        return Mixture.lab(white, Map.of(gel, dropsPer100), Gel.RESTED_HOURS);
    }
}
