package kindthimble.core.tint;

import static kindthimble.core.tint.Dye.ALLURA_RED;
import static kindthimble.core.tint.Dye.BRILLIANT_BLUE;
import static kindthimble.core.tint.Dye.ERYTHROSINE;
import static kindthimble.core.tint.Dye.INDIGO_CARMINE;
import static kindthimble.core.tint.Dye.SUNSET_YELLOW;
import static kindthimble.core.tint.Dye.TARTRAZINE;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Gels that a shop's own bottles start from, until its swatches say otherwise (kitchen practice). */
public final class ReferenceGels {
    private static final double USUAL_DEEPENING = 0.15;
    private static final double NAVY_DEEPENING = 0.30;
    private static final double RED_AND_BLACK_DEEPENING = 0.40;

    /** A drop of whitener in 100 g scatters a quarter more. */
    private static final double WHITENING = 0.25;

    public static final List<Gel> ALL = List.of(
            gel("lemon", USUAL_DEEPENING, Map.of(TARTRAZINE, .30)),
            gel("marigold", USUAL_DEEPENING, Map.of(TARTRAZINE, .30, SUNSET_YELLOW, .10)),
            gel("orange", USUAL_DEEPENING, Map.of(SUNSET_YELLOW, .35, ALLURA_RED, .02)),
            gel("poppy", RED_AND_BLACK_DEEPENING, Map.of(ALLURA_RED, .50, TARTRAZINE, .15)),
            gel("rose", USUAL_DEEPENING, Map.of(ERYTHROSINE, .30, ALLURA_RED, .06)),
            gel("sky", USUAL_DEEPENING, Map.of(BRILLIANT_BLUE, .25)),
            gel("navy", NAVY_DEEPENING, Map.of(BRILLIANT_BLUE, .45, ALLURA_RED, .22, INDIGO_CARMINE, .20)),
            gel("violet", USUAL_DEEPENING, Map.of(ERYTHROSINE, .22, BRILLIANT_BLUE, .20)),
            gel("leaf", USUAL_DEEPENING, Map.of(TARTRAZINE, .30, BRILLIANT_BLUE, .14)),
            gel("teal", USUAL_DEEPENING, Map.of(TARTRAZINE, .10, BRILLIANT_BLUE, .25)),
            gel(
                    "cocoa",
                    USUAL_DEEPENING,
                    Map.of(SUNSET_YELLOW, .22, ALLURA_RED, .18, TARTRAZINE, .12, BRILLIANT_BLUE, .11)),
            gel(
                    "coal",
                    RED_AND_BLACK_DEEPENING,
                    Map.of(
                            SUNSET_YELLOW, .35,
                            ALLURA_RED, .40,
                            TARTRAZINE, .35,
                            BRILLIANT_BLUE, .45,
                            INDIGO_CARMINE, .40,
                            ERYTHROSINE, .20)),
            new Gel("whitener", Map.of(), 0, WHITENING, Gel.Fit.NONE));

    private ReferenceGels() {}

    public static Optional<Gel> find(String key) {
        return ALL.stream().filter(gel -> gel.key().equals(key)).findFirst();
    }

    private static Gel gel(String key, double deepening, Map<Dye, Double> dyes) {
        return new Gel(key, dyes, deepening, 0, Gel.Fit.NONE);
    }
}
