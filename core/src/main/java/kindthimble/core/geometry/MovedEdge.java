package kindthimble.core.geometry;

import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Edges of regions that move inward or outward, by JTS' polygon buffer. */
final class MovedEdge {
    private static final int ARC_CHORDS_PER_QUARTER = 12;
    /** How far off an inset's edge may be, in shares of the inset; a small one may be off by this in mm, up to the most. */
    private static final double INSET_TOLERANCE = 0.002;

    private static final double MOST_INSET_TOLERANCE = 0.01;
    private static final double MOST_FOLDS = 4_000;

    /** A corner reaches out so many times as far as its sides, at most. */
    private static final double NEEDLE = 6;

    private MovedEdge() {}

    static Geometry outward(Geometry shape, double mm, int join) {
        Deadline.check();
        checkFolds(shape, mm);
        return Remembered.of(
                shape,
                join == BufferParameters.JOIN_ROUND ? "outward" : "outward to corners",
                mm,
                () -> Overlay.tried(() -> BufferOp.bufferOp(
                        shape,
                        mm,
                        new BufferParameters(ARC_CHORDS_PER_QUARTER, BufferParameters.CAP_ROUND, join, NEEDLE))));
    }

    static Geometry inward(Geometry shape, double mm) {
        checkFolds(shape, mm);
        BufferParameters parameters = new BufferParameters(ARC_CHORDS_PER_QUARTER);
        parameters.setSimplifyFactor(Math.max(INSET_TOLERANCE, Math.min(MOST_INSET_TOLERANCE, INSET_TOLERANCE / mm)));
        return Remembered.of(shape, "inward", mm, () -> Overlay.tried(() -> BufferOp.bufferOp(shape, -mm, parameters)));
    }

    /**
     * Moving an edge takes as long as the moved edge crosses itself often: as there are points, and as often as a band so wide along
     * the whole edge would cover the box. That is under 1,000 for a drawing of 8,000 points, and grows without end for a comb.
     */
    private static void checkFolds(Geometry shape, double mm) {
        Envelope box = shape.getEnvelopeInternal();
        double covered = shape.getLength() * mm / Math.max(box.getWidth() * box.getHeight(), 1e-9);
        if (shape.getNumPoints() * covered > MOST_FOLDS) {
            throw new TooMuch("its edge is folded too finely for icing. Draw it with fewer and wider teeth.");
        }
    }
}
