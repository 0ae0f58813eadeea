package kindthimble.core.geometry;

import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** How large a circle fits into a region. */
final class Widest {
    private static final double TOLERANCE_MM = 0.02;
    private static final double ROUGHLY_MM = 0.03;
    private static final int FEW_CORNERS = 40;

    /** Perimeter squared over area: 12.6 of a disc, 16 of a square, some 40 of a star; more of what is long or has many arms. */
    private static final double STRIP = 150;

    private Widest() {}

    /**
     * Its radius to 0.02 mm. JTS' search refines a grid, which takes long in a strip, where many circles are equally large; there, and wherever the
     * edge has few corners, insets are cheap, and the radius is halved in on: the largest inset that leaves something.
     */
    static double radiusMm(Region region) {
        Deadline.check();
        return Remembered.measure(region.shape(), "radius", () -> searched(region));
    }

    private static double searched(Region region) {
        double perimeter = region.perimeterMm();
        boolean isStrip = perimeter * perimeter > STRIP * region.areaMm2();
        if (region.shape().getNumPoints() > FEW_CORNERS && !isStrip) {
            return new MaximumInscribedCircle(region.shape(), TOLERANCE_MM)
                    .getRadiusLine()
                    .getLength();
        }
        Box box = region.box();
        double fits = 0;
        double tooLarge = Math.min(box.widthMm(), box.heightMm()) / 2 + TOLERANCE_MM;
        while (tooLarge - fits > TOLERANCE_MM) {
            double middle = (fits + tooLarge) / 2;
            if (region.inset(middle).isEmpty()) {
                tooLarge = middle;
            } else {
                fits = middle;
            }
        }
        return fits;
    }

    /** About the same, mostly to a hundredth ({@link Inscribed}). */
    static double roughlyMm(Region region) {
        Deadline.check();
        double width = 2 * region.areaMm2() / region.perimeterMm();
        Geometry plain = region.shape().getNumPoints() < FEW_CORNERS
                ? region.shape()
                : DouglasPeuckerSimplifier.simplify(region.shape(), Math.min(ROUGHLY_MM, width / 20));
        return plain.isEmpty() ? width / 2 : Inscribed.radiusMm(plain, region.box());
    }

    /** The inset that leaves a share of a region's area: 0 to 1. */
    static double insetLeaving(Region region, double share) {
        double fits = region.inscribedRadiusMm();
        double leaves = 0;
        while (fits - leaves > TOLERANCE_MM) {
            double middle = (fits + leaves) / 2;
            if (region.inset(middle).areaMm2() > share * region.areaMm2()) {
                leaves = middle;
            } else {
                fits = middle;
            }
        }
        return leaves;
    }
}
