package kindthimble.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * How much icing a flooded coat holds.
 *
 * <p>A coat is a plateau of thickness h whose free rim is a quarter circle: at height z it covers the region inset by
 * {@code s(z) = h - sqrt(h^2 - z^2)}. With {@code z = h sin u} the volume is {@code integral over u from 0 to pi/2 of
 * area(inset(h (1 - cos u))) h cos u du}, which is smooth and is summed by Gauss-Legendre quadrature (Abramowitz and Stegun,
 * Handbook of Mathematical Functions, 1964, 25.4.29 and table 25.4). Where the region is narrower than 2 h the integral stops
 * at the height at which nothing is left, so a sliver never reaches full height.
 *
 * <p>For a disc of radius R of at least h the closed form is {@code pi (R^2 h - 2 R h^2 (1 - pi/4) + h^3 (5/3 - pi/2))}.
 */
public final class CoatVolume {
    // Four-point Gauss-Legendre rule on [-1, 1]; the other two nodes mirror these. Of a disc of 80 mm it is right to 1
    // part in 10^7.
    private static final double[] NODE = {0.339981043584856, 0.861136311594053};
    private static final double[] WEIGHT = {0.652145154862546, 0.347854845137454};

    private CoatVolume() {}

    /**
     * Volumes of the coats of sections that are wet together: they meet flat, so the rim belongs to the edge of the whole wet
     * surface, and each section has its share of that: {@code area(section intersect inset(surface, s(z)))}.
     *
     * @param sections what is asked about; together they are the surface
     * @param surface all that is wet together
     * @param thicknessMm h, over 0
     * @return mm3, in the same order
     */
    public static double[] shares(List<Region> sections, Region surface, double thicknessMm) {
        double[] shares = new double[sections.size()];
        List<Integer> atTheEdge = new ArrayList<>();
        double deep = 0;
        for (int i = 0; i < shares.length; i++) {
            // What lies farther inside than the rim reaches is a plain slab.
            if (sections.size() > 1 && surface.isDeep(sections.get(i), thicknessMm)) {
                shares[i] = sections.get(i).areaMm2() * thicknessMm;
                deep += shares[i];
            } else {
                atTheEdge.add(i);
            }
        }
        if (atTheEdge.size() == 1) {
            shares[atTheEdge.get(0)] = mm3(surface, thicknessMm) - deep;
        } else {
            overRim(surface, thicknessMm, (covered, weight) -> {
                for (int i : atTheEdge) {
                    shares[i] += weight * sections.get(i).intersection(covered).areaMm2();
                }
            });
        }
        return shares;
    }

    /**
     * Volume of a coat whose whole edge is free.
     *
     * @param region what is flooded
     * @param thicknessMm h, over 0
     * @return mm3
     */
    public static double mm3(Region region, double thicknessMm) {
        double[] sum = {0};
        overRim(region, thicknessMm, (covered, weight) -> sum[0] += weight * covered.areaMm2());
        return sum[0];
    }

    private interface Level {
        void at(Region covered, double weightMm);
    }

    /** Goes through the levels of the quadrature: what the surface covers there, and the height that it stands for. */
    private static void overRim(Region surface, double thicknessMm, Level level) {
        if (!(thicknessMm > 0)) {
            throw new IllegalArgumentException("a coat has a thickness over 0 mm, not " + thicknessMm);
        }
        if (surface.isEmpty()) {
            return;
        }
        double reach = surface.isWiderThan(thicknessMm) ? thicknessMm : surface.inscribedRadiusMm();
        double lastAngle = reach < thicknessMm ? Math.acos(1 - reach / thicknessMm) : Math.PI / 2;
        for (int i = 0; i < NODE.length; i++) {
            for (int side = -1; side <= 1; side += 2) {
                double angle = lastAngle / 2 * (1 + side * NODE[i]);
                level.at(
                        surface.inset(thicknessMm * (1 - Math.cos(angle))),
                        WEIGHT[i] * Math.cos(angle) * thicknessMm * lastAngle / 2);
            }
        }
    }
}
