package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * Lines laid into a wet coat: {@code length x width x a h}, where a share a of them stays above the coat.
 *
 * @param icing what they are made with
 * @param along their centre lines, as they are drawn
 * @param lengthMm how much is piped; of writing, whose strokes are drawn there and back, about half of that
 * @param widthMm as wide as they end, 1.3 times the opening
 * @param coatThicknessMm h of the coat they sink into
 * @param drags how often a needle is drawn across them
 * @param aboveShare share of them that stands above that coat
 */
public record WetLines(
        Icing icing, Lines along, double lengthMm, double widthMm, double coatThicknessMm, int drags, double aboveShare)
        implements Mark {
    @Override
    public double volumeMm3() {
        return lengthMm * widthMm * coatThicknessMm * aboveShare;
    }

    @Override
    public Gate gate() {
        return Gate.WET;
    }

    @Override
    public Stage stage() {
        return Stage.COAT;
    }

    @Override
    public double handSeconds(Habits habits) {
        return lengthMm / 10 * habits.mean(Habit.OUTLINE_SECONDS_PER_CM) + drags * habits.mean(Habit.DRAG_SECONDS);
    }

    @Override
    public Region covers() {
        return along.stroked(widthMm);
    }

    @Override
    public Extent extent() {
        return Extent.of(along, widthMm);
    }

    @Override
    public List<Layer> layers() {
        return List.of(new Layer(Layer.Role.SUNK, icing.colour(), along.pathData(), widthMm));
    }
}
