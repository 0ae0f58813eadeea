package kindthimble.core.tracing;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntPredicate;
import kindthimble.core.colour.Lab;

/**
 * Which colour each dot of a picture is: 1 for the first, 0 for nothing. What is near to a colour is that; what lies between, the blur of edges,
 * is given to its neighbours, dot by dot to the one that it looks more like. Specks, and halos of a colour that only a blur between two others has,
 * are given away too.
 */
final class Labels {
    private static final int UNKNOWN = -1;
    private static final float SURE = 9;
    private static final int LEAST_SPECK = 14;
    private static final double SPECK_SHARE = 0.00003;
    private static final double HALO_WIDTH = 2.2;
    private static final double BETWEEN = 0.4;
    private static final double GROUND_SHARE = 0.5;
    private static final double PAPER_L = 88;
    private static final double PAPER_CHROMA = 9;

    final int width;
    final int height;
    final int[] of;
    private final LabDots dots;
    private final List<float[]> centres;
    private final float[][] shown;

    Labels(LabDots dots, List<float[]> centres) {
        this.dots = dots;
        this.centres = centres;
        width = dots.width;
        height = dots.height;
        of = new int[width * height];
        shown = new float[centres.size()][];
        for (int i = 0; i < shown.length; i++) {
            float[] c = centres.get(i);
            int rgb = Integer.parseInt(new Lab(c[0], c[1], c[2]).hex().substring(1), 16);
            shown[i] = new float[] {rgb >> 16, rgb >> 8 & 255, rgb & 255};
        }
        for (int i = 0; i < of.length; i++) {
            if (!dots.clear[i]) {
                int near = ColourGroups.nearest(dots, i, centres);
                of[i] = dots.squareTo(i, centres.get(near)) < SURE * SURE ? near + 1 : UNKNOWN;
            }
        }
        grow(of, label -> true, true);
        smooth();
        for (int i = 0; i < 2; i++) {
            giveAway();
        }
    }

    /** The box round all that is some colour: left, top, right and bottom; all of it where nothing is. */
    int[] drawn() {
        int[] box = {width, height, 0, 0};
        for (int i = 0; i < of.length; i++) {
            if (of[i] > 0) {
                box[0] = Math.min(box[0], i % width);
                box[1] = Math.min(box[1], i / width);
                box[2] = Math.max(box[2], i % width + 1);
                box[3] = Math.max(box[3], i / width + 1);
            }
        }
        return box[2] > 0 ? box : new int[] {0, 0, width, height};
    }

    /**
     * Gives unknown dots to their neighbours, from the edge of what is known inward.
     *
     * @param takes which labels may take some
     * @param byLook whether the neighbour that a dot looks most like gets it; otherwise the one that most of those around are
     */
    void grow(int[] labels, IntPredicate takes, boolean byLook) {
        int[] edge = new int[labels.length];
        int count = 0;
        for (int i = 0; i < labels.length; i++) {
            if (labels[i] == UNKNOWN && hasNeighbour(labels, i, takes)) {
                edge[count++] = i;
            }
        }
        int[] chosen = new int[labels.length];
        boolean[] queued = new boolean[labels.length];
        while (count > 0) {
            for (int k = 0; k < count; k++) {
                chosen[k] = choice(labels, edge[k], takes, byLook);
            }
            int[] next = new int[8 * count];
            int more = 0;
            for (int k = 0; k < count; k++) {
                labels[edge[k]] = chosen[k];
            }
            for (int k = 0; k < count; k++) {
                int x = edge[k] % width;
                int y = edge[k] / width;
                for (int v = Math.max(0, y - 1); v <= Math.min(height - 1, y + 1); v++) {
                    for (int u = Math.max(0, x - 1); u <= Math.min(width - 1, x + 1); u++) {
                        int j = v * width + u;
                        if (labels[j] == UNKNOWN && !queued[j]) {
                            queued[j] = true;
                            next[more++] = j;
                        }
                    }
                }
            }
            edge = next;
            count = more;
        }
        for (int i = 0; i < labels.length; i++) {
            labels[i] = labels[i] == UNKNOWN ? 0 : labels[i];
        }
    }

