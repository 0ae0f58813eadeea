package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;

/**
 * Something made before that is set on the cookie: a transfer dropped into the wet coat, or a piece glued on with icing.
 *
 * @param icing the glue; null for what is dropped into wet icing
 * @param pieces each where it lies
 * @param glueGrams under all pieces together
 * @param heightMm how high a piece stands
 * @param gate what has to be so underneath
 * @param handSeconds hands it takes
 * @param layers what to paint
 * @param cutter of a small cookie, as it cuts the dough; empty for all else
 */
public record Placed(
        Icing icing,
        List<Region> pieces,
        double glueGrams,
        double heightMm,
        Gate gate,
        double handSeconds,
        List<Layer> layers,
        Region cutter)
        implements Mark {
    /** What is no cookie. */
    public Placed(
            Icing icing,
            List<Region> pieces,
            double glueGrams,
            double heightMm,
            Gate gate,
            double handSeconds,
            List<Layer> layers) {
        this(icing, pieces, glueGrams, heightMm, gate, handSeconds, layers, Region.EMPTY);
    }

    public Placed {
        pieces = List.copyOf(pieces);
        layers = List.copyOf(layers);
    }

    @Override
    public double volumeMm3() {
        return glueGrams * 1000 / STIFF_MG_PER_MM3;
    }

    @Override
    public double grams(BaseRecipe recipe) {
        return glueGrams;
    }

    @Override
    public double handSeconds(Habits habits) {
        return handSeconds;
    }

    @Override
    public double areaMm2() {
        return pieces.stream().mapToDouble(Region::areaMm2).sum();
    }

    @Override
    public Stage stage() {
        return gate.isPastWet() ? Stage.RAISED : Stage.COAT;
    }

    @Override
    public List<Slice> slices(double y) {
        return pieces.stream()
                .flatMap(piece -> piece.crossings(y).stream())
                .map(pair -> new Slice(pair[0], pair[1], heightMm, true))
                .toList();
    }

    @Override
    public Region covers() {
        return Region.union(pieces);
    }
}
