package kindthimble.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoatVolumeTest {

    private static Region disc(double radius) {
        return new Pen().arc(0, 0, radius, radius, 0, 360).region();
    }

    @ParameterizedTest
    @CsvSource({"37.8, 2.025", "10, 1.2", "100, 2.9", "2.1, 2.1", "300, 1.5"})
    void discAgreesWithItsClosedForm(double radius, double h) {
        double closed = Math.PI
                * (radius * radius * h - 2 * radius * h * h * (1 - Math.PI / 4) + h * h * h * (5.0 / 3 - Math.PI / 2));
        assertEquals(closed, CoatVolume.mm3(disc(radius), h), closed * 0.0005);
    }

    @Test
    void workedDiscHoldsItsPublishedVolume() {
        assertEquals(8883.4, CoatVolume.mm3(disc(37.8), 2.025), 0.5);
    }

    /** A long strip narrower than 2h is a cylinder's segment: its section is two quarter circles cut off where they meet. */
    @Test
    void sliverNeverReachesFullHeight() {
        double width = 2;
        double h = 2;
        double length = 1000;
        Region strip = new Pen()
                .moveTo(0, 0)
                .lineTo(length, 0)
                .lineTo(length, width)
                .lineTo(0, width)
                .region();
        // Under the quarter circle from the edge (s = 0) to the middle (s = w/2): integral of sqrt(h^2 - (h - s)^2) ds.
        double a = h - width / 2;
        double underArc = h * h * Math.PI / 4 - (a * Math.sqrt(h * h - a * a) + h * h * Math.asin(a / h)) / 2;
        assertEquals(2 * underArc * length, CoatVolume.mm3(strip, h), 2 * underArc * length * 0.004);
    }

    @Test
    void moreAreaOrThicknessHoldsMore() {
        double last = 0;
        for (double radius = 0.3; radius < 6; radius += 0.3) {
            double now = CoatVolume.mm3(disc(radius), 2);
            assertTrue(now > last, "radius " + radius);
            last = now;
        }
        assertTrue(CoatVolume.mm3(disc(20), 2.1) > CoatVolume.mm3(disc(20), 2));
    }
}
