package kindthimble.core.tracing;

import boofcv.alg.filter.binary.BinaryImageOps;
import boofcv.struct.image.GrayU8;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;

/**
 * Lines along the middle of line work: it is thinned to one dot (Z. Guo and R. W. Hall, Parallel thinning with two-subiteration algorithms, 1989, as the
 * vision library has it), followed from crossing to crossing, and each stretch is as wide as its dots lie deep.
 */
public final class MiddleLines {
    private static final int THIN_ENOUGH = 200;
    private static final float ACROSS = 1.4142f;
    private static final double ALIKE = 0.35;
    private static final int SMOOTH = 2;
    private static final double SPUR = 1.5;

    private final int width;
    private final int height;
    private final float[] deep;
    private final BitSet thin = new BitSet();
    /** Dots from end to end. */
    private final List<List<Integer>> stretches = new ArrayList<>();

    private static final int DOTS_ACROSS = 9;
    private static final double MOST_DOTS = 1_200;

    /**
     * @param points x and y in dots; the last is the first where it goes round
     * @param width in dots
     */
    public record Line(double[][] points, double width) {
        double length() {
            return IntStream.range(1, points.length)
                    .mapToDouble(i -> Math.hypot(points[i][0] - points[i - 1][0], points[i][1] - points[i - 1][1]))
                    .sum();
        }
    }

    private MiddleLines(boolean[] inked, int width, int height) {
        this.width = width;
        this.height = height;
        GrayU8 binary = new GrayU8(width, height);
        for (int i = 0; i < inked.length; i++) {
            binary.data[i] = (byte) (inked[i] ? 1 : 0);
        }
        deep = depths(inked);
        GrayU8 thinned = new GrayU8(width, height);
        BinaryImageOps.thin(binary, THIN_ENOUGH, thinned);
        for (int i = 0; i < inked.length; i++) {
            thin.set(i, thinned.data[i] != 0);
        }
    }

    /**
     * @param inked dots of line work, row by row
     * @return its lines; together they cover as much as there are dots
     */
    static List<Line> of(boolean[] inked, int width, int height) {
        MiddleLines middle = new MiddleLines(inked, width, height);
        middle.follow();
        middle.withoutSpurs();
        List<Line> lines = middle.stretches.stream().map(middle::line).toList();
        return even(
                lines, IntStream.range(0, inked.length).filter(i -> inked[i]).count());
    }

    /**
     * The lines along the middle of a narrow shape.
     *
     * @param region in mm
     * @param widthMm about how wide it is
     * @return in mm
     */
    public static List<Lines> of(Region region, double widthMm) {
        Box box = region.box();
        double dot = Math.max(widthMm / DOTS_ACROSS, Math.max(box.widthMm(), box.heightMm()) / MOST_DOTS);
        // A dot is free all round, so that edges are edges.
        int w = (int) Math.ceil(box.widthMm() / dot) + 2;
        int h = (int) Math.ceil(box.heightMm() / dot) + 2;
        boolean[] inked = new boolean[w * h];
        for (int y = 0; y < h; y++) {
            for (double[] span : region.crossings(box.y() + (y - 0.5) * dot)) {
                int from = (int) Math.ceil((span[0] - box.x()) / dot + 0.5);
                int to = (int) Math.floor((span[1] - box.x()) / dot + 0.5);
                for (int x = Math.max(0, from); x <= Math.min(w - 1, to); x++) {
                    inked[y * w + x] = true;
                }
            }
        }
        return of(inked, w, h).stream()
                .map(line -> Lines.through(Arrays.stream(line.points)
                        .map(at -> new Spot(box.x() + (at[0] - 1) * dot, box.y() + (at[1] - 1) * dot))
                        .toList()))
                .toList();
    }

    /** How far each dot lies from the edge, in dots: two sweeps that pass distances on (Borgefors, 1986). */
    private float[] depths(boolean[] inked) {
        float[] depths = new float[inked.length];
        for (int i = 0; i < inked.length; i++) {
            depths[i] = inked[i] ? Float.MAX_VALUE : 0;
        }
        for (int sweep = 0; sweep < 2; sweep++) {
            int by = sweep == 0 ? 1 : -1;
            for (int k = 0; k < inked.length; k++) {
                int i = sweep == 0 ? k : inked.length - 1 - k;
                if (depths[i] > 0) {
                    int x = i % width;
                    int y = i / width;
                    depths[i] = Math.min(
                            depths[i],
                            Math.min(
                                    Math.min(at(depths, x - by, y) + 1, at(depths, x, y - by) + 1),
                                    Math.min(at(depths, x - by, y - by), at(depths, x + by, y - by)) + ACROSS));
                }
            }
        }
        return depths;
    }

    private float at(float[] depths, int x, int y) {
        return x < 0 || y < 0 || x >= width || y >= height ? 0 : depths[y * width + x];
    }

