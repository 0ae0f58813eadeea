package kindthimble.core.design;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.geometry.Region;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.mark.Layer;
import kindthimble.core.mark.Mark;

/**
 * A design, measured.
 *
 * @param design what was planned
 * @param baked the cookie as it comes out of the oven
 * @param iced where icing may lie
 * @param marks what each move puts on, in order
 * @param cautions what is likely to go wrong
 */
public record Cookie(Design design, Region baked, Region iced, List<Mark> marks, List<Caution> cautions) {

    /**
     * @param move index of the move it is about
     * @param sentence what is likely to go wrong and what helps
     */
    public record Caution(int move, String sentence) {}

    public Cookie {
        marks = List.copyOf(marks);
        cautions = List.copyOf(cautions);
    }

    /** Grams of finished icing on one cookie. */
    public double grams(BaseRecipe recipe) {
        return marks.stream().mapToDouble(mark -> mark.grams(recipe)).sum();
    }

    /** All there is to paint, from the cookie up. */
    public List<Layer> layers() {
        List<Layer> layers = new ArrayList<>();
        layers.add(Layer.dough(baked.pathData()));
        for (int i = 0; i < marks.size(); i++) {
            int move = i;
            marks.get(i).layers().forEach(layer -> layers.add(layer.ofMove(move)));
        }
        return layers;
    }
}
