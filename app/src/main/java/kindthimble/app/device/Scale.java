package kindthimble.app.device;

import java.util.Optional;

/** Where weights are read: a kitchen scale, whichever it is. */
public interface Scale {
    /**
     * @param grams that it shows
     * @param isHeld whether it has come to rest
     */
    record Reading(double grams, boolean isHeld) {}

    /** What it shows now; nothing where none answers. */
    Optional<Reading> read();

    /**
     * Has what lies on it count as nothing.
     *
     * @return whether a scale heard it
     */
    boolean tare();
}
