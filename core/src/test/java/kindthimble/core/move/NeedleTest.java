package kindthimble.core.move;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.IntStream;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pen;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Where a needle draws a line: on a square of 80 mm about the origin, with a level line through its middle unless another is said. */
class NeedleTest {
    private static final Region SQUARE = new Pen()
            .moveTo(-40, -40)
            .lineTo(40, -40)
            .lineTo(40, 40)
            .lineTo(-40, 40)
            .region();

    private static Lines through(Needle.Dragged dragged, int drags, Spot... line) {
        return new Needle(SQUARE, dragged, drags, 0, 3).through(Lines.through(List.of(line)));
    }

    /** How far to one side a level line through the middle goes, at most: up and down. */
    private static double[] reach(Needle.Dragged dragged, int drags) {
        List<Spot> spots =
                through(dragged, drags, new Spot(-39, 0), new Spot(39, 0)).beads(0.2);
        return new double[] {
            spots.stream().mapToDouble(Spot::y).min().orElseThrow(),
            spots.stream().mapToDouble(Spot::y).max().orElseThrow()
        };
    }

    @Test
    void thereAndBackGoesToBothSides() {
        double[] both = reach(Needle.Dragged.FEATHERED, 6);
        assertEquals(-4.5, both[0], 0.05);
        assertEquals(4.5, both[1], 0.05);
        double[] one = reach(Needle.Dragged.ONE_WAY, 6);
        assertEquals(0, one[0], 0.05, "all strokes alike");
        assertEquals(4.5, one[1], 0.05);
    }

    @Test
    void asManyPeaksAsStrokes() {
        for (int drags : new int[] {1, 3, 7}) {
            List<Spot> spots = through(Needle.Dragged.ONE_WAY, drags, new Spot(-39.9, 0), new Spot(39.9, 0))
                    .beads(0.2);
            long peaks = IntStream.range(1, spots.size() - 1)
                    .filter(i -> spots.get(i).y() > 2
                            && spots.get(i).y() >= spots.get(i - 1).y()
                            && spots.get(i).y() > spots.get(i + 1).y())
                    .count();
            assertEquals(drags, peaks);
        }
    }

    @Test
    void alongALineItStaysWhereItIs() {
        double[] level = reach(Needle.Dragged.ALONG, 4);
        assertEquals(0, level[0], 1e-9);
        assertEquals(0, level[1], 1e-9);
        List<Spot> upright = through(Needle.Dragged.ALONG, 4, new Spot(0, -39), new Spot(0, 39))
                .beads(0.2);
        assertEquals(4.5, upright.stream().mapToDouble(Spot::x).max().orElseThrow(), 0.1, "what lies across is drawn");
    }

    @Test
    void toTheMiddleAndFromItAreOpposite() {
        Spot[] ring = IntStream.rangeClosed(0, 360)
                .mapToObj(i -> new Spot(20 * Math.cos(Math.toRadians(i)), 20 * Math.sin(Math.toRadians(i))))
                .toArray(Spot[]::new);
        double inwards = nearest(through(Needle.Dragged.TO_MIDDLE, 8, ring));
        double outwards = farthest(through(Needle.Dragged.FROM_MIDDLE, 8, ring));
        assertEquals(20 - 4.5, inwards, 0.05);
        assertEquals(20 + 4.5, outwards, 0.05);
        assertEquals(20, farthest(through(Needle.Dragged.TO_MIDDLE, 8, ring)), 0.05, "between the strokes it stays");
        assertEquals(20, nearest(through(Needle.Dragged.FROM_MIDDLE, 8, ring)), 0.05);
    }

    private static double nearest(Lines lines) {
        return lines.beads(0.2).stream()
                .mapToDouble(spot -> Math.hypot(spot.x(), spot.y()))
                .min()
                .orElseThrow();
    }

    private static double farthest(Lines lines) {
        return lines.beads(0.2).stream()
                .mapToDouble(spot -> Math.hypot(spot.x(), spot.y()))
                .max()
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource
    void nothingIsDrawnOverTheEdge(Needle.Dragged dragged) {
        Lines lines = Strokes.across(SQUARE, 7, 25, Strokes.Form.PLAID);
        Lines drawn = new Needle(SQUARE, dragged, 9, 25, 7).through(lines);
        assertTrue(drawn.lengthMm() > 0.8 * lines.lengthMm(), "it is still there");
        assertEquals(0, drawn.outside(SQUARE.grown(0.01)).lengthMm(), 1e-9);
    }

    @Test
    void aSwirlGoesRound() {
        List<Spot> drawn = through(Needle.Dragged.SWIRL, 3, new Spot(0, -39), new Spot(0, 0))
                .beads(0.2);
        assertTrue(drawn.stream().mapToDouble(Spot::x).max().orElseThrow() > 3, "clockwise above the middle");
        assertTrue(drawn.stream().mapToDouble(Spot::x).min().orElseThrow() > -0.1);
    }
}
