package kindthimble.core.bench;

/** How long a gate takes, put right by what a touch found (kitchen practice). */
public final class TouchedGate {
    private static final double LONGER = 1.25;
    private static final double LEAST_MORE_SECONDS = 60;

    private TouchedGate() {}

    /**
     * Icing with a skin is at its gate; what is still soft takes a quarter longer than it has, and a minute at least.
     *
     * @param gateSeconds from the end of the pass, as planned
     * @param touchedSeconds from the end of the pass until somebody touched it
     * @param isSkinned what was found
     */
    public static double seconds(double gateSeconds, double touchedSeconds, boolean isSkinned) {
        return isSkinned
                ? Math.min(gateSeconds, touchedSeconds)
                : Math.max(gateSeconds, Math.max(touchedSeconds * LONGER, touchedSeconds + LEAST_MORE_SECONDS));
    }
}
