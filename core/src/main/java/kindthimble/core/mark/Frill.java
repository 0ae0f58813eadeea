package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;

/**
 * A border that the shop knows by its grams a centimetre: ruffles, brush embroidery.
 *
 * @param icing what it is made with
 * @param kind which
 * @param along where it runs
 * @param widthMm how wide it is drawn
 * @param gramsPerCm as weighed
 * @param gate what has to be so underneath
 */
public record Frill(Icing icing, Border kind, Lines along, double widthMm, double gramsPerCm, Gate gate)
        implements Mark {
    /** A border piped by the centimetre. */
    public enum Border {
        RUFFLE,
        BRUSH_EMBROIDERY
    }

    @Override
    public double volumeMm3() {
        return lengthMm() / 10 * gramsPerCm * 1000 / STIFF_MG_PER_MM3;
    }

    @Override
    public double grams(BaseRecipe recipe) {
        return lengthMm() / 10 * gramsPerCm;
    }

    @Override
    public double lengthMm() {
        return along.lengthMm();
    }

    @Override
    public Stage stage() {
        return Stage.raised(gate);
    }

    @Override
    public double handSeconds(Habits habits) {
        double perCm = kind == Border.RUFFLE
                ? habits.mean(Habit.RAISED_SECONDS_PER_CM)
                : habits.mean(Habit.BRUSHED_SECONDS_PER_CM);
        return lengthMm() / 10 * perCm;
    }

    @Override
    public boolean waitsForItsOwn() {
        return kind == Border.BRUSH_EMBROIDERY;
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
        if (kind == Border.BRUSH_EMBROIDERY) {
            return List.of(new Layer(Layer.Role.PRINT, icing.colour(), along.pathData(), widthMm));
        }
        List<Spot> folds = along.beads(widthMm * 0.55);
        return List.of(new Layer(Layer.Role.RAISED, icing.colour(), Shapes.discs(folds, widthMm), null));
    }
}
