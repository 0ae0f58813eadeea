package kindthimble.core.catalogue;

import java.util.List;
import kindthimble.core.habit.Habit;

/**
 * One kind of move or cutter as the interface offers it.
 *
 * @param word its name in the design document and on the screen
 * @param says what it does, in a few words
 * @param group what kind of work it is
 * @param parameters what can be set, in order
 */
public record Kind(String word, String says, Group group, List<Parameter> parameters) {

    /** What kind of work a move is, in the order of work. */
    public enum Group {
        /** The form of a cutter. */
        FORM,
        DIVIDE,
        COAT,
        /** Into the wet coat. */
        WET,
        RAISED,
        /** Made before and set on. */
        PLACED,
        /** Without icing. */
        DRESSED
    }

    /**
     * One thing that can be set.
     *
     * @param name its name in the design document
     * @param word its name on the screen
     * @param type how it is set
     * @param unit written behind the number; empty where there is none
     * @param least smallest number allowed, null where it is no number
     * @param most largest number allowed, null where it is no number
     * @param usual what a new one starts with, or null
     * @param habit figure of the kitchen that is taken when it is left out, or null
     * @param otherwise what leaving it empty means, or empty
     * @param required whether it must be given
     * @param options what to choose from, where that is fixed; empty otherwise
     * @param unbroken of a way of placing, whether nothing follows at distances along it
     */
    public record Parameter(
            String name,
            String word,
            Type type,
            String unit,
            Double least,
            Double most,
            String usual,
            Habit habit,
            String otherwise,
            boolean required,
            List<String> options,
            boolean unbroken) {}

    /** How a parameter is set. */
    public enum Type {
        NUMBER,
        WHOLE_NUMBER,
        TEXT,
        PALETTE,
        TIPS,
        SECTIONS,
        WORDS,
        /** The moves of a small design of its own. */
        MOVES,
        /** A way of placing marks, with what belongs to it. */
        WHERE
    }
}
