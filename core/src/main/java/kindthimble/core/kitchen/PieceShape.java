package kindthimble.core.kitchen;

import kindthimble.core.mark.Pieces;

/**
 * How much icing a piece is, by its shape: what a decorator's tip leaves, taken for simple bodies (docs/craft.md). None is more than the solid half ball of its size.
 */
final class PieceShape {
    private static final double STAR_FILLED = 1 / 3.0;
    private static final double STAR_HIGH = 0.8;
    private static final double ROSETTE_CLOSES = 1.15;
    private static final double PETAL_FILLED = 0.7;
    private static final double PETAL_MM = 1.8;
    private static final int PETALS = 5;
    private static final double PETAL_WIDE = 0.45;
    private static final double MIDDLE = 0.3;
    private static final double LEAF_FILLED = 0.6;
    private static final double LEAF_MM = 2;
    private static final double LEAF_NARROWS = 5 / 6.0;

    private PieceShape() {}

    /**
     * Volume of one piece in mm3.
     *
     * @param openingMm of the tip that pipes it, over 0
     * @param sizeMm across; of a leaf or a petal its length
     */
    static double mm3(Pieces.PieceKind kind, double openingMm, double sizeMm) {
        double volume = switch (kind) {
            case STAR -> STAR_FILLED * Math.PI / 4 * sizeMm * sizeMm * STAR_HIGH * sizeMm;
            case ROSETTE -> rosette(openingMm, sizeMm);
            case PETAL -> petal(sizeMm, Math.min(openingMm, sizeMm));
            // Five petals about a middle, each half as long as it is wide across.
            case FLOWER -> PETALS * petal(sizeMm / 2, PETAL_WIDE * sizeMm) + halfBall(MIDDLE * sizeMm);
            case LEAF -> sizeMm * Math.min(LEAF_NARROWS * openingMm, sizeMm) * LEAF_FILLED * LEAF_MM;
        };
        return Math.min(volume, halfBall(sizeMm));
    }

    /** One turn of a rope as thick as the opening, closed in the middle. */
    private static double rosette(double openingMm, double sizeMm) {
        double turn = Math.PI * Math.PI * Math.max(0, sizeMm - openingMm) * openingMm * openingMm / 4 * ROSETTE_CLOSES;
        return turn > 0 ? turn : halfBall(sizeMm);
    }

    private static double petal(double longMm, double wideMm) {
        return longMm * wideMm * PETAL_FILLED * PETAL_MM;
    }

    private static double halfBall(double acrossMm) {
        return Math.PI * acrossMm * acrossMm * acrossMm / 12;
    }
}
