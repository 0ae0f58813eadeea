package kindthimble.core.drawing;

import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.tracing.MiddleLines;

/** Shapes that are lines, though they were drawn as shapes: narrow, long, and about as wide everywhere. */
final class Narrow {
    private static final double WIDEST = 4;
    private static final double LONG = 4;

    /** A lens has two thirds of its greatest width on the mean; a line has nearly all. */
    private static final double EVEN = 0.72;

    private Narrow() {}

    static boolean is(Region region) {
        return isEven(region, 2 * region.roughRadiusMm());
    }

    /**
     * @param acrossMm the widest circle inside it
     */
    static boolean isEven(Region region, double acrossMm) {
        double width = widthMm(region);
        return acrossMm < WIDEST && region.perimeterMm() / 2 > LONG * acrossMm && width > EVEN * acrossMm;
    }

    /** Its mean width: twice its area for its whole edge. */
    static double widthMm(Region region) {
        return 2 * region.areaMm2() / region.perimeterMm();
    }

    static Lines middle(Region region) {
        return Lines.all(MiddleLines.of(region, widthMm(region)));
    }
}
