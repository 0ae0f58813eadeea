package kindthimble.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Lines, what they cross, and edges that sections share. */
class LinesTest {
    private static final Region SQUARE = Pen.following("M-20 -20H20V20H-20Z").region();
    private static final Lines ACROSS = Lines.through(List.of(new Spot(-40, 0), new Spot(40, 0)));

    private static Region rectangle(double x, double y, double wide, double high) {
        return Pen.following("M%s %sh%sv%sh%sZ".formatted(x, y, wide, high, -wide))
                .region();
    }

    @Test
    void lengthsInsideAndOutsideAddUp() {
        assertEquals(80, ACROSS.lengthMm(), 1e-9);
        assertEquals(40, ACROSS.within(SQUARE).lengthMm(), 1e-9);
        assertEquals(40, ACROSS.outside(SQUARE).lengthMm(), 1e-9);
        assertTrue(ACROSS.moved(0, 30).within(SQUARE).isEmpty());
        assertEquals(160, ACROSS.and(ACROSS.moved(0, 5)).lengthMm(), 1e-9);
        assertEquals(
                240,
                Lines.all(List.of(ACROSS, ACROSS.moved(0, 1), ACROSS.moved(0, 2)))
                        .lengthMm(),
                1e-9);
        assertEquals(160, SQUARE.edge().lengthMm(), 1e-9);
    }

    @Test
    void strokesAreAsWideAsTheyAreSaid() {
        assertEquals(80 * 2 + Math.PI, ACROSS.stroked(2).areaMm2(), 0.1, "round at both ends");
    }

    /** Stitches of 4 with gaps of 2: of six millimetres four. */
    @Test
    void stitchesLeaveTheirGaps() {
        Lines sewn = SQUARE.edge().stitched(4, 2);
        assertEquals(160 * 4 / 6.0, sewn.lengthMm(), 4, "to a stitch");
        assertTrue(ACROSS.stitched(100, 2).lengthMm() <= 80 + 1e-9, "no stitch is longer than the line");
    }

    @Test
    void beadsAreEvenlyApart() {
        List<Spot> beads = ACROSS.beads(10);
        assertTrue(beads.size() == 8 || beads.size() == 9, beads.toString());
        for (int i = 1; i < beads.size(); i++) {
            assertEquals(
                    beads.get(1).x() - beads.get(0).x(),
                    beads.get(i).x() - beads.get(i - 1).x(),
                    1e-6);
        }
        assertEquals(16, SQUARE.edge().beads(10).size(), "round a ring of 160");
    }

    @Test
    void crossingsAreWhereALevelMeetsThem() {
        Lines cross = Lines.through(List.of(new Spot(-10, -10), new Spot(10, 10)));
        assertEquals(1, cross.crossings(3).size());
        assertEquals(3, cross.crossings(3).get(0), 1e-9);
        assertTrue(cross.crossings(11).isEmpty());
        assertEquals(2, SQUARE.crossings(0).get(0).length);
        assertEquals(-20, SQUARE.crossings(0).get(0)[0], 1e-9);
        assertEquals(20, SQUARE.crossings(0).get(0)[1], 1e-9);
    }

    @Test
    void sharedEdgesHaveTheirLength() {
        Region left = rectangle(0, 0, 10, 30);
        assertEquals(30, SharedEdge.lengthMm(left, rectangle(10, 0, 10, 30)), 1e-6);
        assertEquals(12, SharedEdge.lengthMm(left, rectangle(10, 18, 10, 30)), 1e-6, "from 18 to 30");
        assertEquals(0, SharedEdge.lengthMm(left, rectangle(10, 30, 10, 30)), 1e-6, "corner to corner");
        assertEquals(0, SharedEdge.lengthMm(left, rectangle(10.1, 0, 10, 30)), 1e-6, "a gap");
        assertEquals(30, SharedEdge.lengthMm(left, rectangle(10.01, 0, 10, 30)), 1e-6, "no gap that anyone could see");
        assertTrue(SharedEdge.isLongerThan(11.9, left, rectangle(10, 18, 10, 30)));
        assertTrue(!SharedEdge.isLongerThan(12.1, left, rectangle(10, 18, 10, 30)));
        Region ring = SQUARE.without(SQUARE.inset(5));
        assertEquals(120, SharedEdge.lengthMm(ring, SQUARE.inset(5)), 1e-6, "all round the inside");
    }

    /** What lies between an edge and an inset is their difference, whichever way it is got. */
    @Test
    void ringsAreWhatAnInsetLeaves() {
        Random random = new Random(5);
        for (int n = 0; n < 50; n++) {
            Region region = rectangle(0, 0, 10 + 40 * random.nextDouble(), 10 + 40 * random.nextDouble());
            Region inset = region.inset(0.5 + 8 * random.nextDouble());
            Region ring = region.without(inset);
            assertEquals(region.areaMm2() - inset.areaMm2(), ring.areaMm2(), 1e-6);
            assertEquals(0, ring.intersection(inset).areaMm2(), 1e-6);
        }
    }

    @Test
    void scatteredSpotsAreInsideAndApart() {
        for (int points : new int[] {1, 2, 7, 30}) {
            List<Spot> spots = Scatter.over(SQUARE, points);
            assertEquals(points, spots.size());
            double ideal = Math.sqrt(1600.0 / points);
            for (int i = 0; i < points; i++) {
                assertTrue(SQUARE.covers(spots.get(i).x(), spots.get(i).y()));
                for (int j = 0; j < i; j++) {
                    double apart = Math.hypot(
                            spots.get(i).x() - spots.get(j).x(),
                            spots.get(i).y() - spots.get(j).y());
                    assertTrue(apart > 0.5 * ideal, points + " spots: " + apart + " of " + ideal);
                }
            }
        }
    }

    @Test
    void rowsAreLevelAndHoldAll() {
        List<Spot> rows = Scatter.inRows(SQUARE, 12);
        assertEquals(12, rows.size());
        assertTrue(rows.stream().map(Spot::y).distinct().count() <= 4, rows.toString());
        assertTrue(rows.stream().allMatch(spot -> SQUARE.covers(spot.x(), spot.y())));
    }

    @Test
    void pathsAreWrittenToAHundredth() {
        assertEquals("0.00", Hundredths.append(new StringBuilder(), 0.004).toString());
        assertEquals("-0.01", Hundredths.append(new StringBuilder(), -0.009).toString());
        assertEquals("12.50", Hundredths.append(new StringBuilder(), 12.5).toString());
        assertEquals("-3.07", Hundredths.append(new StringBuilder(), -3.07).toString());
        assertEquals("120.00", Hundredths.append(new StringBuilder(), 119.999).toString());
    }
}
