package kindthimble.core.placing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/** Marks on a round of 80 mm whose middle is at 0 0, and on a square of 40 mm. */
class PlacingTest {
    private static final Region ROUND = SmallForm.region(SmallForm.DISC, null, 80);
    private static final Region SQUARE = SmallForm.region(null, "M-20 -20H20V20H-20Z", 40);

    private record On(Region region, Lines seams, List<Spot> standing, List<Pose> marked) implements Site {
        @Override
        public Spot middle() {
            return new Spot(0, 0);
        }

        @Override
        public List<Pose> marks(String words) {
            return marked;
        }
    }

    private static final Lines NO_SEAMS = Lines.all(List.of());

    private static Placing placing(Where where, Region region) {
        return new Placing(where, new On(region, NO_SEAMS, List.of(), List.of()));
    }

    private static double apart(Pose one, Pose other) {
        return Math.hypot(one.x() - other.x(), one.y() - other.y());
    }

    private static double fromMiddle(Pose pose) {
        return Math.hypot(pose.x(), pose.y());
    }

    private static void at(double x, double y, Pose pose) {
        assertEquals(x, pose.x(), 0.02);
        assertEquals(y, pose.y(), 0.02);
    }

    @Test
    void aRingIsACircleFromTheTopClockwise() {
        Where ring = new Where(Laid.RING, 50.0, null, null, null, null, null, null, null, null, null);
        List<Pose> four = placing(ring, ROUND).poses(4, 3);
        at(0, -25, four.get(0));
        at(25, 0, four.get(1));
        at(0, 25, four.get(2));
        at(-25, 0, four.get(3));
        assertEquals(90, four.get(1).turnDegrees(), 1e-9, "it looks outward");
        Where turned = new Where(Laid.RING, 50.0, null, null, null, null, null, null, 90.0, null, null);
        at(25, 0, placing(turned, ROUND).poses(4, 3).get(0));
        double usual =
                fromMiddle(placing(Where.of(Laid.RING), ROUND).poses(5, 3).get(2));
        assertEquals(40 * 2 / 3.0, usual, 0.1, "two thirds of what there is room for");
    }

    @Test
    void placesCountFromTheMiddleAndAreMirrored() {
        Where eyes = Where.at(new Place(12, -8, 30.0));
        List<Pose> one = placing(eyes, ROUND).poses(9, 3);
        assertEquals(1, one.size(), "as many as there are places");
        at(12, -8, one.get(0));
        List<Pose> both = placing(eyes.onBothSides(), ROUND).poses(9, 3);
        at(-12, -8, both.get(1));
        assertEquals(-30, both.get(1).turnDegrees(), 1e-9);
        Where nose = Where.at(new Place(0, 4, null)).onBothSides();
        assertEquals(1, placing(nose, ROUND).poses(9, 3).size(), "on the mirror itself it is there once");
        assertThrows(Refused.class, () -> placing(Where.at(), ROUND).poses(1, 3));
        assertThrows(
                Refused.class, () -> Where.at(new Place(Double.NaN, 0, null)).checkPlaces());
        assertThrows(Refused.class, () -> Where.at(new Place(301, 0, null)).checkPlaces());
    }

    /** A square of 40 mm, 5 mm inside its edge, is 120 mm round: the first quarter from the top left corner is the top side. */
    @Test
    void apartOfAnEdgeCountsFromTheTopClockwise() {
        Lines whole = placing(Where.alongEdge(null, null, 5.0), SQUARE).course(1);
        assertEquals(120, whole.lengthMm(), 1e-6);
        Lines top = placing(Where.alongEdge(0.0, 25.0, 5.0), SQUARE).course(1);
        assertEquals(30, top.lengthMm(), 1e-6);
        List<Pose> ends = top.spread(2);
        at(-15, -15, ends.get(0));
        at(15, -15, ends.get(1));
        Lines overTheTop = placing(Where.alongEdge(75.0, 25.0, 5.0), SQUARE).course(1);
        assertEquals(60, overTheTop.lengthMm(), 1e-6);
        assertEquals(1, overTheTop.spread(1).size(), "one line, not two");
        at(-15, -15, overTheTop.spread(3).get(1));
        assertEquals(116, placing(Where.of(Laid.EDGE), SQUARE).course(5.5).lengthMm(), 1e-6, "the usual inset");
    }

