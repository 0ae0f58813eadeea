package kindthimble.core.tracing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class MiddleLinesTest {
    private static final int SIDE = 300;

    private static List<MiddleLines.Line> lines(Map<Shape, Float> strokes) {
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        strokes.forEach((shape, wide) -> {
            g.setStroke(new BasicStroke(wide, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            g.draw(shape);
        });
        boolean[] inked = new boolean[SIDE * SIDE];
        IntStream.range(0, inked.length).forEach(i -> inked[i] = (image.getRGB(i % SIDE, i / SIDE) & 255) > 127);
        return MiddleLines.of(inked, SIDE, SIDE);
    }

    @Test
    void aRingIsOneLineAsLongAsItsCircle() {
        List<MiddleLines.Line> lines = lines(Map.of(new Ellipse2D.Double(50, 50, 200, 200), 9f));
        assertEquals(1, lines.size());
        MiddleLines.Line ring = lines.get(0);
        assertEquals(Math.PI * 200, ring.length(), 0.02 * Math.PI * 200);
        assertEquals(9, ring.width(), 0.6);
        for (double[] point : ring.points()) {
            assertEquals(100, Math.hypot(point[0] - 150, point[1] - 150), 1.5);
        }
    }

    @Test
    void aCrossIsFourLinesThatMeet() {
        List<MiddleLines.Line> lines =
                lines(Map.of(new Line2D.Double(40, 150, 260, 150), 11f, new Line2D.Double(150, 40, 150, 260), 11f));
        assertEquals(4, lines.size());
        for (MiddleLines.Line line : lines) {
            boolean meets = Math.hypot(line.points()[0][0] - 150, line.points()[0][1] - 150) < 8
                    || Math.hypot(
                                    line.points()[line.points().length - 1][0] - 150,
                                    line.points()[line.points().length - 1][1] - 150)
                            < 8;
            assertTrue(meets, "an arm that does not reach the middle");
            assertEquals(110, line.length(), 10);
        }
    }

    @Test
    void lineAndHairKeepTheirOwnWidths() {
        List<MiddleLines.Line> lines =
                lines(Map.of(new Line2D.Double(40, 80, 260, 80), 12f, new Line2D.Double(40, 200, 260, 200), 4f));
        assertEquals(2, lines.size());
        double[] widths =
                lines.stream().mapToDouble(MiddleLines.Line::width).sorted().toArray();
        assertTrue(widths[1] / widths[0] > 1.7 && widths[1] / widths[0] < 4, widths[0] + " and " + widths[1]);
    }

    @Test
    void nothingInkedIsNoLine() {
        assertTrue(MiddleLines.of(new boolean[100], 10, 10).isEmpty());
    }
}
