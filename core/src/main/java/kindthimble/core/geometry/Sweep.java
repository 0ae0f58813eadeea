package kindthimble.core.geometry;

import java.util.Arrays;
import java.util.BitSet;
import java.util.SplittableRandom;

/**
 * The sweep of a {@link Mosaic}: from stop to stop it orders the sides from left to right, asks who owns what lies between them, joins
 * what belongs to one owner into runs, and runs below each other into pieces. Where the owner changes it leaves a line.
 */
final class Sweep {
    private static final int CHECKED_EVERY = 256;

    private final SweepEdges edges;
    private final boolean[] evenOdd;
    private final Mosaic.Owners owners;
    private final long mostVisits;
    private long visits;

    // The sides that cross the slab, from left to right, and where they are at its top and its bottom.
    private int[] active = new int[64];
    private int count;
    private double[] top = new double[64];
    private double[] bottom = new double[64];
    private int[] topX = new int[64];
    private int[] bottomX = new int[64];

    private final int[] winding;
    private final BitSet inside = new BitSet();
    private final long[] marks;
    private long mark;
    private final Known known = new Known();

    private Runs above = new Runs();
    private Runs here = new Runs();
    final Pieces pieces = new Pieces();
    final Traces traces;

    Sweep(SweepEdges edges, boolean[] evenOdd, Mosaic.Owners owners, long mostVisits) {
        this.edges = edges;
        this.evenOdd = evenOdd;
        this.owners = owners;
        this.mostVisits = mostVisits;
        winding = new int[evenOdd.length];
        marks = new SplittableRandom(1).longs(evenOdd.length).toArray();
        traces = new Traces(edges.size(), pieces);
    }

    void run() {
        int[] order = edges.byTop();
        int[] stops = edges.stops();
        int next = 0;
        above.begin(Mosaic.NOBODY);
        above.piece[0] = pieces.add(Mosaic.NOBODY);
        for (int i = 0; i + 1 < stops.length; i++) {
            if (i % CHECKED_EVERY == 0) {
                Deadline.check();
            }
            int y = stops[i];
            leave(y);
            while (next < order.length && edges.y0[order[next]] == y) {
                enter(order[next++]);
            }
            while (y < stops[i + 1]) {
                y = slab(y, stops[i + 1]);
            }
        }
        if (stops.length > 0) {
            here.begin(Mosaic.NOBODY);
            here.meet(above, stops[stops.length - 1], pieces, traces);
        }
        traces.finish();
    }

    private void leave(int y) {
        int kept = 0;
        for (int i = 0; i < count; i++) {
            if (edges.y1[active[i]] > y) {
                active[kept++] = active[i];
            }
        }
        count = kept;
    }

    private void enter(int edge) {
        if (count == active.length) {
            int more = 2 * count;
            active = Arrays.copyOf(active, more);
            top = Arrays.copyOf(top, more);
            bottom = Arrays.copyOf(bottom, more);
            topX = Arrays.copyOf(topX, more);
            bottomX = Arrays.copyOf(bottomX, more);
        }
        active[count++] = edge;
    }

    /** Works a slab out: down to a stop, or to the first crossing. Returns where it ends. */
    private int slab(int y0, int stop) {
        look(y0, stop);
        sort(false);
        int y1 = firstCrossing(y0, stop);
        if (y1 < stop) {
            look(y0, y1);
        }
        sort(true);
        int x0 = Integer.MIN_VALUE;
        int x1 = Integer.MIN_VALUE;
        for (int i = 0; i < count; i++) {
            x0 = Math.max(x0, (int) Math.floor(top[i] + 0.5));
            x1 = Math.max(x1, (int) Math.floor(bottom[i] + 0.5));
            topX[i] = x0;
            bottomX[i] = x1;
        }
        here.begin(Mosaic.NOBODY);
        for (int i = 0; i < count; i++) {
            pass(active[i]);
            boolean isNothing = i + 1 < count && topX[i + 1] == topX[i] && bottomX[i + 1] == bottomX[i];
            if (!isNothing) {
                here.border(active[i], topX[i], bottomX[i], owner());
            }
        }
        here.meet(above, y0, pieces, traces);
        here.measure(y1 - y0, pieces);
        traces.follow(here, y0, y1);
        Runs was = above;
        above = here;
        here = was;
        return y1;
    }

    private void look(int y0, int y1) {
        visits += count;
        if (visits > mostVisits) {
            throw new TooMuch("its lines cross each other too often. Draw it with fewer of them.");
        }
        for (int i = 0; i < count; i++) {
            top[i] = edges.x(active[i], y0);
            bottom[i] = edges.x(active[i], y1);
        }
    }

    /** Nearly sorted already, since the slab above. */
    private void sort(boolean byMiddle) {
        for (int i = 1; i < count; i++) {
            int edge = active[i];
            double t = top[i];
            double b = bottom[i];
            int j = i - 1;
            while (j >= 0 && (byMiddle ? top[j] + bottom[j] > t + b : top[j] > t || top[j] == t && bottom[j] > b)) {
                active[j + 1] = active[j];
                top[j + 1] = top[j];
                bottom[j + 1] = bottom[j];
                j--;
                visits++;
            }
            active[j + 1] = edge;
            top[j + 1] = t;
            bottom[j + 1] = b;
        }
    }

    /** The first height on the grid at which two neighbours have crossed; the stop, where that is no higher. */
    private int firstCrossing(int y0, int stop) {
        double first = stop;
        double height = stop - y0;
        for (int i = 0; i + 1 < count; i++) {
            double apart = top[i + 1] - top[i];
            double over = bottom[i] - bottom[i + 1];
            if (over > 0) {
                first = Math.min(first, y0 + height * apart / (apart + over));
            }
        }
        int y = (int) Math.floor(first + 0.5);
        return y >= stop ? stop : Math.max(y, y0 + 1);
    }

    private void pass(int edge) {
        int shape = edges.shape[edge];
        int before = winding[shape];
        int after = before + edges.way[edge];
        winding[shape] = after;
        boolean was = evenOdd[shape] ? (before & 1) != 0 : before != 0;
        boolean is = evenOdd[shape] ? (after & 1) != 0 : after != 0;
        if (was != is) {
            inside.flip(shape);
            mark ^= marks[shape];
        }
    }

    private int owner() {
        if (inside.isEmpty()) {
            return Mosaic.NOBODY;
        }
        int there = known.get(mark);
        if (there < 0) {
            there = owners.of(inside);
            known.put(mark, there);
        }
        return there;
    }

    /** Who owns what lies in the same shapes, by their joint mark. */
    private static final class Known {
        private long[] keys = new long[1024];
        private int[] values = new int[1024];
        private int size;

        Known() {
            Arrays.fill(values, -1);
        }

        int get(long key) {
            return values[place(key)];
        }

        void put(long key, int value) {
            if (2 * ++size > keys.length) {
                long[] oldKeys = keys;
                int[] oldValues = values;
                keys = new long[2 * oldKeys.length];
                values = new int[keys.length];
                Arrays.fill(values, -1);
                for (int i = 0; i < oldKeys.length; i++) {
                    if (oldValues[i] >= 0) {
                        int to = place(oldKeys[i]);
                        keys[to] = oldKeys[i];
                        values[to] = oldValues[i];
                    }
                }
            }
            int to = place(key);
            keys[to] = key;
            values[to] = value;
        }

        private int place(long key) {
            int at = (int) (key ^ key >>> 32) & keys.length - 1;
            while (values[at] >= 0 && keys[at] != key) {
                at = at + 1 & keys.length - 1;
            }
            return at;
        }
    }
}
