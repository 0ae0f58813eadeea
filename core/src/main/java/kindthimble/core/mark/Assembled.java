package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.habit.Habits;

/**
 * Pieces made ahead that are lifted off the film and put together so that they stand up; they dry a second time before they are set on.
 *
 * @param pieces on one cookie
 * @param ahead how many, and how many more are made
 * @param handSeconds hands it takes for all of them
 */
public record Assembled(int pieces, Ahead ahead, double handSeconds) implements Mark {
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
        return Gate.LIFTS_OFF;
    }

    @Override
    public Stage stage() {
        return Stage.AHEAD;
    }

    @Override
    public double handSeconds(Habits habits) {
        return handSeconds;
    }

    @Override
    public List<Layer> layers() {
        return List.of();
    }
}
