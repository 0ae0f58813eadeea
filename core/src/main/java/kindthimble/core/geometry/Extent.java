package kindthimble.core.geometry;

import java.util.List;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygonal;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/** How far a mark reaches, for telling which marks touch: lines or points with so much to every side, or a region. Immutable. */
public final class Extent {
    /** Nowhere. */
    public static final Extent NONE = new Extent(Region.FACTORY.createPoint(), 0);

    private final Geometry shape;
    private final double halfMm;
    private final Envelope box;

    /** Made when it is first asked for. */
    private IndexedFacetDistance index;

    private Extent(Geometry shape, double halfMm) {
        this.shape = shape;
        this.halfMm = halfMm;
        box = new Envelope(shape.getEnvelopeInternal());
        box.expandBy(halfMm);
    }

    /** Of lines with a width in mm. */
    public static Extent of(Lines lines, double widthMm) {
        return new Extent(lines.shape(), widthMm / 2);
    }

    /** Of discs with a diameter in mm. */
    public static Extent of(List<Spot> spots, double diameterMm) {
        Coordinate[] points =
                spots.stream().map(spot -> new Coordinate(spot.x(), spot.y())).toArray(Coordinate[]::new);
        return new Extent(Region.FACTORY.createMultiPointFromCoords(points), diameterMm / 2);
    }

    /** Of a region. */
    public static Extent of(Region region) {
        return new Extent(region.shape(), 0);
    }

    public boolean isEmpty() {
        return shape.isEmpty();
    }

    /** Whether two have a point in common. */
    public boolean touches(Extent other) {
        if (isEmpty() || other.isEmpty() || !box.intersects(other.box)) {
            return false;
        }
        Deadline.check();
        return isPartlyIn(other)
                || other.isPartlyIn(this)
                || other.index().isWithinDistance(shape, halfMm + other.halfMm);
    }

    /** Whether one of its parts begins within another one's region: the distance of outlines does not tell. */
    private boolean isPartlyIn(Extent other) {
        if (!(other.shape instanceof Polygonal)) {
            return false;
        }
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            Coordinate first = shape.getGeometryN(i).getCoordinate();
            if (other.box.contains(first) && other.holds(first, 0)) {
                return true;
            }
        }
        return false;
    }

    private IndexedFacetDistance index() {
        if (index == null) {
            index = new IndexedFacetDistance(shape);
        }
        return index;
    }

    /** The share of its corners or points that lie within another one, 0 to 1. */
    public double shareWithin(Extent other) {
        if (!touches(other)) {
            return 0;
        }
        int inside = 0;
        Coordinate[] points = shape.getCoordinates();
        for (Coordinate point : points) {
            Deadline.check();
            if (other.holds(point, 0)) {
                inside++;
            }
        }
        return (double) inside / points.length;
    }

    private boolean holds(Coordinate point, double more) {
        if (shape instanceof Polygonal) {
            return SimplePointInAreaLocator.locate(point, shape) != Location.EXTERIOR;
        }
        return index().isWithinDistance(Region.FACTORY.createPoint(point), halfMm + more);
    }
}
