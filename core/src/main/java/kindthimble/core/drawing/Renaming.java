package kindthimble.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.move.Move;

/** Moves after sections have gone and the ground has another number. */
final class Renaming {
    private Renaming() {}

    /**
     * @param gone sections that are no more: a move on nothing but those goes with them
     * @param ground what the ground around the shapes was called
     * @param now what it is called
     */
    static List<Move> without(List<Move> moves, List<String> gone, String ground, String now) {
        List<Move> kept = new ArrayList<>();
        for (Move move : moves) {
            if (move.on() == null || move.on().isBlank()) {
                kept.add(move);
                continue;
            }
            List<String> left = Arrays.stream(move.on().strip().split("[\\s,]+"))
                    .filter(word -> !gone.contains(word))
                    .map(word -> word.equals(ground) ? now : word)
                    .toList();
            if (!left.isEmpty()) {
                String on = String.join(" ", left);
                kept.add(Catalogue.withChoices(
                        move, Choice.From.SECTIONS, words -> words.equals(move.on()) ? on : words));
            }
        }
        return kept;
    }
}
