package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import kindthimble.core.dough.Dough;
import kindthimble.core.dough.DoughIngredient;
import kindthimble.core.dough.DoughRecipe;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Ingredient;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Supply;

/** What a pour takes from the shelf, and what is to be bought for it, in packs. */
public final class Shopping {
    /** Less than that of anything is nothing. */
    private static final double LEAST = 1e-6;

    private Shopping() {}

    /**
     * @param dough of an order
     * @param recipe that it is made by
     */
    public record OfDough(Dough dough, DoughRecipe recipe) {}

    /**
     * What doughs take.
     *
     * @param doughs each with its recipe
     * @param shelf amounts by name
     */
    public static List<ToBuy> doughs(List<OfDough> doughs, Map<String, Double> shelf) {
        Map<String, Double> grams = new LinkedHashMap<>();
        Map<String, DoughIngredient> known = new HashMap<>();
        doughs.forEach(one -> {
            one.dough.weighed().forEach(part -> grams.merge(part.ingredient(), part.grams(), Double::sum));
            one.recipe.ingredients().forEach(part -> known.putIfAbsent(part.name(), part));
        });
        List<ToBuy> lines = new ArrayList<>();
        grams.forEach((name, needed) -> {
            DoughIngredient one = known.get(name);
            double pack = one.packGrams() == null ? 0 : one.packGrams();
            if (needed > 0) {
                lines.add(line(
                        name,
                        Measure.GRAMS,
                        needed,
                        shelf,
                        pack,
                        one.pricePerKg() == null ? null : one.pricePerKg() * pack / 1000));
            }
        });
        return lines;
    }

    /** Lines of several lists; what stands in two of them under one name is bought once, in the packs of the first. */
    public static List<ToBuy> together(List<ToBuy> lines, Map<String, Double> shelf) {
        Map<String, ToBuy> joined = new LinkedHashMap<>();
        for (ToBuy line : lines) {
            joined.merge(
                    line.name,
                    line,
                    (a, b) -> line(
                            a.name,
                            a.measure,
                            a.needed + b.needed,
                            shelf,
                            a.packSize,
                            a.packCost == null ? b.packCost : a.packCost));
        }
        return List.copyOf(joined.values());
    }

    /** What an amount counts. */
    public enum Measure {
        GRAMS,
        PIECES,
        DROPS,
        MILLILITRES,
        SHEETS
    }

    /**
     * A line of the list.
     *
     * @param name as on the packet
     * @param measure what the amounts count
     * @param needed for the pour
     * @param onShelf what the shop has
     * @param before how much of that goes to orders that come before
     * @param packSize of one packet; 0 when not known
     * @param packs to buy
     * @param packCost of one packet in the shop's money; null when the price is not known
     */
    public record ToBuy(
            String name,
            Measure measure,
            double needed,
            double onShelf,
            double before,
            double packSize,
            int packs,
            Double packCost) {
        /** A line of the only order that there is. */
        public ToBuy(
                String name,
                Measure measure,
                double needed,
                double onShelf,
                double packSize,
                int packs,
                Double packCost) {
            this(name, measure, needed, onShelf, 0, packSize, packs, packCost);
        }

        /** Of the packs to buy; null when the price is not known. */
        public Double cost() {
            return packCost == null ? null : packs * packCost;
        }

        /** What the shelf lacks. */
        public double missing() {
            return Math.max(0, needed - Math.max(0, onShelf - before));
        }

        /** Whether something has to be bought of which the cost is not known. */
        public boolean unpriced() {
            return missing() > 0 && (packs == 0 || packCost == null);
        }
    }

