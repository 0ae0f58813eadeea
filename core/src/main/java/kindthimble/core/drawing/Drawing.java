package kindthimble.core.drawing;

import java.util.List;
import java.util.Map;
import kindthimble.core.geometry.Region;

/**
 * A drawing at the size of a cookie: what can be seen of it, by colour and by shape.
 *
 * @param widthMm width of all that was drawn
 * @param heightMm height of it
 * @param colours what can be seen of each, the largest first
 * @param parts its shapes, those of one colour together; with the colours' order, and the largest first
 * @param lines what was drawn as strokes
 * @param notes what was left out, or taken otherwise than drawn, a sentence each
 * @param beneath how far each part that is a fill reaches when no stroke lies on it, in the order of the parts; empty for strokes. Parts that only
 *     a stroke divides have the same one
 */
public record Drawing(
        double widthMm,
        double heightMm,
        List<Colour> colours,
        List<Part> parts,
        List<Line> lines,
        List<String> notes,
        List<Region> beneath) {

    /**
     * @param hex as # and six digits
     * @param areaMm2 what can be seen of it
     * @param parts how many shapes
     */
    public record Colour(String hex, double areaMm2, int parts) {}

    /**
     * One shape: all that hangs together in one colour; or what can be seen of one stroke.
     *
     * @param id the same whenever the same shape is read again, whatever the size
     * @param called what its element is called in the file; empty for nothing
     * @param hex its colour
     * @param areaMm2 what can be seen of it
     * @param perimeterMm its whole edge
     * @param inscribedRadiusMm the largest circle that fits
     * @param becomes what it is taken for
     * @param why in a few words
     * @param region where it is, 0 0 being the upper left corner of the drawing
     * @param line number of the stroke that it is, in {@link Drawing#lines}; -1 for a fill
     * @param beside how long it borders on which other part, in mm, by the number of that part
     */
    public record Part(
            String id,
            String called,
            String hex,
            double areaMm2,
            double perimeterMm,
            double inscribedRadiusMm,
            Becomes becomes,
            String why,
            Region region,
            int line,
            Map<Integer, Double> beside) {}

    /**
     * @param hex its colour
     * @param lengthMm along its middle
     * @param widthMm how wide
     * @param isClosed whether it returns to where it began
     * @param path its middle, as path data in mm
     */
    public record Line(String hex, double lengthMm, double widthMm, boolean isClosed, String path) {}
}
