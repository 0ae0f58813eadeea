package kindthimble.core.design;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import kindthimble.core.caution.Caution;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.words.Refused;

/**
 * Tries the presses that warnings offer: the design is measured as it would be after a press, and that is offered only where its warning
 * is gone then and there are no more of them than before. What can't be measured is not offered. Of warnings that are alike but for their
 * section and figures one is tried for all, and the larger a design, the fewer kinds: each costs as much as measuring it.
 */
final class Remedies {
    /** Kinds of warnings times moves that are tried at the most; others are worked off one after the other. */
    private static final int MOST_TRIED_MOVES = 60;

    private static final int MOST_TRIED = 8;

    private final Function<Design, Cookie> measured;
    private final Cookie cookie;

    Remedies(Function<Design, Cookie> measured, Cookie cookie) {
        this.measured = measured;
        this.cookie = cookie;
    }

    /** The cookie's warnings, those whose press does not help without it. */
    List<Caution> tried() {
        int most = Math.max(
                1,
                Math.min(
                        MOST_TRIED,
                        MOST_TRIED_MOVES / Math.max(1, cookie.design().moves().size())));
        Map<String, Boolean> mends = new HashMap<>();
        List<Caution> all = new ArrayList<>();
        for (Caution caution : cookie.cautions()) {
            if (caution.press() == null) {
                all.add(caution);
                continue;
            }
            String kind = caution.kind();
            if (!mends.containsKey(kind)) {
                mends.put(kind, mends.size() < most && mends(caution));
            }
            all.add(mends.get(kind) ? caution : caution.unmended());
        }
        return all;
    }

    private boolean mends(Caution caution) {
        Design before = cookie.design();
        Design after = new Design(
                before.format(),
                before.name(),
                before.cutter(),
                before.spreadPercent(),
                caution.marginMm() == null ? before.marginMm() : caution.marginMm(),
                before.filling(),
                caution.moves());
        try {
            List<Caution> left = measured.apply(after).cautions();
            return left.size() < cookie.cautions().size() + 1
                    && count(left, caution) < count(cookie.cautions(), caution);
        } catch (Refused | TooMuch e) {
            return false;
        }
    }

    private static long count(List<Caution> cautions, Caution like) {
        return cautions.stream().filter(one -> one.kind().equals(like.kind())).count();
    }
}
