package kindthimble.core.drawing;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

/**
 * A colour of the screen with how much it hides (CSS Color 4: names, # with 3, 4, 6 or 8 digits, rgb(), hsl()).
 *
 * @param red 0 to 255, as are the others
 * @param alpha 0 (nothing to see) to 1
 */
record SvgColour(double red, double green, double blue, double alpha) {
    static final SvgColour BLACK = new SvgColour(0, 0, 0, 1);

    private static final Map<String, SvgColour> NAMED = named();

    /** Reads a colour; null when it is none. */
    static SvgColour read(String written) {
        String text = written.strip().toLowerCase(Locale.ROOT);
        if (text.startsWith("#")) {
            return ofDigits(text.substring(1));
        }
        int open = text.indexOf('(');
        if (open > 0 && text.endsWith(")")) {
            String[] values =
                    text.substring(open + 1, text.length() - 1).strip().split("\\s*[,/]\\s*|\\s+");
            try {
                return switch (text.substring(0, open).strip()) {
                    case "rgb", "rgba" -> ofRgb(values);
                    case "hsl", "hsla" -> ofHsl(values);
                    default -> null;
                };
            } catch (NumberFormatException e) {
                return null;
            }
        }
        return NAMED.get(text);
    }

    private static SvgColour ofDigits(String digits) {
        if (!digits.matches("[0-9a-f]{3,4}|[0-9a-f]{6}|[0-9a-f]{8}")) {
            return null;
        }
        boolean isShort = digits.length() < 5;
        double[] parts = {0, 0, 0, 255};
        for (int i = 0; i < digits.length() / (isShort ? 1 : 2); i++) {
            parts[i] = isShort
                    ? 17 * Integer.parseInt(digits.substring(i, i + 1), 16)
                    : Integer.parseInt(digits.substring(2 * i, 2 * i + 2), 16);
        }
        return new SvgColour(parts[0], parts[1], parts[2], parts[3] / 255);
    }

    private static SvgColour ofRgb(String[] values) {
        if (values.length < 3) {
            return null;
        }
        return new SvgColour(
                within(part(values[0], 255), 255),
                within(part(values[1], 255), 255),
                within(part(values[2], 255), 255),
                values.length > 3 ? within(part(values[3], 1), 1) : 1);
    }

    private static SvgColour ofHsl(String[] values) {
        if (values.length < 3) {
            return null;
        }
        double hue = angle(values[0]) % 360;
        double h = (hue < 0 ? hue + 360 : hue) / 30;
        double s = within(part(values[1], 100) / 100, 1);
        double l = within(part(values[2], 100) / 100, 1);
        double a = s * Math.min(l, 1 - l);
        double[] rgb = new double[3];
        for (int i = 0; i < 3; i++) {
            double k = (new int[] {0, 8, 4}[i] + h) % 12;
            rgb[i] = 255 * (l - a * Math.max(-1, Math.min(Math.min(k - 3, 9 - k), 1)));
        }
        return new SvgColour(rgb[0], rgb[1], rgb[2], values.length > 3 ? within(part(values[3], 1), 1) : 1);
    }

    private static double angle(String value) {
        if (value.endsWith("turn")) {
            return 360 * Double.parseDouble(value.substring(0, value.length() - 4));
        }
        if (value.endsWith("rad") && !value.endsWith("grad")) {
            return Math.toDegrees(Double.parseDouble(value.substring(0, value.length() - 3)));
        }
        return Double.parseDouble(value.endsWith("deg") ? value.substring(0, value.length() - 3) : value);
    }

    private static double part(String value, double whole) {
        return value.endsWith("%")
                ? whole * Double.parseDouble(value.substring(0, value.length() - 1)) / 100
                : Double.parseDouble(value);
    }

    private static double within(double value, double most) {
        return Math.max(0, Math.min(most, value));
    }

    SvgColour hidingLess(double share) {
        return new SvgColour(red, green, blue, alpha * share);
    }

    /** As # and six digits. */
    String hex() {
        int all = (int) Math.round(red) << 16 | (int) Math.round(green) << 8 | (int) Math.round(blue);
        return "#" + Integer.toHexString(0x1000000 | all).substring(1).toUpperCase(Locale.ROOT);
    }

    private static Map<String, SvgColour> named() {
        Map<String, SvgColour> all = new HashMap<>();
        try (InputStream file = SvgColour.class.getResourceAsStream("colour-names.txt");
                BufferedReader lines = new BufferedReader(new InputStreamReader(file, StandardCharsets.US_ASCII))) {
            lines.lines().filter(line -> !line.startsWith("#")).forEach(line -> {
                String[] parts = line.split(" ");
                all.put(parts[0], ofDigits(parts[1].toLowerCase(Locale.ROOT)));
            });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        all.put("transparent", new SvgColour(0, 0, 0, 0));
        return all;
    }
}
