package kindthimble.core.move;

import java.util.List;

/**
 * What would take less time than a move.
 *
 * @param sentence what and why
 * @param press what one press does; null for nothing
 * @param instead the moves that would stand in its place
 */
public record Easier(String sentence, String press, List<Move> instead) {
    public Easier {
        instead = List.copyOf(instead);
    }

    static Easier said(String sentence) {
        return new Easier(sentence, null, List.of());
    }

    static Easier by(String sentence, String press, Move instead) {
        return by(sentence, press, List.of(instead));
    }

    static Easier by(String sentence, String press, List<Move> instead) {
        return new Easier(sentence, press, instead);
    }
}
