package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.geometry.Region;
import kindthimble.core.shop.HouseDefaults;

/**
 * Icing spread through a stencil: open area x 0.3 mm. What stays on the scraper is counted with the pour.
 *
 * @param icing what it is made with
 * @param region what the stencil covers
 * @param openShare share of it that is open, 0 to 1
 * @param parts how many stencils, one after the other
 * @param gate what has to be so underneath
 */
public record Print(Icing icing, Region region, double openShare, int parts, Gate gate) implements Mark {
    @Override
    public double volumeMm3() {
        return areaMm2() * HouseDefaults.STENCIL_MM;
    }

    @Override
    public double areaMm2() {
        return region.areaMm2() * openShare;
    }

    @Override
    public Turn turn() {
        return Turn.STENCIL;
    }

    @Override
    public double handSeconds() {
        return parts * HouseDefaults.STENCIL_SECONDS;
    }

    @Override
    public Region covers() {
        return region;
    }

    @Override
    public List<Layer> layers() {
        return List.of(new Layer(Layer.Role.PRINT, icing.colour(), Shapes.lattice(region, openShare), null));
    }
}
