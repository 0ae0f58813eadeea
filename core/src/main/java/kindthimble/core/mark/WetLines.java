package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.shop.HouseDefaults;

/**
 * Lines laid into a wet coat: {@code length x width x h/2}, half of them sunk.
 *
 * @param icing what they are made with
 * @param along their centre lines
 * @param widthMm as wide as they end, 1.3 times the opening
 * @param coatThicknessMm h of the coat they sink into
 * @param drags how often a needle is drawn across them
 */
public record WetLines(Icing icing, Lines along, double widthMm, double coatThicknessMm, int drags) implements Mark {
    @Override
    public double volumeMm3() {
        return lengthMm() * widthMm * coatThicknessMm * HouseDefaults.WET_MARK_ABOVE_SHARE;
    }

    @Override
    public double lengthMm() {
        return along.lengthMm();
    }

    @Override
    public Gate gate() {
        return Gate.WET;
    }

    @Override
    public Turn turn() {
        return Turn.COAT;
    }

    @Override
    public double handSeconds() {
        return lengthMm() / 10 * HouseDefaults.OUTLINE_SECONDS_PER_CM + drags * HouseDefaults.DRAG_SECONDS;
    }

    @Override
    public Region covers() {
        return along.stroked(widthMm);
    }

    @Override
    public List<Layer> layers() {
        return List.of(new Layer(Layer.Role.SUNK, icing.colour(), along.pathData(), widthMm));
    }
}
