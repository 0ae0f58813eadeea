package kindthimble.core.bench;

import kindthimble.core.pour.Making;

/**
 * A small bowl that makes up for what bags lack, made as theirs was.
 *
 * @param grams of finished icing, what the small bowl keeps with it
 * @param baseGrams of base
 * @param waterGrams stirred in
 * @param sugarGrams sifted in
 * @param gelGrams dropped in
 * @param flavourGrams stirred in
 */
public record TopUp(
        double grams, double baseGrams, double waterGrams, double sugarGrams, double gelGrams, double flavourGrams) {
    /**
     * @param wanted grams that are to go into the bags
     * @param keepsGrams that stay in the bowl
     */
    public static TopUp of(double wanted, double keepsGrams, Making making) {
        double grams = wanted + keepsGrams;
        return new TopUp(
                grams,
                grams * making.base(),
                grams * making.water(),
                grams * making.sugar(),
                grams * making.gel(),
                grams * making.flavour());
    }
}
