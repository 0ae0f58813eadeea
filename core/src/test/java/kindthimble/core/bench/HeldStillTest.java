package kindthimble.core.bench;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

/** A second of quiet is held still; less is not, nor is what still moves. */
class HeldStillTest {
    private static HeldStill read(double... gramsEachTenth) {
        HeldStill still = new HeldStill();
        for (int i = 0; i < gramsEachTenth.length; i++) {
            still.read(i * 100, gramsEachTenth[i]);
        }
        return still;
    }

    private static double[] quiet(int readings, double grams, double wavers) {
        double[] quiet = new double[readings];
        for (int i = 0; i < readings; i++) {
            quiet[i] = grams + (i % 2 == 0 ? wavers : -wavers);
        }
        return quiet;
    }

    @Test
    void aSecondOfQuietIsHeld() {
        assertTrue(read(quiet(11, 50, 0.1)).isHeld());
        assertFalse(read(quiet(10, 50, 0.1)).isHeld(), "nine tenths of a second");
        assertFalse(read(quiet(30, 50, 0.3)).isHeld(), "a small weight that wavers");
        assertTrue(read(quiet(30, 700, 0.7)).isHeld(), "a large one that wavers as little for its size");
        assertFalse(new HeldStill().isHeld());
    }

    @Test
    void whatStillMovesIsNot() {
        double[] pouring = new double[20];
        for (int i = 0; i < pouring.length; i++) {
            pouring[i] = i;
        }
        HeldStill still = read(pouring);
        assertFalse(still.isHeld());
        for (int i = 0; i <= 10; i++) {
            still.read(2_000 + i * 100, 19);
        }
        assertTrue(still.isHeld());
        still.forget();
        assertFalse(still.isHeld());
    }
}
