package kindthimble.core.geometry;

import java.util.Arrays;
import java.util.stream.IntStream;

/** The sides of shapes on the grid of a {@link Mosaic}, each from its upper to its lower end, and where the sweep stops for them. */
final class SweepEdges {
    private final int most;
    private int size;
    int[] shape = new int[1024];
    int[] x0 = new int[1024];
    int[] y0 = new int[1024];
    int[] x1 = new int[1024];
    int[] y1 = new int[1024];
    /** 1 for a side that was drawn downward, -1 for one that was drawn upward. */
    byte[] way = new byte[1024];

    SweepEdges(int most) {
        this.most = most;
    }

    int size() {
        return size;
    }

    /** Takes up the sides of a ring; level ones bound nothing. */
    void ring(int ofShape, double[][] ring) {
        if (ring.length < 3) {
            return;
        }
        int lastX = onGrid(ring[ring.length - 1][0]);
        int lastY = onGrid(ring[ring.length - 1][1]);
        for (double[] point : ring) {
            int x = onGrid(point[0]);
            int y = onGrid(point[1]);
            if (y > lastY) {
                add(ofShape, lastX, lastY, x, y, (byte) 1);
            } else if (y < lastY) {
                add(ofShape, x, y, lastX, lastY, (byte) -1);
            }
            lastX = x;
            lastY = y;
        }
    }

    private static int onGrid(double mm) {
        return (int) Math.floor(mm / Mosaic.GRID_MM + 0.5);
    }

    private void add(int ofShape, int fromX, int fromY, int toX, int toY, byte drawn) {
        if (size == most) {
            throw new TooMuch("it has more than " + most + " sides. Draw it with fewer points.");
        }
        if (size == shape.length) {
            int more = 2 * size;
            shape = Arrays.copyOf(shape, more);
            x0 = Arrays.copyOf(x0, more);
            y0 = Arrays.copyOf(y0, more);
            x1 = Arrays.copyOf(x1, more);
            y1 = Arrays.copyOf(y1, more);
            way = Arrays.copyOf(way, more);
        }
        shape[size] = ofShape;
        x0[size] = fromX;
        y0[size] = fromY;
        x1[size] = toX;
        y1[size] = toY;
        way[size++] = drawn;
    }

    /** The sides in the order in which they begin. */
    int[] byTop() {
        long[] keys = new long[size];
        for (int i = 0; i < size; i++) {
            keys[i] = ((long) y0[i] << 32) | i;
        }
        Arrays.sort(keys);
        int[] order = new int[size];
        for (int i = 0; i < size; i++) {
            order[i] = (int) keys[i];
        }
        return order;
    }

    /** Where a side begins or ends, each once, downward. */
    int[] stops() {
        return IntStream.concat(Arrays.stream(y0, 0, size), Arrays.stream(y1, 0, size))
                .sorted()
                .distinct()
                .toArray();
    }

    /** Where a side is at a height. */
    double x(int edge, int y) {
        if (y == y0[edge]) {
            return x0[edge];
        }
        if (y == y1[edge]) {
            return x1[edge];
        }
        return x0[edge] + (double) (y - y0[edge]) * (x1[edge] - x0[edge]) / (y1[edge] - y0[edge]);
    }
}