    /** The dots of the thin line beside one; across a corner only where no straight way leads there. */
    private int[] beside(int i) {
        int x = i % width;
        int y = i / width;
        int[] found = new int[8];
        int n = 0;
        for (int v = -1; v <= 1; v++) {
            for (int u = -1; u <= 1; u++) {
                boolean isThere = (u != 0 || v != 0) && has(x + u, y + v);
                if (isThere && (u == 0 || v == 0 || !has(x + u, y) && !has(x, y + v))) {
                    found[n++] = (y + v) * width + x + u;
                }
            }
        }
        return Arrays.copyOf(found, n);
    }

    private boolean has(int x, int y) {
        return x >= 0 && y >= 0 && x < width && y < height && thin.get(y * width + x);
    }

    /** All stretches from ends and crossings, and then what goes round without any. */
    private void follow() {
        stretches.clear();
        BitSet done = new BitSet();
        for (int i = thin.nextSetBit(0); i >= 0; i = thin.nextSetBit(i + 1)) {
            int[] next = beside(i);
            if (next.length != 2) {
                done.set(i);
                for (int to : next) {
                    if (!done.get(to) || beside(to).length != 2) {
                        stretch(i, to, done);
                    }
                }
            }
        }
        for (int i = thin.nextSetBit(0); i >= 0; i = thin.nextSetBit(i + 1)) {
            if (!done.get(i)) {
                done.set(i);
                stretch(i, beside(i)[0], done);
            }
        }
    }

    private void stretch(int from, int to, BitSet done) {
        List<Integer> dots = new ArrayList<>(List.of(from));
        int before = from;
        int at = to;
        while (true) {
            dots.add(at);
            int[] next = beside(at);
            if (next.length != 2 || at == from) {
                break;
            }
            if (done.get(at)) {
                return;
            }
            done.set(at);
            int on = next[0] == before ? next[1] : next[0];
            before = at;
            at = on;
        }
        if (dots.size() > 2 || beside(from).length == 1 && beside(at).length == 1) {
            stretches.add(dots);
        }
    }

    private Line line(List<Integer> dots) {
        double[][] points = new double[dots.size()][];
        double[] depths = new double[dots.size()];
        for (int i = 0; i < points.length; i++) {
            points[i] = new double[] {dots.get(i) % width + 0.5, dots.get(i) / width + 0.5};
            depths[i] = deep[dots.get(i)];
        }
        Arrays.sort(depths);
        // The depth of a dot's middle is half a dot less than what it lies inside.
        return new Line(smooth(points), 2 * depths[depths.length / 2] - 1);
    }

    /** Each point becomes the mean of those around it: dots go up and down by whole steps where the line does not. */
    private static double[][] smooth(double[][] points) {
        double[][] smooth = new double[points.length][];
        for (int i = 0; i < points.length; i++) {
            int reach = Math.min(SMOOTH, Math.min(i, points.length - 1 - i));
            double x = 0;
            double y = 0;
            for (int k = i - reach; k <= i + reach; k++) {
                x += points[k][0];
                y += points[k][1];
            }
            smooth[i] = new double[] {x / (2 * reach + 1), y / (2 * reach + 1)};
        }
        return smooth;
    }

    /** Takes away stretches that end freely and are no longer than the line is wide: corners of thick ends. */
    private void withoutSpurs() {
        for (int round = 0; round < 2; round++) {
            boolean isChanged = false;
            for (List<Integer> dots : List.copyOf(stretches)) {
                int first = dots.get(0);
                int last = dots.get(dots.size() - 1);
                boolean isFirstFree = beside(first).length == 1;
                int held = isFirstFree ? last : first;
                boolean isSpur = isFirstFree != (beside(last).length == 1)
                        && beside(held).length > 2
                        && dots.size() < SPUR * deep[held];
                if (isSpur) {
                    dots.stream().filter(dot -> dot != held).forEach(thin::clear);
                    isChanged = true;
                }
            }
            if (!isChanged) {
                return;
            }
            follow();
        }
    }

    /** Lines that are about as wide as most are as wide as those; all of them are widened so that they cover what was inked. */
    private static List<Line> even(List<Line> lines, double inked) {
        double all = lines.stream().mapToDouble(Line::length).sum();
        if (all == 0) {
            return List.of();
        }
        double most = 0;
        double passed = 0;
        for (Line line :
                lines.stream().sorted(Comparator.comparingDouble(Line::width)).toList()) {
            passed += line.length();
            if (passed >= all / 2) {
                most = line.width;
                break;
            }
        }
        double usual = most;
        List<Line> even = lines.stream()
                .map(line -> new Line(
                        line.points,
                        Math.abs(line.width - usual) < ALIKE * usual
                                ? usual
                                : Math.max(1, usual * Math.rint(2 * line.width / usual) / 2)))
                .toList();
        double covered =
                even.stream().mapToDouble(line -> line.length() * line.width).sum();
        return even.stream()
                .map(line -> new Line(line.points, line.width * inked / covered))
                .toList();
    }
}