    private boolean hasNeighbour(int[] labels, int i, IntPredicate takes) {
        int x = i % width;
        int y = i / width;
        for (int v = Math.max(0, y - 1); v <= Math.min(height - 1, y + 1); v++) {
            for (int u = Math.max(0, x - 1); u <= Math.min(width - 1, x + 1); u++) {
                int label = labels[v * width + u];
                if (label != UNKNOWN && takes.test(label)) {
                    return true;
                }
            }
        }
        return false;
    }

    private int choice(int[] labels, int i, IntPredicate takes, boolean byLook) {
        int x = i % width;
        int y = i / width;
        int[] votes = new int[centres.size() + 1];
        for (int v = Math.max(0, y - 1); v <= Math.min(height - 1, y + 1); v++) {
            for (int u = Math.max(0, x - 1); u <= Math.min(width - 1, x + 1); u++) {
                int label = labels[v * width + u];
                if (label != UNKNOWN && takes.test(label)) {
                    votes[label]++;
                }
            }
        }
        int best = 0;
        double most = -1;
        for (int label = 0; label < votes.length; label++) {
            if (votes[label] > 0) {
                double worth = !byLook || label == 0 || dots.clear[i]
                        ? votes[label]
                        : 1e6 - dots.squareShown(i, shown[label - 1]);
                if (worth > most) {
                    most = worth;
                    best = label;
                }
            }
        }
        return best;
    }

    /** A dot that stands nearly alone among its neighbours is grain. */
    private void smooth() {
        int[] before = of.clone();
        int[] votes = new int[centres.size() + 1];
        for (int y = 1; y + 1 < height; y++) {
            for (int x = 1; x + 1 < width; x++) {
                int i = y * width + x;
                Arrays.fill(votes, 0);
                int best = before[i];
                for (int v = -1; v <= 1; v++) {
                    for (int u = -1; u <= 1; u++) {
                        int label = before[i + v * width + u];
                        if (++votes[label] > votes[best]) {
                            best = label;
                        }
                    }
                }
                if (votes[before[i]] <= 2) {
                    of[i] = best;
                }
            }
        }
    }

    private void giveAway() {
        int speck = Math.max(LEAST_SPECK, (int) (SPECK_SHARE * width * height));
        int[] queue = new int[of.length];
        boolean[] seen = new boolean[of.length];
        int[] marked = of.clone();
        for (int start = 0; start < of.length; start++) {
            if (seen[start]) {
                continue;
            }
            int label = of[start];
            Map<Integer, Integer> around = new HashMap<>();
            int size = 0;
            int border = 0;
            queue[size++] = start;
            seen[start] = true;
            for (int k = 0; k < size; k++) {
                int i = queue[k];
                int x = i % width;
                int y = i / width;
                for (int way = 0; way < 4; way++) {
                    int u = x + (way == 0 ? 1 : way == 1 ? -1 : 0);
                    int v = y + (way == 2 ? 1 : way == 3 ? -1 : 0);
                    if (u < 0 || v < 0 || u >= width || v >= height) {
                        continue;
                    }
                    int j = v * width + u;
                    if (of[j] != label) {
                        border++;
                        around.merge(of[j], 1, Integer::sum);
                    } else if (!seen[j]) {
                        seen[j] = true;
                        queue[size++] = j;
                    }
                }
            }
            boolean isSpeck = size < speck;
            boolean isHalo = label > 0 && border > 0 && 2.0 * size / border < HALO_WIDTH && isBetween(label, around);
            if ((isSpeck || isHalo) && !around.isEmpty()) {
                for (int k = 0; k < size; k++) {
                    marked[queue[k]] = UNKNOWN;
                }
            }
        }
        grow(marked, label -> true, true);
        System.arraycopy(marked, 0, of, 0, of.length);
    }

