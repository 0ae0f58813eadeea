package kindthimble.core.geometry;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;

/**
 * What has lately been worked out of shapes with many corners. A change of a design leaves most of its sections as they were, corner for corner: what
 * follows from those need not be worked out again. What was not asked for longest is forgotten first.
 */
final class Remembered {
    /** Shapes with fewer corners are worked out sooner than looked up. */
    private static final int FEW = 10;

    /** All corners that are kept, some 20 MB of them. */
    private static final int MOST = 400_000;

    private static final Map<Asked, Object> KNOWN = new LinkedHashMap<>(256, 0.75f, true);
    private static int corners;

    private Remembered() {}

    /** What was asked, equal to the same question asked again. */
    private interface Asked {
        /** How many corners and points are kept with it. */
        int size();
    }

    /** What was asked of one shape, or of one and another. */
    private record Question(Corners one, Corners other, String what, double mm) implements Asked {
        @Override
        public int size() {
            return one.size() + (other == null ? 0 : other.size()) + FEW;
        }
    }

    /** A shape that equals another one with the same corners in the same order. */
    private static final class Corners {
        private final Geometry shape;
        private final int hash;

        Corners(Geometry shape) {
            this.shape = shape;
            int sum = shape.getNumGeometries();
            for (Coordinate corner : shape.getCoordinates()) {
                sum = 31 * sum + Double.hashCode(corner.x) + 17 * Double.hashCode(corner.y);
            }
            hash = sum;
        }

        int size() {
            return shape.getNumPoints();
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Corners same && hash == same.hash && shape.equalsExact(same.shape);
        }

        @Override
        public int hashCode() {
            return hash;
        }
    }

    /**
     * @param what is asked
     * @param mm by how much
     */
    static Geometry of(Geometry shape, String what, double mm, Supplier<Geometry> worked) {
        return shape.getNumPoints() < FEW
                ? worked.get()
                : (Geometry) known(new Question(new Corners(shape), null, what, mm), worked);
    }

    /** What follows from two shapes. */
    static Geometry of(Geometry one, Geometry other, String what, Supplier<Geometry> worked) {
        return one.getNumPoints() + other.getNumPoints() < FEW
                ? worked.get()
                : (Geometry) known(new Question(new Corners(one), new Corners(other), what, 0), worked);
    }

    /** A measure of two shapes. */
    static double measure(Geometry one, Geometry other, String what, double mm, Supplier<Double> worked) {
        return one.getNumPoints() + other.getNumPoints() < FEW
                ? worked.get()
                : (Double) known(new Question(new Corners(one), new Corners(other), what, mm), worked);
    }

    /** All of several shapes as one. */
    static Geometry union(List<Geometry> shapes, Supplier<Geometry> worked) {
        return (Geometry) known(new Union(shapes.stream().map(Corners::new).toList()), worked);
    }

    private record Union(List<Corners> shapes) implements Asked {
        @Override
        public int size() {
            return shapes.stream().mapToInt(Corners::size).sum() + FEW;
        }
    }

    /**
     * Points in a shape.
     *
     * @param points how many
     * @param standing where others stand already
     */
    @SuppressWarnings("unchecked") // what is remembered of this question is what it answered
    static List<Spot> spots(Geometry shape, int points, List<Spot> standing, Supplier<List<Spot>> worked) {
        return (List<Spot>) known(new Spread(new Corners(shape), points, List.copyOf(standing)), worked);
    }

    private record Spread(Corners shape, int points, List<Spot> standing) implements Asked {
        @Override
        public int size() {
            return shape.size() + points + standing.size() + FEW;
        }
    }

    /** A measure of a shape. */
    static double measure(Geometry shape, String what, Supplier<Double> worked) {
        return shape.getNumPoints() < FEW
                ? worked.get()
                : (Double) known(new Question(new Corners(shape), null, what, 0), worked);
    }

    private static Object known(Asked question, Supplier<?> worked) {
        synchronized (KNOWN) {
            Object known = KNOWN.get(question);
            if (known != null) {
                return known;
            }
        }
        Object found = worked.get();
        synchronized (KNOWN) {
            if (KNOWN.put(question, found) == null) {
                corners += size(question, found);
            }
            Iterator<Map.Entry<Asked, Object>> oldest = KNOWN.entrySet().iterator();
            while (corners > MOST && oldest.hasNext()) {
                Map.Entry<Asked, Object> gone = oldest.next();
                corners -= size(gone.getKey(), gone.getValue());
                oldest.remove();
            }
        }
        return found;
    }

    private static int size(Asked question, Object found) {
        return question.size() + (found instanceof Geometry geometry ? geometry.getNumPoints() : 0);
    }
}
