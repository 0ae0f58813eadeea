package kindthimble.core.tint;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import kindthimble.core.colour.Lab;
import kindthimble.core.words.Range;

/** What is said beside a recipe: that it is out of reach, takes too much gel or too little to measure, and what works instead. */
final class Hints {
    /** Seen side by side, a difference over this is another colour (kitchen practice). */
    private static final double NEAR = 3;

    private static final double CLEARLY = 1;
    private static final double DARK_L = 32;
    /** A dark colour more vivid than this does not start from brown. */
    private static final double DULL_CHROMA = 20;

    private static final double RED_CHROMA = 45;

    private Hints() {}

    /**
     * @param recipe the one that is shown
     * @param nearest CIEDE2000 of these gels in any amount
     * @param lifted the same with twice as much gel as is wise
     */
    static List<Tinting.Hint> of(
            Lab target, double baseGrams, double mostGelShare, TintRecipe recipe, double nearest, double lifted) {
        List<Tinting.Hint> hints = new ArrayList<>();
        boolean none = recipe.doses().isEmpty();
        boolean lessThanADab = mostGelShare * baseGrams < Gel.DAB_GRAMS && recipe.deltaE() > NEAR;
        boolean tooSmall = lessThanADab || recipe.deltaE() > nearest + CLEARLY && recipe.deltaE() > CLEARLY * 1.5;
        boolean full = recipe.gelPercent() > 0.9 * 100 * mostGelShare;
        if (none && recipe.deltaE() <= NEAR && !tooSmall) {
            hints.add(
                    new Tinting.Hint(
                            Tinting.About.UNTINTED,
                            recipe.deltaE() <= CLEARLY * 1.5
                                    ? "Leave it as it is: the icing's own white is this colour."
                                    : "Leave it as it is: the icing's own white is the nearest. A whitener would bring it nearer."));
        }
        if (tooSmall) {
            hints.add(new Tinting.Hint(
                    Tinting.About.TOO_SMALL,
                    "%s g is too little for whole dabs to come right. Let it down from a darker bowl of the same hue, or tint %s g and keep the rest in a jar."
                            .formatted(plain(baseGrams), plain(enough(baseGrams)))));
        }
        if (full && recipe.deltaE() - lifted > CLEARLY) {
            hints.add(new Tinting.Hint(
                    Tinting.About.TOO_MUCH_GEL,
                    "It would take more gel than the %s %% that still taste well and set. "
                                    .formatted(Range.plain(Math.round(1000 * mostGelShare) / 10.0))
                            + (target.l() < DARK_L && target.chroma() < DULL_CHROMA
                                    ? "Start from a base that cocoa has darkened, tint it, and let it rest overnight."
                                    : "Let it rest overnight before you judge it, or take a lighter colour.")));
        }
        if (nearest > NEAR && !lessThanADab) {
            hints.add(new Tinting.Hint(
                    Tinting.About.OUT_OF_REACH,
                    "These gels don't reach it: %s. The nearest is %s, %.1f away. Take that, or another gel."
                            .formatted(
                                    lacking(target, recipe.dry()), recipe.dry().hex(), recipe.deltaE())));
        }
        if (!none && target.l() < DARK_L) {
            hints.add(new Tinting.Hint(
                    Tinting.About.REST,
                    "Mix it first and let it rest overnight: it looks grey when fresh, and deepens."));
        } else if (isRed(target) && !none) {
            hints.add(new Tinting.Hint(
                    Tinting.About.REST, "Mix it a shade light and let it rest overnight: red deepens most."));
        }
        return hints;
    }

    private static boolean isRed(Lab colour) {
        return colour.chroma() > RED_CHROMA && colour.a() > Math.abs(colour.b()) && colour.l() < 60;
    }

    private static String lacking(Lab target, Lab reached) {
        double light = target.l() - reached.l();
        double vivid = target.chroma() - reached.chroma();
        if (vivid > Math.abs(light) && vivid > 2) {
            return "it is more vivid than they get";
        }
        if (light < -2) {
            return "it is darker than they get";
        }
        if (light > 2) {
            return "it is lighter than its strength of colour allows";
        }
        return "its hue lies between what they give";
    }

    /** Four times as much, so that a dab does what a quarter of one should, rounded to 10 g. */
    private static double enough(double grams) {
        return Math.ceil(4 * grams / 10) * 10;
    }

    private static String plain(double grams) {
        return String.format(Locale.ROOT, grams < 20 ? "%.1f" : "%.0f", grams);
    }
}
