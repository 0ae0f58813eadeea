package kindthimble.core.tracing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import kindthimble.core.colour.Lab;

/** The few colours that a picture is made of: the places in Lab where most dots of flat areas lie, then the mean of what is nearest to each. */
final class ColourGroups {
    static final int MOST = 12;

    private static final int CELL = 4;
    private static final int HALF = 36;
    private static final int CELLS = 2 * HALF;
    private static final int CELLS_L = 27;
    private static final float LEAST_REACH = 6;
    private static final float MOST_REACH = 12;
    private static final float FLAT = 7;
    private static final int ENOUGH = 150_000;
    private static final double LEAST_SHARE = 0.0025;
    private static final float TOO_NEAR = 0.75f;
    private static final double ALIKE = 4.5;
    private static final int ROUNDS = 6;
    private static final float FAR = 16;
    private static final int BUCKETS = 8;
    private static final double FINE_SHARE = 0.0012;
    private static final int MOST_FINE = 3;
    private static final double BLUR = 9;
    private static final double BENT = 0.22;

    private ColourGroups() {}

    /**
     * @param wanted how many; 0 for as many as there are
     * @return centres in Lab, the largest first
     */
    static List<float[]> of(LabDots dots, int wanted) {
        int w = dots.width;
        int[] cells = new int[CELLS_L * CELLS * CELLS];
        int[] flat = new int[w * dots.height];
        int count = 0;
        for (int y = 1; y + 1 < dots.height; y++) {
            for (int x = 1; x + 1 < w; x++) {
                int i = y * w + x;
                if (!dots.clear[i]
                        && dots.squareBetween(i - 1, i + 1) < FLAT * FLAT
                        && dots.squareBetween(i - w, i + w) < FLAT * FLAT) {
                    flat[count++] = i;
                }
            }
        }
        if (count == 0) {
            return List.of();
        }
        // Some of them say as much as all.
        int every = 1 + count / ENOUGH;
        count = (count + every - 1) / every;
        for (int k = 0; k < count; k++) {
            flat[k] = flat[k * every];
            cells[cell(dots, flat[k])]++;
        }
        float reach = reach(dots, flat, count);
        List<float[]> centres = new ArrayList<>();
        boolean[] taken = new boolean[count];
        int most = wanted > 0 ? Math.min(wanted, MOST) : MOST;
        for (int round = 0; centres.size() < most && round < 3 * MOST; round++) {
            int best = largest(cells);
            if (cells[best] == 0) {
                break;
            }
            float[] centre = middle(best);
            for (int k = 0; k < 3; k++) {
                centre = mean(dots, flat, count, taken, centre, reach);
            }
            int own = 0;
            for (int k = 0; k < count; k++) {
                if (!taken[k] && dots.squareTo(flat[k], centre) < reach * reach) {
                    taken[k] = true;
                    cells[cell(dots, flat[k])]--;
                    own++;
                }
            }
            if (own == 0) {
                cells[best] = 0;
            }
            float[] found = centre;
            boolean isNew =
                    centres.stream().noneMatch(other -> square(other, found) < TOO_NEAR * TOO_NEAR * reach * reach);
            if (own > LEAST_SHARE * count && isNew) {
                centres.add(centre);
            }
        }
        return refined(dots, flat, count, centres.size() < most ? withFine(dots, centres) : centres, reach);
    }

    /** Colours that only lines have, too fine to be flat anywhere: what is far from all others, and no blur between two of them. */
    private static List<float[]> withFine(LabDots dots, List<float[]> centres) {
        List<float[]> all = new ArrayList<>(centres);
        int n = dots.width * dots.height;
        for (int more = 0; more < MOST_FINE && all.size() < MOST; more++) {
            double[][] sums = new double[BUCKETS][4];
            for (int i = 0; i < n; i++) {
                if (dots.clear[i]) {
                    continue;
                }
                float far = dots.squareTo(i, all.get(nearest(dots, i, all)));
                if (far > FAR * FAR && !isBlur(dots, i, all)) {
                    int bucket = Math.min(BUCKETS - 1, (int) (Math.sqrt(far) / FAR));
                    sums[bucket][0] += dots.l[i];
                    sums[bucket][1] += dots.a[i];
                    sums[bucket][2] += dots.b[i];
                    sums[bucket][3]++;
                }
            }
            // The farthest ones are the least diluted.
            double[] mean = new double[4];
            for (int bucket = BUCKETS - 1; bucket > 0 && mean[3] < FINE_SHARE * n; bucket--) {
                for (int k = 0; k < 4; k++) {
                    mean[k] += sums[bucket][k];
                }
            }
            if (mean[3] < FINE_SHARE * n) {
                break;
            }
            all.add(new float[] {(float) (mean[0] / mean[3]), (float) (mean[1] / mean[3]), (float) (mean[2] / mean[3])
            });
        }
        return all;
    }

