package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Ingredient;
import kindthimble.core.mark.Icing;

/** What a pour takes from the shelf, and what is to be bought for it, in packs. */
public final class Shopping {
    /** Bags are sold by the roll, boxes by the bundle (kitchen practice). */
    private static final double BAGS_IN_A_PACK = 100;

    private static final double BOXES_IN_A_PACK = 25;

    private Shopping() {}

    /** What an amount counts. */
    public enum Measure {
        GRAMS,
        PIECES,
        DROPS
    }

    /**
     * A line of the list.
     *
     * @param name as on the packet
     * @param measure what the amounts count
     * @param needed for the pour
     * @param onShelf what the shop has
     * @param packSize of one packet; 0 when not known
     * @param packs to buy
     * @param cost of those in the shop's money; null when the price is not known
     */
    public record ToBuy(
            String name, Measure measure, double needed, double onShelf, double packSize, int packs, Double cost) {
        /** What the shelf lacks. */
        public double missing() {
            return Math.max(0, needed - onShelf);
        }
    }

    /**
     * A gel on the shelf.
     *
     * @param name as on its label
     * @param dropsLeft in the bottle
     * @param bottleDrops in a full one
     * @param price of a full one in the shop's money; null when not known
     */
    public record Bottle(String name, double dropsLeft, double bottleDrops, Double price) {}

    /**
     * The gels that tints take.
     *
     * @param drops needed of each, by its key
     * @param bottles on the shelf, by key; a gel that is not there is listed by its key
     */
    public static List<ToBuy> gels(Map<String, Double> drops, Map<String, Bottle> bottles) {
        List<ToBuy> lines = new ArrayList<>();
        drops.forEach((key, needed) -> {
            Bottle bottle = bottles.getOrDefault(key, new Bottle(key, 0, 0, null));
            String name = bottle.name() + " gel";
            lines.add(line(
                    name,
                    Measure.DROPS,
                    needed,
                    Map.of(name, bottle.dropsLeft()),
                    bottle.bottleDrops(),
                    bottle.price()));
        });
        return lines;
    }

    /**
     * @param shelf amounts by name, in grams or pieces
     * @param cookiesPerBox cookies to a box; 0 for no boxes
     */
    public static List<ToBuy> of(Pour pour, BaseRecipe recipe, Map<String, Double> shelf, int cookiesPerBox) {
        Map<String, Double> weighed = new LinkedHashMap<>();
        pour.batches()
                .forEach(batch -> batch.weighed().forEach(w -> weighed.merge(w.ingredient(), w.grams(), Double::sum)));
        recipe.ingredients().stream()
                .filter(i -> i.role() == Ingredient.Part.SUGAR)
                .findFirst()
                .ifPresent(sugar ->
                        weighed.merge(sugar.name(), Math.max(0, pour.balance().sugarGrams()), Double::sum));
        List<ToBuy> lines = new ArrayList<>();
        for (Ingredient ingredient : recipe.ingredients()) {
            double needed = weighed.getOrDefault(ingredient.name(), 0.0);
            if (needed > 0 && ingredient.role() != Ingredient.Part.WATER) {
                double pack = ingredient.packGrams() == null ? 0 : ingredient.packGrams();
                Double price = ingredient.pricePerKg() == null ? null : ingredient.pricePerKg() * pack / 1000;
                lines.add(line(ingredient.name(), Measure.GRAMS, needed, shelf, pack, price));
            }
        }
        bags(pour, false, "bags", shelf, lines);
        bags(pour, true, "large bags", shelf, lines);
        if (cookiesPerBox > 0 && pour.cookies() > 0) {
            lines.add(line(
                    "boxes",
                    Measure.PIECES,
                    Math.ceil((double) pour.cookies() / cookiesPerBox),
                    shelf,
                    BOXES_IN_A_PACK,
                    null));
        }
        return lines;
    }

    private static void bags(Pour pour, boolean large, String name, Map<String, Double> shelf, List<ToBuy> lines) {
        int bags = pour.bowls().stream()
                .flatMap(bowl -> bowl.portions().stream())
                .filter(p -> p.vessel() == Icing.Vessel.BAG && p.largeBags() == large)
                .mapToInt(Pour.Portion::bags)
                .sum();
        if (bags > 0) {
            lines.add(line(name, Measure.PIECES, bags, shelf, BAGS_IN_A_PACK, null));
        }
    }

    private static ToBuy line(
            String name, Measure measure, double needed, Map<String, Double> shelf, double pack, Double packCost) {
        double have = shelf.getOrDefault(name, 0.0);
        double missing = Math.max(0, needed - have);
        int packs = pack > 0 ? (int) Math.ceil(missing / pack - 1e-9) : 0;
        return new ToBuy(name, measure, needed, have, pack, packs, packCost == null ? null : packs * packCost);
    }
}
