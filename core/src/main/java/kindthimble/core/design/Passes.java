package kindthimble.core.design;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.core.habit.Habits;
import kindthimble.core.mark.Gate;
import kindthimble.core.mark.Turn;
import kindthimble.core.move.Ground;

/**
 * Numbers the passes of a cookie: what is made ahead on film is pass 0; then the coats, with what sinks into them, each after the
 * one before has skinned; then, on the dry coat, guides, airbrush, stencil, raised detail and marker in that order. Within each of
 * those, marks that need a stricter gate than has come already are a pass of their own.
 */
final class Passes {
    /** Number of what is made ahead. */
    static final int AHEAD = 0;

    private final List<Cookie.Pass> list = new ArrayList<>();
    private final Map<Turn, Map<Gate, Integer>> afterCoats = new EnumMap<>(Turn.class);

    Passes(List<Ground.Laid> laid, Habits habits) {
        if (laid.stream().anyMatch(one -> one.mark().turn() == Turn.AHEAD)) {
            list.add(new Cookie.Pass(AHEAD, Turn.AHEAD, Gate.BARE_COOKIE, 0));
        }
        int coats = laid.stream().mapToInt(Ground.Laid::pass).max().orElse(0);
        for (int pass = 1; pass <= coats; pass++) {
            Gate gate = pass == 1 ? Gate.BARE_COOKIE : Gate.SKINNED;
            list.add(new Cookie.Pass(pass, Turn.COAT, gate, gate.minutes(habits)));
        }
        int number = coats;
        Gate come = Gate.WET;
        for (Turn turn : Turn.values()) {
            if (turn.compareTo(Turn.COAT) <= 0) {
                continue;
            }
            Map<Gate, Integer> byGate = new TreeMap<>();
            for (Ground.Laid one : laid) {
                if (one.mark().turn() == turn) {
                    byGate.put(one.mark().gate(), 0);
                }
            }
            int own = 0;
            for (Map.Entry<Gate, Integer> gate : byGate.entrySet()) {
                boolean waits = gate.getKey().compareTo(come) > 0;
                if (own == 0 || waits) {
                    come = waits ? gate.getKey() : come;
                    own = ++number;
                    list.add(new Cookie.Pass(own, turn, come, waits ? come.minutes(habits) : 0));
                }
                gate.setValue(own);
            }
            afterCoats.put(turn, byGate);
        }
    }

    List<Cookie.Pass> list() {
        return list;
    }

    int of(Ground.Laid one) {
        if (one.mark().turn() == Turn.AHEAD) {
            return AHEAD;
        }
        return one.pass() > 0
                ? one.pass()
                : afterCoats.get(one.mark().turn()).get(one.mark().gate());
    }
}
