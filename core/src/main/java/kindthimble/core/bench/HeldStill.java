package kindthimble.core.bench;

import java.util.ArrayDeque;
import java.util.Deque;

/**
 * Tells when a scale has come to rest: all that it read in the last second lies within a tenth of a gram of the middle, or within a five-hundredth where
 * that is more. Not safe for several threads at once.
 */
public final class HeldStill {
    private static final double STILL_MS = 1_000;
    private static final double NEAR_GRAMS = 0.15;
    private static final double NEAR_SHARE = 0.002;
    private static final double FORGOTTEN_MS = 5_000;

    private final Deque<Reading> readings = new ArrayDeque<>();

    private record Reading(double atMs, double grams) {}

    /**
     * Takes a reading.
     *
     * @param atMs when it was read; never earlier than the one before
     * @param grams that it shows, finite
     */
    public void read(double atMs, double grams) {
        readings.addLast(new Reading(atMs, grams));
        while (readings.peekFirst().atMs() < atMs - FORGOTTEN_MS) {
            readings.removeFirst();
        }
    }

    /** Forgets all that was read: something else is weighed now. */
    public void forget() {
        readings.clear();
    }

    /** Whether the last second of readings is there, and lies close together. */
    public boolean isHeld() {
        if (readings.isEmpty()) {
            return false;
        }
        double last = readings.peekLast().atMs();
        boolean isLong = false;
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (var back = readings.descendingIterator(); back.hasNext() && !isLong; ) {
            Reading reading = back.next();
            least = Math.min(least, reading.grams());
            most = Math.max(most, reading.grams());
            isLong = reading.atMs() <= last - STILL_MS;
        }
        return isLong && most - least <= 2 * Math.max(NEAR_GRAMS, NEAR_SHARE * Math.abs(most));
    }
}
