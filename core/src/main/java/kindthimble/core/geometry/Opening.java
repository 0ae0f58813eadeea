package kindthimble.core.geometry;

import java.util.List;

/** What a circle of some width does not reach when it is rolled about inside a region: the region without its opening. */
public final class Opening {
    private Opening() {}

    /**
     * Parts where no circle of this width fits, each of at least so much area. One beside a slit narrower than that may be passed over.
     *
     * @param widthMm over 0
     * @param leastMm2 area of a part that counts, so that corners do not
     */
    public static List<Region> narrowParts(Region region, double widthMm, double leastMm2) {
        if (region.isEmpty() || region.isConvex()) {
            return List.of();
        }
        double r = widthMm / 2;
        Region core = region.inset(r);
        // Grown back, the core has A + P r + pi r^2 a piece (J. Steiner, 1840), or less where it meets itself: mostly
        // that is enough.
        int pieces = core.pieces().size();
        int holes = Rings.of(core.shape()).size() - pieces;
        double grown = core.areaMm2() + core.perimeterMm() * r + Math.PI * r * r * (pieces - holes);
        if (region.areaMm2() - grown < leastMm2) {
            return List.of();
        }
        return region.difference(core.grown(r)).pieces().stream()
                .filter(part -> part.areaMm2() >= leastMm2)
                .toList();
    }
}
