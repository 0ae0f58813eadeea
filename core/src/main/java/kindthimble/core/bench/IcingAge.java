package kindthimble.core.bench;

/** How far icing has dried, for what can still be done with it (kitchen practice). */
public enum IcingAge {
    /** It closes over a needle. */
    WET,
    /** It has a skin that closes no more. */
    SKINNED,
    /** It is dry to the touch. */
    DRY;

    private static final double WET_SECONDS = 120;
    private static final double SKINNED_WINDOWS = 5;
    private static final double DRY_SECONDS = 4 * 3600;

    /**
     * @param seconds since it was put on
     * @param wetSeconds for how long it takes what sinks in; 0 where nothing does
     */
    public static IcingAge of(double seconds, double wetSeconds) {
        double wet = wetSeconds > 0 ? wetSeconds : WET_SECONDS;
        if (seconds <= wet) {
            return WET;
        }
        return seconds <= Math.max(DRY_SECONDS, wet * SKINNED_WINDOWS) ? SKINNED : DRY;
    }
}
