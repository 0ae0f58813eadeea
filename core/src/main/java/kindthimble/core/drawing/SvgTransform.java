package kindthimble.core.drawing;

import java.awt.geom.AffineTransform;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Transforms as drawings write them, and how what is drawn fits a window (SVG 2, 8.5 and 8.6). */
final class SvgTransform {
    private static final Pattern ONE = Pattern.compile("([a-zA-Z]+)\\s*\\(([^)]*)\\)");

    private SvgTransform() {}

    /** A list of transforms; what can't be read is left out. */
    static AffineTransform read(String written) {
        AffineTransform all = new AffineTransform();
        if (written == null) {
            return all;
        }
        Matcher one = ONE.matcher(written);
        while (one.find()) {
            double[] n = SvgLength.numbers(one.group(2));
            double degrees =
                    one.group(2).contains("rad") && n.length > 0 ? Math.toDegrees(n[0]) : n.length > 0 ? n[0] : 0;
            switch (one.group(1)) {
                case "matrix" -> {
                    if (n.length == 6) {
                        all.concatenate(new AffineTransform(n));
                    }
                }
                case "translate" -> all.translate(at(n, 0, 0), at(n, 1, 0));
                case "translateX" -> all.translate(at(n, 0, 0), 0);
                case "translateY" -> all.translate(0, at(n, 0, 0));
                case "scale" -> all.scale(at(n, 0, 1), at(n, 1, at(n, 0, 1)));
                case "scaleX" -> all.scale(at(n, 0, 1), 1);
                case "scaleY" -> all.scale(1, at(n, 0, 1));
                case "rotate" -> all.rotate(Math.toRadians(degrees), at(n, 1, 0), at(n, 2, 0));
                case "skewX" -> all.shear(Math.tan(Math.toRadians(degrees)), 0);
                case "skewY" -> all.shear(0, Math.tan(Math.toRadians(degrees)));
                default -> {
                    // A word of its own means nothing here.
                }
            }
        }
        return all;
    }

    private static double at(double[] numbers, int i, double otherwise) {
        return i < numbers.length ? numbers[i] : otherwise;
    }

    /**
     * From what is drawn to a window of a size.
     *
     * @param box x, y, width and height of what is drawn
     * @param aspect how it fits, as the attribute preserveAspectRatio says; null for in the middle and whole
     */
    static AffineTransform fitting(double[] box, double width, double height, String aspect) {
        double sx = width / box[2];
        double sy = height / box[3];
        String how = aspect == null ? "" : aspect;
        if (!how.contains("none")) {
            double s = how.contains("slice") ? Math.max(sx, sy) : Math.min(sx, sy);
            sx = s;
            sy = s;
        }
        double x = width - box[2] * sx;
        double y = height - box[3] * sy;
        AffineTransform fit = AffineTransform.getTranslateInstance(
                how.contains("xMin") ? 0 : how.contains("xMax") ? x : x / 2,
                how.contains("YMin") ? 0 : how.contains("YMax") ? y : y / 2);
        fit.scale(sx, sy);
        fit.translate(-box[0], -box[1]);
        return fit;
    }
}
