package kindthimble.core.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * Draws closed outlines out of straight lines, arcs and Bézier curves, and turns them into a {@link Region}.
 *
 * <p>Curves become short chords ({@value #CHORDS_PER_TURN} to a full turn, {@value #CHORDS_PER_CURVE} to a Bézier curve).
 * of which only those are kept that matter at the size in mm: none passes the curve by more than {@value #TOLERANCE_MM} mm more.
 * Chords lie inside a convex curve, so a polygon of them is a little too small; the pen therefore also sums the exact area of
 * what was drawn (Green's theorem) and scales each ring about its middle until the polygon has just that area.
 */
public final class Pen {
    private static final int CHORDS_PER_TURN = 256;
    static final int CHORDS_PER_CURVE = 48;
    private static final double TOLERANCE_MM = 0.006;

    /** Chords take a few thousandths from an area, never this much. */
    private static final double MOST_GROWTH = 1.5;

    private static final double CHECKED_AT_MM = 100;

    private static final double LONGEST_MM = 1_000;

    /** Some 2,000 curves: more than any outline of a cookie is drawn with. */
    private static final int MOST_POINTS = 96_000;

    private final List<Ring> rings = new ArrayList<>();
    private boolean overlapping;
    private int points;
    private double x;
    private double y;

    private static final class Ring {
        final List<double[]> points = new ArrayList<>();
        double exactTwiceArea;
        boolean closed;

        /** Without the points that lie nearer than a tolerance to the line between those that stay. */
        Ring thinned(double tolerance) {
            Coordinate[] line = new Coordinate[points.size() + 1];
            for (int i = 0; i < line.length; i++) {
                double[] p = points.get(i % points.size());
                line[i] = new Coordinate(p[0], p[1]);
            }
            Coordinate[] fewer = DouglasPeuckerSimplifier.simplify(Region.FACTORY.createLineString(line), tolerance)
                    .getCoordinates();
            if (fewer.length < 5) {
                return this;
            }
            Ring ring = new Ring();
            ring.exactTwiceArea = exactTwiceArea;
            for (int i = 0; i < fewer.length - 1; i++) {
                ring.points.add(new double[] {fewer[i].x, fewer[i].y});
            }
            return ring;
        }

        double twiceAreaOfPolygon() {
            double sum = 0;
            for (int i = 0; i < points.size(); i++) {
                double[] a = points.get(i);
                double[] b = points.get((i + 1) % points.size());
                sum += a[0] * b[1] - b[0] * a[1];
            }
            return sum;
        }
    }

    /**
     * A pen that has followed SVG path data.
     *
     * @throws IllegalArgumentException saying what can't be read
     */
    public static Pen following(String pathData) {
        return new Pen().follow(pathData, 0, 0);
    }

    /** Follows SVG path data, moved by an offset. */
    public Pen follow(String pathData, double offsetX, double offsetY) {
        PathReader.read(new Own(), pathData, offsetX, offsetY);
        return this;
    }

    /** From now on rings of one direction add up where they overlap, and those of the other are holes (non-zero winding). */
    public Pen overlapping() {
        overlapping = true;
        return this;
    }

    /** Starts a new closed ring at a point (any unit; {@link #fitted} gives it its size in mm). */
    public Pen moveTo(double toX, double toY) {
        closeRing();
        rings.add(new Ring());
        put(toX, toY);
        return this;
    }

    /** A straight line to a point. */
    public Pen lineTo(double toX, double toY) {
        ring().exactTwiceArea += x * toY - toX * y;
        put(toX, toY);
        return this;
    }

    /** A cubic Bézier curve to ({@code toX}, {@code toY}) with two control points. */
    public Pen curveTo(double c1x, double c1y, double c2x, double c2y, double toX, double toY) {
        // Integral of x dy - y dx along a cubic Bézier curve, in closed form.
        double cross01 = x * c1y - c1x * y;
        double cross02 = x * c2y - c2x * y;
        double cross03 = x * toY - toX * y;
        double cross12 = c1x * c2y - c2x * c1y;
        double cross13 = c1x * toY - toX * c1y;
        double cross23 = c2x * toY - toX * c2y;
        ring().exactTwiceArea += (6 * cross01 + 3 * cross02 + cross03 + 3 * cross12 + 3 * cross13 + 6 * cross23) / 10;
        double fromX = x;
        double fromY = y;
        for (int i = 1; i <= CHORDS_PER_CURVE; i++) {
            double[] point = onCurve(fromX, fromY, c1x, c1y, c2x, c2y, toX, toY, (double) i / CHORDS_PER_CURVE);
            put(point[0], point[1]);
        }
        return this;
    }

    /** The point of a cubic Bézier curve at a share of its parameter, 0 to 1. */
    static double[] onCurve(
            double fromX,
            double fromY,
            double c1x,
            double c1y,
            double c2x,
            double c2y,
            double toX,
            double toY,
            double t) {
        double u = 1 - t;
        double a = u * u * u;
        double b = 3 * u * u * t;
        double c = 3 * u * t * t;
        double d = t * t * t;
        return new double[] {a * fromX + b * c1x + c * c2x + d * toX, a * fromY + b * c1y + c * c2y + d * toY};
    }

    /**
     * An arc of an ellipse, drawn from where its start lies (a straight line leads there if the pen is elsewhere).
     *
     * @param startDegrees angle of the start, 0 to the right, growing towards +y (downwards on a screen)
     * @param sweepDegrees signed angle swept
     */
    public Pen arc(
            double centreX, double centreY, double radiusX, double radiusY, double startDegrees, double sweepDegrees) {
        double start = Math.toRadians(startDegrees);
        double sweep = Math.toRadians(sweepDegrees);
        double startX = centreX + radiusX * Math.cos(start);
        double startY = centreY + radiusY * Math.sin(start);
        if (rings.isEmpty() || ring().points.isEmpty()) {
            moveTo(startX, startY);
        } else if (Math.hypot(startX - x, startY - y) > 1e-9) {
            lineTo(startX, startY);
        }
        double end = start + sweep;
        double endX = centreX + radiusX * Math.cos(end);
        double endY = centreY + radiusY * Math.sin(end);
        ring().exactTwiceArea += radiusX * radiusY * sweep + centreX * (endY - startY) - centreY * (endX - startX);
        int chords = Math.max(1, (int) Math.ceil(Math.abs(sweepDegrees) / 360 * CHORDS_PER_TURN - 1e-9));
        for (int i = 1; i <= chords; i++) {
            double angle = start + sweep * i / chords;
            put(centreX + radiusX * Math.cos(angle), centreY + radiusY * Math.sin(angle));
        }
        return this;
    }

    /** Marks the ring drawn last as closed on purpose; a region's rings are closed anyway. */
    public Pen close() {
        ring().closed = true;
        return this;
    }

    /** What was drawn as lines, not as the edge of something: only rings closed on purpose return to their start. */
    public Lines lines() {
        List<Lines> drawn = new ArrayList<>();
        for (Ring ring : rings) {
            List<Spot> spots = new ArrayList<>();
            ring.points.forEach(p -> spots.add(new Spot(p[0], p[1])));
            if (ring.closed) {
                spots.add(spots.get(0));
            }
            if (spots.size() > 1) {
                drawn.add(Lines.through(spots));
            }
        }
        return Lines.all(drawn);
    }

    /** The region drawn, as it stands, in mm. Rings inside rings are holes. */
    public Region region() {
        return scaled(1);
    }

    /**
     * The region drawn, scaled evenly until its bounding box measures {@code sizeMm} across, and centred on the origin.
     *
     * @throws IllegalStateException when nothing with an area was drawn
     * @throws TooMuch when it would be longer than a metre, or has more points than any cookie
     */
    public Region fitted(double sizeMm, Across across) {
        double[] box = box();
        double drawn = across == Across.WIDTH ? box[2] - box[0] : box[3] - box[1];
        if (!(drawn > 0)) {
            throw new IllegalStateException("nothing with a size was drawn");
        }
        double longest = Math.max(box[2] - box[0], box[3] - box[1]) * sizeMm / drawn;
        if (longest > LONGEST_MM) {
            throw new TooMuch(
                    "at this size it would be %.0f mm long, and a cookie is at most %.0f. Give it its longer side, or draw it less narrow."
                            .formatted(longest, LONGEST_MM));
        }
        return scaled(sizeMm / drawn)
                .moved(-sizeMm / drawn * (box[0] + box[2]) / 2, -sizeMm / drawn * (box[1] + box[3]) / 2);
    }

    /** How high the drawing is, in its own unit. */
    public double high() {
        double[] box = box();
        return box[3] - box[1];
    }

    /** Whether what was drawn has an area, whatever its unit. */
    public boolean enclosesSomething() {
        double[] box = box();
        double largest = Math.max(box[2] - box[0], box[3] - box[1]);
        // One ring whose two ways round differ has an area; only of others has it to be worked out.
        if (largest > 0
                && rings.size() == 1
                && Math.abs(rings.get(0).twiceAreaOfPolygon()) > 1e-6 * largest * largest) {
            return true;
        }
        return largest > 0 && scaled(CHECKED_AT_MM / largest).areaMm2() > 0;
    }

    private Region scaled(double factor) {
        closeRing();
        List<double[][]> scaledRings = new ArrayList<>();
        for (Ring drawn : rings) {
            if (drawn.points.size() < 3) {
                continue;
            }
            Ring ring = drawn.thinned(TOLERANCE_MM / factor);
            double polygon = ring.twiceAreaOfPolygon();
            double ratio = ring.exactTwiceArea / polygon;
            // Lobes that run against each other cancel out: of those the area says nothing.
            double grow = Math.abs(polygon) > 1e-9 && ratio > 0 && ratio < MOST_GROWTH ? Math.sqrt(ratio) : 1;
            double[] middle = middleOf(ring.points);
            scaledRings.add(ring.points.stream()
                    .map(p -> new double[] {
                        factor * (middle[0] + grow * (p[0] - middle[0])),
                        factor * (middle[1] + grow * (p[1] - middle[1]))
                    })
                    .toArray(double[][]::new));
        }
        return overlapping ? Region.ofOverlappingRings(scaledRings) : Region.ofRings(scaledRings);
    }

    private double[] box() {
        double[] box = {
            Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        for (Ring ring : rings) {
            for (double[] p : ring.points) {
                box[0] = Math.min(box[0], p[0]);
                box[1] = Math.min(box[1], p[1]);
                box[2] = Math.max(box[2], p[0]);
                box[3] = Math.max(box[3], p[1]);
            }
        }
        return box;
    }

    private static double[] middleOf(List<double[]> points) {
        double sumX = 0;
        double sumY = 0;
        for (double[] p : points) {
            sumX += p[0];
            sumY += p[1];
        }
        return new double[] {sumX / points.size(), sumY / points.size()};
    }

    /** Path data goes the way that is drawn by hand. */
    private final class Own implements Track {
        @Override
        public void moveTo(double toX, double toY) {
            Pen.this.moveTo(toX, toY);
        }

        @Override
        public void lineTo(double toX, double toY) {
            Pen.this.lineTo(toX, toY);
        }

        @Override
        public void curveTo(double c1x, double c1y, double c2x, double c2y, double toX, double toY) {
            Pen.this.curveTo(c1x, c1y, c2x, c2y, toX, toY);
        }

        @Override
        public void close() {
            Pen.this.close();
        }
    }

    private Ring ring() {
        if (rings.isEmpty()) {
            throw new IllegalStateException("an outline starts with moveTo or an arc");
        }
        return rings.get(rings.size() - 1);
    }

    private void put(double toX, double toY) {
        if (++points > MOST_POINTS) {
            throw new TooMuch("its lines are drawn with more than " + MOST_POINTS / CHORDS_PER_CURVE
                    + " curves. Draw them with fewer.");
        }
        ring().points.add(new double[] {toX, toY});
        x = toX;
        y = toY;
    }

    private void closeRing() {
        if (rings.isEmpty() || ring().points.isEmpty()) {
            return;
        }
        List<double[]> points = ring().points;
        double[] first = points.get(0);
        ring().exactTwiceArea += x * first[1] - first[0] * y;
        double[] end = points.get(points.size() - 1);
        if (points.size() > 1 && Math.hypot(first[0] - end[0], first[1] - end[1]) < 1e-9) {
            points.remove(points.size() - 1);
        }
        // Closing twice adds nothing: the pen now stands on the first point.
        x = first[0];
        y = first[1];
    }
}
