package kindthimble.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import kindthimble.core.words.Refused;
import org.locationtech.jts.densify.Densifier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateFilter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryComponentFilter;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/**
 * A flat region in millimetres, x to the right and y downwards: a cookie, a section, a coat. It may have holes and several
 * parts, or be empty. Immutable, and safe to share between threads: what it remembers of itself is the same whoever works it out.
 *
 * <p>Insets are morphological erosions (all points at least so far from the edge), by JTS' polygon buffer, or directly where the
 * region is convex and no edge vanishes.
 */
public final class Region {
    static final GeometryFactory FACTORY = new GeometryFactory();

    private static final double PAINT_TOLERANCE_MM = 0.01;

    /** Sections that were cut apart meet again on this grid (of 1e-8 mm), and no hairline is left between them. */

    /** Nothing at all. */
    public static final Region EMPTY = new Region(FACTORY.createPolygon());

    private final Geometry shape;
    private volatile double inscribedRadiusMm = Double.NaN;

    /** Unknown, while null. */
    private volatile Optional<Convex> convex;

    private Region(Geometry shape) {
        this.shape = shape;
        // JTS keeps each box once it is asked for; asked for here, they are there for all threads.
        GeometryComponentFilter box = Geometry::getEnvelopeInternal;
        shape.apply(box);
    }

    /** A region bounded by closed rings of points; a ring inside another is a hole (even-odd). */
    static Region ofRings(List<double[][]> rings) {
        return new Region(Rings.evenOdd(rings));
    }

    /** A region bounded by closed rings of points; those that run against the largest one are holes. */
    static Region ofOverlappingRings(List<double[][]> rings) {
        return new Region(Rings.overlapping(rings));
    }

    /**
     * A region by the corners of its rings, just as they stand in path data; a ring inside another is a hole. Neighbours that are
     * written with the same corners share their edge to the last digit.
     *
     * @throws Refused when it can't be read
     */
    public static Region drawn(String pathData) {
        return new Region(Rings.exact(CornerTrack.rings(pathData)));
    }

    /**
     * This region, parted by others that do not overlap each other.
     *
     * @return what of it lies in each of them, and, last, what lies in none
     */
    public List<Region> parted(List<Region> others) {
        Deadline.check();
        PreparedGeometry prepared = PreparedGeometryFactory.prepare(shape);
        List<Region> parts = new ArrayList<>();
        for (Region other : others) {
            parts.add(other.isEmpty() || prepared.covers(other.shape) ? other : intersection(other));
        }
        List<Geometry> taken = parts.stream()
                .filter(part -> !part.isEmpty())
                .map(part -> part.shape)
                .toList();
        if (taken.isEmpty()) {
            parts.add(this);
            return parts;
        }
        Region rest = difference(new Region(Rings.joined(taken)));
        parts.add(rest.withoutHairs());
        return parts;
    }

    /** What lies in both. */
    public Region intersection(Region other) {
        if (!shape.getEnvelopeInternal().intersects(other.shape.getEnvelopeInternal())) {
            return EMPTY;
        }
        if (convex() != null && other.convex() != null) {
            return new Region(convex().intersection(other.convex()));
        }
        return overlay(other, OverlayNG.INTERSECTION);
    }

    /** What lies in this and not in the other. */
    public Region difference(Region other) {
        return overlay(other, OverlayNG.DIFFERENCE);
    }

    /** The same as a convex polygon; null when it is none. */
    private Convex convex() {
        Optional<Convex> known = convex;
        if (known == null) {
            known = Optional.ofNullable(Convex.of(shape));
            convex = known;
        }
        return known.orElse(null);
    }

    /** Keeps what has an area: an overlay may also leave points and lines where edges touch. */
    private Region overlay(Region other, int operation) {
        Geometry result = Rings.overlay(shape, other.shape, operation);
        return result.isEmpty() ? EMPTY : new Region(result);
    }

    /** All of several regions together. */
    public static Region union(List<Region> regions) {
        Deadline.check();
        if (regions.size() == 1) {
            return regions.get(0);
        }
        List<Geometry> shapes = regions.stream().map(region -> region.shape).toList();
        return new Region(Remembered.union(shapes, () -> Overlay.areas(Overlay.unionOnGrid(shapes))));
    }

    /** Discs of one size; empty for none. */
    public static Region discs(List<Spot> middles, double diameterMm) {
        return middles.isEmpty()
                ? EMPTY
                : union(middles.stream()
                        .map(spot -> new Region(FACTORY.createPoint(new Coordinate(spot.x(), spot.y()))
                                .buffer(diameterMm / 2, 4)))
                        .toList());
    }

