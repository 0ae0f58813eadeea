package kindthimble.app.plan;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import kindthimble.app.tint.TintView;

/** One plan by the keys of another order's palette. */
public final class Renamed {
    private Renamed() {}

    /** From the keys of one view of a plan to those of another: the bowls of both stand in the same order. */
    public static UnaryOperator<String> keys(PourView from, PourView to) {
        Map<String, String> keys = new HashMap<>();
        for (int i = 0; i < Math.min(from.colours().size(), to.colours().size()); i++) {
            keys.put(from.colours().get(i).key(), to.colours().get(i).key());
        }
        // A colour that has left its palette since is known to the leading order alone.
        return key -> keys.getOrDefault(key, "was-" + key);
    }

    public static PourView of(PourView view, UnaryOperator<String> keys) {
        return new PourView(
                view.recipe(),
                view.recipeKey(),
                view.baseCountSeconds(),
                view.caution(),
                view.colours().stream()
                        .map(c -> new PourView.BowlColour(keys.apply(c.key()), c.name(), c.hex()))
                        .toList(),
                view.designs(),
                view.namesakes().stream()
                        .map(n -> new PourView.Namesakes(
                                n.name(), keys.apply(n.one()), keys.apply(n.other()), n.deltaE(), n.tastesElse()))
                        .toList(),
                view.pour().renamed(keys));
    }

    public static Map<String, TintView> of(Map<String, TintView> tints, UnaryOperator<String> keys) {
        Map<String, TintView> renamed = new LinkedHashMap<>();
        tints.forEach((key, tint) -> renamed.put(
                keys.apply(key),
                tint.shade() == null
                        ? tint
                        : new TintView(
                                tint.wanted(),
                                tint.grams(),
                                tint.recipe(),
                                tint.alternatives(),
                                tint.hints(),
                                new TintView.ShadeView(
                                        keys.apply(tint.shade().mother()),
                                        tint.shade().share(),
                                        tint.shade().now(),
                                        tint.shade().later(),
                                        tint.shade().dry(),
                                        tint.shade().deltaE()))));
        return renamed;
    }
}
