package kindthimble.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

class RegionTest {
    private static Region polygon(double... xy) {
        Pen pen = new Pen().moveTo(xy[0], xy[1]);
        for (int i = 2; i < xy.length; i += 2) {
            pen.lineTo(xy[i], xy[i + 1]);
        }
        return pen.region();
    }

    /** A polygon on an ellipse. */
    private static Region convex(Random random) {
        Region region = onEllipse(random);
        return Convex.of(region.shape()) == null ? convex(random) : region;
    }

    private static Region onEllipse(Random random) {
        List<Double> angles = IntStream.range(0, 3 + random.nextInt(12))
                .mapToObj(k -> random.nextDouble() * 2 * Math.PI)
                .sorted()
                .toList();
        double[] xy = new double[2 * angles.size()];
        for (int k = 0; k < angles.size(); k++) {
            xy[2 * k] = 40 * Math.cos(angles.get(k));
            xy[2 * k + 1] = 25 * Math.sin(angles.get(k));
        }
        return polygon(xy);
    }

    /** With s inside and no edge gone: A - P s + s^2 sum tan(turn/2); the tangent of half of 120 degrees is the root of 3. */
    /** Bent by a quarter turn it has the same area, and what it was bent from is as it was. */
    @Test
    void bendingLeavesTheRegionItselfAlone() {
        Region square =
                new Pen().moveTo(0, 0).lineTo(10, 0).lineTo(10, 4).lineTo(0, 4).region();
        String before = square.pathData();
        Region bent = square.bent(0.5, spot -> new Spot(-spot.y(), spot.x()));
        assertEquals(40, bent.areaMm2(), 1e-9);
        assertEquals(4, bent.box().widthMm(), 1e-9);
        assertEquals(before, square.pathData());
        // Coarser than its sides are long: no corner comes in between.
        square.bent(50, spot -> new Spot(spot.x() + 3, spot.y()));
        assertEquals(before, square.pathData());
    }

    @Test
    void insetOfATriangleHasItsClosedForm() {
        Region triangle = polygon(0, 0, 60, 0, 30, 30 * Math.sqrt(3));
        double s = 4;
        double area = triangle.areaMm2() - triangle.perimeterMm() * s + s * s * 3 * Math.sqrt(3);
        assertEquals(area, triangle.inset(s).areaMm2(), 1e-9);
        assertEquals(area, triangle.flipped().inset(s).areaMm2(), 1e-9, "either way round");
    }

    /** The quick way and JTS' buffer agree on random convex polygons, and the quick way says when it does not know. */
    @Test
    void quickInsetsAgreeWithTheBuffer() {
        Random random = new Random(7);
        int quick = 0;
        for (int i = 0; i < 200; i++) {
            Region region = convex(random);
            double mm = 0.1 + random.nextDouble() * 3;
            Geometry inner = Convex.of(region.shape()).inset(mm);
            if (inner != null) {
                quick++;
                assertEquals(exactly(region.shape(), mm).getArea(), inner.getArea(), 1e-4);
            }
        }
        assertTrue(quick > 100);
    }

    private static Geometry exactly(Geometry shape, double mm) {
        BufferParameters parameters = new BufferParameters(12);
        parameters.setSimplifyFactor(1e-6);
        return BufferOp.bufferOp(shape, -mm, parameters);
    }

    @Test
    void onlyConvexOnesAreTakenTheQuickWay() {
        assertNull(Convex.of(polygon(0, 0, 50, 0, 10, 10, 0, 50).shape()), "a hollow side");
        assertNull(Convex.of(polygon(0, 0, 40, 0, 10, 30, 20, -10, 35, 25).shape()), "a pentagram");
        Convex strip = Convex.of(polygon(0, 0, 25, 0, 50, 0, 50, 10, 0, 10).shape());
        assertNotNull(strip.inset(4.9), "a straight corner");
        assertNull(strip.inset(5), "nothing left");
    }

    @Test
    void quickIntersectionsAgreeWithTheOverlay() {
        Random random = new Random(11);
        for (int i = 0; i < 300; i++) {
            Region one = convex(random).moved(random.nextDouble() * 60 - 30, random.nextDouble() * 40 - 20);
            Region other = convex(random);
            Geometry quick = Convex.of(one.shape()).intersection(Convex.of(other.shape()));
            assertEquals(one.shape().intersection(other.shape()).getArea(), quick.getArea(), 1e-6);
            assertTrue(quick.isValid());
        }
    }

