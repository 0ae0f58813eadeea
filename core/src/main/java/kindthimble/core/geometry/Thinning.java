package kindthimble.core.geometry;

import java.util.ArrayDeque;
import java.util.BitSet;
import java.util.Deque;
import java.util.List;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;

/** Lines with fewer points (Douglas and Peucker, 1973): the ends stay, and a line that returns to its start stays round. */
final class Thinning {
    private Thinning() {}

    static Coordinate[] thinned(List<Coordinate> line, double toleranceMm) {
        int last = line.size() - 1;
        BitSet kept = new BitSet(line.size());
        kept.set(0);
        kept.set(last);
        Deque<int[]> spans = new ArrayDeque<>();
        if (line.get(0).equals2D(line.get(last))) {
            // The two points farthest from each other, so to say, so that a ring keeps an area.
            int far = farthestPoint(line, 0, 0, last);
            int across = farthestPoint(line, far, 0, last);
            for (int point : new int[] {far, across}) {
                kept.set(point);
            }
            int first = Math.min(far, across);
            int second = Math.max(far, across);
            spans.push(new int[] {0, first});
            spans.push(new int[] {first, second});
            spans.push(new int[] {second, last});
        } else {
            spans.push(new int[] {0, last});
        }
        while (!spans.isEmpty()) {
            int[] span = spans.pop();
            int worst = -1;
            double most = toleranceMm;
            Coordinate from = line.get(span[0]);
            Coordinate to = line.get(span[1]);
            for (int i = span[0] + 1; i < span[1]; i++) {
                double off = Distance.pointToSegment(line.get(i), from, to);
                if (off > most) {
                    most = off;
                    worst = i;
                }
            }
            if (worst >= 0) {
                kept.set(worst);
                spans.push(new int[] {span[0], worst});
                spans.push(new int[] {worst, span[1]});
            }
        }
        return kept.stream().mapToObj(line::get).toArray(Coordinate[]::new);
    }

    private static int farthestPoint(List<Coordinate> line, int of, int from, int to) {
        int farthest = of;
        double most = -1;
        for (int i = from; i <= to; i++) {
            double off = line.get(i).distance(line.get(of));
            if (off > most) {
                most = off;
                farthest = i;
            }
        }
        return farthest;
    }
}
