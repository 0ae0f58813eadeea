package kindthimble.core.drawing;

import java.util.BitSet;
import java.util.List;

/**
 * One layer of flat paint: the fill or the stroke of a shape.
 *
 * @param element which element of the drawing it is of, in painter's order
 * @param id what the element is called; empty for nothing
 * @param shape its number among the shapes of the mosaic
 * @param colour with how much it hides
 * @param clips what it is cut to, each
 * @param groups the groups around it that hide less than their parts, from the outside
 * @param stroke what is known of it as a line; null for a fill
 */
record Paint(int element, String id, int shape, SvgColour colour, List<Clip> clips, List<Group> groups, Stroke stroke) {

    /**
     * @param lengthMm along its middle
     * @param isClosed whether all of it returns to where it began
     * @param path its middle, as path data in mm
     * @param fill the colour of what it goes round, as # and six digits; null where that is not filled
     */
    record Stroke(double lengthMm, double widthMm, boolean isClosed, String path, String fill) {}

    /** A group, drawn as one and laid over what is below with a share of it. */
    static final class Group {
        final double opacity;

        Group(double opacity) {
            this.opacity = opacity;
        }
    }

    /** Some shapes that what is cut has to lie in: the topmost one there says whether it can be seen. */
    record Clip(List<Part> parts) {
        record Part(int shape, List<Clip> clips, boolean shows) {}

        boolean shows(BitSet inside) {
            for (int i = parts.size() - 1; i >= 0; i--) {
                Part part = parts.get(i);
                if (inside.get(part.shape) && all(part.clips, inside)) {
                    return part.shows;
                }
            }
            return false;
        }

        static boolean all(List<Clip> clips, BitSet inside) {
            for (Clip clip : clips) {
                if (!clip.shows(inside)) {
                    return false;
                }
            }
            return true;
        }
    }

    boolean isIn(BitSet inside) {
        return inside.get(shape) && Clip.all(clips, inside);
    }

    boolean hidesAll() {
        return colour.alpha() >= 1 && groups.isEmpty();
    }
}
