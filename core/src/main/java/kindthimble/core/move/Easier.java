package kindthimble.core.move;

import java.util.List;

/**
 * What would take less time than a move.
 *
 * @param sentence what and why
 * @param press what one press does; null for nothing
 * @param instead the moves that would stand in its place
 * @param looksAlike whether the cookie looks the same then, so that it is worth a thought
 */
public record Easier(String sentence, String press, List<Move> instead, boolean looksAlike) {
    public Easier {
        instead = List.copyOf(instead);
    }

    static Easier said(String sentence) {
        return new Easier(sentence, null, List.of(), false);
    }

    static Easier by(String sentence, String press, Move instead) {
        return by(sentence, press, List.of(instead));
    }

    static Easier by(String sentence, String press, List<Move> instead) {
        return new Easier(sentence, press, instead, false);
    }

    /** The same of what nobody tells apart. */
    Easier alike() {
        return new Easier(sentence, press, instead, true);
    }
}
