package kindthimble.core.cutter;

import kindthimble.core.geometry.Pen;

/**
 * The form of a cutter, without its size. Each draws itself in any unit; {@link Cutter} gives it its size in mm.
 *
 * <p>A new form is one more record in {@link BasicForm} (made of lines and arcs), {@link FigureForm} (a few curves), {@link ThingForm} (shapes over each other) or
 * {@link OwnForm} (told by text or by a drawing).
 */
public sealed interface CutterShape permits BasicForm, FigureForm, ThingForm, OwnForm {

    /** Draws the outline, closed, y downwards, in units of its own. */
    Pen drawn();
}
