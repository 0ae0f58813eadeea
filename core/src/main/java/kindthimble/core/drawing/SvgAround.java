package kindthimble.core.drawing;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What holds for an element of a drawing.
 *
 * @param to from its units to mm
 * @param style how it looks
 * @param clips what it is cut to
 * @param groups how much it hides
 * @param window width and height of the window that it is measured by
 */
record SvgAround(
        AffineTransform to, SvgStyle style, List<Paint.Clip> clips, List<Paint.Group> groups, double[] window) {
    SvgAround with(AffineTransform next) {
        return new SvgAround(next, style, clips, groups, window);
    }

    /** The groups around and, where it is not wholly opaque, its own. */
    static List<Paint.Group> opacity(List<Paint.Group> around, Map<String, String> said) {
        double opacity = SvgStyle.share(said.get("opacity"), 1);
        if (opacity >= 1) {
            return around;
        }
        List<Paint.Group> groups = new ArrayList<>(around);
        groups.add(new Paint.Group(opacity));
        return groups;
    }
}
