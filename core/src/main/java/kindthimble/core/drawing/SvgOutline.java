package kindthimble.core.drawing;

import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kindthimble.core.geometry.PathTrack;

/** The outlines of shapes, and outlines as rings of points. */
final class SvgOutline {
    private static final double FARTHEST = 1e9;
    private static final int MOST_HALVINGS = 9;
    private static final int LONGEST_LOOK = 24;

    private SvgOutline() {}

    /**
     * The outline of a shape.
     *
     * @return null for what is no shape
     */
    static Path2D of(SvgNode node, Map<String, String> said, double[] window, double fontSize) {
        double width = window[0];
        double height = window[1];
        double diagonal = Math.hypot(width, height) / Math.sqrt(2);
        return switch (node.name) {
            case "path" -> path(said.get("d"));
            case "rect" ->
                rect(
                        length(said, "x", width, fontSize, 0),
                        length(said, "y", height, fontSize, 0),
                        length(said, "width", width, fontSize, 0),
                        length(said, "height", height, fontSize, 0),
                        length(said, "rx", width, fontSize, Double.NaN),
                        length(said, "ry", height, fontSize, Double.NaN));
            case "circle" -> {
                double r = length(said, "r", diagonal, fontSize, 0);
                yield ellipse(length(said, "cx", width, fontSize, 0), length(said, "cy", height, fontSize, 0), r, r);
            }
            case "ellipse" -> {
                double rx = length(said, "rx", width, fontSize, Double.NaN);
                double ry = length(said, "ry", height, fontSize, Double.NaN);
                yield ellipse(
                        length(said, "cx", width, fontSize, 0),
                        length(said, "cy", height, fontSize, 0),
                        Double.isNaN(rx) ? ry : rx,
                        Double.isNaN(ry) ? rx : ry);
            }
            case "line" -> {
                Path2D line = new Path2D.Double();
                line.moveTo(length(said, "x1", width, fontSize, 0), length(said, "y1", height, fontSize, 0));
                line.lineTo(length(said, "x2", width, fontSize, 0), length(said, "y2", height, fontSize, 0));
                yield line;
            }
            case "polyline" -> points(said.get("points"), false);
            case "polygon" -> points(said.get("points"), true);
            default -> null;
        };
    }

    static double length(Map<String, String> said, String name, double whole, double fontSize, double otherwise) {
        double value = SvgLength.read(said.get(name), whole, fontSize);
        return Double.isNaN(value) ? otherwise : Math.max(-FARTHEST, Math.min(FARTHEST, value));
    }

    private static Path2D path(String data) {
        return data == null || data.isBlank() || data.strip().equals("none") ? new Path2D.Double() : PathTrack.of(data);
    }

    private static Path2D rect(double x, double y, double width, double height, double givenRx, double givenRy) {
        if (!(width > 0 && height > 0)) {
            return new Path2D.Double();
        }
        double rx = Double.isNaN(givenRx) ? givenRy : givenRx;
        double ry = Double.isNaN(givenRy) ? givenRx : givenRy;
        if (!(rx > 0 && ry > 0)) {
            return new Path2D.Double(new Rectangle2D.Double(x, y, width, height));
        }
        return new Path2D.Double(new RoundRectangle2D.Double(
                x, y, width, height, 2 * Math.min(rx, width / 2), 2 * Math.min(ry, height / 2)));
    }

    private static Path2D ellipse(double cx, double cy, double rx, double ry) {
        return rx > 0 && ry > 0
                ? new Path2D.Double(new Ellipse2D.Double(cx - rx, cy - ry, 2 * rx, 2 * ry))
                : new Path2D.Double();
    }

    private static Path2D points(String written, boolean closed) {
        double[] n = SvgLength.numbers(written);
        Path2D path = new Path2D.Double();
        for (int i = 0; i + 1 < n.length; i += 2) {
            double x = Math.max(-FARTHEST, Math.min(FARTHEST, n[i]));
            double y = Math.max(-FARTHEST, Math.min(FARTHEST, n[i + 1]));
            if (i == 0) {
                path.moveTo(x, y);
            } else {
                path.lineTo(x, y);
            }
        }
        if (closed && n.length > 3) {
            path.closePath();
        }
        return path;
    }