    /** A region of a shape that JTS made. */
    static Region of(Geometry shape) {
        return new Region(shape);
    }

    /** The whole edge, as lines. */
    public Lines edge() {
        return new Lines(shape.getBoundary());
    }

    /** This region with its edge moved outward. */
    public Region grown(double mm) {
        return new Region(MovedEdge.outward(shape, mm, BufferParameters.JOIN_ROUND));
    }

    /** The same, where corners stay corners as far as they are no needles: a wall's outer edge is as sharp as its inner one. */
    public Region grownToCorners(double mm) {
        return new Region(MovedEdge.outward(shape, mm, BufferParameters.JOIN_MITRE));
    }

    /** A point well inside, to hang a flag on; the box's corner for an empty region. */
    public Spot inside() {
        if (shape.isEmpty()) {
            return new Spot(0, 0);
        }
        Point point = shape.getInteriorPoint();
        return new Spot(point.getX(), point.getY());
    }

    /** Where a level line crosses the region: pairs of x, from the left. */
    public List<double[]> crossings(double y) {
        return Rings.crossings(shape, y);
    }

    /** This region turned about the origin, clockwise on the screen. */
    public Region turned(double degrees) {
        return degrees == 0
                ? this
                : new Region(AffineTransformation.rotationInstance(Math.toRadians(degrees))
                        .transform(shape));
    }

    /** This region turned upside-down. */
    public Region flipped() {
        return new Region(AffineTransformation.scaleInstance(1, -1).transform(shape));
    }

    /** Area in mm2, holes left out. */
    public double areaMm2() {
        return shape.getArea();
    }

    /** Length of the whole boundary in mm, that of holes with it. */
    public double perimeterMm() {
        return shape.getLength();
    }

    public boolean isEmpty() {
        return shape.isEmpty();
    }

    /** The bounding box. */
    public Box box() {
        Envelope e = shape.getEnvelopeInternal();
        return e.isNull() ? new Box(0, 0, 0, 0) : new Box(e.getMinX(), e.getMinY(), e.getWidth(), e.getHeight());
    }

    /** Radius in mm of the largest circle that fits inside, to 0.02 mm; 0 for an empty region. */
    public double inscribedRadiusMm() {
        if (Double.isNaN(inscribedRadiusMm)) {
            inscribedRadiusMm = shape.isEmpty() ? 0 : Widest.radiusMm(this);
        }
        return inscribedRadiusMm;
    }

    /**
     * About the same, mostly to a hundredth ({@link Inscribed}): for drawings of hundreds of shapes.
     */
    public double roughRadiusMm() {
        if (shape.isEmpty()) {
            return 0;
        }
        return Widest.roughlyMm(this);
    }

    /**
     * Whether a circle of this radius surely fits. A region without holes holds a circle of radius A/P (each point of a coat drawn
     * inward from the edge sweeps at most P times its depth), so mostly no search is needed.
     */
    boolean isWiderThan(double radiusMm) {
        return areaMm2() / perimeterMm() > radiusMm || inscribedRadiusMm() > radiusMm;
    }

    /** The inscribed radius, or this limit where it is surely no smaller: saves the search where only narrow places matter. */
    public double widestRadiusUpTo(double limitMm) {
        return isWiderThan(limitMm) ? limitMm : Math.min(limitMm, inscribedRadiusMm());
    }

    /** Width in mm of the strokes of lettering: the w for which {@code L w} is the area and {@code 2 L + 2 w} the perimeter. */
    public double strokeWidthMm() {
        double p = perimeterMm();
        return (p - Math.sqrt(Math.max(0, p * p - 16 * areaMm2()))) / 4;
    }

    /**
     * What is left when the edge moves inward.
     *
     * @param mm how far, 0 or more
     */
    public Region inset(double mm) {
        if (!(mm >= 0)) {
            throw new IllegalArgumentException("an inset is 0 mm or more, not " + mm);
        }
        if (mm == 0 || shape.isEmpty()) {
            return this;
        }
        Deadline.check();
        Convex simple = convex();
        Polygon inner = simple == null ? null : simple.inset(mm);
        if (inner != null) {
            return new Region(inner);
        }
        return new Region(MovedEdge.inward(shape, mm));
    }

