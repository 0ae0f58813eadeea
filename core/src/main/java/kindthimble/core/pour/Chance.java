package kindthimble.core.pour;

/** Chances of what is distributed normally. */
public final class Chance {
    private Chance() {}

    /** That it comes out above a value; where it does not vary, 1 or 0. */
    public static double above(double value, double mean, double sd) {
        if (sd == 0) {
            return mean > value ? 1 : 0;
        }
        return Normal.below((mean - value) / sd);
    }
}
