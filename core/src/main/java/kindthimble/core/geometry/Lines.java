package kindthimble.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.densify.Densifier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.LineStringExtracter;
import org.locationtech.jts.linearref.LengthIndexedLine;
import org.locationtech.jts.operation.buffer.OffsetCurve;
import org.locationtech.jts.operation.linemerge.LineMerger;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** Lines in mm along which icing is piped; possibly several, possibly none. Immutable. */
public final class Lines {
    private static final double PAINT_TOLERANCE_MM = 0.01;
    private static final double TANGENT_MM = 0.05;

    private final Geometry shape;

    Lines(Geometry shape) {
        @SuppressWarnings("unchecked") // an untyped list of lines
        List<LineString> lines = new ArrayList<>(LineStringExtracter.getLines(shape));
        lines.removeIf(LineString::isEmpty);
        this.shape = Region.FACTORY.buildGeometry(lines);
    }

    /** One line through points, in order. */
    public static Lines through(List<Spot> spots) {
        Coordinate[] line =
                spots.stream().map(spot -> new Coordinate(spot.x(), spot.y())).toArray(Coordinate[]::new);
        return new Lines(Region.FACTORY.createLineString(line));
    }

    /** All of several. */
    public static Lines all(List<Lines> several) {
        return new Lines(Region.FACTORY.createGeometryCollection(
                several.stream().map(lines -> lines.shape).toArray(Geometry[]::new)));
    }

    /** The same lines, moved by a distance in mm. */
    public Lines moved(double rightMm, double downMm) {
        return new Lines(
                AffineTransformation.translationInstance(rightMm, downMm).transform(shape));
    }

    /** Both. */
    public Lines and(Lines other) {
        return all(List.of(this, other));
    }

    /** What a stroke of this width along them covers, with round ends. */
    public Region stroked(double widthMm) {
        Deadline.check();
        return Region.of(Overlay.tried(() -> shape.buffer(widthMm / 2, 4)));
    }

