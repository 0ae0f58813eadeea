package kindthimble.core.pour;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Word;
import kindthimble.core.words.Unit;

/** How much icing is mixed beyond what the cookies take: the two schools. */
public sealed interface Allowance {

    /**
     * @param demand the colours of an order
     * @param spare the variance model of that, with the shop's figures
     * @return grams of finished icing beyond what the cookies take, colour by colour
     */
    double[] grams(Demand demand, Spare spare);

    /**
     * So much that an accepted risk is kept.
     *
     * @param ofOrder chance that any colour of the order runs short, 0.001 to 0.5
     */
    @Word("risk")
    record Risk(
            @Amount(word = "risk of running short", unit = Unit.TIMES, least = 0.001, most = 0.5)
            double ofOrder) implements Allowance {
        @Override
        public double[] grams(Demand demand, Spare spare) {
            double sigmas = spare.sigmas(ofOrder);
            return demand.colours().stream()
                    .mapToDouble(colour -> sigmas * spare.sigmaGrams(colour))
                    .toArray();
        }
    }

    /**
     * The same share of every colour.
     *
     * @param percent 0 to 100
     */
    @Word("flat")
    record Flat(
            @Amount(word = "extra", unit = Unit.PERCENT, least = 0, most = 100)
            double percent) implements Allowance {
        @Override
        public double[] grams(Demand demand, Spare spare) {
            return demand.colours().stream()
                    .mapToDouble(colour -> colour.grams() * percent / 100)
                    .toArray();
        }
    }
}
