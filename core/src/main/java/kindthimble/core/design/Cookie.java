package kindthimble.core.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kindthimble.core.caution.Caution;
import kindthimble.core.geometry.Deadline;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.mark.Layer;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.mark.Placed;
import kindthimble.core.passes.Passes;

/**
 * A design, measured.
 *
 * @param design what was planned
 * @param baked the cookie as it comes out of the oven
 * @param iced where icing may lie
 * @param marks what the moves put on, in order; a move may put on several, one a pass
 * @param sections its sections, in order
 * @param passes the passes it is iced in
 * @param cautions what is likely to go wrong
 * @param handSeconds hands on one cookie in s, picking up bags with them; what is made ahead too
 * @param standing where marks stand by themselves, by the index of their move
 * @param onFilm whether it is made on film, and no cookie
 * @param small small designs of their own that are set on it, by the index of their move, each about its own middle
 */
public record Cookie(
        Design design,
        Region baked,
        Region iced,
        List<OnCookie> marks,
        List<Section> sections,
        List<Passes.Pass> passes,
        List<Caution> cautions,
        double handSeconds,
        Map<Integer, List<Pose>> standing,
        boolean onFilm,
        Map<Integer, Cookie> small) {

    /** As path data; a busy cookie has a tenth of it. */
    private static final long MOST_PATH_LETTERS = 2_000_000;

    /**
     * @param name by which moves name it
     * @param pass in which it is coated, from 1; 0 for one that stays bare
     * @param region where it lies
     */
    public record Section(String name, int pass, Region region) {
        /** A point inside, for its flag. */
        public Spot at() {
            return region.inside();
        }
    }

    /**
     * A small cookie that is set on a larger one, and baked with it.
     *
     * @param move index of the move that sets it on
     * @param cutter as it cuts the dough
     * @param baked as it comes out of the oven
     * @param each how many lie on one cookie
     */
    public record Top(int move, Region cutter, Region baked, int each) {}

    /** The small cookies that are set on it. */
    public List<Top> tops() {
        List<Top> tops = new ArrayList<>();
        for (OnCookie on : marks) {
            if (on.mark() instanceof Placed placed && !placed.cutter().isEmpty()) {
                tops.add(new Top(
                        on.move(),
                        placed.cutter(),
                        placed.pieces().get(0),
                        placed.pieces().size()));
            }
        }
        return tops;
    }

    public Cookie {
        marks = List.copyOf(marks);
        sections = List.copyOf(sections);
        passes = List.copyOf(passes);
        cautions = List.copyOf(cautions);
        standing = Map.copyOf(standing);
        small = Map.copyOf(small);
    }

    /** The same with other cautions. */
    Cookie withCautions(List<Caution> others) {
        return others.equals(cautions)
                ? this
                : new Cookie(
                        design, baked, iced, marks, sections, passes, others, handSeconds, standing, onFilm, small);
    }

    /** Grams of finished icing on one cookie. */
    public double grams(BaseRecipe recipe) {
        return marks.stream().mapToDouble(on -> on.mark().grams(recipe)).sum();
    }

    /**
     * All there is to paint, from the cookie up.
     *
     * @throws TooMuch when it is more than a screen can show
     */
    public List<Layer> layers() {
        List<Layer> layers = new ArrayList<>();
        if (!onFilm) {
            layers.add(Layer.dough(baked.pathData()));
        }
        long letters = 0;
        for (OnCookie on : marks) {
            Deadline.check();
            for (Layer layer : on.mark().layers()) {
                letters += layer.path().length();
                layers.add(layer.ofMove(on.move(), on.pass()));
            }
            if (letters > MOST_PATH_LETTERS) {
                throw new TooMuch("there is more to draw than a screen can show. Use fewer lines and pieces.");
            }
        }
        return layers;
    }
}
