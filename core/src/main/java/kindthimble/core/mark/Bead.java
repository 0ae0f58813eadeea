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
 * @param stage when it goes on
 * @param secondsPerCm hands it takes
 * @param ends how it runs out: one that tapers to a point is a cone, a third of the even one
 */
public record Bead(
        Icing icing,
        Lines along,
        double lengthMm,
        double widthMm,
        double draw,
        Gate gate,
        Stage stage,
        double secondsPerCm,
        Ends ends)
        implements Mark {
    /** How a line runs from its beginning to its end. */
    public enum Ends {
        EVEN(1),
        /** From its full width to a point. */
        TAPERED(1 / 3.0);

        private final double share;

        Ends(double share) {
            this.share = share;
        }
    }

    /** An even line that goes on as its gate says. */
    public Bead(
            Icing icing, Lines along, double lengthMm, double widthMm, double draw, Gate gate, double secondsPerCm) {
        this(icing, along, lengthMm, widthMm, draw, gate, Stage.raised(gate), secondsPerCm, Ends.EVEN);
    }

    @Override
    public double volumeMm3() {
        return lengthMm * Math.PI * widthMm * widthMm / 4 * draw * ends.share;
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
        return List.of(
                ends == Ends.EVEN
                        ? new Layer(role, icing.colour(), along.pathData(), widthMm)
                        : new Layer(
                                role,
                                icing.colour(),
                                Ribbons.swelling(along, share -> widthMm * Math.max(LEAST_SHARE, 1 - share)),
                                null));
    }

    /** So much of its width is drawn of its point. */
    private static final double LEAST_SHARE = 0.06;
}
