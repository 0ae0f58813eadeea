package kindthimble.core.geometry;

import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;

/** The sides of shapes on the grid of a {@link Mosaic}, each from its upper to its lower end, and where the sweep stops for them. */
final class SweepEdges {
    private int size;
    int[] shape = new int[1024];
    int[] x0 = new int[1024];
    int[] y0 = new int[1024];
    int[] x1 = new int[1024];
    int[] y1 = new int[1024];
    /** 1 for a side that was drawn downward, -1 for one that was drawn upward. */
    byte[] way = new byte[1024];

    /** Whether it lies on the strip's left line. */
    boolean[] isRim = new boolean[1024];

    private double[] slope = new double[1024];
    private final int left;
    private final int right;

    /** Sides of what lies between two upright lines; those on the right one bound nothing in there. */
    SweepEdges(int left, int right) {
        this.left = left;
        this.right = right;
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

    static int onGrid(double mm) {
        return (int) Math.floor(mm / Mosaic.GRID_MM + 0.5);
    }

    private void add(int ofShape, int fromX, int fromY, int toX, int toY, byte drawn) {
        if (fromX == right && toX == right) {
            return;
        }
        if (size == shape.length) {
            int more = 2 * size;
            shape = Arrays.copyOf(shape, more);
            x0 = Arrays.copyOf(x0, more);
            y0 = Arrays.copyOf(y0, more);
            x1 = Arrays.copyOf(x1, more);
            y1 = Arrays.copyOf(y1, more);
            way = Arrays.copyOf(way, more);
            slope = Arrays.copyOf(slope, more);
            isRim = Arrays.copyOf(isRim, more);
        }
        shape[size] = ofShape;
        x0[size] = fromX;
        y0[size] = fromY;
        x1[size] = toX;
        y1[size] = toY;
        slope[size] = (double) (toX - fromX) / (toY - fromY);
        isRim[size] = fromX == left && toX == left;
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

    /** Those on the left line, in the order in which they end. */
    int[] rimByBottom() {
        return IntStream.range(0, size)
                .filter(i -> isRim[i])
                .boxed()
                .sorted(Comparator.comparingInt(i -> y1[i]))
                .mapToInt(i -> i)
                .toArray();
    }

    /** Where a side begins or ends, each once, downward. */
    int[] stops() {
        int[] all = new int[2 * size];
        System.arraycopy(y0, 0, all, 0, size);
        System.arraycopy(y1, 0, all, size, size);
        Arrays.sort(all);
        int kept = 0;
        for (int i = 0; i < all.length; i++) {
            if (i == 0 || all[i] != all[i - 1]) {
                all[kept++] = all[i];
            }
        }
        return Arrays.copyOf(all, kept);
    }

    /** Where a side is at a height. */
    double x(int edge, int y) {
        return y == y1[edge] ? x1[edge] : x0[edge] + (y - y0[edge]) * slope[edge];
    }
}
