package kindthimble.core.habit;

/**
 * A figure of the kitchen, and how sure it is.
 *
 * @param mean in the habit's unit
 * @param spread standard deviation of one measurement, as a share of the mean, 0 or more; 0 for what is decided, not measured
 * @param source where it is from
 */
public record Measured(double mean, double spread, Source source) {
    /** Where a figure is from. */
    public enum Source {
        /** It ships with the house. */
        HOUSE,
        /** The shop has set it. */
        SHOP,
        /** It comes from the shop's own notes. */
        LEARNT
    }
}
