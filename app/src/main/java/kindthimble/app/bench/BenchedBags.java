package kindthimble.app.bench;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import kindthimble.core.design.Cookie;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.pour.BagFill;
import kindthimble.core.pour.Pour;
import kindthimble.core.words.Range;

/**
 * The bags of a mixing, and which of them the cookies of each order that is mixed in it drink from. A bag is one vessel of one bowl, one count and its tips,
 * known to all orders by one key.
 */
final class BenchedBags {
    /** As far as counts of one portion may lie apart. */
    private static final double SAME_COUNT = 1e-9;

    private final BenchedMixing mixing;

    BenchedBags(BenchedMixing mixing) {
        this.mixing = mixing;
    }

    /**
     * A kind of bag of a portion.
     *
     * @param addition 0 for one of the plan; from 1 on which addition fills it
     */
    record Bag(int addition, Pour.Bowl bowl, int portion, BagFill filling) {
        /** Which of all bags of its portion the first of them is, from 1. */
        int first() {
            int before = 0;
            for (BagFill other : of().fillings()) {
                if (other.equals(filling)) {
                    break;
                }
                before += other.bags();
            }
            return before + 1;
        }

        Pour.Portion of() {
            return bowl.portions().get(portion);
        }

        String key() {
            return bowl.colour()
                    + " "
                    + Range.plain(of().countSeconds())
                    + " s "
                    + of().vessel()
                    + (filling.tips().isEmpty() ? "" : " " + String.join(" ", filling.tips()));
        }
    }

    /** All of a mixing, by key; of each how it is filled, by the plan and by additions. */
    Map<String, List<Bag>> all() {
        Map<String, List<Bag>> all = new LinkedHashMap<>();
        bags().forEach(bag ->
                all.computeIfAbsent(bag.key(), key -> new ArrayList<>()).add(bag));
        return all;
    }

    private Stream<Bag> bags() {
        return mixing.mixed().stream()
                .flatMap(mixed -> mixed.pour().pour().bowls().stream().flatMap(bowl -> bags(mixed.addition(), bowl)));
    }

    private static Stream<Bag> bags(int addition, Pour.Bowl bowl) {
        List<Bag> bags = new ArrayList<>();
        for (int i = 0; i < bowl.portions().size(); i++) {
            for (BagFill filling : bowl.portions().get(i).fillings()) {
                bags.add(new Bag(addition, bowl, i, filling));
            }
        }
        return bags.stream();
    }

    /**
     * The bag that icing comes out of; of another count than any, as after a change, the nearest.
     *
     * @param bowl key of the bowl, as the leading order knows it
     */
    Optional<Bag> bag(String bowl, Icing icing) {
        List<Bag> fitting = bags().filter(bag -> bag.bowl().colour().equals(bowl))
                .filter(bag -> isVessel(bag, icing))
                .toList();
        double least =
                fitting.stream().mapToDouble(bag -> apart(bag, icing)).min().orElse(0);
        return fitting.stream()
                .filter(bag -> apart(bag, icing) <= least + SAME_COUNT)
                .min(Comparator.comparing((Bag bag) -> !hasTip(bag, icing))
                        .thenComparingDouble(bag -> apart(bag, icing)));
    }

    private static double apart(Bag bag, Icing icing) {
        return Math.abs(bag.of().countSeconds() - icing.consistency().countSeconds());
    }

    /** A bottle stands in for a tipless bag. */
    private static boolean isVessel(Bag bag, Icing icing) {
        return bag.of().vessel() == icing.vessel()
                || bag.of().vessel() == Icing.Vessel.BOTTLE && icing.vessel() == Icing.Vessel.BAG;
    }

    private static boolean hasTip(Bag bag, Icing icing) {
        return icing.tip() == null
                ? bag.filling().tips().isEmpty()
                : bag.filling().tips().contains(icing.tip());
    }

    /**
     * What one cookie takes out of a bag in a pass.
     *
     * @param bag null where the mixing has none for it
     * @param icing the first that comes out of it
     * @param grams all together
     * @param coatGrams of those that are coats
     */
    record Drunk(@Nullable Bag bag, Icing icing, double grams, double coatGrams) {
        Drunk and(double more, boolean isCoat) {
            return new Drunk(bag, icing, grams + more, coatGrams + (isCoat ? more : 0));
        }
    }

    /**
     * What a cookie takes in a pass, bag by bag.
     *
     * @param design number of the design: of pieces made ahead some are spares, which are shared among its cookies
     * @param bowls by the key of a colour of its order, that of the bowl which it comes out of
     */
    List<Drunk> drunk(Cookie cookie, int pass, long design, BaseRecipe recipe, Map<String, String> bowls) {
        Map<String, Drunk> drunk = new LinkedHashMap<>();
        for (OnCookie on : cookie.marks()) {
            Icing icing = on.mark().icing();
            if (on.pass() != pass || icing == null) {
                continue;
            }
            Bag bag = bag(bowls.getOrDefault(icing.colour(), icing.colour()), icing)
                    .orElse(null);
            String key = bag == null
                    ? "none " + icing.colour() + " " + icing.consistency().countSeconds()
                    : bag.key();
            Drunk before = drunk.getOrDefault(key, new Drunk(bag, icing, 0, 0));
            double spares = on.mark().ahead() == null ? 0 : sparePieces(design, on.move());
            drunk.put(key, before.and(on.mark().grams(recipe) * (1 + spares), on.mark() instanceof Coat));
        }
        return List.copyOf(drunk.values());
    }

    /** Spares of what a move makes ahead, for each piece that goes on a cookie, as the pour has them. */
    private double sparePieces(long design, int move) {
        return mixing.mixed().stream()
                .flatMap(mixed -> mixed.pour().pour().bowls().stream())
                .flatMap(bowl -> bowl.portions().stream())
                .flatMap(portion -> portion.drinks().stream())
                .filter(drink -> drink.design().equals(Long.toString(design)) && drink.move() == move)
                .filter(drink -> drink.piecesEach() > 0 && drink.cookies() > 0)
                .findFirst()
                .map(drink -> (double) drink.sparePieces() / (drink.piecesEach() * drink.cookies()))
                .orElse(0.0);
    }
}
