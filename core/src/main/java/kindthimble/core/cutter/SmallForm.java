package kindthimble.core.cutter;

import kindthimble.core.catalogue.Filled;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Pen;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habits;
import kindthimble.core.words.Refused;

/** Small forms for what lies on a cookie: a section inlaid, a transfer, a cookie glued on. */
public enum SmallForm {
    DISC(new BasicForm.Round()),
    HEART(new FigureForm.Heart()),
    STAR(new BasicForm.Star(null, null)),
    FLOWER(new BasicForm.Scalloped(5)),
    LEAF(new FigureForm.Leaf()),
    DROP(new FigureForm.Drop()),
    BOW(new FigureForm.Bow()),
    BANNER(new FigureForm.Banner()),
    CLOUD(new FigureForm.Cloud()),
    KITE(new FigureForm.DiamondKite(null, null));

    private final CutterShape shape;

    SmallForm(CutterShape shape) {
        this.shape = Filled.of(shape, Habits.HOUSE);
    }

    /**
     * The region of a form, its middle on the origin.
     *
     * @param form one of these
     * @param path a closed outline as SVG path data that overrules the form; null or blank for none
     * @param widthMm how wide
     * @throws Refused when the path can't be read, or has no area
     */
    public static Region region(SmallForm form, String path, double widthMm) {
        if (path == null || path.isBlank()) {
            return form.shape.drawn().fitted(widthMm, Across.WIDTH);
        }
        try {
            Pen pen = Pen.following(path);
            if (pen.enclosesSomething()) {
                return pen.fitted(widthMm, Across.WIDTH);
            }
        } catch (IllegalArgumentException e) {
            throw new Refused("path", "This path can't be read: " + e.getMessage() + ".");
        }
        throw new Refused("path", "This path encloses nothing. Draw a closed outline.");
    }
}
