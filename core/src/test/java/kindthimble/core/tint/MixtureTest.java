package kindthimble.core.tint;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.Map;
import kindthimble.core.colour.Lab;
import org.junit.jupiter.api.Test;

class MixtureTest {
    private static final Gel POPPY = ReferenceGels.find("poppy").orElseThrow();
    private static final Gel SKY = ReferenceGels.find("sky").orElseThrow();

    /** CIE 15: the white of D65 for the 2-degree observer is 95.05, 100, 108.9 (to 780 nm; here to 700). */
    @Test
    void perfectWhiteIsThatOfDaylight() {
        double[] all = new double[Observer.BANDS];
        Arrays.fill(all, 1);
        double[] xyz = Observer.xyz(all);
        assertEquals(95.05, 100 * xyz[0], 0.3);
        assertEquals(100, 100 * xyz[1], 1e-9);
        assertEquals(108.9, 100 * xyz[2], 0.3);
    }

    /** Kubelka and Munk's two ways of writing one law. */
    @Test
    void reflectanceAndAbsorptionAreInverse() {
        for (double r = 0.02; r < 1; r += 0.02) {
            assertEquals(r, Mixture.reflectance(Mixture.absorption(r)), 1e-12);
        }
    }

    @Test
    void mixtureOfMassesIsTheirMeanByMassExactly() {
        double[] dark = Mixture.absorption(WhiteIcing.PLAIN, Map.of(POPPY, 20.0, SKY, 4.0), 24);
        double[] white = Mixture.absorption(WhiteIcing.PLAIN, Map.of(), 24);
        // 37 g of the dark and 63 g of white hold 37 % of its drops in each 100 g.
        double[] let = Mixture.absorption(WhiteIcing.PLAIN, Map.of(POPPY, 7.4, SKY, 1.48), 24);
        double[] mean = new double[let.length];
        for (int i = 0; i < mean.length; i++) {
            mean[i] = 0.37 * dark[i] + 0.63 * white[i];
        }
        assertArrayEquals(mean, let, 1e-12);
    }

    @Test
    void whiteIcingIsWhiteAndWarmWithVanillaAndWhiterWithWhitener() {
        Lab plain = Mixture.lab(WhiteIcing.PLAIN, Map.of(), 0);
        assertTrue(plain.l() > 95 && plain.chroma() < 4, plain.toString());
        assertTrue(Mixture.lab(WhiteIcing.WARM, Map.of(), 0).b() > plain.b() + 2);
        Gel whitener = ReferenceGels.find("whitener").orElseThrow();
        assertTrue(Mixture.lab(WhiteIcing.PLAIN, Map.of(whitener, 4.0), 0).l() > plain.l());
    }

    @Test
    void coloursDeepenByTheirShareWithinADay() {
        assertEquals(1, POPPY.deepened(0), 1e-12);
        assertEquals(1 + 0.4 * (1 - 1 / Math.E), POPPY.deepened(6), 1e-12);
        assertEquals(1.4, POPPY.deepened(1e6), 1e-9);
        Lab now = Mixture.lab(WhiteIcing.PLAIN, Map.of(POPPY, 10.0), 0);
        Lab dry = Mixture.lab(WhiteIcing.PLAIN, Map.of(POPPY, 10.0), 24);
        assertTrue(dry.l() < now.l());
    }

    @Test
    void rampsGetDarkerAndMoreVividAtFirst() {
        for (Gel gel : ReferenceGels.ALL.subList(0, 12)) {
            double before = 100;
            for (double drops = 0.5; drops <= 32; drops *= 2) {
                Lab look = Mixture.lab(WhiteIcing.PLAIN, Map.of(gel, drops), 24);
                assertTrue(look.l() < before, gel.key());
                before = look.l();
            }
        }
    }
}