    /**
     * Every line cut into stitches of equal length with gaps between, as many as fit when both give way a little.
     *
     * @param stitchMm length of one, over 0
     * @param gapMm between two, over 0
     */
    public Lines stitched(double stitchMm, double gapMm) {
        Deadline.check();
        List<Lines> stitches = new ArrayList<>();
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            Geometry one = shape.getGeometryN(i);
            LengthIndexedLine along = new LengthIndexedLine(one);
            double step = one.getLength() / Math.max(1, Math.round(one.getLength() / (stitchMm + gapMm)));
            double stitch = step * stitchMm / (stitchMm + gapMm);
            for (double from = 0; from < one.getLength() - step / 2; from += step) {
                stitches.add(new Lines(along.extractLine(from, from + stitch)));
            }
        }
        return all(stitches);
    }

    public double lengthMm() {
        return shape.getLength();
    }

    public boolean isEmpty() {
        return shape.isEmpty();
    }

    /** The parts that lie in a region. */
    public Lines within(Region region) {
        Deadline.check();
        return new Lines(overlaid(region, OverlayNG.INTERSECTION));
    }

    /** The parts that lie outside a region. */
    public Lines outside(Region region) {
        Deadline.check();
        return new Lines(overlaid(region, OverlayNG.DIFFERENCE));
    }

    /** Lines that run back on themselves, as drawn ones may, are snapped together where they can't be told apart. */
    private Geometry overlaid(Region region, int by) {
        return Remembered.of(shape, region.shape(), "lines " + by, () -> Overlay.of(shape, region.shape(), by));
    }

    /** Where a level line crosses them: x, from the left. */
    public List<Double> crossings(double y) {
        List<Double> crossings = new ArrayList<>();
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            Coordinate[] points = shape.getGeometryN(i).getCoordinates();
            for (int k = 0; k + 1 < points.length; k++) {
                if (points[k].y < y != points[k + 1].y < y) {
                    double share = (y - points[k].y) / (points[k + 1].y - points[k].y);
                    crossings.add(points[k].x + share * (points[k + 1].x - points[k].x));
                }
            }
        }
        return crossings.stream().sorted().toList();
    }

    /**
     * The same lines with each of their points elsewhere.
     *
     * @param stepMm how far apart points are at the most, over 0
     * @param moved from a point to where it goes
     */
    public Lines bent(double stepMm, UnaryOperator<Spot> moved) {
        Deadline.check();
        List<Lines> bent = new ArrayList<>();
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            List<Spot> spots = new ArrayList<>();
            for (Coordinate at :
                    Densifier.densify(shape.getGeometryN(i), stepMm).getCoordinates()) {
                spots.add(moved.apply(new Spot(at.x, at.y)));
            }
            bent.add(through(spots));
        }
        return all(bent);
    }

    /** Points along the lines, so far apart at the most, evenly on each. */
    public List<Spot> beads(double apartMm) {
        Deadline.check();
        List<Spot> spots = new ArrayList<>();
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            Geometry one = shape.getGeometryN(i);
            LengthIndexedLine along = new LengthIndexedLine(one);
            int count = (int) Math.max(1, Math.round(one.getLength() / apartMm));
            for (int k = 0; k < count; k++) {
                Coordinate at = along.extractPoint(one.getLength() * k / count);
                spots.add(new Spot(at.x, at.y));
            }
        }
        return spots;
    }

    /** The same lines in an upright mirror that stands at x. */
    public Lines mirrored(double mirrorX) {
        return new Lines(new AffineTransformation(-1, 0, 2 * mirrorX, 0, 1, 0).transform(shape));
    }

    /** The same lines, each so far to its right, or to its left where that is under 0. */
    public Lines beside(double mm) {
        Deadline.check();
        List<Geometry> curves = new ArrayList<>();
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            // On the screen, where y runs downwards, JTS' left is the right.
            curves.add(OffsetCurve.getCurve(shape.getGeometryN(i), mm));
        }
        return new Lines(Region.FACTORY.buildGeometry(curves));
    }

    /**
     * A part of a closed line, from its topmost point clockwise: of several the longest one's.
     *
     * @param from share of the way round, 0 to 1
     * @param to share where it ends; smaller than {@code from} for a part that runs over the top
     */
    public Lines partFromTop(double from, double to) {
        Deadline.check();
        Geometry longest = longest();
        Coordinate[] points = longest.getCoordinates();
        if (points.length < 4 || !points[0].equals2D(points[points.length - 1])) {
            return of(new LengthIndexedLine(longest).extractLine(from * longest.getLength(), to * longest.getLength()));
        }
        LengthIndexedLine round = new LengthIndexedLine(Region.FACTORY.createLineString(clockwiseFromTop(points)));
        double whole = longest.getLength();
        Lines first = of(round.extractLine(from * whole, (to > from ? to : 1) * whole));
        return to > from || to <= 0
                ? first
                : first.and(of(round.extractLine(0, to * whole))).joined();
    }

    private static Lines of(Geometry line) {
        return new Lines(line);
    }

    /** Lines that go on where another ends, as one. */
    private Lines joined() {
        LineMerger merger = new LineMerger();
        merger.add(shape);
        return new Lines(Region.FACTORY.buildGeometry(merger.getMergedLineStrings()));
    }

    private Geometry longest() {
        Geometry longest = shape.getGeometryN(0);
        for (int i = 1; i < shape.getNumGeometries(); i++) {
            if (shape.getGeometryN(i).getLength() > longest.getLength()) {
                longest = shape.getGeometryN(i);
            }
        }
        return longest;
    }

    private static Coordinate[] clockwiseFromTop(Coordinate[] ring) {
        int count = ring.length - 1;
        int top = 0;
        for (int i = 1; i < count; i++) {
            if (ring[i].y < ring[top].y || ring[i].y == ring[top].y && ring[i].x < ring[top].x) {
                top = i;
            }
        }
        // With y downwards, counter-clockwise by the formula is clockwise on the screen.
        int step = Orientation.isCCW(ring) ? 1 : -1;
        Coordinate[] turned = new Coordinate[ring.length];
        for (int i = 0; i <= count; i++) {
            turned[i] = ring[Math.floorMod(top + step * i, count)];
        }
        return turned;
    }

    /**
     * A number of places evenly along the lines, in proportion to their lengths: on an open line the first and the last are at its ends.
     *
     * @return each turned along the line
     */
    public List<Pose> spread(int pieces) {
        Deadline.check();
        List<Pose> poses = new ArrayList<>();
        double whole = lengthMm();
        double before = 0;
        for (int i = 0; i < shape.getNumGeometries() && whole > 0; i++) {
            Geometry one = shape.getGeometryN(i);
            // Rounded on the running sum, so that all lines together hold all pieces.
            int own = (int)
                    (Math.round(pieces * (before + one.getLength()) / whole) - Math.round(pieces * before / whole));
            before += one.getLength();
            boolean open = !((LineString) one).isClosed();
            for (int k = 0; k < own; k++) {
                double share = open ? own == 1 ? 0.5 : k / (own - 1.0) : (double) k / own;
                poses.add(along(one, share * one.getLength()));
            }
        }
        return poses;
    }

    /**
     * Places so far apart along each line; on a closed one as many as fit, a little nearer or farther.
     *
     * @return each turned along the line
     */
    public List<Pose> every(double apartMm) {
        Deadline.check();
        List<Pose> poses = new ArrayList<>();
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            Geometry one = shape.getGeometryN(i);
            boolean open = !((LineString) one).isClosed();
            double length = one.getLength();
            int count = open ? (int) (length / apartMm + 1e-9) + 1 : (int) Math.max(1, Math.round(length / apartMm));
            for (int k = 0; k < count; k++) {
                poses.add(along(one, open ? k * apartMm : length * k / count));
            }
        }
        return poses;
    }

    /**
     * Each line walked from its beginning to its end in equal steps; a closed one comes back to where it began.
     *
     * @param stepMm how long a step is at the most, over 0
     * @return of each line its places, turned along it
     */
    public List<List<Pose>> trails(double stepMm) {
        Deadline.check();
        List<List<Pose>> trails = new ArrayList<>();
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            trails.add(Trail.along(shape.getGeometryN(i).getCoordinates(), stepMm));
        }
        return trails;
    }

    private static Pose along(Geometry line, double mm) {
        LengthIndexedLine along = new LengthIndexedLine(line);
        Coordinate at = along.extractPoint(mm);
        Coordinate before = along.extractPoint(Math.max(0, mm - TANGENT_MM));
        Coordinate after = along.extractPoint(Math.min(line.getLength(), mm + TANGENT_MM));
        return new Pose(at.x, at.y, Math.toDegrees(Math.atan2(after.y - before.y, after.x - before.x)));
    }

    Geometry shape() {
        return shape;
    }

    /** The same lines, scaled evenly about the origin. */
    public Lines scaled(double factor) {
        return new Lines(AffineTransformation.scaleInstance(factor, factor).transform(shape));
    }

    /** The same with fewer points. */
    public Lines simpler(double toleranceMm) {
        return new Lines(DouglasPeuckerSimplifier.simplify(shape, toleranceMm));
    }

    /** SVG path data in mm, to a hundredth. */
    public String pathData() {
        Deadline.check();
        StringBuilder path = new StringBuilder();
        Geometry simple = DouglasPeuckerSimplifier.simplify(shape, PAINT_TOLERANCE_MM);
        for (int i = 0; i < simple.getNumGeometries(); i++) {
            if (simple.getGeometryN(i) instanceof LineString line && !line.isEmpty()) {
                Coordinate[] points = line.getCoordinates();
                int last = line.isClosed() ? points.length - 1 : points.length;
                for (int k = 0; k < last; k++) {
                    path.append(k == 0 ? 'M' : 'L');
                    Hundredths.append(path, points[k].x).append(' ');
                    Hundredths.append(path, points[k].y);
                }
                if (line.isClosed()) {
                    path.append('Z');
                }
            }
        }
        return path.toString();
    }
}
