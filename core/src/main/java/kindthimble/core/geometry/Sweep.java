package kindthimble.core.geometry;

import java.util.Arrays;
import java.util.BitSet;
import java.util.SplittableRandom;

/**
 * The sweep of a {@link Mosaic}: from stop to stop it orders the sides from left to right, asks who owns what lies between them, joins
 * what belongs to one owner into runs, and runs below each other into pieces. Where the owner changes it leaves a line.
 *
 * <p>A place is known by its mark: for each shape a random number, as often as the shape winds round the place, all added up.
 */
final class Sweep {
    private static final int CHECKED_EVERY = 256;

    /** Sides looked at, of all stops together: a busy drawing has a few millions. */
    private static final long MOST_VISITS = 60_000_000;

    /** Sides that lie on each other cross by rounding alone, over and over: that is none, in units of the grid. */
    private static final double NOISE = 0.25;

    private final boolean[] evenOdd;
    private final Mosaic.Owners owners;
    private final long[] marks;
    private final Known known = new Known();
    private long visits;

    private SweepEdges edges;

    // The sides that cross the slab, from left to right, and where they are at its top and its bottom.
    private int[] active = new int[64];
    private int count;
    private double[] top = new double[64];
    private double[] bottom = new double[64];

    // Of each side: the mark on its left when it was last passed, and who owned what was on its right.
    private long[] lastMark = new long[0];
    private int[] lastOwner = new int[0];

    /** How the shapes wind round what lies at the strip's left line, and its mark. */
    private final int[] leftWinding;

    private long leftMark;

    private Runs above = new Runs();
    private Runs here = new Runs();
    final Pieces pieces = new Pieces();
    final Traces traces = new Traces(pieces);
    private final int nobody;

    Sweep(boolean[] evenOdd, Mosaic.Owners owners) {
        this.evenOdd = evenOdd;
        this.owners = owners;
        leftWinding = new int[evenOdd.length];
        marks = new SplittableRandom(1).longs(evenOdd.length).toArray();
        known.put(0, Mosaic.NOBODY);
        nobody = pieces.add(Mosaic.NOBODY);
    }

    /** Sweeps the next strip to the right: what it has on its left line meets what the one before has there. */
    void strip(SweepEdges inStrip, int left, int right) {
        edges = inStrip;
        lastMark = new long[inStrip.size()];
        lastOwner = new int[inStrip.size()];
        Arrays.fill(lastOwner, -1);
        Arrays.fill(leftWinding, 0);
        leftMark = 0;
        traces.begin(inStrip.size(), left);
        int[] order = edges.byTop();
        int[] ended = edges.rimByBottom();
        int[] stops = edges.stops();
        int next = 0;
        int nextEnded = 0;
        count = 0;
        above.begin(Mosaic.NOBODY, left, right);
        above.piece[0] = nobody;
        for (int i = 0; i + 1 < stops.length; i++) {
            if (i % CHECKED_EVERY == 0) {
                Deadline.check();
            }
            int y = stops[i];
            leave(y);
            while (nextEnded < ended.length && edges.y1[ended[nextEnded]] == y) {
                wind(ended[nextEnded++], -1);
            }
            while (next < order.length && edges.y0[order[next]] == y) {
                enter(order[next++]);
            }
            while (y < stops[i + 1]) {
                y = slab(y, stops[i + 1], left, right);
            }
        }
        if (stops.length > 0) {
            here.begin(Mosaic.NOBODY, left, right);
            here.meet(above, stops[stops.length - 1], pieces, traces);
        }
        traces.meetAtLeft(nobody);
    }

