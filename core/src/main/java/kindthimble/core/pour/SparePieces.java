package kindthimble.core.pour;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.IntUnaryOperator;
import java.util.function.UnaryOperator;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.mark.Ahead;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.move.Move;
import kindthimble.core.move.Transfer;

/**
 * Pieces that are made ahead beyond those that cookies take, because some break. Pieces that are alike are one job whatever designs they go on, with one
 * lot of spares: those are shared among the designs by how many each takes, whole pieces to each.
 */
final class SparePieces {
    private final Map<Use, Integer> spares = new HashMap<>();

    private record Use(String design, int move) {}

    /** All that is made alike. */
    private static final class Job {
        private final Map<Use, Integer> pieces = new LinkedHashMap<>();
        private Ahead ahead;

        private int all() {
            return pieces.values().stream().mapToInt(many -> many).sum();
        }
    }

    /**
     * @param iced given how many cookies of a design are wanted, how many are iced
     * @param bowls given the key of a colour, that of the colour whose bowl it comes out of
     */
    SparePieces(CookieSet set, IntUnaryOperator iced, UnaryOperator<String> bowls) {
        Map<Object, Job> jobs = new LinkedHashMap<>();
        for (CookieSet.Line line : set.lines()) {
            for (OnCookie on : line.cookie().marks()) {
                Ahead ahead = on.mark().ahead();
                if (ahead != null && line.count() > 0) {
                    Use use = new Use(line.design(), on.move());
                    Move move = line.cookie().design().moves().get(on.move());
                    Object alike = move instanceof Transfer transfer
                            ? Catalogue.withChoices(transfer.piece(), Choice.From.PALETTE, bowls)
                            : use;
                    Job job = jobs.computeIfAbsent(alike, one -> new Job());
                    job.pieces.put(use, ahead.pieces() * iced.applyAsInt(line.count()));
                    job.ahead = ahead;
                }
            }
        }
        jobs.values().forEach(this::share);
    }

    private void share(Job job) {
        int all = job.all();
        int made = job.ahead.sparesOf(all);
        int before = 0;
        int given = 0;
        for (Map.Entry<Use, Integer> one : job.pieces.entrySet()) {
            before += one.getValue();
            int upTo = (int) Math.round((double) made * before / all);
            spares.put(one.getKey(), upTo - given);
            given = upTo;
        }
    }

    /** Those of a move of a design; 0 where nothing is made ahead. */
    int of(String design, int move) {
        return spares.getOrDefault(new Use(design, move), 0);
    }
}