    /**
     * What lies between the edge and an inset of this region: the difference, which needs no search where both are one piece without
     * holes.
     *
     * @param inset a region that lies inside this one everywhere, away from its edge
     */
    public Region without(Region inset) {
        if (shape instanceof Polygon outer
                && inset.shape instanceof Polygon inner
                && !inner.isEmpty()
                && outer.getNumInteriorRing() == 0
                && inner.getNumInteriorRing() == 0) {
            return new Region(FACTORY.createPolygon(
                    outer.getExteriorRing(),
                    new LinearRing[] {inner.getExteriorRing().reverse()}));
        }
        return difference(inset);
    }

    /**
     * The same region with each point of its edge elsewhere; where its edge then crosses itself, what both sides enclose is part of it.
     *
     * @param stepMm how far apart points are at the most, over 0
     * @param moved from a point to where it goes
     */
    public Region bent(double stepMm, UnaryOperator<Spot> moved) {
        Deadline.check();
        // A copy: a densified shape may share its corners with the one that it was made of.
        Geometry bent = Densifier.densify(shape, stepMm).copy();
        bent.apply((CoordinateFilter) at -> {
            Spot to = moved.apply(new Spot(at.x, at.y));
            at.x = to.x();
            at.y = to.y();
        });
        bent.geometryChanged();
        return of(Overlay.tried(() -> bent.buffer(0)));
    }

    /** Its pieces, each a region. */
    public List<Region> pieces() {
        List<Region> pieces = new ArrayList<>();
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            pieces.add(new Region(shape.getGeometryN(i)));
        }
        return pieces;
    }

    /** Whether it is one convex piece, so that no part of it is an arm. */
    boolean isConvex() {
        return convex() != null;
    }

    /** What is left of it, all round, when only a share of its area is wanted: 0 to 1. */
    public Region shrunkTo(double share) {
        return inset(Widest.insetLeaving(this, share));
    }

    /** This region moved by a distance in mm. */
    public Region moved(double rightMm, double downMm) {
        return new Region(
                AffineTransformation.translationInstance(rightMm, downMm).transform(shape));
    }

    /** This region with its holes filled. */
    public Region withoutHoles() {
        return new Region(Rings.filled(shape));
    }

    /** This region without slivers that only rounding has left. */
    public Region withoutHairs() {
        return new Region(Rings.withoutHairs(shape));
    }

    /** Whether all of it hangs together. */
    public boolean isOnePiece() {
        return shape.getNumGeometries() == 1 && !shape.isEmpty();
    }

    /** The least convex region around it. */
    public Region hull() {
        return new Region(shape.convexHull());
    }

    /** The same with fewer corners: none that is left out lay farther than this from the edge. */
    public Region simpler(double toleranceMm) {
        Geometry simple = TopologyPreservingSimplifier.simplify(shape, toleranceMm);
        return new Region(simple);
    }

    /** The middle of the box round it. */
    public Spot middle() {
        Box box = box();
        return new Spot(box.x() + box.widthMm() / 2, box.y() + box.heightMm() / 2);
    }

    /** This region, drawn about the origin, as it lies at a place. */
    public Region at(Pose pose) {
        Region own = pose.flipped() ? mirrored() : this;
        return own.turned(pose.turnDegrees()).moved(pose.x(), pose.y());
    }

    /** This region in an upright mirror through the origin. */
    public Region mirrored() {
        return new Region(AffineTransformation.scaleInstance(-1, 1).transform(shape));
    }

    /** This region scaled evenly about the origin. */
    public Region scaled(double factor) {
        return new Region(AffineTransformation.scaleInstance(factor, factor).transform(shape));
    }

    /** Whether all of a part of this region lies at least so far inside the edge of it. */
    boolean isDeep(Region part, double mm) {
        return !IndexedFacetDistance.isWithinDistance(shape.getBoundary(), part.shape.getBoundary(), mm);
    }

    /** Whether a point lies inside or on the edge. */
    public boolean covers(double x, double y) {
        Point point = FACTORY.createPoint(new Coordinate(x, y));
        return shape.covers(point);
    }

    /** The boundary as SVG path data in mm, to a hundredth. */
    public String pathData() {
        return Rings.written(DouglasPeuckerSimplifier.simplify(shape, PAINT_TOLERANCE_MM));
    }

    /** The same with all corners, so that neighbours keep the edge that they share ({@link #drawn}). */
    public String cornerData() {
        return Rings.written(shape);
    }

    Geometry shape() {
        return shape;
    }
}