    @Test
    void rowsHoldAllPointsInside() {
        Region heart = polygon(0, 0, 20, 10, 40, 0, 40, 25, 20, 45, 0, 25);
        for (int points : new int[] {1, 2, 7, 30, 111}) {
            List<Spot> spots = Scatter.inRows(heart, points);
            assertEquals(points, spots.size());
            spots.forEach(spot -> assertTrue(heart.grown(1e-6).covers(spot.x(), spot.y())));
        }
        assertEquals(
                3,
                Scatter.inRows(polygon(0, 0, 30, 0, 30, 30, 0, 30), 9).stream()
                        .map(Spot::y)
                        .distinct()
                        .count());
    }

    @Test
    void stitchesKeepTheShareOfTheLine() {
        Lines edge = polygon(0, 0, 30, 0, 30, 30, 0, 30).edge();
        assertEquals(120 * 4.0 / 6, edge.stitched(4, 2).lengthMm(), 1e-6);
    }

    /** Points spread over a ring, or round a hole, lie on it: not in the middle of what lies around them. */
    @Test
    void scatteredPointsLieInside() {
        for (double inner : new double[] {5, 15, 25, 29}) {
            Region ring = new Pen()
                    .arc(0, 0, 30, 30, 0, 360)
                    .region()
                    .difference(new Pen().arc(0, 0, inner, inner, 0, 360).region());
            for (int points = 1; points <= 40; points++) {
                List<Spot> spots = Scatter.over(ring, points);
                assertEquals(points, spots.size());
                spots.forEach(spot -> assertTrue(ring.covers(spot.x(), spot.y()), () -> inner + ": " + spot));
            }
        }
    }

    /** Measured from many threads at once, before anybody has, it says what it says to one. */
    @Test
    void isMeasuredAlikeFromManyThreads() throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(8);
        try {
            for (int round = 0; round < 60; round++) {
                int sides = 3 + round;
                double expected = measures(polygon(sides));
                Region shared = polygon(sides);
                List<Callable<Double>> asks = Collections.nCopies(16, () -> measures(shared));
                for (Future<Double> answer : threads.invokeAll(asks)) {
                    assertEquals(expected, answer.get(), 0, sides + " sides");
                }
            }
        } finally {
            threads.shutdownNow();
        }
    }

    private static Region polygon(int sides) {
        Pen pen = new Pen().moveTo(30, 0);
        for (int i = 1; i < sides; i++) {
            double a = 2 * Math.PI * i / sides;
            double r = i % 5 == 4 ? 12 : 30;
            pen.lineTo(r * Math.cos(a), r * Math.sin(a));
        }
        return pen.region();
    }

    private static double measures(Region region) {
        return region.inscribedRadiusMm()
                + 3 * region.inset(1).areaMm2()
                + 7 * region.intersection(region.moved(3, 2)).areaMm2()
                + 11 * region.box().widthMm();
    }

    /** Two squares of 10 mm held together by a limb of 2 mm fall apart at an inset of 1 mm; a plain square never does. */
    @Test
    void thinnestLimbIsWhereItFallsApart() {
        Region dumbbell = new Pen()
                .moveTo(0, 0)
                .lineTo(10, 0)
                .lineTo(10, 4)
                .lineTo(14, 4)
                .lineTo(14, 0)
                .lineTo(24, 0)
                .lineTo(24, 10)
                .lineTo(14, 10)
                .lineTo(14, 6)
                .lineTo(10, 6)
                .lineTo(10, 10)
                .lineTo(0, 10)
                .region();
        assertEquals(1, Limb.radiusMm(dumbbell, 4), 0.101);
        assertEquals(0.5, Limb.radiusMm(dumbbell, 0.5), 1e-9, "no farther than is asked");
        Region square = new Pen()
                .moveTo(0, 0)
                .lineTo(10, 0)
                .lineTo(10, 10)
                .lineTo(0, 10)
                .region();
        assertEquals(5, Limb.radiusMm(square, 9), 0.03, "its inscribed radius");
    }
}
