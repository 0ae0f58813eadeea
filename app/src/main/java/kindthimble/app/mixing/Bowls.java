package kindthimble.app.mixing;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindthimble.app.plan.PourView;
import kindthimble.app.tint.TintView;
import kindthimble.app.tint.Tinter;
import kindthimble.core.icing.Flavour;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.pour.LettingDown;
import kindthimble.core.pour.Pour;

/** The bowls of a pour, each brought to its colour. */
final class Bowls {
    private final Tinter tinter;
    private final PourView pour;

    Bowls(Tinter tinter, PourView pour) {
        this.tinter = tinter;
        this.pour = pour;
    }

    /** Of each bowl that is not filled from jars alone, and whose flavour does not bring its colour. */
    Map<String, TintView> tints() {
        Map<String, TintView> tints = new LinkedHashMap<>();
        for (Pour.Bowl bowl : pour.pour().bowls()) {
            String hex = hex(pour, bowl.colour());
            if (bowl.letDown() != null) {
                tints.put(
                        bowl.colour(),
                        tinter.letDown(
                                hex,
                                bowl.letDown().motherGrams() + bowl.letDown().whiteGrams(),
                                bowl.letDown().mother(),
                                hex(pour, bowl.letDown().mother())));
            } else if (Flavour.leavesTint(bowl.flavour()) && bowl.mixedGrams() > Tinter.LEAST_GRAMS) {
                tints.put(bowl.colour(), tinter.view(hex, bowl.mixedGrams()));
            }
        }
        return tints;
    }

    /** Which of them are worth letting down from another. */
    List<MixingView.FamilyAdvice> families(Kitchen kitchen) {
        Map<String, LettingDown.Tinted> tinted = new HashMap<>();
        pour.pour().bowls().stream()
                .filter(bowl -> Flavour.leavesTint(bowl.flavour())
                        && bowl.letDown() == null
                        && bowl.mixedGrams() > Tinter.LEAST_GRAMS)
                .forEach(bowl -> tinted.put(bowl.colour(), tinter.tinted(hex(pour, bowl.colour()), bowl.mixedGrams())));
        return LettingDown.of(pour.pour(), kitchen, tinted, tinter.white()).stream()
                .map(one -> new MixingView.FamilyAdvice(
                        one.light(),
                        one.mother(),
                        one.shade().share(),
                        one.shade().dry().hex(),
                        one.shade().deltaE(),
                        one.ownDeltaE(),
                        one.gelSavedGrams(),
                        one.minutesSaved()))
                .toList();
    }

    private static String hex(PourView pour, String colour) {
        return pour.colours().stream()
                .filter(one -> one.key().equals(colour))
                .findFirst()
                .orElseThrow()
                .hex();
    }
}
