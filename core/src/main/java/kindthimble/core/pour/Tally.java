package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Ahead;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.mark.Supply;

/** Adds up what the cookies of an order take, by colour and consistency. */
public final class Tally {
    private final BaseRecipe recipe;
    private final double breakagePercent;
    private final UnaryOperator<String> bowls;

    /**
     * @param recipe the base, which gives the icing its density
     * @param breakagePercent cookies iced beyond the order; unless 0, at least one a design
     */
    public Tally(BaseRecipe recipe, double breakagePercent) {
        this(recipe, breakagePercent, UnaryOperator.identity());
    }

    /**
     * @param bowls given the key of a colour, that of the colour whose bowl it comes out of: another one where two are joined
     */
    public Tally(BaseRecipe recipe, double breakagePercent, UnaryOperator<String> bowls) {
        this.recipe = recipe;
        this.breakagePercent = breakagePercent;
        this.bowls = bowls;
    }

    /** One that tells spares alone. */
    public static Tally sparing(double breakagePercent) {
        return new Tally(null, breakagePercent);
    }

    /** Demand of the whole set. */
    public Demand of(CookieSet set) {
        int cookies = 0;
        int spares = 0;
        Map<String, Sum> sums = new LinkedHashMap<>();
        Map<String, Double> inDipBowls = new HashMap<>();
        Map<Thing, Double> supplies = new TreeMap<>();
        SparePieces pieces = new SparePieces(set, count -> count + spares(count), bowls);
        for (CookieSet.Line line : set.lines()) {
            int extra = spares(line.count());
            cookies += line.count();
            spares += extra;
            if (line.count() > 0) {
                add(line, line.count() + extra, pieces, sums, inDipBowls);
                addSupplies(line, line.count() + extra, pieces, supplies);
            }
        }
        return new Demand(
                cookies,
                spares,
                sums.entrySet().stream()
                        .map(sum -> sum.getValue().ofColour(sum.getKey(), inDipBowls))
                        .filter(colour -> colour.grams() > 0)
                        .toList(),
                supplies.entrySet().stream()
                        .filter(one -> one.getValue() > 0)
                        .map(one -> new Supply(one.getKey().sort(), one.getKey().colour(), one.getValue()))
                        .toList());
    }

    /** Breakage spares for a number of cookies of one design. */
    public int spares(int cookies) {
        return cookies == 0 || breakagePercent == 0
                ? 0
                : Math.max(1, (int) Math.ceil(cookies * breakagePercent / 100 - 1e-9));
    }

    private void add(
            CookieSet.Line line, int iced, SparePieces pieces, Map<String, Sum> sums, Map<String, Double> inDipBowls) {
        Map<String, Double> gramsOnEach = new LinkedHashMap<>();
        for (OnCookie on : line.cookie().marks()) {
            Icing icing = on.mark().icing();
            if (icing == null) {
                continue;
            }
            double grams = on.mark().grams(recipe);
            String bowl = bowls.apply(icing.colour());
            gramsOnEach.merge(bowl, grams, Double::sum);
            String dipBowl = dipBowl(icing, bowl);
            sums.computeIfAbsent(bowl, colour -> new Sum())
                    .add(icing, dipBowl, drink(line.design(), on, grams, iced, pieces));
            if (dipBowl != null) {
                inDipBowls.merge(dipBowl, grams * iced, Double::sum);
            }
        }
        gramsOnEach.forEach((colour, grams) -> sums.get(colour).squaredGrams += iced * grams * grams);
    }

    /** What is bought as one. */
    private record Thing(Supply.Sort sort, String colour) implements Comparable<Thing> {
        @Override
        public int compareTo(Thing other) {
            int bySort = sort.compareTo(other.sort);
            return bySort != 0 ? bySort : Objects.toString(colour, "").compareTo(Objects.toString(other.colour, ""));
        }
    }

    private static void addSupplies(CookieSet.Line line, int iced, SparePieces pieces, Map<Thing, Double> supplies) {
        for (OnCookie on : line.cookie().marks()) {
            Ahead ahead = on.mark().ahead();
            double times = ahead == null ? iced : iced + (double) pieces.of(line.design(), on.move()) / ahead.pieces();
            on.mark()
                    .supplies()
                    .forEach(one ->
                            supplies.merge(new Thing(one.sort(), one.colour()), one.amount() * times, Double::sum));
        }
    }

    /** What tells a dip bowl from others: the colours run into each other in it, and how thin they are; null for other vessels. */
    private String dipBowl(Icing icing, String bowl) {
        if (icing.vessel() != Icing.Vessel.DIP_BOWL) {
            return null;
        }
        Set<String> colours = new TreeSet<>(Set.of(bowl));
        icing.beside().forEach(other -> colours.add(bowls.apply(other)));
        return icing.consistency().countSeconds() + " s " + colours;
    }

    private static Demand.Drink drink(String design, OnCookie on, double grams, int iced, SparePieces pieces) {
        Ahead ahead = on.mark().ahead();
        String tip = on.mark().icing().tip();
        return ahead == null
                ? new Demand.Drink(design, on.move(), grams, iced, 0, 0, tip)
                : new Demand.Drink(design, on.move(), grams, iced, ahead.pieces(), pieces.of(design, on.move()), tip);
    }

    /** What is thinned and filled alike. */
    private record Filled(Consistency consistency, Icing.Vessel vessel) implements Comparable<Filled> {
        @Override
        public int compareTo(Filled other) {
            int byCount = consistency.compareTo(other.consistency);
            return byCount != 0 ? byCount : vessel.compareTo(other.vessel);
        }
    }

    private static final class Sum {
        private final Map<Filled, List<Demand.Drink>> drinks = new TreeMap<>();
        private final Map<Filled, Set<String>> tips = new TreeMap<>();
        private final Map<Filled, Map<String, Double>> dipped = new HashMap<>();
        private double squaredGrams;

        void add(Icing icing, String dipBowl, Demand.Drink drink) {
            Filled filled = new Filled(icing.consistency(), icing.vessel());
            if (dipBowl != null) {
                dipped.computeIfAbsent(filled, f -> new HashMap<>())
                        .merge(dipBowl, drink.gramsEach() * drink.cookies(), Double::sum);
            }
            drinks.computeIfAbsent(filled, f -> new ArrayList<>()).add(drink);
            Set<String> used = tips.computeIfAbsent(filled, f -> new LinkedHashSet<>());
            if (icing.tip() != null) {
                used.add(icing.tip());
            }
        }

        Demand.OfColour ofColour(String colour, Map<String, Double> inDipBowls) {
            List<Demand.Portion> portions = new ArrayList<>();
            drinks.forEach((filled, list) -> {
                double dipBowls = dipped.getOrDefault(filled, Map.of()).entrySet().stream()
                        .filter(own -> own.getValue() > 0)
                        .mapToDouble(own -> own.getValue() / inDipBowls.get(own.getKey()))
                        .sum();
                portions.add(new Demand.Portion(
                        filled.consistency(), filled.vessel(), List.copyOf(tips.get(filled)), list, dipBowls));
            });
            return new Demand.OfColour(colour, squaredGrams, portions);
        }
    }
}
