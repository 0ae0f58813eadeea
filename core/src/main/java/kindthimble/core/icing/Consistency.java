package kindthimble.core.icing;

/**
 * How stiff an icing is, told by its count: the seconds until a line drawn through it has levelled.
 *
 * @param countSeconds 2 or more
 */
public record Consistency(double countSeconds) implements Comparable<Consistency> {

    /** The words of the kitchen. A word is a count; a count between two words goes by the nearer in kind. */
    public enum State {
        STIFF(0.12),
        PIPING(0.10),
        MEDIUM(0.08),
        FLOOD(0.05),
        GLAZE(0.04);

        private final double airFraction;

        State(double airFraction) {
            this.airFraction = airFraction;
        }

        /** Share of the volume that is air. */
        public double airFraction() {
            return airFraction;
        }
    }

    /** Stands up by itself: flowers, leaves. */
    public static final double LEAST_STIFF_SECONDS = 65;

    /** Holds a line. */
    public static final double LEAST_PIPING_SECONDS = 43;

    /** Holds a soft border; below it icing levels and floods. */
    public static final double LEAST_MEDIUM_SECONDS = 30;

    /** Runs off: for dipping. */
    public static final double MOST_GLAZE_SECONDS = 3;

    /** Counts between which icing floods. */
    public static final double LEAST_FLOOD_SECONDS = 2;

    public static final double MOST_FLOOD_SECONDS = 30;

    /** From here on a line holds its edge. */
    public static final double LEAST_LINE_SECONDS = 10;

    /** A stiff base as it comes out of the mixer; nothing is stiffer. */
    public static final double STIFF_SECONDS = 80;

    public Consistency {
        if (!(countSeconds > 0) || Double.isInfinite(countSeconds)) {
            throw new IllegalArgumentException("a count is over 0 s, not " + countSeconds);
        }
    }

    public State state() {
        if (countSeconds >= LEAST_STIFF_SECONDS) {
            return State.STIFF;
        }
        if (countSeconds >= LEAST_PIPING_SECONDS) {
            return State.PIPING;
        }
        if (countSeconds > LEAST_MEDIUM_SECONDS) {
            return State.MEDIUM;
        }
        return countSeconds > MOST_GLAZE_SECONDS ? State.FLOOD : State.GLAZE;
    }

    /** Stiffest first. */
    @Override
    public int compareTo(Consistency other) {
        return Double.compare(other.countSeconds, countSeconds);
    }
}
