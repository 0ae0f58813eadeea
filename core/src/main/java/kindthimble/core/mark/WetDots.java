package kindthimble.core.mark;

import java.util.List;
import java.util.Locale;
import kindthimble.core.geometry.Spot;
import kindthimble.core.shop.HouseDefaults;

/**
 * Round dots dropped into a wet coat. Half of each sinks below the level of the coat, so each takes {@code pi/4 D^2 x h/2}.
 *
 * @param icing what they are made with
 * @param spots their middles
 * @param diameterMm D, as they look when they have spread
 * @param coatThicknessMm h of the coat they sink into
 */
public record WetDots(Icing icing, List<Spot> spots, double diameterMm, double coatThicknessMm) implements Mark {
    public WetDots {
        spots = List.copyOf(spots);
    }

    @Override
    public double volumeMm3() {
        return areaMm2() * coatThicknessMm * HouseDefaults.WET_MARK_ABOVE_SHARE;
    }

    @Override
    public double lengthMm() {
        return 0;
    }

    @Override
    public double areaMm2() {
        return spots.size() * Math.PI / 4 * diameterMm * diameterMm;
    }

    @Override
    public Gate gate() {
        return Gate.WET;
    }

    @Override
    public List<Layer> layers() {
        StringBuilder path = new StringBuilder();
        double r = diameterMm / 2;
        for (Spot spot : spots) {
            path.append(String.format(
                    Locale.ROOT,
                    "M%.2f %.2fa%.2f %.2f 0 1 0 %.2f 0a%.2f %.2f 0 1 0 %.2f 0Z",
                    spot.x() - r,
                    spot.y(),
                    r,
                    r,
                    2 * r,
                    r,
                    r,
                    -2 * r));
        }
        return List.of(new Layer(Layer.Role.SUNK, icing.colour(), path.toString(), null));
    }
}
