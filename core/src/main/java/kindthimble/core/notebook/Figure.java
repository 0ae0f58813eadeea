package kindthimble.core.notebook;

import java.util.List;

/**
 * A figure of the kitchen as it is known. Mean, sd and points are on its own scale.
 *
 * @param figure its name
 * @param scale on which it is learnt
 * @param mean of what is believed of it
 * @param sd how unsure that is
 * @param low nine times in ten it lies above this, or below {@code high}: its 5 % point
 * @param high its 95 % point
 * @param scatter how much one note differs from the next, as it is believed; null where that is not learnt
 * @param notes how many count
 * @param weight what they count together, by their days
 * @param aside ids of those set aside, sorted
 * @param coat what is known of a hand besides; null for all other figures
 */
public record Figure(
        String figure,
        Scale scale,
        double mean,
        double sd,
        double low,
        double high,
        Double scatter,
        int notes,
        double weight,
        List<String> aside,
        Coat coat) {
    /** On which a figure is learnt. */
    public enum Scale {
        /** Natural logarithm of measured over planned, or of a value. */
        LOG,
        /** As it is; of baking, percent measured less percent planned. */
        VALUE,
        /** 0 to 1. */
        SHARE,
        /** Logarithm of the odds. */
        LOGIT
    }

    /**
     * What is known of a hand that ices.
     *
     * @param hand how much one order differs from the next
     * @param cookie how much one cookie differs from the next
     * @param next how full the next order's coats are
     */
    public record Coat(double hand, double cookie, Next next) {}

    /**
     * A Student t whose upper 90 and 99 % points are those that are believed.
     *
     * @param centre of it
     * @param scale of it, which is not its sd
     * @param degrees of freedom
     * @param sd of what is believed
     */
    public record Next(double centre, double scale, double degrees, double sd) {}

    public Figure {
        aside = List.copyOf(aside);
    }
}
