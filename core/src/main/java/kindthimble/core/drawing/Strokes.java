package kindthimble.core.drawing;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Locale;

/** Strokes as areas, by the JDK's own stroker, which joins and ends lines as SVG 2, 13.5 says. */
final class Strokes {
    /** Strokes are worked out this much larger than a millimetre: the stroker's own tolerances are those of a screen. */
    private static final double UNITS_PER_MM = 60;

    private static final double MOST_DASHES = 20_000;

    private Strokes() {}

    /**
     * The area that a stroke covers, in the units of its shape.
     *
     * @param mmPerUnit how large those are on the cookie
     */
    static Shape area(Path2D path, SvgStyle style, double width, double diagonal, double mmPerUnit, double length) {
        double s = mmPerUnit * UNITS_PER_MM;
        if (!(s > 0) || !Double.isFinite(s)) {
            return new Path2D.Double();
        }
        AffineTransform larger = AffineTransform.getScaleInstance(s, s);
        int cap = switch (style.get("stroke-linecap", "butt")) {
            case "round" -> BasicStroke.CAP_ROUND;
            case "square" -> BasicStroke.CAP_SQUARE;
            default -> BasicStroke.CAP_BUTT;
        };
        int join = switch (style.get("stroke-linejoin", "miter")) {
            case "round" -> BasicStroke.JOIN_ROUND;
            case "bevel" -> BasicStroke.JOIN_BEVEL;
            default -> BasicStroke.JOIN_MITER;
        };
        double limit = SvgLength.read(style.get("stroke-miterlimit", "4"), 1, 1);
        float[] dashes = dashes(style, width, diagonal, s, length);
        double phase = SvgLength.read(style.get("stroke-dashoffset", "0"), diagonal, style.fontSize());
        BasicStroke stroke = new BasicStroke(
                (float) (width * s),
                cap,
                join,
                (float) (limit >= 1 ? limit : 4),
                dashes,
                dashes == null || Double.isNaN(phase) ? 0 : phase(phase * s, dashes));
        Shape area = stroke.createStrokedShape(larger.createTransformedShape(path));
        return AffineTransform.getScaleInstance(1 / s, 1 / s).createTransformedShape(area);
    }

    /** A pattern may begin before its start: whole repeats are added. */
    private static float phase(double phase, float[] dashes) {
        double sum = 0;
        for (float dash : dashes) {
            sum += dash;
        }
        double whole = dashes.length % 2 == 0 ? sum : 2 * sum;
        double left = phase % whole;
        return (float) (left < 0 ? left + whole : left);
    }

    private static float[] dashes(SvgStyle style, double width, double diagonal, double s, double length) {
        String written =
                style.get("stroke-dasharray", "none").toLowerCase(Locale.ROOT).strip();
        if (written.isEmpty() || written.equals("none")) {
            return null;
        }
        List<String> words = List.of(written.split("[\\s,]+"));
        float[] dashes = new float[words.size()];
        double sum = 0;
        for (int i = 0; i < dashes.length; i++) {
            double dash = SvgLength.read(words.get(i), diagonal, style.fontSize());
            if (!(dash >= 0)) {
                return null;
            }
            // A dash without a length is a dot where lines end round or square; the stroker wants it to have a way.
            dashes[i] = (float) (Math.max(dash, i % 2 == 0 ? width * 1e-3 : 0) * s);
            sum += dash;
        }
        boolean isOdd = dashes.length % 2 != 0;
        if (isOdd) {
            float[] twice = java.util.Arrays.copyOf(dashes, 2 * dashes.length);
            System.arraycopy(dashes, 0, twice, dashes.length, dashes.length);
            dashes = twice;
        }
        return sum > 0 && length / sum * dashes.length < MOST_DASHES ? dashes : null;
    }
}
