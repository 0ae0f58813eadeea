package kindthimble.core.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.mark.Gate;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.Turn;
import kindthimble.core.move.Ground;

/**
 * Numbers the passes of a cookie: first the coats, with what sinks into them, each after the one before has skinned; then, on the
 * dry coat, airbrush, stencil, raised detail and marker in that order, each after the strictest gate that its marks need.
 */
final class Passes {
    private final List<Cookie.Pass> list = new ArrayList<>();
    private final Map<Turn, Integer> afterCoats = new EnumMap<>(Turn.class);

    Passes(List<Ground.Placed> placed) {
        int coats = placed.stream().mapToInt(Ground.Placed::pass).max().orElse(0);
        for (int pass = 1; pass <= coats; pass++) {
            list.add(new Cookie.Pass(pass, Turn.COAT, pass == 1 ? Gate.BARE_COOKIE : Gate.SKINNED));
        }
        for (Turn turn : Turn.values()) {
            if (turn == Turn.COAT) {
                continue;
            }
            placed.stream()
                    .map(Ground.Placed::mark)
                    .filter(mark -> mark.turn() == turn)
                    .map(Mark::gate)
                    .max(Comparator.naturalOrder())
                    .ifPresent(gate -> {
                        list.add(new Cookie.Pass(list.size() + 1, turn, gate));
                        afterCoats.put(turn, list.size());
                    });
        }
    }

    List<Cookie.Pass> list() {
        return list;
    }

    int of(Ground.Placed placed) {
        return placed.pass() > 0 ? placed.pass() : afterCoats.get(placed.mark().turn());
    }
}
