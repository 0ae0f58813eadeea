package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.geometry.Region;

/**
 * A flooded coat.
 *
 * @param icing what it is made with
 * @param region what it covers
 * @param thicknessMm its wet thickness, over 0
 * @param volumeMm3 what is flooded, the outline taken off
 */
public record Coat(Icing icing, Region region, double thicknessMm, double volumeMm3) implements Mark {
    @Override
    public double lengthMm() {
        return 0;
    }

    @Override
    public double areaMm2() {
        return region.areaMm2();
    }

    @Override
    public Gate gate() {
        return Gate.BARE_COOKIE;
    }

    @Override
    public List<Layer> layers() {
        return List.of(new Layer(Layer.Role.COAT, icing.colour(), region.pathData(), null));
    }
}