    @Test
    void soManyOrSoFarApart() {
        Lines round = placing(Where.alongEdge(null, null, 0.0), ROUND).course(0);
        List<Pose> twelve = round.spread(12);
        assertEquals(12, twelve.size());
        for (int i = 0; i < 12; i++) {
            assertEquals(2 * 40 * Math.sin(Math.PI / 12), apart(twelve.get(i), twelve.get((i + 1) % 12)), 0.05);
        }
        assertEquals(Math.round(80 * Math.PI / 2.55), round.every(2.55).size());
        Where line = Where.along("M-15 0H15");
        assertEquals(7, placing(withEvery(line, 5), ROUND).poses(2, 3).size(), "both ends of an open line");
        at(-15, 0, placing(line, ROUND).poses(4, 3).get(0));
        at(-5, 0, placing(line, ROUND).poses(4, 3).get(1));
        at(0, 0, placing(line, ROUND).poses(1, 3).get(0));
    }

    private static Where withEvery(Where where, double mm) {
        return new Where(where.laid(), null, mm, null, null, null, where.path(), null, null, null, null);
    }

    @Test
    void besideALineIsToItsRight() {
        Where beside = new Where(Laid.PATH, null, null, null, null, 4.0, "M-15 0H15", null, null, null, null);
        placing(beside, ROUND).poses(3, 3).forEach(pose -> assertEquals(4, pose.y(), 1e-6));
        Where down = new Where(Laid.PATH, null, null, null, null, 4.0, "M0 -15V15", null, null, null, null);
        placing(down, ROUND).poses(3, 3).forEach(pose -> assertEquals(-4, pose.x(), 1e-6));
    }

    @Test
    void aMirroredLineIsThereTwice() {
        Lines both = placing(Where.along("M5 0L15 10").onBothSides(), ROUND).course(0);
        assertEquals(2 * Math.hypot(10, 10), both.lengthMm(), 1e-9);
        assertEquals(4, both.spread(4).size());
        at(-5, 0, both.spread(4).get(2));
    }

    @Test
    void whatIsScatteredKeepsClearOfWhatStands() {
        List<Pose> first = placing(Where.of(Laid.SCATTERED), ROUND).poses(9, 4);
        List<Pose> all = new ArrayList<>(first);
        for (int move = 0; move < 4; move++) {
            Site beside = new On(ROUND, NO_SEAMS, Pose.spots(all), List.of());
            List<Pose> more = new Placing(Where.of(Laid.SCATTERED), beside).poses(9, 4);
            assertEquals(9, more.size());
            all.addAll(more);
        }
        for (int i = 0; i < all.size(); i++) {
            for (int j = 0; j < i; j++) {
                assertTrue(apart(all.get(i), all.get(j)) > 4, i + " and " + j + " lie on each other");
            }
        }
    }

    @Test
    void onTheMarksIsWhereTheyAre() {
        List<Pose> marks = List.of(new Pose(3, 4, 10), new Pose(-3, 4, 0));
        Site site = new On(ROUND, NO_SEAMS, List.of(), marks);
        assertEquals(marks, new Placing(Where.on("dot"), site).poses(99, 3));
    }

    @Test
    void noRoomIsNoMarks() {
        assertTrue(placing(Where.of(Laid.SCATTERED), ROUND).poses(3, 90).isEmpty());
        assertThrows(
                Refused.class,
                () -> placing(Where.alongEdge(null, null, 50.0), ROUND).course(1));
        assertThrows(Refused.class, () -> placing(Where.of(Laid.SEAMS), ROUND).course(1));
        assertThrows(Refused.class, () -> placing(Where.along(""), ROUND).course(1));
        assertThrows(Refused.class, () -> placing(Where.along("M0 0Q"), ROUND).course(1));
    }

    /** Where an edge ends where it begins, marks go the whole way round, from there on. */
    @Test
    void fromAPlaceToTheSamePlaceIsTheWholeWayRound() {
        List<Pose> all = placing(Where.alongEdge(null, null, null), ROUND).poses(8, 2);
        for (double from : new double[] {0, 25, 60}) {
            List<Pose> round = placing(Where.alongEdge(from, from, null), ROUND).poses(8, 2);
            assertEquals(8, round.size());
            double gap = apart(all.get(0), all.get(1));
            for (int i = 0; i < round.size(); i++) {
                assertEquals(gap, apart(round.get(i), round.get((i + 1) % 8)), 0.05, "from " + from);
            }
        }
        // Of a ring that is both its edges, as where nothing is said.
        Region ring = ROUND.difference(SmallForm.region(SmallForm.DISC, null, 40));
        double both = placing(Where.alongEdge(null, null, null), ring).course(0).lengthMm();
        assertEquals(
                both, placing(Where.alongEdge(30.0, 30.0, null), ring).course(0).lengthMm(), 0.1);
        assertEquals(120 * Math.PI, both, 1);
        List<Pose> half = placing(Where.alongEdge(25.0, 75.0, null), ROUND).poses(5, 2);
        half.forEach(pose -> assertTrue(pose.y() > -0.05, "only on its lower half: " + pose));
    }
}
