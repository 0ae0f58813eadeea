package kindthimble.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Shapes of a {@link Mosaic} cut into upright strips, each so narrow that it holds few points. */
final class Strips {
    /** Points of all shapes together. */
    private static final int MOST_POINTS = 400_000;

    private static final int POINTS_EACH = 300;
    private static final int MOST = 256;

    private final List<Ring> rings = new ArrayList<>();

    /** Where the strips meet, on the grid, each once. */
    private final int[] lines;

    /** A ring, of which what lies left of the next strip has been cut off. */
    private static final class Ring {
        private final int shape;
        private final double least;
        private final double most;
        private double[][] points;

        Ring(int shape, double[][] points, double least, double most) {
            this.shape = shape;
            this.points = points;
            this.least = least;
            this.most = most;
        }
    }

    Strips(List<Mosaic.Shape> shapes) {
        int points = 0;
        for (Mosaic.Shape shape : shapes) {
            points += shape.rings().stream().mapToInt(ring -> ring.length).sum();
        }
        if (points > MOST_POINTS) {
            throw new TooMuch("it has more than %,d points. Draw it with fewer.".formatted(MOST_POINTS));
        }
        double[] xs = new double[points];
        int at = 0;
        for (int i = 0; i < shapes.size(); i++) {
            for (double[][] ring : shapes.get(i).rings()) {
                double least = Double.MAX_VALUE;
                double most = -Double.MAX_VALUE;
                for (double[] point : ring) {
                    xs[at++] = point[0];
                    least = Math.min(least, point[0]);
                    most = Math.max(most, point[0]);
                }
                rings.add(new Ring(i, ring, least, most));
            }
        }
        Arrays.sort(xs);
        int count = Math.max(1, Math.min(MOST, points / POINTS_EACH));
        int[] quantiles = new int[count - 1];
        for (int i = 1; i < count; i++) {
            quantiles[i - 1] = SweepEdges.onGrid(xs[(int) ((long) points * i / count)]);
        }
        lines = Arrays.stream(quantiles).distinct().toArray();
    }

    int count() {
        return lines.length + 1;
    }

    /** Where a strip begins; left of all for the first. */
    int left(int strip) {
        return strip == 0 ? Integer.MIN_VALUE : lines[strip - 1];
    }

    int right(int strip) {
        return strip == lines.length ? Integer.MAX_VALUE : lines[strip];
    }

    /** The sides in a strip; the strips are asked for from left to right, each once. */
    SweepEdges edges(int strip) {
        Deadline.check();
        SweepEdges edges = new SweepEdges(left(strip), right(strip));
        double from = left(strip) * Mosaic.GRID_MM;
        double to = right(strip) * Mosaic.GRID_MM;
        for (Ring ring : rings) {
            if (ring.most >= from && ring.least <= to) {
                double[][] inside = ring.points;
                if (ring.most > to) {
                    inside = Window.cut(ring.points, 0, to, -1);
                    ring.points = Window.cut(ring.points, 0, to, 1);
                }
                edges.ring(ring.shape, inside);
            }
        }
        return edges;
    }
}
