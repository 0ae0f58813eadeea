package kindthimble.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Spreads points evenly over a region: Lloyd's relaxation (S. Lloyd, Least squares quantization in PCM, IEEE Transactions on
 * Information Theory 28, 1982) on a grid of samples. The same region and number always give the same points.
 */
public final class Scatter {
    private static final int ROUNDS = 12;
    private static final int SAMPLES_PER_POINT = 24;
    private static final int LEAST_SAMPLES = 500;

    private Scatter() {}

    /**
     * @param region where the points may lie
     * @param points how many, 0 or more
     * @return that many points inside the region; none when it is empty
     */
    public static List<Spot> over(Region region, int points) {
        return over(region, points, List.of());
    }

    /**
     * The same where some points lie there already: those keep their place, and the others share what room they leave.
     *
     * @param standing points in or near the region
     */
    public static List<Spot> over(Region region, int points, List<Spot> standing) {
        return region.isEmpty() || points <= 0
                ? List.of()
                : Remembered.spots(region.shape(), points, standing, () -> spread(region, points, standing));
    }

    private static List<Spot> spread(Region region, int points, List<Spot> standing) {
        List<Spot> samples = samples(region, Math.max(LEAST_SAMPLES, SAMPLES_PER_POINT * points));
        double[] toStanding = distances(samples, standing);
        List<Spot> spots = farApart(samples, points, toStanding);
        Inside inside = new Inside(region);
        for (int round = 0; round < ROUNDS; round++) {
            Deadline.check();
            spots = relaxed(spots, samples, inside, toStanding);
        }
        return List.copyOf(spots);
    }

    /**
     * As many rows as make the points lie about as far apart across as down, each row spread over the width that the region has
     * there.
     *
     * @param region where the points may lie
     * @param points how many, 0 or more
     * @return that many points inside the region; none when it is empty
     */
    public static List<Spot> inRows(Region region, int points) {
        if (region.isEmpty() || points <= 0) {
            return List.of();
        }
        Box box = region.box();
        int rows = (int) Math.max(
                1, Math.min(points, Math.round(Math.sqrt(points * box.heightMm() / Math.max(box.widthMm(), 1e-9)))));
        List<List<double[]>> spans = new ArrayList<>();
        List<Double> heights = new ArrayList<>();
        double room = 0;
        for (int row = 0; row < rows; row++) {
            double y = box.y() + box.heightMm() * (row + 0.5) / rows;
            List<double[]> here = region.crossings(y);
            if (!here.isEmpty()) {
                spans.add(here);
                heights.add(y);
                room += width(here);
            }
        }
        if (spans.isEmpty()) {
            return over(region, points);
        }
        List<Spot> spots = new ArrayList<>();
        double before = 0;
        for (int row = 0; row < spans.size(); row++) {
            double width = width(spans.get(row));
            // Rounded on the running sum, so that the rows together hold all points.
            int from = (int) Math.round(points * before / room);
            int to = (int) Math.round(points * (before + width) / room);
            before += width;
            for (int i = 0; i < to - from; i++) {
                spots.add(new Spot(along(spans.get(row), width * (i + 0.5) / (to - from)), heights.get(row)));
            }
        }
        return spots;
    }

    private static double width(List<double[]> spans) {
        return spans.stream().mapToDouble(span -> span[1] - span[0]).sum();
    }

    private static double along(List<double[]> spans, double mm) {
        double left = mm;
        for (double[] span : spans) {
            if (left <= span[1] - span[0]) {
                return span[0] + left;
            }
            left -= span[1] - span[0];
        }
        return spans.get(spans.size() - 1)[1];
    }

    /** For each sample the squared distance to the nearest point that keeps its place. */
    private static double[] distances(List<Spot> samples, List<Spot> standing) {
        double[] distances = new double[samples.size()];
        Arrays.fill(distances, Double.MAX_VALUE);
        for (int i = 0; i < distances.length; i++) {
            Deadline.check();
            for (Spot spot : standing) {
                distances[i] = Math.min(distances[i], squaredDistance(samples.get(i), spot));
            }
        }
        return distances;
    }

    private static int farthest(double[] nearest) {
        int farthest = 0;
        for (int i = 1; i < nearest.length; i++) {
            if (nearest[i] > nearest[farthest]) {
                farthest = i;
            }
        }
        return farthest;
    }

    /** Starts with the sample farthest from what stands, or the first, and takes, again and again, the one farthest from all taken. */
    private static List<Spot> farApart(List<Spot> samples, int points, double[] toStanding) {
        List<Spot> taken = new ArrayList<>();
        double[] nearest = toStanding.clone();
        Spot last = samples.get(farthest(nearest));
        taken.add(last);
        while (taken.size() < points) {
            for (int i = 0; i < nearest.length; i++) {
                nearest[i] = Math.min(nearest[i], squaredDistance(samples.get(i), last));
            }
            last = samples.get(farthest(nearest));
            taken.add(last);
        }
        return taken;
    }

    private static double squaredDistance(Spot a, Spot b) {
        double dx = a.x() - b.x();
        double dy = a.y() - b.y();
        return dx * dx + dy * dy;
    }

    private static List<Spot> samples(Region region, int wanted) {
        Box box = region.box();
        double step = Math.sqrt(region.areaMm2() / wanted);
        List<Spot> samples = new ArrayList<>();
        while (samples.size() < Math.min(wanted / 2, 100) && step > 1e-3) {
            samples.clear();
            Inside inside = new Inside(region);
            for (double y = box.y() + step / 2; y < box.y() + box.heightMm(); y += step) {
                for (double x = box.x() + step / 2; x < box.x() + box.widthMm(); x += step) {
                    if (inside.covers(x, y)) {
                        samples.add(new Spot(x, y));
                    }
                }
            }
            step /= 2;
        }
        if (samples.isEmpty()) {
            samples.add(region.inside());
        }
        return samples;
    }

    /** The middle of what lies round a hole may lie in the hole: then the nearest sample stands for it. */
    private static Spot nearest(Spot middle, List<Spot> samples) {
        return samples.stream()
                .min(Comparator.comparingDouble(sample -> squaredDistance(sample, middle)))
                .orElse(middle);
    }

    /** Each point in the middle of what lies nearer to it than to any other, one that keeps its place among them. */
    private static List<Spot> relaxed(List<Spot> spots, List<Spot> samples, Inside inside, double[] toStanding) {
        int count = spots.size();
        double[] sumX = new double[count];
        double[] sumY = new double[count];
        int[] own = new int[count];
        for (int s = 0; s < toStanding.length; s++) {
            Spot sample = samples.get(s);
            int nearest = -1;
            double least = toStanding[s];
            for (int i = 0; i < count; i++) {
                double distance = squaredDistance(spots.get(i), sample);
                if (distance < least) {
                    least = distance;
                    nearest = i;
                }
            }
            if (nearest >= 0) {
                sumX[nearest] += sample.x();
                sumY[nearest] += sample.y();
                own[nearest]++;
            }
        }
        List<Spot> moved = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            Spot middle = own[i] == 0 ? spots.get(i) : new Spot(sumX[i] / own[i], sumY[i] / own[i]);
            moved.add(inside.covers(middle.x(), middle.y()) ? middle : nearest(middle, samples));
        }
        return moved;
    }
}
