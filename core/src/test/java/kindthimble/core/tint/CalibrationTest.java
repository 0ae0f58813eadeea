package kindthimble.core.tint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import kindthimble.core.colour.Lab;
import org.junit.jupiter.api.Test;

class CalibrationTest {
    private static final Gel LEAF = ReferenceGels.find("leaf").orElseThrow();

    /** A swatch as a bottle of known strength and hue would give it. */
    private static Calibration.Swatch swatch(Gel.Fit truth, double drops) {
        return new Calibration.Swatch(
                drops, Mixture.lab(WhiteIcing.PLAIN, Map.of(LEAF.fitted(truth), drops), Gel.RESTED_HOURS));
    }

    @Test
    void oneSwatchFindsTheStrengthOfTheBottle() {
        for (double strength : new double[] {0.3, 0.7, 1, 1.6, 4}) {
            Calibration found = Calibration.of(LEAF, WhiteIcing.PLAIN, List.of(swatch(new Gel.Fit(strength, 0), 6)));
            assertEquals(strength, found.fit().strength(), 0.01 * strength);
            assertEquals(0, found.fit().shiftNm());
            assertEquals(0, found.after(), 0.05);
            assertTrue(strength == 1 || found.before() > found.after());
        }
    }

    @Test
    void twoSwatchesFindItsHueAsWell() {
        Gel.Fit truth = new Gel.Fit(0.8, 9);
        Calibration found = Calibration.of(LEAF, WhiteIcing.PLAIN, List.of(swatch(truth, 3), swatch(truth, 12)));
        assertEquals(0.8, found.fit().strength(), 0.02);
        assertEquals(9, found.fit().shiftNm(), 0.3);
        assertTrue(found.before() > 2, "before: " + found.before());
        assertTrue(found.after() < 0.1, "after: " + found.after());
        assertEquals(2, found.misses().size());
    }

    /** Seen with a little error each, the fit is nearer than the reference and no swatch misses by much. */
    @Test
    void threeUncertainSwatchesAreFittedTogether() {
        Gel.Fit truth = new Gel.Fit(1.3, -6);
        List<Calibration.Swatch> seen =
                List.of(swatch(truth, 2), nudged(swatch(truth, 8), 1.2, -0.8), nudged(swatch(truth, 20), -0.9, 0.7));
        Calibration found = Calibration.of(LEAF, WhiteIcing.PLAIN, seen);
        assertEquals(1.3, found.fit().strength(), 0.15);
        assertEquals(-6, found.fit().shiftNm(), 2.5);
        assertTrue(found.after() < found.before() / 2);
        found.misses().forEach(miss -> assertTrue(miss < 2.5));
    }

    @Test
    void withoutSwatchesABottleIsItsReference() {
        assertEquals(
                Gel.Fit.NONE, Calibration.of(LEAF, WhiteIcing.PLAIN, List.of()).fit());
    }

    @Test
    void aNewGelIsLikenedToTheReferenceThatExplainsItsSwatch() {
        for (Gel gel : ReferenceGels.ALL.subList(0, 11)) {
            Lab seen = Mixture.lab(WhiteIcing.PLAIN, Map.of(gel.fitted(new Gel.Fit(1.5, 0)), 8.0), Gel.RESTED_HOURS);
            Calibration.Likeness like = Calibration.likest(WhiteIcing.PLAIN, new Calibration.Swatch(8, seen));
            assertEquals(gel.key(), like.gel().key());
            assertEquals(1.5, like.gel().fit().strength(), 0.02);
        }
    }

    private static Calibration.Swatch nudged(Calibration.Swatch swatch, double l, double b) {
        Lab seen = swatch.seen();
        return new Calibration.Swatch(swatch.dropsPer100(), new Lab(seen.l() + l, seen.a(), seen.b() + b));
    }
}
