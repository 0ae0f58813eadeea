package kindthimble.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.algorithm.Area;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.GeometryFixer;

/** Joins the lines of a {@link Sweep} into borders from corner to corner, makes them simpler, and the borders into rings. */
final class FaceBuilder {
    private static final int NO_FACE = -1;
    private static final double CHECKED_FROM_MM = 0.01;

    private final Sweep sweep;
    private final double toleranceMm;
    private final Points points;
    private final List<Border> borders = new ArrayList<>();
    private final boolean[] used;

    FaceBuilder(Sweep sweep, double toleranceMm) {
        this.sweep = sweep;
        this.toleranceMm = toleranceMm;
        points = new Points(sweep.traces);
        used = new boolean[sweep.traces.count];
    }

    /** A line from one corner to another, or round: what lies on its left and its right, and its points in mm. */
    private record Border(int left, int right, int from, int to, Coordinate[] line) {
        double lengthMm() {
            double sum = 0;
            for (int i = 1; i < line.length; i++) {
                sum += line[i].distance(line[i - 1]);
            }
            return sum;
        }
    }

    /** A border, walked so that a face lies on its left. */
    private record Walk(Border border, boolean reversed) {
        int from() {
            return reversed ? border.to : border.from;
        }

        int to() {
            return reversed ? border.from : border.to;
        }

        Coordinate at(int i) {
            return border.line[reversed ? border.line.length - 1 - i : i];
        }
    }

    List<Mosaic.Face> faces() {
        Pieces pieces = sweep.pieces;
        int[] faceOf = new int[pieces.count()];
        Arrays.fill(faceOf, NO_FACE);
        List<Integer> roots = new ArrayList<>();
        for (int i = 0; i < faceOf.length; i++) {
            if (pieces.of(i) == i && pieces.owner(i) != Mosaic.NOBODY) {
                faceOf[i] = roots.size();
                roots.add(i);
            }
        }
        double[] areas = areas(faceOf, roots.size());
        collectBorders(faceOf);
        List<List<Walk>> walks = new ArrayList<>();
        List<Map<Integer, Double>> lengths = new ArrayList<>();
        for (int i = 0; i < roots.size(); i++) {
            walks.add(new ArrayList<>());
            lengths.add(new HashMap<>());
        }
        for (Border border : borders) {
            double length = border.lengthMm();
            if (border.left != NO_FACE) {
                walks.get(border.left).add(new Walk(border, false));
                lengths.get(border.left).merge(border.right, length, Double::sum);
            }
            if (border.right != NO_FACE) {
                walks.get(border.right).add(new Walk(border, true));
                lengths.get(border.right).merge(border.left, length, Double::sum);
            }
        }
        List<Mosaic.Face> faces = new ArrayList<>();
        for (int i = 0; i < roots.size(); i++) {
            int root = roots.get(i);
            faces.add(new Mosaic.Face(pieces.owner(root), areas[i], region(walks.get(i)), lengths.get(i)));
        }
        return faces;
    }

    /** By the lines round each (Green's theorem), before any is made simpler. */
    private double[] areas(int[] faceOf, int faces) {
        Traces lines = sweep.traces;
        double[] areas = new double[faces];
        for (int i = 0; i < lines.count; i++) {
            double twice = (double) lines.fromX[i] * lines.toY[i] - (double) lines.toX[i] * lines.fromY[i];
            if (faceOf[lines.left[i]] != NO_FACE) {
                areas[faceOf[lines.left[i]]] += twice / 2 * Mosaic.GRID_MM * Mosaic.GRID_MM;
            }
            if (faceOf[lines.right[i]] != NO_FACE) {
                areas[faceOf[lines.right[i]]] -= twice / 2 * Mosaic.GRID_MM * Mosaic.GRID_MM;
            }
        }
        return areas;
    }

    private void collectBorders(int[] faceOf) {
        for (int point = 0; point < points.count(); point++) {
            if (points.degree(point) != 2) {
                for (int half = points.first(point); half >= 0; half = points.next(half)) {
                    if (!used[half >> 1]) {
                        borders.add(border(half, faceOf));
                    }
                }
            }
        }
        for (int line = 0; line < used.length; line++) {
            if (!used[line]) {
                borders.add(border(2 * line, faceOf));
            }
        }
    }

    /** Follows lines from one of their halves (even: their start) to the next corner. */
    private Border border(int firstHalf, int[] faceOf) {
        Traces lines = sweep.traces;
        List<Coordinate> path = new ArrayList<>();
        int half = firstHalf;
        int from = points.of(half);
        boolean forward = (half & 1) == 0;
        int left = faceOf[forward ? lines.left[half >> 1] : lines.right[half >> 1]];
        int right = faceOf[forward ? lines.right[half >> 1] : lines.left[half >> 1]];
        path.add(points.at(from));
        int to;
        while (true) {
            used[half >> 1] = true;
            int end = half ^ 1;
            to = points.of(end);
            path.add(points.at(to));
            if (points.degree(to) != 2 || to == from) {
                break;
            }
            int other = points.first(to);
            half = other == end ? points.next(other) : other;
        }
        return new Border(left, right, from, to, Thinning.thinned(path, toleranceMm));
    }

