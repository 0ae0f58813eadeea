package kindthimble.core.move;

import java.util.List;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.words.Refused;

/** Finds the move on whose marks others stand, by the words that name it. */
final class EarlierMoves {
    private EarlierMoves() {}

    /**
     * The index of an earlier move.
     *
     * @param before index of the move that asks
     * @param words its word, and which of several, from 1; without that the last one before
     * @throws Refused when there is none
     */
    static int index(List<Move> moves, int before, String words) {
        String wanted = words == null ? "" : words.strip();
        int space = wanted.lastIndexOf(' ');
        boolean numbered = space > 0 && wanted.substring(space + 1).matches("\\d{1,3}");
        String word = numbered ? wanted.substring(0, space) : wanted;
        int number = numbered ? Integer.parseInt(wanted.substring(space + 1)) : Integer.MAX_VALUE;
        int found = -1;
        int nth = 0;
        for (int i = 0; i < before && nth < number; i++) {
            if (Catalogue.word(moves.get(i).getClass()).equals(word)) {
                found = i;
                nth++;
            }
        }
        if (found < 0 || numbered && nth < number) {
            throw new Refused(
                    "where.marks",
                    wanted.isEmpty()
                            ? "Say on which move's marks these go."
                            : "There is no %s before this move. Pick another move, or move this one down."
                                    .formatted(wanted));
        }
        return found;
    }
}
