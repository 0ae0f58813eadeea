package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * Icing spread through a stencil: open area times its thickness. What stays on the scraper is counted with the pour.
 *
 * @param icing what it is made with
 * @param region what the stencil covers
 * @param openShare share of it that is open, 0 to 1
 * @param thicknessMm of the stencil
 * @param parts how many stencils, one after the other
 * @param gate what has to be so underneath
 * @param motif whether it is a form of its own, drawn as that, and not a pattern all over
 */
public record Print(
        Icing icing, Region region, double openShare, double thicknessMm, int parts, Gate gate, boolean motif)
        implements Mark {
    /** A pattern all over a region. */
    public Print(Icing icing, Region region, double openShare, double thicknessMm, int parts, Gate gate) {
        this(icing, region, openShare, thicknessMm, parts, gate, false);
    }

    @Override
    public double volumeMm3() {
        return areaMm2() * thicknessMm;
    }

    @Override
    public double areaMm2() {
        return region.areaMm2() * openShare;
    }

    @Override
    public Stage stage() {
        return Stage.STENCIL;
    }

    @Override
    public double handSeconds(Habits habits) {
        return parts * habits.mean(Habit.STENCIL_SECONDS);
    }

    @Override
    public Region covers() {
        return region;
    }

    @Override
    public List<Layer> layers() {
        return List.of(new Layer(
                Layer.Role.PRINT, icing.colour(), motif ? region.pathData() : Shapes.lattice(region, openShare), null));
    }
}
