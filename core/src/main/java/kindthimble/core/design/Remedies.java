package kindthimble.core.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import kindthimble.core.caution.Caution;
import kindthimble.core.caution.Effect;
import kindthimble.core.caution.Weight;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.move.Move;
import kindthimble.core.passes.Passes;
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

    /** What is about the whole cookie has a small ring in its middle. */
    private static final double RING_MM = 4;

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
        Caution order = cookie.design().putsThoughtsAway() ? null : betterOrder();
        if (order != null) {
            all.add(order);
        }
        return all;
    }

    /** Her moves by kind of work, where that takes fewer passes, or as many and waits less, and spoils nothing; null where it does not. */
    private Caution betterOrder() {
        if (!couldBeFewer()) {
            return null;
        }
        List<Integer> sorted = new ArrayList<>();
        Map<Integer, Integer> stages = new HashMap<>();
        cookie.marks().forEach(on -> stages.merge(on.move(), on.mark().stage().ordinal(), Math::max));
        for (int i = 0; i < cookie.design().moves().size(); i++) {
            sorted.add(i);
        }
        sorted.sort(Comparator.comparingInt(move -> stages.getOrDefault(move, 0)));
        int first = 0;
        while (first < sorted.size() && sorted.get(first) == first) {
            first++;
        }
        if (first == sorted.size()) {
            return null;
        }
        List<Move> moves = sorted.stream().map(cookie.design().moves()::get).toList();
        try {
            Cookie other = measured.apply(cookie.design().withMoves(moves));
            int sooner = waits(cookie) - waits(other);
            int fewer = cookie.passes().size() - other.passes().size();
            boolean helps = (fewer > 0 || fewer == 0 && sooner > 0)
                    && warnings(other.cautions()) <= warnings(cookie.cautions());
            return helps ? ordered(first, moves, other, sooner) : null;
        } catch (Refused | TooMuch e) {
            return null;
        }
    }

    /** Whether a kind of work comes more than once, or a coat after another kind. */
    private boolean couldBeFewer() {
        Set<Stage> seen = EnumSet.noneOf(Stage.class);
        for (Passes.Pass pass : cookie.passes()) {
            boolean isLater = pass.stage() == Stage.COAT
                    ? seen.stream().anyMatch(stage -> stage.compareTo(Stage.COAT) > 0)
                    : pass.stage() != Stage.AHEAD && !seen.add(pass.stage());
            if (isLater) {
                return true;
            }
        }
        return false;
    }

    private Caution ordered(int first, List<Move> moves, Cookie other, int soonerMinutes) {
        String sentence =
                "Sorted by kind of work these moves take %d passes instead of %d%s; look at what then lies on what."
                        .formatted(
                                other.passes().size(),
                                cookie.passes().size(),
                                soonerMinutes == 0
                                        ? ""
                                        : " and wait %s %s"
                                                .formatted(
                                                        lasting(Math.abs(soonerMinutes)),
                                                        soonerMinutes > 0 ? "less" : "more"));
        return new Caution(
                first,
                Weight.A_THOUGHT,
                sentence,
                "Put them in that order",
                moves,
                null,
                new Effect(
                        other.grams(recipe) - cookie.grams(recipe),
                        other.handSeconds() - cookie.handSeconds(),
                        warnings(cookie.cautions()),
                        warnings(other.cautions())),
                null,
                cookie.iced().inside(),
                RING_MM);
    }

    private static String lasting(int minutes) {
        return minutes < 120 ? minutes + " min" : Math.round(minutes / 60.0) + " h";
    }

    private static int waits(Cookie cookie) {
        return cookie.passes().stream().mapToInt(Passes.Pass::waitMinutes).sum();
    }

    /** What a press changes; null where it does not help. */
    private Effect effect(Caution caution) {
        Design before = cookie.design();
        Design after = before.withMoves(caution.moves());
        if (caution.marginMm() != null) {
            after = after.withMargin(caution.marginMm());
        }
        try {
            Cookie pressed = measured.apply(after);
            List<Caution> left = pressed.cautions();
            // No warning for a warning, and no thought for a thought.
            boolean helps = (caution.isWarning()
                            ? left.size() <= cookie.cautions().size()
                            : left.size() < cookie.cautions().size())
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
