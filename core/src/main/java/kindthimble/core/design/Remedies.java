package kindthimble.core.design;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import kindthimble.core.caution.Caution;
import kindthimble.core.caution.Effect;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.words.Refused;

/**
 * Tries the presses that warnings offer: the design is measured as it would be after a press, and that is offered only where its warning
 * is gone then and there are no more of them than before. What can't be measured is not offered. Of warnings that are alike but for their
 * section and figures the others follow the first, and the larger a design, the fewer kinds: each costs as much as measuring it.
 */
final class Remedies {
    /** Kinds of warnings times moves that are tried at the most; others are worked off one after the other. */
    private static final int MOST_TRIED_MOVES = 60;

    private static final int MOST_TRIED = 8;

    private final Function<Design, Cookie> measured;
    private final Cookie cookie;
    private final BaseRecipe recipe;

    Remedies(Function<Design, Cookie> measured, Cookie cookie, BaseRecipe recipe) {
        this.measured = measured;
        this.cookie = cookie;
        this.recipe = recipe;
    }

    /** The cookie's warnings, those whose press does not help without it. */
    List<Caution> tried() {
        int most = Math.max(
                1,
                Math.min(
                        MOST_TRIED,
                        MOST_TRIED_MOVES / Math.max(1, cookie.design().moves().size())));
        Map<String, Boolean> mends = new HashMap<>();
        int tried = 0;
        List<Caution> all = new ArrayList<>();
        for (Caution caution : cookie.cautions()) {
            if (caution.press() == null) {
                all.add(caution);
                continue;
            }
            String kind = caution.kind();
            boolean isKnown = mends.containsKey(kind);
            if (isKnown && !mends.get(kind) || !isKnown && tried >= most) {
                all.add(caution.unmended());
            } else if (tried >= most) {
                all.add(caution);
            } else {
                tried++;
                Effect effect = effect(caution);
                mends.putIfAbsent(kind, effect != null);
                all.add(effect == null ? caution.unmended() : caution.with(effect));
            }
        }
        return all;
    }

    /** What a press changes; null where it does not help. */
    private Effect effect(Caution caution) {
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
            Cookie pressed = measured.apply(after);
            List<Caution> left = pressed.cautions();
            boolean helps = left.size() < cookie.cautions().size() + 1
                    && count(left, caution) < count(cookie.cautions(), caution);
            return helps
                    ? new Effect(
                            pressed.grams(recipe) - cookie.grams(recipe),
                            pressed.handSeconds() - cookie.handSeconds(),
                            warnings(cookie.cautions()),
                            warnings(left))
                    : null;
        } catch (Refused | TooMuch e) {
            return null;
        }
    }

    private static int warnings(List<Caution> cautions) {
        return (int) cautions.stream().filter(Caution::isWarning).count();
    }

    private static long count(List<Caution> cautions, Caution like) {
        return cautions.stream().filter(one -> one.kind().equals(like.kind())).count();
    }
}
