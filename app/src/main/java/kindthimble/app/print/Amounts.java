package kindthimble.app.print;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import kindthimble.app.plan.PourView;
import kindthimble.app.tint.TintView;
import kindthimble.core.icing.Consistency;
import kindthimble.core.icing.KitchenWords;
import kindthimble.core.kitchen.Measures;
import kindthimble.core.mark.Icing;
import kindthimble.core.pour.Pour;

/** How amounts are written on paper: as a kitchen scale shows them, with spoons beside them where a shop wants that. */
final class Amounts {
    private Amounts() {}

    /** How a bag without a tip is cut; what a bottle is. */
    static String cut(Pour.Portion portion) {
        return portion.cutMm() > 0 ? String.format(Locale.ROOT, "cut %.0f mm", portion.cutMm()) : "bottle";
    }

    static String grams(double g) {
        return String.format(Locale.ROOT, g >= 19.95 ? "%.0f g" : "%.1f g", g);
    }

    static String count(KitchenWords words, Consistency.State state, double seconds) {
        return words.said(state, trimmed(seconds) + " s");
    }

    /** Water or sugar that goes into a portion. */
    static String stirredIn(double water, double sugar, boolean spoons) {
        if (sugar > 0.05) {
            return "+ " + grams(sugar) + " icing sugar" + spoon(sugar / Measures.TEASPOON_SUGAR_GRAMS, spoons);
        }
        return water < 0.05
                ? "as it is"
                : "+ " + grams(water) + " water" + spoon(water / Measures.TEASPOON_WATER_GRAMS, spoons);
    }

    private static String spoon(double teaspoons, boolean spoons) {
        return spoons ? String.format(Locale.ROOT, " (%.1f tsp)", teaspoons) : "";
    }

    /** What icing goes on out of. */
    static String outOf(Pour.Portion portion) {
        if (portion.vessel() == Icing.Vessel.BOTTLE) {
            return portion.bags() == 1 ? "bottle" : portion.bags() + " bottles";
        }
        if (portion.vessel() != Icing.Vessel.BAG) {
            return portion.vessel().name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
        String tips = portion.tips().isEmpty()
                ? cut(portion)
                : "tip " + String.join(portion.coupler() ? " > " : ", ", portion.tips());
        return portion.bags()
                + (portion.largeBags() ? " large bag" : " bag")
                + (portion.bags() > 1 ? "s, " : ", ")
                + tips;
    }

    /** How a bowl comes to its colour: drops and dabs, what it is let down from, or nothing. */
    static String tint(PourView pour, Pour.Bowl bowl, TintView tint) {
        if (bowl.letDown() != null) {
            return "%s of %s + %s white"
                    .formatted(
                            grams(bowl.letDown().motherGrams()),
                            colour(pour, bowl.letDown().mother()).name(),
                            grams(bowl.letDown().whiteGrams()));
        }
        if (tint == null || tint.recipe() == null) {
            return "tinted already";
        }
        return tint.recipe().doses().isEmpty()
                ? "leave untinted"
                : tint.recipe().doses().stream()
                        .map(dose -> dose.name() + " " + dose(dose.drops(), dose.dabs()))
                        .collect(Collectors.joining(",  "));
    }

    private static String dose(int drops, int dabs) {
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

    /** What a portion is for, in the words of the designs. */
    static String drinkers(PourView pour, Pour.Portion portion) {
        List<String> names = portion.drinks().stream()
                .map(drink -> pour.designs().stream()
                        .filter(design -> design.design().equals(drink.design()))
                        .map(PourView.Drinker::name)
                        .findFirst()
                        .orElse(""))
                .distinct()
                .toList();
        return String.join(", ", names);
    }

    private static String trimmed(double number) {
        return number == Math.rint(number)
                ? String.format(Locale.ROOT, "%.0f", number)
                : String.format(Locale.ROOT, "%.1f", number);
    }
}