    private Region region(List<Walk> walks) {
        Map<Integer, List<Walk>> leaving = new HashMap<>();
        for (Walk walk : walks) {
            leaving.computeIfAbsent(walk.from(), p -> new ArrayList<>(2)).add(walk);
        }
        List<Coordinate[]> outer = new ArrayList<>();
        List<LinearRing> holes = new ArrayList<>();
        for (Walk first : walks) {
            if (!leaving.get(first.from()).remove(first)) {
                continue;
            }
            List<Coordinate> ring = new ArrayList<>();
            Walk walk = first;
            while (true) {
                int last = walk.border.line.length - 1;
                for (int i = ring.isEmpty() ? 0 : 1; i <= last; i++) {
                    ring.add(walk.at(i));
                }
                if (walk.to() == first.from()) {
                    break;
                }
                List<Walk> ways = leaving.getOrDefault(walk.to(), List.of());
                if (ways.isEmpty()) {
                    ring.clear();
                    break;
                }
                Walk next = ways.size() == 1 ? ways.get(0) : rightmost(walk, ways);
                ways.remove(next);
                walk = next;
            }
            if (ring.size() >= 4) {
                Coordinate[] closed = ring.toArray(Coordinate[]::new);
                if (Area.ofRingSigned(closed) < 0) {
                    // Its signed area is positive clockwise; with y downwards a face on the left runs so that the sum
                    // is negative outside.
                    outer.add(closed);
                } else {
                    holes.add(Region.FACTORY.createLinearRing(closed));
                }
            }
        }
        if (outer.isEmpty()) {
            return Region.EMPTY;
        }
        outer.sort(Comparator.comparingDouble(Area::ofRingSigned));
        LinearRing shell = Region.FACTORY.createLinearRing(outer.get(0));
        Polygon polygon = Region.FACTORY.createPolygon(shell, holes.toArray(LinearRing[]::new));
        // Borders that were made much simpler may have come to cross each other.
        return Region.of(toleranceMm < CHECKED_FROM_MM || polygon.isValid() ? polygon : GeometryFixer.fix(polygon));
    }

    /** Where a face touches itself in a corner, its outside goes on along the outside. */
    private static Walk rightmost(Walk came, List<Walk> ways) {
        int last = came.border.line.length - 1;
        double x = came.at(last).x - came.at(last - 1).x;
        double y = came.at(last).y - came.at(last - 1).y;
        return ways.stream()
                .min(Comparator.comparingDouble(way -> {
                    double dx = way.at(1).x - way.at(0).x;
                    double dy = way.at(1).y - way.at(0).y;
                    return Math.atan2(x * dy - y * dx, x * dx + y * dy);
                }))
                .orElseThrow();
    }

    /** The ends of lines, by where they are. */
    private static final class Points {
        private final int[] ofHalf;
        private final int[] nextHalf;
        private final List<Coordinate> where = new ArrayList<>();
        private int[] firstHalf;
        private int[] degree;

        Points(Traces lines) {
            ofHalf = new int[2 * lines.count];
            nextHalf = new int[2 * lines.count];
            firstHalf = new int[2 * lines.count];
            degree = new int[2 * lines.count];
            Arrays.fill(firstHalf, -1);
            int places = Integer.highestOneBit(Math.max(16, 4 * lines.count)) * 2;
            long[] keys = new long[places];
            int[] values = new int[places];
            Arrays.fill(values, -1);
            for (int half = 0; half < ofHalf.length; half++) {
                int line = half >> 1;
                int x = (half & 1) == 0 ? lines.fromX[line] : lines.toX[line];
                int y = (half & 1) == 0 ? lines.fromY[line] : lines.toY[line];
                long key = ((long) x << 32) | (y & 0xffffffffL);
                int at = (int) ((key * 0x9E3779B97F4A7C15L) >>> 40) & places - 1;
                while (values[at] >= 0 && keys[at] != key) {
                    at = at + 1 & places - 1;
                }
                if (values[at] < 0) {
                    keys[at] = key;
                    values[at] = where.size();
                    where.add(new Coordinate(x * Mosaic.GRID_MM, y * Mosaic.GRID_MM));
                }
                int point = values[at];
                ofHalf[half] = point;
                nextHalf[half] = firstHalf[point];
                firstHalf[point] = half;
                degree[point]++;
            }
        }

        int count() {
            return where.size();
        }

        int of(int half) {
            return ofHalf[half];
        }

        int degree(int point) {
            return degree[point];
        }

        int first(int point) {
            return firstHalf[point];
        }

        int next(int half) {
            return nextHalf[half];
        }

        Coordinate at(int point) {
            return where.get(point);
        }
    }
}
