package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Lines;
import kindthimble.core.habit.Habits;

/**
 * A second colour run through a coat: a share of the coat's volume, which the coat itself then lacks.
 *
 * @param icing the second colour
 * @param veins where it shows
 * @param widthMm how wide the veins are where they are widest
 * @param volumeMm3 its share of the coat
 */
public record Marbling(Icing icing, Lines veins, double widthMm, double volumeMm3) implements Mark {
    @Override
    public Gate gate() {
        return Gate.BARE_COOKIE;
    }

    @Override
    public Stage stage() {
        return Stage.COAT;
    }

    @Override
    public double handSeconds(Habits habits) {
        return 0;
    }

    @Override
    public List<Layer> layers() {
        String drawnOut = Ribbons.swelling(veins, share -> widthMm * (0.2 + 0.8 * Math.pow(Math.sin(7 * share), 2)));
        return List.of(new Layer(Layer.Role.SUNK, icing.colour(), drawnOut, null));
    }
}
