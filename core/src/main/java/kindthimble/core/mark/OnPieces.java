package kindthimble.core.mark;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;

/**
 * A mark on each of the small pieces that are made before they are set on a cookie: for one cookie, without spares. Where the pieces
 * lie is told by {@link Placed}.
 *
 * @param mark as it lies on one piece
 * @param gate what has to be so on the piece before it goes on
 * @param gateMinutes how long that takes
 * @param pieces on one cookie, 1 or more
 * @param ahead how many, and how many more are made; null for pieces that are counted with their cookie
 * @param filmMm2 that all of them take, gaps with it; 0 where it is told already, or there is none
 */
public record OnPieces(Mark mark, Gate gate, int gateMinutes, int pieces, Ahead ahead, double filmMm2) implements Mark {
    @Override
    public Icing icing() {
        return mark.icing();
    }

    @Override
    public String colour() {
        return mark.colour();
    }

    @Override
    public double volumeMm3() {
        return pieces * mark.volumeMm3();
    }

    @Override
    public double grams(BaseRecipe recipe) {
        return pieces * mark.grams(recipe);
    }

    @Override
    public double dryingMm() {
        return mark.dryingMm();
    }

    @Override
    public double lengthMm() {
        return pieces * mark.lengthMm();
    }

    @Override
    public double areaMm2() {
        return pieces * mark.areaMm2();
    }

    @Override
    public Stage stage() {
        return Stage.AHEAD;
    }

    @Override
    public double handSeconds(Habits habits) {
        return pieces * mark.handSeconds(habits);
    }

    @Override
    public List<Supply> supplies() {
        List<Supply> supplies = new ArrayList<>();
        for (Supply one : mark.supplies()) {
            supplies.add(new Supply(one.sort(), one.colour(), pieces * one.amount()));
        }
        if (filmMm2 > 0) {
            supplies.add(new Supply(Supply.Sort.FILM, null, filmMm2 / 100));
        }
        return supplies;
    }

    @Override
    public List<Layer> layers() {
        return List.of();
    }
}