    /** What is to be bought, then what is there. */
    public static List<ToBuy> toBuyFirst(List<ToBuy> lines) {
        return lines.stream()
                .sorted(Comparator.comparing((ToBuy line) -> line.missing() <= 0))
                .toList();
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
     * What goes on the cookies beside icing: pearls by count, sugar and dust by weight, a marker for each colour, film by the sheet.
     *
     * @param supplies of a pour
     * @param shelf amounts by name
     * @param colours the name of a colour, by its key
     */
    public static List<ToBuy> supplies(
            List<Supply> supplies, Map<String, Double> shelf, UnaryOperator<String> colours, Habits habits) {
        return supplies.stream()
                .map(one -> {
                    String word = one.sort().word();
                    String name = one.colour() == null ? word : word + ", " + colours.apply(one.colour());
                    return line(name, measure(one.sort()), counted(one, habits), shelf, 0, null);
                })
                .toList();
    }

    private static Measure measure(Supply.Sort sort) {
        return switch (sort.measure()) {
            case PIECES, METRES -> Measure.PIECES;
            case GRAMS -> Measure.GRAMS;
            case MILLILITRES -> Measure.MILLILITRES;
            case SQUARE_CM -> Measure.SHEETS;
        };
    }

    /** Markers are bought whole, and so are sheets; what is weighed goes by tenths. */
    private static double counted(Supply supply, Habits habits) {
        return switch (supply.sort().measure()) {
            case PIECES -> Math.ceil(supply.amount() - 1e-9);
            case METRES -> Math.ceil(supply.amount() / habits.mean(Habit.MARKER_METRES));
            case SQUARE_CM -> Math.ceil(supply.amount() / habits.mean(Habit.FILM_SHEET_CM2));
            case GRAMS, MILLILITRES -> Math.ceil(supply.amount() * 10 - 1e-9) / 10;
        };
    }

    /**
     * @param shelf amounts by name, in grams or pieces
     */
    public static List<ToBuy> of(Pour pour, Kitchen kitchen, Map<String, Double> shelf) {
        BaseRecipe recipe = kitchen.recipe();
        double bagsInAPack = kitchen.mean(Habit.BAGS_IN_A_PACK);
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
        Map<String, Double> flavours = new LinkedHashMap<>();
        pour.bowls().stream()
                .filter(bowl -> bowl.flavourGrams() > 0)
                .forEach(bowl -> flavours.merge(bowl.flavour().name(), bowl.flavourGrams(), Double::sum));
        flavours.forEach((name, needed) -> lines.add(line(name, Measure.GRAMS, needed, shelf, 0, null)));
        bags(pour, false, "bags", bagsInAPack, shelf, lines);
        bags(pour, true, "large bags", bagsInAPack, shelf, lines);
        return lines;
    }

    /**
     * What orders are packed in.
     *
     * @param orders each by itself
     * @param shelf amounts by name
     */
    public static List<ToBuy> packaging(List<Packaging> orders, Map<String, Double> shelf, Habits habits) {
        List<ToBuy> lines = new ArrayList<>();
        Map<String, Integer> pieces = new LinkedHashMap<>();
        for (Packaging order : orders) {
            pieces.merge(Packaging.COOKIE_BAGS, order.cookieBags(), Integer::sum);
            order.atTheLabel().forEach((name, number) -> pieces.merge(name, number, Integer::sum));
        }
        pieces.forEach((name, number) -> {
            if (number > 0) {
                double pack = name.equals(Packaging.BOXES) ? habits.mean(Habit.BOXES_IN_A_PACK) : 0;
                lines.add(line(name, Measure.PIECES, number, shelf, pack, null));
            }
        });
        return lines;
    }

    /**
     * The lines without what has been taken off the shelf for them already: only the rest is needed.
     *
     * @param taken amounts by name
     */
    public static List<ToBuy> less(List<ToBuy> lines, Map<String, Double> taken, Map<String, Double> shelf) {
        return lines.stream()
                .map(line -> line(
                        line.name,
                        line.measure,
                        Math.max(0, line.needed - taken.getOrDefault(line.name, 0.0)),
                        Map.of(line.name, shelf.getOrDefault(line.name, line.onShelf)),
                        line.packSize,
                        line.packCost))
                .filter(line -> line.needed > LEAST)
                .toList();
    }

    /**
     * The lines where orders that come before take of the same shelf.
     *
     * @param earlier what they still need, by name
     */
    public static List<ToBuy> after(List<ToBuy> lines, Map<String, Double> earlier) {
        return lines.stream()
                .map(line -> {
                    double before = Math.min(line.onShelf, earlier.getOrDefault(line.name, 0.0));
                    ToBuy left = line(
                            line.name,
                            line.measure,
                            line.needed,
                            Map.of(line.name, line.onShelf - before),
                            line.packSize,
                            line.packCost);
                    return new ToBuy(
                            line.name,
                            line.measure,
                            line.needed,
                            line.onShelf,
                            before,
                            line.packSize,
                            left.packs,
                            line.packCost);
                })
                .toList();
    }

    private static void bags(
            Pour pour, boolean large, String name, double inAPack, Map<String, Double> shelf, List<ToBuy> lines) {
        int bags = pour.bowls().stream()
                .flatMap(bowl -> bowl.portions().stream())
                .filter(p -> p.vessel() == Icing.Vessel.BAG && p.largeBags() == large)
                .mapToInt(Pour.Portion::bags)
                .sum();
        if (bags > 0) {
            lines.add(line(name, Measure.PIECES, bags, shelf, inAPack, null));
        }
    }

    private static ToBuy line(
            String name, Measure measure, double needed, Map<String, Double> shelf, double pack, Double packCost) {
        double have = shelf.getOrDefault(name, 0.0);
        double missing = Math.max(0, needed - have);
        int packs = pack > 0 ? (int) Math.ceil(missing / pack - 1e-9) : 0;
        return new ToBuy(name, measure, needed, have, pack, packs, packCost);
    }
}
