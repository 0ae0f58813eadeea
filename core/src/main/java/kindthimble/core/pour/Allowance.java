package kindthimble.core.pour;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;

/** How much icing is mixed beyond what the cookies take: the two schools. */
public sealed interface Allowance {

    /**
     * @param colour of which more is mixed
     * @param colours how many colours the order has
     * @param spare the variance model, with the shop's figures
     * @return grams of finished icing beyond what the cookies take
     */
    double grams(Demand.OfColour colour, int colours, Spare spare);

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
        public double grams(Demand.OfColour colour, int colours, Spare spare) {
            return spare.gramsAtRisk(colour, Spare.riskOfEach(ofOrder, colours));
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
        public double grams(Demand.OfColour colour, int colours, Spare spare) {
            return colour.grams() * percent / 100;
        }
    }
}
