package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.geometry.Region;
import kindthimble.core.shop.HouseDefaults;

/**
 * Icing dabbed on a dry coat for a rough texture: area x 0.5 mm.
 *
 * @param icing what it is made with
 * @param region where
 * @param gate what has to be so underneath
 */
public record Dabs(Icing icing, Region region, Gate gate) implements Mark {
    private static final double APART_MM = 4;
    private static final int MOST = 300;

    @Override
    public double volumeMm3() {
        return areaMm2() * HouseDefaults.DABBED_MM;
    }

    @Override
    public double areaMm2() {
        return region.areaMm2();
    }

    @Override
    public Turn turn() {
        return Turn.raised(gate);
    }

    @Override
    public double handSeconds() {
        return areaMm2() / 100 * HouseDefaults.DAB_SECONDS_PER_CM2;
    }

    @Override
    public Region covers() {
        return region;
    }

    @Override
    public List<Layer> layers() {
        int dabs = (int) Math.min(MOST, Math.max(1, areaMm2() / (APART_MM * APART_MM)));
        return List.of(new Layer(Layer.Role.RAISED, icing.colour(), Shapes.grains(region, dabs, APART_MM * 0.7), null));
    }
}
