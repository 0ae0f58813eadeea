package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;

/**
 * A border that the shop knows by its grams a centimetre: ruffles, brush embroidery.
 *
 * @param icing what it is made with
 * @param kind which
 * @param along where it runs
 * @param widthMm how wide it is; of brush embroidery how far the brush draws each row
 * @param openingMm of the tip that pipes it
 * @param gramsPerCm as weighed
 * @param gate what has to be so underneath
 */
public record Frill(
        Icing icing, Border kind, Lines along, double widthMm, double openingMm, double gramsPerCm, Gate gate)
        implements Mark {
    private static final double BRUSH_HAIRS_MM = 1.1;
    private static final double FOLD_SHARE = 0.9;
    private static final double DARK = -0.14;

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

    /** Of brush embroidery its line: what is brushed off it lies to one side, and is thin. */
    @Override
    public Region covers() {
        return along.stroked(kind == Border.BRUSH_EMBROIDERY ? openingMm : widthMm);
    }

    @Override
    public Extent extent() {
        return Extent.of(along, widthMm);
    }

    @Override
    public List<Layer> layers() {
        String colour = icing.colour();
        if (kind == Border.BRUSH_EMBROIDERY) {
            String strokes = Ribbons.fringe(along, BRUSH_HAIRS_MM, widthMm);
            return List.of(
                    Layer.toned(Layer.Role.PRINT, colour, strokes, BRUSH_HAIRS_MM / 3, 0),
                    new Layer(Layer.Role.RAISED, colour, along.pathData(), openingMm));
        }
        String waves = Ribbons.waves(along, widthMm * FOLD_SHARE, widthMm / 4);
        return List.of(
                new Layer(Layer.Role.RAISED, colour, waves, widthMm / 2),
                Layer.toned(Layer.Role.RAISED, colour, waves, widthMm / 12, DARK));
    }
}
