package kindthimble.app.print;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import kindthimble.app.plan.PourView;
import kindthimble.app.tint.TintView;
import kindthimble.core.icing.Consistency;
import kindthimble.core.icing.Flavour;
import kindthimble.core.icing.KitchenWords;
import kindthimble.core.kitchen.Measures;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Icing;
import kindthimble.core.pour.BagFill;
import kindthimble.core.pour.Demand;
import kindthimble.core.pour.Pour;

/** How amounts are written on paper: as a kitchen scale shows them, with spoons beside them where a shop wants that. */
final class Amounts {
    private Amounts() {}

    /** How a bag without a tip is cut; what a bottle is. */
    static String cut(Pour.Portion portion) {
        return portion.cutMm() > 0 ? String.format(Locale.ROOT, "cut %.0f mm", portion.cutMm()) : "bottle";
    }

    /** The tips of a portion, and widths that bags without one are cut to. */
    static String tips(Pour.Portion portion, String between) {
        return tips(portion, portion.tips(), between);
    }

    /** The same of some of its bags. */
    static String tips(Pour.Portion portion, List<String> used, String between) {
        if (used.isEmpty()) {
            return cut(portion);
        }
        String tips = used.stream().filter(tip -> !Tip.isCut(tip)).collect(Collectors.joining(between));
        String cuts = used.stream().filter(Tip::isCut).map(cut -> cut + " mm").collect(Collectors.joining(", "));
        return tips.isEmpty() ? cuts : "tip " + tips + (cuts.isEmpty() ? "" : ", " + cuts);
    }

    static String count(KitchenWords words, Consistency.State state, double seconds) {
        return words.said(state, trimmed(seconds) + " s");
    }

    /** Water or sugar that goes into a portion. */
    static String stirredIn(Written w, double water, double sugar) {
        if (sugar > 0.05) {
            return "+ " + w.grams(sugar) + " icing sugar" + spoon(w, sugar / Measures.TEASPOON_SUGAR_GRAMS);
        }
        return water < 0.05
                ? "as it is"
                : "+ " + w.grams(water) + " water" + spoon(w, water / Measures.TEASPOON_WATER_GRAMS);
    }

    private static String spoon(Written w, double teaspoons) {
        return w.isUs() ? " (" + w.number(teaspoons, 1) + " tsp)" : "";
    }

    /** What icing goes on out of. */
    static String outOf(Pour.Portion portion) {
        if (portion.vessel() == Icing.Vessel.BOTTLE) {
            return portion.bags() == 1 ? "bottle" : portion.bags() + " bottles";
        }
        if (portion.vessel() != Icing.Vessel.BAG) {
            return portion.vessel().name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
        String tips = tips(portion, portion.coupler() ? " > " : ", ");
        return portion.bags()
                + (portion.largeBags() ? " large bag" : " bag")
                + (portion.bags() > 1 ? "s, " : ", ")
                + tips;
    }

    /** How a bowl comes to its colour: drops and dabs, what it is let down from, or nothing. */
    static String tint(Written w, PourView pour, Pour.Bowl bowl, TintView tint) {
        if (bowl.letDown() != null) {
            return "%s of %s + %s white"
                    .formatted(
                            w.grams(bowl.letDown().motherGrams()),
                            colour(pour, bowl.letDown().mother()).name(),
                            w.grams(bowl.letDown().whiteGrams()));
        }
        if (!Flavour.leavesTint(bowl.flavour())) {
            return "no gel: its flavour tints it";
        }
        if (tint == null || tint.recipe() == null) {
            return "tinted already";
        }
        return tint.recipe().doses().isEmpty()
                ? "leave untinted"
                : tint.recipe().doses().stream()
                        .map(dose -> dose.name() + " " + dose(w, dose.drops(), dose.dabs(), dose.grams()))
                        .collect(Collectors.joining(",  "));
    }

    /** What is stirred into a bowl for its taste. */
    static String flavour(Written w, Pour.Bowl bowl) {
        return w.number(bowl.flavourGrams(), 1) + " g " + bowl.flavour().name();
    }

    /** From so many drops on nobody counts them: they are weighed. */
    private static final int MANY_DROPS = 20;

    private static String dose(Written w, int drops, int dabs, double grams) {
        if (drops >= MANY_DROPS) {
            return w.number(grams, 2) + " g (" + drops + " drops)";
        }
        String dab = dabs == 0 ? "" : dabs == 1 ? "1 dab" : dabs + " dabs";
        String drop = drops == 0 ? "" : drops == 1 ? "1 drop" : drops + " drops";
        return (drop + " " + dab).strip();
    }

    static PourView.BowlColour colour(PourView pour, String key) {
        return pour.colours().stream()
                .filter(colour -> colour.key().equals(key))
                .findFirst()
                .orElse(new PourView.BowlColour(key, key, "#888888"));
    }

    /** The designs that drink from some of a portion's bags. */
    static List<PourView.Drinker> drinkersOf(PourView pour, Pour.Portion portion, BagFill fill) {
        List<String> designs = portion.drinks().stream()
                .filter(drink -> fill.tips().isEmpty()
                        || drink.tip() == null
                        || fill.tips().contains(drink.tip()))
                .map(Demand.Drink::design)
                .distinct()
                .toList();
        return designs.stream()
                .flatMap(
                        id -> pour.designs().stream().filter(one -> one.design().equals(id)))
                .toList();
    }

    private static String trimmed(double number) {
        return number == Math.rint(number)
                ? String.format(Locale.ROOT, "%.0f", number)
                : String.format(Locale.ROOT, "%.1f", number);
    }
}
