package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * The icing of pieces made on film days ahead: for one cookie, without spares. Where they lie on the cookie is told by
 * {@link Placed}.
 *
 * @param icing what they are made with
 * @param volumeMm3 of all pieces of one cookie
 * @param areaMm2 of all pieces of one cookie
 * @param filmMm2 that they take, gaps with it
 * @param ahead how many, and how many more are made
 */
public record Transfers(Icing icing, double volumeMm3, double areaMm2, double filmMm2, Ahead ahead) implements Mark {
    @Override
    public Gate gate() {
        return Gate.BARE_COOKIE;
    }

    @Override
    public Stage stage() {
        return Stage.AHEAD;
    }

    @Override
    public double handSeconds(Habits habits) {
        return areaMm2 / 100 * habits.mean(Habit.FLOOD_SECONDS_PER_CM2)
                + ahead.pieces() * habits.mean(Habit.PIECE_NEEDLE_SECONDS);
    }

    @Override
    public List<Supply> supplies() {
        return List.of(new Supply(Supply.Sort.FILM, null, filmMm2 / 100));
    }

    @Override
    public List<Layer> layers() {
        return List.of();
    }
}