    /** Instead of sides, the dots of a picture, each one unit wide and high. */
    void rows(int[] ownerOf, int width, int height) {
        int unit = (int) Math.round(1 / Mosaic.GRID_MM);
        int right = (width + 1) * unit;
        traces.begin(width + 2, -unit);
        above.begin(Mosaic.NOBODY, -unit, right);
        above.piece[0] = nobody;
        for (int y = 0; y < height; y++) {
            if (y % CHECKED_EVERY == 0) {
                Deadline.check();
            }
            here.begin(Mosaic.NOBODY, -unit, right);
            for (int x = 0; x < width; x++) {
                here.border(x, x * unit, x * unit, ownerOf[y * width + x]);
            }
            here.border(width, width * unit, width * unit, Mosaic.NOBODY);
            here.meet(above, y * unit, pieces, traces);
            traces.follow(here, y * unit, (y + 1) * unit);
            Runs was = above;
            above = here;
            here = was;
        }
        here.begin(Mosaic.NOBODY, -unit, right);
        here.meet(above, height * unit, pieces, traces);
    }

    void finish() {
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
        if (edges.isRim[edge]) {
            wind(edge, 1);
            return;
        }
        if (count == active.length) {
            int more = 2 * count;
            active = Arrays.copyOf(active, more);
            top = Arrays.copyOf(top, more);
            bottom = Arrays.copyOf(bottom, more);
        }
        active[count++] = edge;
    }

    /** A side along the strip's left line begins or ends. */
    private void wind(int edge, int by) {
        int shape = edges.shape[edge];
        leftWinding[shape] += by * edges.way[edge];
        leftMark += by * edges.way[edge] * marks[shape];
    }

    /** Works a slab out: down to a stop, or to the first crossing. Returns where it ends. */
    private int slab(int y0, int stop, int left, int right) {
        look(y0, stop);
        sort(false);
        int y1 = firstCrossing(y0, stop);
        if (y1 < stop) {
            look(y0, y1);
        }
        sort(true);
        long mark = leftMark;
        here.begin(owner(mark, 0), left, right);
        int owner = here.owner[0];
        for (int i = 0; i < count; i++) {
            int edge = active[i];
            long before = mark;
            mark += edges.way[edge] * marks[edges.shape[edge]];
            if (lastOwner[edge] >= 0 && lastMark[edge] == before) {
                owner = lastOwner[edge];
            } else {
                owner = owner(mark, i + 1);
                lastMark[edge] = before;
                lastOwner[edge] = owner;
            }
            here.border(edge, top[i], bottom[i], owner);
        }
        here.meet(above, y0, pieces, traces);
        traces.follow(here, y0, y1);
        Runs was = above;
        above = here;
        here = was;
        return y1;
    }

    private void look(int y0, int y1) {
        visits += count;
        if (visits > MOST_VISITS) {
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
            double t = top[i];
            double b = bottom[i];
            int j = i - 1;
            if (!isAfter(j, t, b, byMiddle)) {
                continue;
            }
            int edge = active[i];
            while (j >= 0 && isAfter(j, t, b, byMiddle)) {
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

    private boolean isAfter(int i, double t, double b, boolean byMiddle) {
        return byMiddle ? top[i] + bottom[i] > t + b : top[i] > t || top[i] == t && bottom[i] > b;
    }

    /** The first height on the grid at which two neighbours have crossed; the stop, where that is no higher. */
    private int firstCrossing(int y0, int stop) {
        double first = stop;
        double height = stop - y0;
        for (int i = 0; i + 1 < count; i++) {
            double over = bottom[i] - bottom[i + 1];
            if (over > NOISE) {
                double apart = top[i + 1] - top[i];
                first = Math.min(first, y0 + height * apart / (apart + over));
            }
        }
        int y = (int) Math.floor(first + 0.5);
        return y >= stop ? stop : Math.max(y, y0 + 1);
    }

    /** Who owns the place right of so many of the sides. */
    private int owner(long mark, int passed) {
        int there = known.get(mark);
        if (there < 0) {
            there = owners.of(inside(passed));
            known.put(mark, there);
        }
        return there;
    }

    private BitSet inside(int passed) {
        int[] winding = leftWinding.clone();
        for (int i = 0; i < passed; i++) {
            winding[edges.shape[active[i]]] += edges.way[active[i]];
        }
        BitSet inside = new BitSet();
        for (int shape = 0; shape < winding.length; shape++) {
            if (evenOdd[shape] ? (winding[shape] & 1) != 0 : winding[shape] != 0) {
                inside.set(shape);
            }
        }
        return inside;
    }

    /** Owners by mark. */
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
