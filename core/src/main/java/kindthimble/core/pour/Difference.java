package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Icing;

/**
 * What has come about since a plan was frozen, and what is still to be mixed for it.
 *
 * @param colours those whose bowls changed
 * @param bowls how many more bowls; negative for fewer
 * @param batches how many more batches the whole plan would take now
 * @param topUps small bowls that make up for what is missing
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
     * @param bowl what is mixed, thinned and bagged anew: bags and bowl keep their share once more
     * @param ladder how it comes down
     */
    public record TopUp(Pour.Bowl bowl, List<Ladder.Rung> ladder) {}

    /**
     * @param frozen the plan when mixing started
     * @param now the plan as it follows from the order now, with the numbers and the base that the frozen one was made with
     * @param shop the shop's numbers of then
     * @param recipe the base of then
     */
    public static Difference between(Pour frozen, Pour now, Kitchen kitchen) {
        Map<String, Pour.Bowl> before = byColour(frozen);
        Map<String, Pour.Bowl> all = byColour(now);
        List<Demand.OfColour> missing = new ArrayList<>();
        all.forEach((colour, bowl) -> {
            List<Demand.Portion> portions = missing(before.get(colour), bowl);
            if (!portions.isEmpty()) {
                missing.add(new Demand.OfColour(colour, 0, portions));
            }
        });
        Map<String, Pour.Bowl> after = Map.copyOf(all);
        before.forEach(all::putIfAbsent);
        List<OfColour> colours = new ArrayList<>();
        for (String colour : all.keySet()) {
            double was = finished(before.get(colour));
            double is = finished(after.get(colour));
            if (Math.abs(is - was) >= LEAST_GRAMS) {
                colours.add(new OfColour(colour, was, is));
            }
        }
        // The spare is in what is missing already.
        Pour topUp = new Pouring(kitchen, new Allowance.Flat(0), tintedLike(now)).of(new Demand(0, 0, missing));
        double more = topUp.baseGrams() - frozen.balance().surplusGrams();
        Batches batches = Batches.of(Math.max(0, more), kitchen);
        return new Difference(
                colours,
                now.bowls().size() - frozen.bowls().size(),
                now.batches().size() - frozen.batches().size(),
                topUp.bowls().stream()
                        .map(bowl -> new TopUp(bowl, Ladder.of(bowl)))
                        .toList(),
                batches.list(),
                batches.caution());
    }

    /** A small bowl is tinted on its own, as strongly as the large one. */
    private static Pouring.Wishes tintedLike(Pour pour) {
        Map<String, Double> gelShares = new LinkedHashMap<>();
        pour.bowls().stream()
                .filter(bowl -> bowl.untinted() || bowl.gelShare() > 0)
                .forEach(bowl -> gelShares.put(bowl.colour(), bowl.gelShare()));
        return new Pouring.Wishes(Set.of(), List.of(), gelShares, Map.of());
    }

    /**
     * What a bowl's portions lack, each in the shares of those that drink from it now. What was mixed for a portion that is wanted no more
     * (another count, say) is not for nothing: water makes it thinner, so it serves what is thinner.
     */
    private static List<Demand.Portion> missing(Pour.Bowl before, Pour.Bowl now) {
        List<Pour.Portion> had = before == null ? List.of() : before.portions();
        double[] leftBase = had.stream().mapToDouble(Difference::wantedBase).toArray();
        double[] lacksBase =
                now.portions().stream().mapToDouble(Difference::wantedBase).toArray();
        serve(now.portions(), lacksBase, had, leftBase, false);
        serve(now.portions(), lacksBase, had, leftBase, true);
        List<Demand.Portion> missing = new ArrayList<>();
        for (int i = 0; i < lacksBase.length; i++) {
            Pour.Portion portion = now.portions().get(i);
            double lacks = lacksBase[i] * portion.finishedGrams() / portion.baseGrams();
            if (lacks >= LEAST_GRAMS) {
                double share = lacks / portion.cookiesGrams();
                missing.add(new Demand.Portion(
                        new Consistency(portion.countSeconds()),
                        filled(portion),
                        portion.tips(),
                        portion.drinks().stream()
                                .map(drink -> drink.times(share))
                                .toList(),
                        portion.vessel() == Icing.Vessel.DIP_BOWL ? portion.dipBowls() : 0));
            }
        }
        return missing;
    }

    /** Serves portions out of what is there: what has their count, or what is stiffer. */
    private static void serve(
            List<Pour.Portion> portions,
            double[] lacksBase,
            List<Pour.Portion> had,
            double[] leftBase,
            boolean outOfStiffer) {
        for (int i = 0; i < lacksBase.length; i++) {
            for (int k = had.size() - 1; k >= 0; k--) {
                double thinner = had.get(k).countSeconds() - portions.get(i).countSeconds();
                if (outOfStiffer ? thinner > 0 : Math.abs(thinner) <= Pouring.SAME_COUNT) {
                    double taken = Math.min(lacksBase[i], leftBase[k]);
                    lacksBase[i] -= taken;
                    leftBase[k] -= taken;
                }
            }
        }
    }

    /** A bottle stands in for a tipless bag. */
    private static Icing.Vessel filled(Pour.Portion portion) {
        return portion.vessel() == Icing.Vessel.BOTTLE ? Icing.Vessel.BAG : portion.vessel();
    }

    /** The base in what cookies and spare take. */
    private static double wantedBase(Pour.Portion portion) {
        return (portion.cookiesGrams() + portion.spareGrams()) * portion.baseGrams() / portion.finishedGrams();
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
}
