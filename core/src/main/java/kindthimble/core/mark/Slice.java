package kindthimble.core.mark;

/**
 * A mark where a level cut goes through it: for the view from the side.
 *
 * @param fromMm left end
 * @param toMm right end
 * @param heightMm how high it stands
 * @param baseMm where it begins above the cookie: deeper than the level of the coat that it has sunk into
 * @param above whether it stands on a coat rather than on the cookie or in the coat
 */
public record Slice(double fromMm, double toMm, double heightMm, double baseMm, boolean above) {
    /** How far a wet mark stands above the level of its coat, in its thickness. */
    private static final double RISES = 0.12;

    /** On the cookie, or on a coat. */
    public Slice(double fromMm, double toMm, double heightMm, boolean above) {
        this(fromMm, toMm, heightMm, 0, above);
    }

    /** A wet mark in a coat of a thickness: half of it below the level. */
    static Slice sunk(double fromMm, double toMm, double coatMm) {
        return new Slice(fromMm, toMm, coatMm * (0.5 + RISES), coatMm / 2, false);
    }
}
