package kindthimble.core.geometry;

import java.util.BitSet;
import java.util.List;
import java.util.Map;

/**
 * What can be seen of flat shapes that lie over each other: the plane, divided into faces that neither overlap nor leave a gap, whose
 * borders are the same points for both neighbours.
 *
 * <p>A line sweeps downward over all corners and crossings; between two of its stops the shapes are trapezoids side by side, and each
 * belongs to whoever the caller says owns what lies in just these shapes. It does so in upright strips, since each stop costs as much as
 * there are sides beside each other. All points are on a grid of {@value #GRID_MM} mm, so that
 * nothing depends on how a crossing is rounded: a border is where the owners on its two sides differ.
 */
public final class Mosaic {
    static final double GRID_MM = 1e-4;

    /** Who owns what lies in none of the shapes. */
    public static final int NOBODY = 0;

    private final List<Face> faces;

    private Mosaic(List<Face> faces) {
        this.faces = faces;
    }

    /**
     * A closed shape.
     *
     * @param rings its rings of points in mm; each is closed by itself
     * @param evenOdd whether what lies in an even number of rings is outside; otherwise what they wind round in sum is inside
     */
    public record Shape(List<double[][]> rings, boolean evenOdd) {}

    /** Says who owns a place. */
    @FunctionalInterface
    public interface Owners {
        /**
         * @param inside which of the shapes, by their place in the list, hold it; must not be kept or changed
         * @return an owner, or {@link Mosaic#NOBODY}
         */
        int of(BitSet inside);
    }

    /**
     * One piece of what an owner can be seen with.
     *
     * @param owner whose
     * @param areaMm2 its area, before any border was made simpler
     * @param region where it is
     * @param borders how long it borders on whom, in mm, by the number of the face; -1 stands for nobody's
     */
    public record Face(int owner, double areaMm2, Region region, Map<Integer, Double> borders) {}

    /**
     * Divides the plane by a picture: each of its dots is a square of one unit and has an owner.
     *
     * @param owners by dot, row by row
     * @param tolerance how far a border may lie off the corners of the dots, in dots
     */
    public static Mosaic ofDots(int[] owners, int width, int height, double tolerance) {
        Sweep sweep = new Sweep(new boolean[0], inside -> NOBODY);
        sweep.rows(owners, width, height);
        sweep.finish();
        return new Mosaic(new FaceBuilder(sweep, tolerance).faces());
    }

    /** The faces, those of nobody left out, in the order in which the sweep meets them. */
    public List<Face> faces() {
        return faces;
    }

    /**
     * Divides the plane.
     *
     * @param shapes within 100 m of the origin
     * @param owners who owns what
     * @param toleranceMm how far a border may lie off what was drawn
     * @throws TooMuch when there are more sides or crossings than any drawing has
     */
    public static Mosaic of(List<Shape> shapes, Owners owners, double toleranceMm) {
        boolean[] evenOdd = new boolean[shapes.size()];
        for (int i = 0; i < evenOdd.length; i++) {
            evenOdd[i] = shapes.get(i).evenOdd();
        }
        Sweep sweep = new Sweep(evenOdd, owners);
        Strips strips = new Strips(shapes);
        for (int i = 0; i < strips.count(); i++) {
            sweep.strip(strips.edges(i), strips.left(i), strips.right(i));
        }
        sweep.finish();
        return new Mosaic(new FaceBuilder(sweep, toleranceMm).faces());
    }
}
