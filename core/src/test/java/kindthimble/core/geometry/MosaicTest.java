package kindthimble.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class MosaicTest {
    /** The topmost shape owns a place. */
    private static final Mosaic.Owners TOPMOST = inside -> inside.length();

    private static double[][] ring(double... xy) {
        double[][] ring = new double[xy.length / 2][];
        for (int i = 0; i < ring.length; i++) {
            ring[i] = new double[] {xy[2 * i], xy[2 * i + 1]};
        }
        return ring;
    }

    private static Mosaic.Shape shape(boolean evenOdd, double[][]... rings) {
        return new Mosaic.Shape(List.of(rings), evenOdd);
    }

    @Test
    void whatLiesOnTopHidesWhatIsBelow() {
        Mosaic mosaic = Mosaic.of(
                List.of(shape(false, ring(0, 0, 10, 0, 10, 10, 0, 10)), shape(false, ring(5, 5, 15, 5, 15, 15, 5, 15))),
                TOPMOST,
                0.001);
        assertEquals(2, mosaic.faces().size());
        assertEquals(75, mosaic.faces().get(0).areaMm2(), 1e-6);
        assertEquals(100, mosaic.faces().get(1).areaMm2(), 1e-6);
        // They share the corner that was cut out, and each sees the other as long.
        assertEquals(10, mosaic.faces().get(0).borders().get(1), 1e-6);
        assertEquals(10, mosaic.faces().get(1).borders().get(0), 1e-6);
        assertEquals(30, mosaic.faces().get(0).borders().get(-1), 1e-6);
    }

    /** A five-pointed star drawn in one go: its middle is wound round twice. */
    @Test
    void windingDecidesWhatIsInside() {
        double[] points = new double[10];
        for (int i = 0; i < 5; i++) {
            points[2 * i] = 10 * Math.sin(Math.PI * 4 * i / 5);
            points[2 * i + 1] = -10 * Math.cos(Math.PI * 4 * i / 5);
        }
        double r = 10 * Math.cos(Math.toRadians(72)) / Math.cos(Math.toRadians(36));
        double pentagon = 2.5 * r * r * Math.sin(Math.toRadians(72));
        double star = 10 * r * Math.sin(Math.toRadians(36)) / 2 * 10;
        assertEquals(star, area(Mosaic.of(List.of(shape(false, ring(points))), TOPMOST, 0.001)), 1e-3);
        assertEquals(star - pentagon, area(Mosaic.of(List.of(shape(true, ring(points))), TOPMOST, 0.001)), 1e-3);
        // Without the middle five arms are left that touch in corners only.
        assertEquals(
                5,
                Mosaic.of(List.of(shape(true, ring(points))), TOPMOST, 0.001)
                        .faces()
                        .size());
    }

    private static double area(Mosaic mosaic) {
        return mosaic.faces().stream().mapToDouble(Mosaic.Face::areaMm2).sum();
    }

    /** Random tangles of triangles and stars: what covers a place is what covers it when asked shape by shape. */
    @RepeatedTest(12)
    void eachPlaceBelongsToItsOwner(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        List<Mosaic.Shape> shapes = new ArrayList<>();
        for (int i = 0; i < 5 * repetition.getCurrentRepetition(); i++) {
            double[] xy = new double[2 * (3 + random.nextInt(6))];
            for (int k = 0; k < xy.length; k++) {
                // Some on a coarse grid, so that sides lie on each other and meet in corners.
                xy[k] = i % 3 == 0 ? 5 * random.nextInt(11) : 50 * random.nextDouble();
            }
            shapes.add(shape(i % 2 == 0, ring(xy)));
        }
        Mosaic mosaic = Mosaic.of(shapes, TOPMOST, 0.0005);
        double areas = 0;
        double regions = 0;
        for (int i = 0; i < mosaic.faces().size(); i++) {
            Mosaic.Face face = mosaic.faces().get(i);
            areas += face.areaMm2();
            regions += face.region().areaMm2();
            int own = i;
            face.borders().forEach((other, mm) -> {
                if (other >= 0) {
                    assertEquals(mm, mosaic.faces().get(other).borders().get(own), 1e-9);
                }
            });
        }
        assertEquals(areas, regions, 0.02 * Math.sqrt(areas) + 0.05);
        int hits = 0;
        int wrong = 0;
        int n = 3_000;
        for (int k = 0; k < n; k++) {
            double x = 50 * random.nextDouble();
            double y = 50 * random.nextDouble();
            int owner = 0;
            for (int i = 0; i < shapes.size(); i++) {
                owner = isIn(shapes.get(i), x, y) ? i + 1 : owner;
            }
            hits += owner > 0 ? 1 : 0;
            int seen = mosaic.faces().stream()
                    .filter(face -> face.region().covers(x, y))
                    .mapToInt(Mosaic.Face::owner)
                    .findFirst()
                    .orElse(0);
            wrong += seen == owner ? 0 : 1;
        }
        assertTrue(wrong <= 4, wrong + " places of " + n);
        assertEquals((double) hits / n, areas / 2500, 0.035);
    }

    /** By a ray to the right (the winding number, shape by shape). */
    private static boolean isIn(Mosaic.Shape shape, double x, double y) {
        int winding = 0;
        for (double[][] ring : shape.rings()) {
            for (int i = 0; i < ring.length; i++) {
                double[] a = ring[i];
                double[] b = ring[(i + 1) % ring.length];
                if (a[1] <= y != b[1] <= y && x < a[0] + (y - a[1]) / (b[1] - a[1]) * (b[0] - a[0])) {
                    winding += b[1] > a[1] ? 1 : -1;
                }
            }
        }
        return shape.evenOdd() ? (winding & 1) != 0 : winding != 0;
    }

    @Test
    void dotsOfAPictureAreSquares() {
        int[] owners = {1, 1, 0, 1, 2, 2, 0, 2, 2};
        Mosaic mosaic = Mosaic.ofDots(owners, 3, 3, 0.01);
        assertEquals(2, mosaic.faces().size());
        assertEquals(3, mosaic.faces().get(0).areaMm2(), 1e-9);
        assertEquals(4, mosaic.faces().get(1).areaMm2(), 1e-9);
        assertEquals(2, mosaic.faces().get(0).borders().get(1), 1e-9);
    }

    @Test
    void theWidestCircleIsNearlyThat() {
        Random random = new Random(3);
        for (int k = 0; k < 40; k++) {
            Region disc = new Pen()
                    .arc(0, 0, 10 + 30 * random.nextDouble(), 10 + 30 * random.nextDouble(), 0, 360)
                    .region();
            Region cut = disc.difference(new Pen()
                    .arc(20 * random.nextDouble() - 10, 20 * random.nextDouble() - 10, 4, 4, 0, 360)
                    .region());
            assertEquals(cut.inscribedRadiusMm(), cut.roughRadiusMm(), 0.03 * cut.inscribedRadiusMm());
        }
    }

    @Test
    void moreThanAnyDrawingHasIsRefused() {
        double[] xy = new double[900_000];
        Random random = new Random(1);
        for (int i = 0; i < xy.length; i++) {
            xy[i] = 100 * random.nextDouble();
        }
        assertThrows(TooMuch.class, () -> Mosaic.of(List.of(shape(true, ring(xy))), TOPMOST, 0.01));
        BitSet none = new BitSet();
        assertEquals(Mosaic.NOBODY, TOPMOST.of(none));
    }
}
