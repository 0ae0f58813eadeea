package kindthimble.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.algorithm.Area;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.TopologyException;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.operation.overlayng.CoverageUnion;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.util.AssertionFailedException;

/** Rings of points, and what they bound. */
final class Rings {
    /** Of a drawing all rings together; a busy one has a tenth. */
    private static final int MOST_POINTS = 8_000;

    private static final int MOST_CROSSINGS = 200;
    private static final double HAIR_MM2 = 0.02;
    private static final double HAIR_MM = 0.02;

    private Rings() {}

    /** What is bounded by closed rings of points; a ring inside another is a hole (even-odd). */
    static Geometry evenOdd(List<double[][]> rings) {
        checkSize(rings);
        Geometry sum = Region.FACTORY.createPolygon();
        for (double[][] ring : rings) {
            Deadline.check();
            Geometry polygon = polygon(ring);
            sum = sum.isEmpty() ? polygon : Overlay.areas(Overlay.of(sum, polygon, OverlayNG.SYMDIFFERENCE));
        }
        return sum;
    }

    /** What is bounded by closed rings of points; those that run against the largest one are holes. */
    static Geometry overlapping(List<double[][]> rings) {
        checkSize(rings);
        List<Geometry> solid = new ArrayList<>();
        List<Geometry> holes = new ArrayList<>();
        double[][] largest = rings.stream()
                .max(Comparator.comparingDouble(ring -> Math.abs(signedArea(ring))))
                .orElse(new double[0][]);
        for (double[][] ring : rings) {
            boolean sameWay = Math.signum(signedArea(ring)) == Math.signum(signedArea(largest));
            (sameWay ? solid : holes).add(polygon(ring));
        }
        Geometry sum = Overlay.areas(Overlay.union(solid));
        return holes.isEmpty() ? sum : Overlay.areas(Overlay.of(sum, Overlay.union(holes), OverlayNG.DIFFERENCE));
    }

    /** What is bounded by rings of which none crosses another: the largest is the outside, and those inside it are holes. */
    static Geometry exact(List<double[][]> rings) {
        checkSize(rings);
        List<LinearRing> closed = new ArrayList<>();
        for (double[][] ring : rings) {
            if (ring.length > 2) {
                closed.add(Region.FACTORY.createLinearRing(closedLine(ring)));
            }
        }
        if (closed.isEmpty()) {
            return Region.FACTORY.createPolygon();
        }
        closed.sort(Comparator.comparingDouble(ring -> -Area.ofRing(ring.getCoordinates())));
        Geometry polygon = Region.FACTORY.createPolygon(
                closed.get(0), closed.subList(1, closed.size()).toArray(LinearRing[]::new));
        return polygon.isValid() ? polygon : evenOdd(rings);
    }

    /** All of several polygons of which no two overlap by more than rounding. */
    static Geometry joined(List<Geometry> polygons) {
        try {
            return CoverageUnion.union(Region.FACTORY.buildGeometry(polygons));
        } catch (TopologyException | AssertionFailedException | IllegalArgumentException e) {
            return Overlay.areas(Overlay.union(polygons));
        }
    }

    /** Without slivers that only rounding has left. */
    static Geometry withoutHairs(Geometry shape) {
        List<Polygon> kept = new ArrayList<>();
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            if (shape.getGeometryN(i) instanceof Polygon polygon
                    && polygon.getArea() > HAIR_MM2
                    && polygon.getArea() / polygon.getLength() > HAIR_MM) {
                kept.add(polygon);
            }
        }
        return kept.size() == 1 ? kept.get(0) : Region.FACTORY.createMultiPolygon(kept.toArray(Polygon[]::new));
    }

    private static void checkSize(List<double[][]> rings) {
        if (rings.stream().mapToInt(ring -> ring.length).sum() > MOST_POINTS) {
            throw new TooMuch("its outline has more than " + MOST_POINTS + " points. Draw it with fewer.");
        }
    }

    private static double signedArea(double[][] ring) {
        double sum = 0;
        for (int i = 0; i < ring.length; i++) {
            double[] next = ring[(i + 1) % ring.length];
            sum += ring[i][0] * next[1] - next[0] * ring[i][1];
        }
        return sum / 2;
    }

    private static Geometry polygon(double[][] ring) {
        Coordinate[] line = closedLine(ring);
        Geometry polygon = Region.FACTORY.createPolygon(line);
        if (polygon.isValid()) {
            return polygon;
        }
        if (Tangle.crossesMoreThan(MOST_CROSSINGS, line)) {
            throw new TooMuch("its outline crosses itself more than " + MOST_CROSSINGS
                    + " times. Draw it as a plain line round the shape.");
        }
        return Overlay.areas(GeometryFixer.fix(polygon));
    }

    private static Coordinate[] closedLine(double[][] ring) {
        Coordinate[] line = new Coordinate[ring.length + 1];
        for (int i = 0; i < ring.length; i++) {
            line[i] = new Coordinate(ring[i][0], ring[i][1]);
        }
        line[ring.length] = line[0].copy();
        return line;
    }

    /** All rings of a shape: each outside, then its holes. */
    static List<LinearRing> of(Geometry geometry) {
        List<LinearRing> rings = new ArrayList<>();
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                rings.add(polygon.getExteriorRing());
                for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
                    rings.add(polygon.getInteriorRingN(hole));
                }
            }
        }
        return rings;
    }

    /** As SVG path data in mm, to a hundredth. */
    static String written(Geometry drawn) {
        Deadline.check();
        StringBuilder path = new StringBuilder();
        for (LinearRing ring : of(drawn)) {
            Coordinate[] line = ring.getCoordinates();
            for (int i = 0; i < line.length - 1; i++) {
                path.append(i == 0 ? 'M' : 'L');
                Hundredths.append(path, line[i].x).append(' ');
                Hundredths.append(path, line[i].y);
            }
            path.append('Z');
        }
        return path.toString();
    }

    /** Where a level line crosses a shape: pairs of x, from the left. */
    static List<double[]> crossings(Geometry shape, double y) {
        Envelope box = shape.getEnvelopeInternal();
        Geometry line = shape.getFactory().createLineString(new Coordinate[] {
            new Coordinate(box.getMinX() - 1, y), new Coordinate(box.getMaxX() + 1, y)
        });
        Geometry cut = Overlay.of(shape, line, OverlayNG.INTERSECTION);
        List<double[]> pairs = new ArrayList<>();
        for (int i = 0; i < cut.getNumGeometries(); i++) {
            Envelope e = cut.getGeometryN(i).getEnvelopeInternal();
            if (e.getWidth() > 0) {
                pairs.add(new double[] {e.getMinX(), e.getMaxX()});
            }
        }
        pairs.sort(Comparator.comparingDouble(pair -> pair[0]));
        return pairs;
    }

    /** Keeps what has an area: an overlay may also leave points and lines where edges touch. */
    static Geometry overlay(Geometry one, Geometry other, int operation) {
        Deadline.check();
        return Remembered.of(
                one, other, "overlay " + operation, () -> Overlay.areas(Overlay.of(one, other, operation)));
    }

    /** A shape with its holes filled. */
    static Geometry filled(Geometry shape) {
        List<Polygon> filled = new ArrayList<>();
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            if (shape.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                filled.add(shape.getFactory().createPolygon(polygon.getExteriorRing()));
            }
        }
        return filled.size() == 1
                ? filled.get(0)
                : shape.getFactory().createMultiPolygon(filled.toArray(Polygon[]::new));
    }
}
