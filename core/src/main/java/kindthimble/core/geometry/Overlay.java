package kindthimble.core.geometry;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.Supplier;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.Polygonal;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.TopologyException;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.overlayng.UnaryUnionNG;
import org.locationtech.jts.util.AssertionFailedException;

/**
 * Shapes laid over each other: every overlay of the house is worked out here. First with the corners as they are, then snapped together where
 * they can't be told apart; where rounding still gets in the way, mended and on a grid far finer than any hand; and what can't be worked out even
 * so is said.
 */
final class Overlay {
    /** Corners of unions of many lie on a grid, in parts of a millimetre. */
    private static final PrecisionModel FINE = new PrecisionModel(1e8);

    /** The last resort: a thousandth of a millimetre. */
    private static final PrecisionModel COARSE = new PrecisionModel(1e3);

    private static final String SENTENCE =
            "its outlines run over each other so that it can't be told what lies inside. Draw them a little apart, or leave one out.";

    private Overlay() {}

    /**
     * @param operation one of {@link OverlayNG}'s
     * @throws TooMuch when it can't be worked out
     */
    static Geometry of(Geometry one, Geometry other, int operation) {
        return mendedAtLast(
                () -> OverlayNGRobust.overlay(one, other, operation),
                () -> OverlayNG.overlay(GeometryFixer.fix(one), GeometryFixer.fix(other), operation, COARSE));
    }

    /** All of several, where edges of two are seldom the same. */
    static Geometry union(Collection<? extends Geometry> several) {
        return mendedAtLast(
                () -> OverlayNGRobust.union(List.<Geometry>copyOf(several), Region.FACTORY),
                () -> UnaryUnionNG.union(fixed(several), Region.FACTORY, COARSE));
    }

    /** All of many: where their edges nearly run along each other, they do. */
    static Geometry unionOnGrid(Collection<? extends Geometry> many) {
        return mendedAtLast(
                () -> UnaryUnionNG.union(List.<Geometry>copyOf(many), Region.FACTORY, FINE),
                () -> UnaryUnionNG.union(fixed(many), Region.FACTORY, COARSE));
    }

    /** Something else that works out a shape of shapes: a widened or narrowed one. */
    static Geometry tried(Supplier<Geometry> work) {
        return mendedAtLast(work, () -> {
            throw new TooMuch(SENTENCE);
        });
    }

    private static List<Geometry> fixed(Collection<? extends Geometry> several) {
        return several.stream().map(GeometryFixer::fix).toList();
    }

    private static Geometry mendedAtLast(Supplier<Geometry> work, Supplier<Geometry> mended) {
        try {
            return work.get();
        } catch (TopologyException | AssertionFailedException | IllegalArgumentException e) {
            try {
                return mended.get();
            } catch (TopologyException | AssertionFailedException | IllegalArgumentException again) {
                throw new TooMuch(SENTENCE);
            }
        }
    }

    /** What of a shape has an area: an overlay may also leave points and lines where edges touch. */
    static Geometry areas(Geometry shape) {
        if (shape instanceof Polygonal) {
            return shape;
        }
        List<Polygon> parts = new ArrayList<>();
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            if (shape.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                parts.add(polygon);
            }
        }
        return Region.FACTORY.createMultiPolygon(parts.toArray(Polygon[]::new));
    }
}
