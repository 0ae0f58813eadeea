package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.geometry.Region;

/**
 * A piped line of round section along the edge of a region: an outline, or a raised line. Its volume is
 * {@code length x pi d^2/4 x draw}.
 *
 * @param icing what it is made with
 * @param along region whose edge is the line's centre
 * @param widthMm d, the tip's opening, over 0
 * @param draw 1 for a line laid along the surface, less for one let down from above and stretched
 * @param gate what has to be so underneath
 */
public record Bead(Icing icing, Region along, double widthMm, double draw, Gate gate) implements Mark {
    @Override
    public double volumeMm3() {
        return lengthMm() * Math.PI * widthMm * widthMm / 4 * draw;
    }

    @Override
    public double lengthMm() {
        return along.perimeterMm();
    }

    @Override
    public double areaMm2() {
        return 0;
    }

    @Override
    public List<Layer> layers() {
        Layer.Role role = gate == Gate.BARE_COOKIE ? Layer.Role.BEAD : Layer.Role.RAISED;
        return List.of(new Layer(role, icing.colour(), along.pathData(), widthMm));
    }
}
