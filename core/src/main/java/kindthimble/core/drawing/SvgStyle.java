package kindthimble.core.drawing;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** The style that an element hands on to what stands in it: properties as they are written, each from the nearest element that says it. */
final class SvgStyle {
    private static final Set<String> HANDED_ON = Set.of(
            "fill",
            "stroke",
            "fill-opacity",
            "stroke-opacity",
            "fill-rule",
            "clip-rule",
            "stroke-width",
            "stroke-linecap",
            "stroke-linejoin",
            "stroke-miterlimit",
            "stroke-dasharray",
            "stroke-dashoffset",
            "color",
            "visibility",
            "font-size",
            "paint-order");
    private static final double USUAL_FONT = 16;

    static final SvgStyle INITIAL = new SvgStyle(Map.of());

    private final Map<String, String> values;

    private SvgStyle(Map<String, String> values) {
        this.values = values;
    }

    /** The style of an element inside. */
    SvgStyle with(Map<String, String> declared) {
        Map<String, String> own = null;
        for (String property : HANDED_ON) {
            String value = declared.get(property);
            if (value != null && !value.equals("inherit") && isMeant(property, value)) {
                own = own == null ? new HashMap<>(values) : own;
                own.put(property, property.equals("font-size") ? String.valueOf(fontSize(value)) : value.strip());
            }
        }
        return own == null ? this : new SvgStyle(own);
    }

    /** A paint that can't be read says nothing, and the one around goes on. */
    private static boolean isMeant(String property, String value) {
        if (!property.equals("fill") && !property.equals("stroke") && !property.equals("color")) {
            return true;
        }
        String word = value.strip().toLowerCase(Locale.ROOT);
        return word.equals("none")
                || word.equals("currentcolor")
                || word.startsWith("url(")
                || word.startsWith("context-")
                || SvgColour.read(word) != null;
    }

    private double fontSize(String value) {
        double read = SvgLength.read(value, fontSize(), fontSize());
        return Double.isNaN(read) ? fontSize() : read;
    }

    double fontSize() {
        return Double.parseDouble(values.getOrDefault("font-size", String.valueOf(USUAL_FONT)));
    }

    String get(String property, String initial) {
        return values.getOrDefault(property, initial);
    }

    boolean isVisible() {
        return get("visibility", "visible").equals("visible");
    }

    boolean isEvenOdd(String rule) {
        return get(rule, "nonzero").equals("evenodd");
    }

    SvgColour colour() {
        SvgColour read = SvgColour.read(get("color", "black"));
        return read == null ? SvgColour.BLACK : read;
    }

    /** A share, as a number or in percent. */
    static double share(String written, double otherwise) {
        if (written == null) {
            return otherwise;
        }
        try {
            String text = written.strip();
            double value = text.endsWith("%")
                    ? Double.parseDouble(text.substring(0, text.length() - 1)) / 100
                    : Double.parseDouble(text);
            return Double.isNaN(value) ? otherwise : Math.max(0, Math.min(1, value));
        } catch (NumberFormatException e) {
            return otherwise;
        }
    }
}
