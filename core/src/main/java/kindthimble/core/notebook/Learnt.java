package kindthimble.core.notebook;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import kindthimble.core.dough.DoughRecipe;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.habit.Measured;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.ThinningCurve;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.ShopSettings;

/**
 * What plans take from the notebook: the mean of each figure on its own scale, by its name. Where a shop has typed a figure itself, that is held, and
 * nothing that was learnt stands in for it.
 *
 * @param means by the names of figures, see {@link Figure}
 * @param hands by the ways of filling, as notes call them: of those that were noted
 */
public record Learnt(Map<String, Double> means, Map<String, Hand> hands) {
    public static final Learnt NOTHING = new Learnt(Map.of(), Map.of());

    /**
     * How far a hand that ices can be relied on, each a coefficient of variation.
     *
     * @param sd how unsure it is how full it ices in the mean
     * @param day how much one order differs from the next
     * @param cookie how much one cookie differs from the next
     */
    public record Hand(double sd, double day, double cookie) {
        /** As the house believes before anything is noted. */
        public static final Hand HOUSE = new Hand(
                Priors.HOUSE.coat().m(),
                Priors.HOUSE.coat().sh(),
                Priors.HOUSE.coat().sc());

        /** How much the next order may differ from what is planned, before anything of it is weighed. */
        public double nextOrder() {
            return Math.hypot(sd, day);
        }
    }

    private static final String COAT = "coat ";
    private static final String[] BREAKS = {"baked", "iced", "packed"};

    /** House's chance that a cookie breaks, each of three times: together one of twenty. */
    public static final double BREAKS_OF_HOUSE = 1 / 60.0;

    /** The figure by which each habit learns: the house's times {@code e} to its mean. One more is one more line. */
    private static final Map<Habit, String> FACTORS = factors();

    public Learnt {
        means = Map.copyOf(means);
        hands = hands == null ? Map.of() : Map.copyOf(hands);
    }

    /** What is done with a figure, whatever notes say. */
    public enum Way {
        /** It stays where it is. */
        HELD,
        /** It is the house's again. */
        PUT_BACK
    }

    /**
     * A decision on one figure.
     *
     * @param way what is done with it
     * @param mean at which it is held, on its scale; of no matter where it is put back
     */
    public record Decision(Way way, double mean) {}

    /**
     * @param figures learnt from notes
     * @param decisions by the names of figures
     */
    public static Learnt of(List<Figure> figures, Map<String, Decision> decisions) {
        Map<String, Double> means = new LinkedHashMap<>();
        Map<String, Hand> hands = new LinkedHashMap<>();
        figures.forEach(figure -> {
            means.put(figure.figure(), figure.mean());
            if (figure.coat() != null) {
                hands.put(
                        figure.figure().substring(COAT.length()),
                        new Hand(
                                figure.sd(), figure.coat().hand(), figure.coat().cookie()));
            }
        });
        decisions.forEach((figure, decision) -> {
            if (decision.way() == Way.HELD) {
                means.put(figure, decision.mean());
            } else {
                means.remove(figure);
            }
        });
        return new Learnt(means, hands);
    }

    private static Map<Habit, String> factors() {
        Map<Habit, String> factors = new EnumMap<>(Habit.class);
        for (Habit habit : Habit.values()) {
            if (habit.chapter() == Habit.Chapter.HANDS && habit.name().contains("SECONDS")) {
                factors.put(habit, "seconds " + FromBench.ICING);
            }
        }
        for (Filling filling : Filling.values()) {
            factors.put(filling.coats(), COAT + school(filling));
        }
        factors.put(Habit.SET_OUT_SECONDS, "seconds " + FromBench.SET_OUT);
        factors.put(Habit.BATCH_MINUTES, "minutes mix");
        factors.put(Habit.TINT_MINUTES, "minutes tint");
        factors.put(Habit.LET_DOWN_MINUTES, "minutes let down");
        factors.put(Habit.DIVIDE_MINUTES, "minutes divide");
        factors.put(Habit.FLAVOUR_MINUTES, "minutes flavour");
        factors.put(Habit.JAR_MINUTES, "minutes add jar");
        factors.put(Habit.THIN_MINUTES, "minutes thin");
        factors.put(Habit.BAG_MINUTES, "minutes bag");
        factors.put(Habit.DOUGH_MINUTES, "minutes dough");
        factors.put(Habit.LABEL_MINUTES, "minutes label");
        factors.put(Habit.PACK_SECONDS, "minutes pack");
        factors.put(Habit.TIPPED_BAG_KEEPS_GRAMS, "kept bag");
        factors.put(Habit.TIPLESS_BAG_KEEPS_GRAMS, "kept bag");
        factors.put(Habit.BOWL_KEEPS_GRAMS, "kept bowl");
        factors.put(Habit.DIP_BOWL_KEEPS_GRAMS, "kept dip bowl");
        factors.put(Habit.MIXER_KEEPS_GRAMS, "kept mixer");
        factors.put(Habit.SCRAPER_KEEPS_GRAMS, "kept scraper");
        factors.put(Habit.LEAF_GRAMS, "piece leaf");
        factors.put(Habit.ROSETTE_GRAMS, "piece rosette");
        factors.put(Habit.STAR_GRAMS, "piece star");
        factors.put(Habit.FLOWER_GRAMS, "piece flower");
        factors.put(Habit.PETAL_GRAMS, "piece petal");
        factors.put(Habit.RUFFLE_GRAMS_PER_CM, "piece ruffle");
        factors.put(Habit.BRUSHED_GRAMS_PER_CM, "piece brush embroidery");
        factors.put(Habit.SKINNED_MINUTES, "gate skinned");
        factors.put(Habit.HALF_DRY_MINUTES, "gate half dry");
        factors.put(Habit.FIRM_MINUTES, "gate firm");
        factors.put(Habit.SURFACE_DRY_MINUTES, "gate dry on top");
        factors.put(Habit.DRY_THROUGH_MINUTES, "gate dry through");
        factors.put(Habit.LIFTS_OFF_MINUTES, "gate lifts off");
        return factors;
    }

