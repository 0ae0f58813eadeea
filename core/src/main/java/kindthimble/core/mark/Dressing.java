package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habits;

/**
 * A mark without icing: marker, paint, dust, airbrush, sprinkles, sugar, candies, or a guide under an icing.
 *
 * @param colour key of its colour; null where it has none of the order's
 * @param path what to paint, as SVG path data
 * @param strokeMm width of its line; null when the inside is filled
 * @param lengthMm drawn; 0 where nothing is
 * @param areaMm2 covered; 0 where that means nothing
 * @param gate what has to be so underneath
 * @param stage when it goes on
 * @param handSeconds hands it takes
 * @param supplies what it takes
 * @param extent how far it reaches
 */
public record Dressing(
        String colour,
        String path,
        Double strokeMm,
        double lengthMm,
        double areaMm2,
        Gate gate,
        Stage stage,
        double handSeconds,
        List<Supply> supplies,
        Extent extent)
        implements Mark {
    public Dressing {
        supplies = List.copyOf(supplies);
    }

    /** Spread over a whole region. */
    public static Dressing over(
            Region region, String colour, Gate gate, Stage stage, double handSeconds, List<Supply> supplies) {
        return new Dressing(
                colour,
                region.pathData(),
                null,
                0,
                region.areaMm2(),
                gate,
                stage,
                handSeconds,
                supplies,
                Extent.of(region));
    }

    @Override
    public Icing icing() {
        return null;
    }

    @Override
    public double volumeMm3() {
        return 0;
    }

    @Override
    public double handSeconds(Habits habits) {
        return handSeconds;
    }

    @Override
    public List<Layer> layers() {
        Layer.Role role = stage == Stage.AIRBRUSH ? Layer.Role.SPRAYED : Layer.Role.DRESSING;
        return List.of(new Layer(role, colour, path, strokeMm));
    }
}