    private static boolean isBlur(LabDots dots, int i, List<float[]> centres) {
        float[] own = {dots.l[i], dots.a[i], dots.b[i]};
        for (int p = 0; p < centres.size(); p++) {
            for (int q = p + 1; q < centres.size(); q++) {
                float[] from = centres.get(p);
                float[] to = centres.get(q);
                double length = square(from, to);
                double dot = 0;
                for (int k = 0; k < 3; k++) {
                    dot += (own[k] - from[k]) * (to[k] - from[k]);
                }
                double share = dot / length;
                if (share > 0
                        && share < 1
                        && square(from, own) - share * dot < Math.max(BLUR * BLUR, BENT * BENT * length)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** How far from its colour a dot of a flat area may be: some times what neighbours differ by, of which half the pairs differ by less. */
    private static float reach(LabDots dots, int[] flat, int count) {
        float[] steps = new float[Math.min(count, 20_000)];
        for (int k = 0; k < steps.length; k++) {
            int i = flat[(int) ((long) k * count / steps.length)];
            steps[k] = (float) Math.sqrt(dots.squareBetween(i - 1, i + 1));
        }
        Arrays.sort(steps);
        return Math.max(LEAST_REACH, Math.min(MOST_REACH, LEAST_REACH + 1.5f * steps[steps.length / 2]));
    }

    private static int cell(LabDots dots, int i) {
        int l = Math.max(0, Math.min(CELLS_L - 1, (int) (dots.l[i] / CELL)));
        int a = Math.max(0, Math.min(CELLS - 1, (int) (dots.a[i] / CELL) + HALF));
        int b = Math.max(0, Math.min(CELLS - 1, (int) (dots.b[i] / CELL) + HALF));
        return (l * CELLS + a) * CELLS + b;
    }

    private static float[] middle(int cell) {
        int b = cell % CELLS;
        int a = cell / CELLS % CELLS;
        int l = cell / CELLS / CELLS;
        return new float[] {(l + 0.5f) * CELL, (a - HALF + 0.5f) * CELL, (b - HALF + 0.5f) * CELL};
    }

    private static int largest(int[] cells) {
        int best = 0;
        for (int i = 1; i < cells.length; i++) {
            if (cells[i] > cells[best]) {
                best = i;
            }
        }
        return best;
    }

    private static float[] mean(LabDots dots, int[] flat, int count, boolean[] taken, float[] about, float reach) {
        double[] sum = new double[4];
        for (int k = 0; k < count; k++) {
            int i = flat[k];
            if (!taken[k] && dots.squareTo(i, about) < reach * reach / 4) {
                sum[0] += dots.l[i];
                sum[1] += dots.a[i];
                sum[2] += dots.b[i];
                sum[3]++;
            }
        }
        return sum[3] == 0
                ? about
                : new float[] {(float) (sum[0] / sum[3]), (float) (sum[1] / sum[3]), (float) (sum[2] / sum[3])};
    }

    static float square(float[] one, float[] other) {
        float sum = 0;
        for (int i = 0; i < 3; i++) {
            sum += (one[i] - other[i]) * (one[i] - other[i]);
        }
        return sum;
    }

    static int nearest(LabDots dots, int i, List<float[]> centres) {
        int best = 0;
        float least = Float.MAX_VALUE;
        for (int k = 0; k < centres.size(); k++) {
            float far = dots.squareTo(i, centres.get(k));
            if (far < least) {
                least = far;
                best = k;
            }
        }
        return best;
    }

    private static List<float[]> refined(LabDots dots, int[] flat, int count, List<float[]> found, float reach) {
        List<float[]> centres = found;
        int[] sizes = new int[found.size()];
        for (int round = 0; round < ROUNDS; round++) {
            double[][] sums = new double[centres.size()][4];
            for (int k = 0; k < count; k++) {
                int i = flat[k];
                int of = nearest(dots, i, centres);
                if (dots.squareTo(i, centres.get(of)) < reach * reach) {
                    sums[of][0] += dots.l[i];
                    sums[of][1] += dots.a[i];
                    sums[of][2] += dots.b[i];
                    sums[of][3]++;
                }
            }
            List<float[]> next = new ArrayList<>();
            for (int k = 0; k < sums.length; k++) {
                double[] s = sums[k];
                sizes[k] = (int) s[3];
                next.add(
                        s[3] == 0
                                ? centres.get(k)
                                : new float[] {(float) (s[0] / s[3]), (float) (s[1] / s[3]), (float) (s[2] / s[3])});
            }
            centres = next;
        }
        List<float[]> sorted = new ArrayList<>();
        Integer[] order = new Integer[centres.size()];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, (x, y) -> sizes[y] - sizes[x]);
        for (int i : order) {
            float[] centre = centres.get(i);
            // The larger of two that an eye hardly tells apart stands for both.
            if (sorted.stream().noneMatch(other -> lab(other).differenceTo(lab(centre)) < ALIKE)) {
                sorted.add(centre);
            }
        }
        return sorted;
    }

    private static Lab lab(float[] centre) {
        return new Lab(centre[0], centre[1], centre[2]);
    }
}