    /** The habits that a figure moves; none of one that moves something else. */
    public static Set<Habit> habitsOf(String figure) {
        EnumMap<Habit, String> own = new EnumMap<>(FACTORS);
        own.values().removeIf(name -> !name.equals(figure));
        if (figure.startsWith("broken ")) {
            own.put(Habit.BREAKAGE_PERCENT, figure);
        }
        return own.keySet();
    }

    /**
     * By how much something that was planned has to be multiplied, so that it is what the house's figure says.
     *
     * @param figure that it was planned by, as notes call it
     * @param used figures that it was planned with
     */
    public static double houseTimes(String figure, Habits used) {
        Set<Habit> habits = habitsOf(figure);
        // Of several, one that the shop has typed says nothing of the others.
        return habits.stream()
                .filter(habit -> habits.size() == 1 || used.all().get(habit).source() == Measured.Source.LEARNT)
                .filter(habit -> used.mean(habit) > 0)
                .findFirst()
                .map(habit -> habit.house().mean() / used.mean(habit))
                .orElse(1.0);
    }

    /** How coats of a way of filling are called in notes: {@code wall and flood}. */
    public static String school(Filling filling) {
        return filling.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** How far the hand can be relied on that fills so. */
    public Hand hand(Filling filling) {
        return hands.getOrDefault(school(filling), Hand.HOUSE);
    }

    /** The same figures, with what was learnt in the place of those that are the house's. */
    public Habits in(Habits own) {
        Habits habits = own;
        for (Map.Entry<Habit, String> factor : FACTORS.entrySet()) {
            Double mean = means.get(factor.getValue());
            if (mean != null) {
                habits = learnt(habits, factor.getKey(), factor.getKey().house().mean() * Math.exp(mean));
            }
        }
        if (means.keySet().stream().anyMatch(figure -> figure.startsWith("broken whole "))) {
            double whole = 1;
            for (String when : BREAKS) {
                whole *= 1 - means.getOrDefault("broken whole " + when, BREAKS_OF_HOUSE);
            }
            habits = learnt(habits, Habit.BREAKAGE_PERCENT, 100 * (1 - whole));
        }
        return habits;
    }

    private static Habits learnt(Habits habits, Habit habit, double mean) {
        Measured is = habits.all().get(habit);
        if (is.source() == Measured.Source.SHOP) {
            return habits;
        }
        double within = Math.max(habit.range().least(), Math.min(habit.range().most(), mean));
        return habits.with(habit, new Measured(within, is.spread(), Measured.Source.LEARNT));
    }

    /** A shop's settings with what was learnt of its hands, its vessels, its room and its doughs. */
    public ShopSettings in(ShopSettings shop) {
        if (means.isEmpty()) {
            return shop;
        }
        List<DoughRecipe> doughs =
                shop.doughs().stream().map(dough -> spreading(dough, shop)).toList();
        return shop.with(in(shop.habits())).withDoughs(doughs);
    }

    private DoughRecipe spreading(DoughRecipe dough, ShopSettings shop) {
        Double more = means.get("bake spread " + dough.key());
        return more == null || dough.spreadPercent() != null
                ? dough
                : dough.spreading(shop.mean(Habit.SPREAD_PERCENT) + more);
    }

    /** A base as it thins in this kitchen. */
    public BaseRecipe in(BaseRecipe recipe) {
        Double own = means.get("thinning " + recipe.key() + " ln t0");
        Double perGram = means.get("thinning " + recipe.key() + " b");
        return own == null || perGram == null ? recipe : recipe.thinning(ThinningCurve.within(Math.exp(own), perGram));
    }
}
