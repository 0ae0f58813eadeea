package kindthimble.core.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.linearref.LengthIndexedLine;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** Lines in mm along which icing is piped; possibly several, possibly none. Immutable. */
public final class Lines {
    private static final double PAINT_TOLERANCE_MM = 0.01;

    private final Geometry shape;

    Lines(Geometry shape) {
        this.shape = shape;
    }

    /** One line through points, in order. */
    public static Lines through(List<Spot> spots) {
        Coordinate[] line =
                spots.stream().map(spot -> new Coordinate(spot.x(), spot.y())).toArray(Coordinate[]::new);
        return new Lines(Region.FACTORY.createLineString(line));
    }

    /** All of several. */
    public static Lines all(List<Lines> several) {
        return new Lines(Region.FACTORY.buildGeometry(
                several.stream().map(lines -> lines.shape).toList()));
    }

    public double lengthMm() {
        return shape.getLength();
    }

    public boolean isEmpty() {
        return shape.isEmpty();
    }

    /** The parts that lie in a region. */
    public Lines within(Region region) {
        return new Lines(shape.intersection(region.shape()));
    }

    /** The parts that lie outside a region. */
    public Lines outside(Region region) {
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
        StringBuilder path = new StringBuilder();
        Geometry simple = DouglasPeuckerSimplifier.simplify(shape, PAINT_TOLERANCE_MM);
        for (int i = 0; i < simple.getNumGeometries(); i++) {
            if (simple.getGeometryN(i) instanceof LineString line && !line.isEmpty()) {
                Coordinate[] points = line.getCoordinates();
                int last = line.isClosed() ? points.length - 1 : points.length;
                for (int k = 0; k < last; k++) {
                    path.append(k == 0 ? 'M' : 'L')
                            .append(Region.hundredths(points[k].x))
                            .append(' ')
                            .append(Region.hundredths(points[k].y));
                }
                if (line.isClosed()) {
                    path.append('Z');
                }
            }
        }
        return path.toString();
    }
}
