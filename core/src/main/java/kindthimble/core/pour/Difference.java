package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.shop.ShopSettings;

/**
 * What has come about since a plan was frozen, and what is still to be mixed for it.
 *
 * @param colours those whose bowls changed
 * @param bowls how many more bowls; negative for fewer
 * @param batches how many more batches the whole plan would take now
 * @param topUps small bowls that make up for what is missing; base of each, with what the bowl keeps
 * @param topUpBatches base to make for them, beyond what the first mixing has left over
 * @param caution what to know of those batches, or empty
 */
public record Difference(
        List<OfColour> colours,
        int bowls,
        int batches,
        List<TopUp> topUps,
        List<Pour.Batch> topUpBatches,
        String caution) {
    private static final double LEAST_GRAMS = 0.5;

    /**
     * @param colour its key
     * @param gramsBefore finished icing in its bowl as frozen
     * @param gramsNow and as the order is now
     */
    public record OfColour(String colour, double gramsBefore, double gramsNow) {}

    /**
     * @param colour its key
     * @param baseGrams to mix more
     */
    public record TopUp(String colour, double baseGrams) {}

    /**
     * @param frozen the plan when mixing started
     * @param now the plan as it follows from the order now
     */
    public static Difference between(Pour frozen, Pour now, ShopSettings shop, BaseRecipe recipe) {
        Map<String, Pour.Bowl> before = byColour(frozen);
        Map<String, Pour.Bowl> after = byColour(now);
        Map<String, Pour.Bowl> all = new LinkedHashMap<>(after);
        before.forEach(all::putIfAbsent);
        List<OfColour> colours = new ArrayList<>();
        List<TopUp> topUps = new ArrayList<>();
        double more = 0;
        for (String colour : all.keySet()) {
            double was = finished(before.get(colour));
            double is = finished(after.get(colour));
            if (Math.abs(is - was) < LEAST_GRAMS) {
                continue;
            }
            colours.add(new OfColour(colour, was, is));
            double base = base(after.get(colour)) - base(before.get(colour));
            if (base > 0) {
                double bowl = before.containsKey(colour) ? base + shop.bowlKeepsGrams() : base;
                topUps.add(new TopUp(colour, bowl));
                more += bowl;
            }
        }
        Batches batches = Batches.of(Math.max(0, more - frozen.balance().surplusGrams()), shop, recipe);
        return new Difference(
                colours,
                now.bowls().size() - frozen.bowls().size(),
                now.batches().size() - frozen.batches().size(),
                topUps,
                batches.list(),
                batches.caution());
    }

    private static Map<String, Pour.Bowl> byColour(Pour pour) {
        Map<String, Pour.Bowl> bowls = new LinkedHashMap<>();
        pour.bowls().forEach(bowl -> bowls.put(bowl.colour(), bowl));
        return bowls;
    }

    private static double finished(Pour.Bowl bowl) {
        return bowl == null
                ? 0
                : bowl.portions().stream()
                        .mapToDouble(Pour.Portion::finishedGrams)
                        .sum();
    }

    private static double base(Pour.Bowl bowl) {
        return bowl == null ? 0 : bowl.baseGrams();
    }
}
