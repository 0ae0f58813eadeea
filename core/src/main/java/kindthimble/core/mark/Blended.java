package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * What a needle or a brush has drawn into each other while it was wet: it moves icing and adds none.
 *
 * @param strokes of the needle
 * @param layers what it looks like where it was drawn
 * @param extent how far it reaches
 */
public record Blended(int strokes, List<Layer> layers, Extent extent) implements Mark {
    public Blended {
        layers = List.copyOf(layers);
    }

    @Override
    public Icing icing() {
        return null;
    }

    @Override
    public double volumeMm3() {
        return 0;
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
        return strokes * habits.mean(Habit.DRAG_SECONDS);
    }
}
