package kindthimble.core.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.LineStringExtracter;
import org.locationtech.jts.linearref.LengthIndexedLine;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** Lines in mm along which icing is piped; possibly several, possibly none. Immutable. */
public final class Lines {
    private static final double PAINT_TOLERANCE_MM = 0.01;

    private final Geometry shape;

    Lines(Geometry shape) {
        this.shape = Region.FACTORY.buildGeometry(LineStringExtracter.getLines(shape));
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
        return Region.of(shape.buffer(widthMm / 2, 4));
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
        return new Lines(shape.intersection(region.shape()));
    }

    /** The parts that lie outside a region. */
    public Lines outside(Region region) {
        Deadline.check();
        return new Lines(shape.difference(region.shape()));
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
