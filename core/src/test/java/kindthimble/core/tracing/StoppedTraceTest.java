package kindthimble.core.tracing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** Who stops listening to a trace stops it: nothing more is worked out after that. */
class StoppedTraceTest {
    private static final int DOTS = 240;

    /** A dark square on white. */
    private static Picture picture() {
        int[] dots = new int[DOTS * DOTS];
        Arrays.fill(dots, 0xFFFFFFFF);
        for (int y = 60; y < 180; y++) {
            Arrays.fill(dots, y * DOTS + 60, y * DOTS + 180, 0xFF2A3E6C);
        }
        return new Picture(DOTS, DOTS, dots);
    }

    @Test
    void aStopIsAStop() {
        int[] heard = {0};
        Tracing.of(picture(), 0, share -> heard[0]++);
        int all = heard[0];
        for (int stop = 1; stop <= all; stop++) {
            IllegalStateException gone = new IllegalStateException("nobody listens any more");
            int at = stop;
            heard[0] = 0;
            assertSame(
                    gone,
                    assertThrows(
                            IllegalStateException.class,
                            () -> Tracing.of(picture(), 0, share -> {
                                if (++heard[0] == at) {
                                    throw gone;
                                }
                            })));
            assertEquals(at, heard[0], "after that nothing was told");
        }
    }
}
