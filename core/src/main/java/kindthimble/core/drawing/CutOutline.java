package kindthimble.core.drawing;

import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.words.Refused;

/** What the cutter of a drawing cuts. */
public final class CutOutline {
    /** The outermost shape is the cutter when it holds so much of all. */
    private static final double MOST_OF_ALL = 0.7;

    private static final double TOLERANCE_MM = 0.02;
    private static final double[] CLOSING_MM = {0, 2, 5, 10, 20, 40};
    private static final int LONGEST_PATH = 19_000;

    private CutOutline() {}

    /**
     * All of a drawing in one piece, as it was drawn.
     *
     * @return in mm of the drawing
     * @throws Refused when nothing of it shows
     */
    public static Region of(Drawing drawing) {
        return of(drawing, part -> Becomes.SECTION, CutBy.OUTERMOST, 0, null);
    }

    /**
     * @param becomes what each part of the drawing becomes
     * @param marginMm of a silhouette: how much wider the cutter is
     * @param cutter of {@link CutBy#CUTTER}: which; null otherwise
     * @return in mm of the drawing
     * @throws Refused when nothing of it is kept
     */
    static Region of(
            Drawing drawing, Function<Drawing.Part, Becomes> becomes, CutBy edge, double marginMm, Cutter cutter) {
        List<Region> all = drawing.parts().stream()
                .filter(part -> becomes.apply(part) != Becomes.LEFT_OUT && becomes.apply(part) != Becomes.GUIDE)
                .map(part -> part.region().withoutHoles())
                .toList();
        if (all.isEmpty()) {
            throw new Refused("taken", "All of this drawing is left out. Keep at least one shape.");
        }
        Region whole = Region.union(all).withoutHoles();
        if (edge == CutBy.CUTTER) {
            // Where it lies, so that the drawing is in its middle.
            Spot middle = whole.middle();
            return cutter.baked(0).moved(middle.x(), middle.y());
        }
        Region outermost = drawing.parts().stream()
                .map(part -> part.region().withoutHoles())
                .max(Comparator.comparingDouble(Region::areaMm2))
                .orElseThrow();
        if (edge == CutBy.OUTERMOST && outermost.areaMm2() >= MOST_OF_ALL * whole.areaMm2()) {
            return outermost;
        }
        double margin = edge == CutBy.SILHOUETTE ? marginMm : 0;
        for (double closing : CLOSING_MM) {
            Region grown = whole.grown(margin + closing);
            Region one = (closing > 0 ? grown.inset(closing) : grown).withoutHoles();
            if (one.isOnePiece()) {
                return one;
            }
        }
        return whole.hull().grown(margin);
    }

    /** An outline as path data in mm, as short as a cutter's may be. */
    public static String path(Region outline) {
        double tolerance = TOLERANCE_MM;
        String path = outline.simpler(tolerance).pathData();
        while (path.length() > LONGEST_PATH) {
            tolerance *= 2;
            path = outline.simpler(tolerance).pathData();
        }
        return path;
    }
}
