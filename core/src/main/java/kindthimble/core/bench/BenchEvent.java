package kindthimble.core.bench;

import java.time.Duration;
import java.time.Instant;

/**
 * One press at the bench. Events are only ever added: what is so now is worked out from all of them.
 *
 * @param id that the device gave it; the same one twice counts once
 * @param at when it was pressed, by the device; where its clock is wrong, put right ({@link DeviceClock})
 * @param device on which; empty where it belongs to none
 * @param what was pressed
 * @param step key of the step that it belongs to
 * @param amount grams, seconds, or the number of a cookie, by what it is; of dough that is begun or done the grams that were wanted; 0 for none
 * @param words what else is said: a cause, a verdict, or the id of the event that is undone
 * @param against what plan it was pressed against; null where nobody said
 */
public record BenchEvent(
        String id, Instant at, String device, Pressed what, String step, double amount, String words, Against against) {

    /** Words of {@link Pressed#BEGUN}: taken over from another device. */
    public static final String OVER = "OVER";

    /** What can be pressed. */
    public enum Pressed {
        /** The step is begun by this device; where the words are {@link #OVER}, it goes on with what another one has begun. */
        BEGUN,
        /** The step is done. */
        DONE,
        /** Another step comes before it. */
        PUT_OFF,
        /** It can't be done now; the words say why. */
        CANT,
        /** An event, whose id the words are, is taken back. */
        UNDONE,
        /** So many grams were weighed; the words say of what. */
        WEIGHED,
        /** So many grams of water went in. */
        WATER,
        /** A line took so many seconds to level. */
        COUNT,
        /** The cookie of this number is iced. */
        ICED,
        /** The cookie of this number broke. */
        BROKE,
        /** Something went wrong with the cookie of this number; the words say what. */
        WRONG,
        /** The cookie of this number is to be iced once more. */
        REDONE,
        /** So many grams went in beyond the plan; the words say what, or into which bag. */
        ADDED,
        /** A bag was weighed: so many grams are left; the words say of which colour. */
        BAG,
        /** What dries was touched; the words are {@code SKINNED} or {@code SOFT}. */
        TOUCHED
    }

    public BenchEvent {
        if (id == null || at == null || what == null || !Double.isFinite(amount)) {
            throw new IllegalArgumentException("an event has an id, a time and what it is");
        }
        device = device == null ? "" : device;
        step = step == null ? "" : step;
        words = words == null ? "" : words;
    }

    /** One of which nobody said what plan it was pressed against. */
    public BenchEvent(String id, Instant at, String device, Pressed what, String step, double amount, String words) {
        this(id, at, device, what, step, amount, words, null);
    }

    /** The same at another time. */
    BenchEvent movedBy(Duration by) {
        return new BenchEvent(id, at.plus(by), device, what, step, amount, words, against);
    }
}