    /** Whether a colour is what a blur between its two main neighbours would look like. */
    private boolean isBetween(int label, Map<Integer, Integer> around) {
        List<Integer> main = around.entrySet().stream()
                .filter(one -> one.getKey() > 0)
                .sorted((x, y) -> y.getValue() - x.getValue())
                .limit(2)
                .map(Map.Entry::getKey)
                .toList();
        if (main.size() < 2) {
            return false;
        }
        float[] from = centres.get(main.get(0) - 1);
        float[] to = centres.get(main.get(1) - 1);
        float[] own = centres.get(label - 1);
        double length = ColourGroups.square(from, to);
        double dot = 0;
        for (int i = 0; i < 3; i++) {
            dot += (own[i] - from[i]) * (to[i] - from[i]);
        }
        double share = dot / Math.max(length, 1e-6);
        double off = ColourGroups.square(from, own) - share * dot;
        return share > 0 && share < 1 && off < BETWEEN * BETWEEN * length;
    }

    /** How wide what has a label is on the mean: twice its area by its whole edge, in dots. */
    double meanWidth(int label) {
        int size = 0;
        int border = 0;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                if (of[i] == label) {
                    size++;
                    border += x + 1 < width && of[i + 1] != label ? 1 : 0;
                    border += x > 0 && of[i - 1] != label ? 1 : 0;
                    border += y + 1 < height && of[i + width] != label ? 1 : 0;
                    border += y > 0 && of[i - width] != label ? 1 : 0;
                }
            }
        }
        // The corners of dots make an edge longer than the line that it stands for, by 4 / pi on the mean of all ways.
        return border == 0 ? 0 : 2.0 * size / (border * Math.PI / 4);
    }

    /** The same without some labels, whose dots are given to what lies beside them. */
    int[] without(IntPredicate goes, IntPredicate takes) {
        int[] rest = of.clone();
        for (int i = 0; i < rest.length; i++) {
            if (rest[i] > 0 && goes.test(rest[i])) {
                rest[i] = UNKNOWN;
            }
        }
        grow(rest, takes, false);
        return rest;
    }

    /** White paper behind a drawing is nothing: what of it hangs together along the border, where it goes all round. */
    boolean clearGround() {
        int ground = 0;
        for (int label = 1; label <= centres.size(); label++) {
            float[] c = centres.get(label - 1);
            boolean isPaper = c[0] > PAPER_L && Math.hypot(c[1], c[2]) < PAPER_CHROMA;
            ground = isPaper && goesAllRound(label) ? label : ground;
        }
        if (ground == 0) {
            return false;
        }
        int[] queue = new int[of.length];
        int size = 0;
        for (int i = 0; i < of.length; i++) {
            int x = i % width;
            int y = i / width;
            if (of[i] == ground && (x == 0 || y == 0 || x == width - 1 || y == height - 1)) {
                of[i] = 0;
                queue[size++] = i;
            }
        }
        for (int k = 0; k < size; k++) {
            int x = queue[k] % width;
            int y = queue[k] / width;
            for (int way = 0; way < 4; way++) {
                int u = x + (way == 0 ? 1 : way == 1 ? -1 : 0);
                int v = y + (way == 2 ? 1 : way == 3 ? -1 : 0);
                if (u >= 0 && v >= 0 && u < width && v < height && of[v * width + u] == ground) {
                    of[v * width + u] = 0;
                    queue[size++] = v * width + u;
                }
            }
        }
        return true;
    }

    /** Whether each side of the picture is mostly of one colour. */
    private boolean goesAllRound(int label) {
        int[] sides = new int[4];
        for (int x = 0; x < width; x++) {
            sides[0] += of[x] == label ? 1 : 0;
            sides[1] += of[(height - 1) * width + x] == label ? 1 : 0;
        }
        for (int y = 0; y < height; y++) {
            sides[2] += of[y * width] == label ? 1 : 0;
            sides[3] += of[y * width + width - 1] == label ? 1 : 0;
        }
        return sides[0] > GROUND_SHARE * width
                && sides[1] > GROUND_SHARE * width
                && sides[2] > GROUND_SHARE * height
                && sides[3] > GROUND_SHARE * height;
    }
}
