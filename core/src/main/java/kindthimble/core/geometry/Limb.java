package kindthimble.core.geometry;

/** The thinnest limb that holds two parts of a region together. */
public final class Limb {
    private static final double STEP_MM = 0.1;

    /** Smaller pieces are hairs. */
    private static final double LEAST_PART_MM2 = 0.05;

    private Limb() {}

    /**
     * Half its width in mm: the inset at which the region falls apart, in steps of 0.1 mm.
     *
     * @param limitMm how far to look
     * @return the limit, or the region's inscribed radius where that is smaller, when it does not fall apart before
     */
    public static double radiusMm(Region region, double limitMm) {
        double widest = Math.min(limitMm, region.inscribedRadiusMm());
        long whole = parts(region);
        for (int step = 1; step * STEP_MM < widest; step++) {
            if (parts(region.inset(step * STEP_MM)) > whole) {
                return step * STEP_MM;
            }
        }
        return widest;
    }

    private static long parts(Region region) {
        return region.pieces().stream()
                .filter(piece -> piece.areaMm2() > LEAST_PART_MM2)
                .count();
    }
}
