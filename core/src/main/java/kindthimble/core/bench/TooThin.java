package kindthimble.core.bench;

import kindthimble.core.icing.ThinningCurve;

/**
 * What brings icing back that has become too thin: base as it comes out of the mixer, by the curve of just that base, or icing sugar sifted in.
 *
 * @param stiffGrams of base; infinite where the base itself is no stiffer than what is wanted
 * @param sugarGrams of icing sugar, where there is no such base; infinite where no sugar makes it so stiff
 */
public record TooThin(double stiffGrams, double sugarGrams) {
    /**
     * A base, as far as that matters here.
     *
     * @param curve its own count, and how it gets thinner
     * @param sugarPer100 grams of sugar in 100 g of it
     * @param waterPer100 grams of water in 100 g of it
     */
    public record Base(ThinningCurve curve, double sugarPer100, double waterPer100) {}

    /**
     * With {@code w = ln(t0/t)/b} grams of water to 100 g of base at a count of t: base without water brings the mean down to the wanted w, sugar brings sugar and
     * water to the proportion that the base with the wanted w has.
     *
     * @param countSeconds that the line took now, over 0
     * @param wantedSeconds that it should take, over that
     * @param baseGrams of base in the bowl
     */
    public static TooThin of(double countSeconds, double wantedSeconds, double baseGrams, Base base) {
        double now = water(countSeconds, base.curve());
        double wanted = water(wantedSeconds, base.curve());
        double stiff = wanted <= 0 ? Double.POSITIVE_INFINITY : Math.max(0, baseGrams * (now / wanted - 1));
        double wet = base.waterPer100() + wanted;
        double sugar = wet <= 0
                ? Double.POSITIVE_INFINITY
                : Math.max(0, baseGrams / 100 * base.sugarPer100() * (now - wanted) / wet);
        return new TooThin(stiff, sugar);
    }

    /** Grams to 100 g of base; below 0 where it is stiffer than the base. */
    private static double water(double seconds, ThinningCurve curve) {
        return Math.log(curve.ownCountSeconds() / seconds) / curve.perGram();
    }
}