    /** Whether all of its lines return to where they began. */
    static boolean isClosed(Path2D path) {
        double[] at = new double[6];
        double x = 0;
        double y = 0;
        double startX = 0;
        double startY = 0;
        boolean isOpen = false;
        for (PathIterator i = path.getPathIterator(null); !i.isDone(); i.next()) {
            int kind = i.currentSegment(at);
            if (kind == PathIterator.SEG_CLOSE) {
                isOpen = false;
            } else if (kind == PathIterator.SEG_MOVETO) {
                if (isOpen && Math.hypot(x - startX, y - startY) > 1e-6) {
                    return false;
                }
                isOpen = false;
                startX = x = at[0];
                startY = y = at[1];
            } else {
                int end = kind == PathIterator.SEG_LINETO ? 0 : kind == PathIterator.SEG_QUADTO ? 2 : 4;
                x = at[end];
                y = at[end + 1];
                isOpen = true;
            }
        }
        return !(isOpen && Math.hypot(x - startX, y - startY) > 1e-6);
    }

    /** Curves as chords, each line a list of points; those that were closed end where they began. */
    static List<double[][]> lines(java.awt.Shape shape, AffineTransform to, double flatness) {
        List<double[][]> lines = new ArrayList<>();
        List<double[]> line = new ArrayList<>();
        double[] at = new double[6];
        for (PathIterator i =
                        new java.awt.geom.FlatteningPathIterator(shape.getPathIterator(to), flatness, MOST_HALVINGS);
                !i.isDone();
                i.next()) {
            int kind = i.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO) {
                end(line, lines);
                line.add(new double[] {at[0], at[1]});
            } else if (kind == PathIterator.SEG_LINETO) {
                line.add(new double[] {at[0], at[1]});
            } else if (!line.isEmpty()) {
                double[] start = line.get(0);
                line.add(start);
                end(line, lines);
                line.add(start);
            }
        }
        end(line, lines);
        return lines;
    }

    /** A ring without the points that lie on the line between those that stay, seen a few at a time. */
    static double[][] thinned(double[][] ring, double toleranceMm) {
        if (ring.length < 8) {
            return ring;
        }
        List<double[]> kept = new ArrayList<>(ring.length / 2);
        int anchor = 0;
        kept.add(ring[0]);
        for (int i = 2; i < ring.length; i++) {
            if (i - anchor > LONGEST_LOOK || !areNear(ring, anchor, i, toleranceMm)) {
                anchor = i - 1;
                kept.add(ring[anchor]);
            }
        }
        kept.add(ring[ring.length - 1]);
        return kept.toArray(double[][]::new);
    }

    private static boolean areNear(double[][] ring, int from, int to, double toleranceMm) {
        double dx = ring[to][0] - ring[from][0];
        double dy = ring[to][1] - ring[from][1];
        double length = Math.hypot(dx, dy);
        for (int i = from + 1; i < to; i++) {
            double px = ring[i][0] - ring[from][0];
            double py = ring[i][1] - ring[from][1];
            double along = px * dx + py * dy;
            if (Math.abs(px * dy - py * dx) > toleranceMm * length || along < 0 || along > length * length) {
                return false;
            }
        }
        return true;
    }

    private static void end(List<double[]> line, List<double[][]> lines) {
        if (line.size() > 1 && line.stream().allMatch(p -> Double.isFinite(p[0]) && Double.isFinite(p[1]))) {
            lines.add(line.toArray(double[][]::new));
        }
        line.clear();
    }

    /** Whether it is a straight line along an axis, which has no inside to be filled. */
    static boolean isFlat(Path2D path) {
        Rectangle2D box = path.getBounds2D();
        return box.getWidth() == 0 || box.getHeight() == 0;
    }
}
