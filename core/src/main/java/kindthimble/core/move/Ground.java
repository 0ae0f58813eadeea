package kindthimble.core.move;

import kindthimble.core.geometry.Region;
import kindthimble.core.shop.ShopSettings;
import kindthimble.core.shop.Tip;

/**
 * The cookie as a move finds it.
 *
 * @param region where icing may lie
 * @param shop whose numbers stand in for what a move leaves open
 * @param floodSeconds the order's flood
 * @param outlineMm3 volume of outlines that no flood has filled yet
 * @param coatMm wet thickness of the coat on it; 0 while it is bare
 */
public record Ground(Region region, ShopSettings shop, double floodSeconds, double outlineMm3, double coatMm) {

    /** A bare cookie. */
    public static Ground bare(Region region, ShopSettings shop, double floodSeconds) {
        return new Ground(region, shop, floodSeconds, 0, 0);
    }

    boolean isBare() {
        return coatMm == 0;
    }

    Ground outlined(double mm3) {
        return new Ground(region, shop, floodSeconds, outlineMm3 + mm3, coatMm);
    }

    Ground flooded(double thicknessMm) {
        return new Ground(region, shop, floodSeconds, 0, thicknessMm);
    }

    Tip tip(String given, String usual) {
        return shop.tip(given == null || given.isBlank() ? usual : given);
    }

    double floodSeconds(Double given) {
        return given == null ? floodSeconds : given;
    }
}
