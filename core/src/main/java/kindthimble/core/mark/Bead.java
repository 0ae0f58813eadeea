package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habits;

/**
 * Piped lines of round section: an outline, a raised line, writing. Volume is {@code length x pi d^2/4 x draw}.
 *
 * @param icing what it is made with
 * @param along its centre line, as it is drawn
 * @param lengthMm how much is piped; of writing, whose strokes are drawn there and back, about half the length of that
 * @param widthMm d, the tip's opening, over 0
 * @param draw 1 for a line laid along the surface, less for one let down from above and stretched
 * @param gate what has to be so underneath
 * @param secondsPerCm hands it takes
 */
public record Bead(
        Icing icing, Lines along, double lengthMm, double widthMm, double draw, Gate gate, double secondsPerCm)
        implements Mark {
    @Override
    public double volumeMm3() {
        return lengthMm * Math.PI * widthMm * widthMm / 4 * draw;
    }

    @Override
    public Stage stage() {
        return Stage.raised(gate);
    }

    @Override
    public double handSeconds(Habits habits) {
        return lengthMm / 10 * secondsPerCm;
    }

    @Override
    public List<Slice> slices(double y) {
        return along.crossings(y).stream()
                .map(x -> new Slice(x - widthMm / 2, x + widthMm / 2, widthMm, gate != Gate.BARE_COOKIE))
                .toList();
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
        Layer.Role role = gate == Gate.BARE_COOKIE ? Layer.Role.BEAD : Layer.Role.RAISED;
        return List.of(new Layer(role, icing.colour(), along.pathData(), widthMm));
    }
}
