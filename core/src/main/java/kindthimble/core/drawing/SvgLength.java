package kindthimble.core.drawing;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Lengths as drawings write them, in units of the drawing (CSS pixels of 1/96 inch). */
final class SvgLength {
    private static final double PX_PER_INCH = 96;
    private static final double MM_PER_INCH = 25.4;
    private static final Pattern LENGTH =
            Pattern.compile("\\s*([-+]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][-+]?\\d+)?)\\s*([a-zA-Z%]*)\\s*");

    private SvgLength() {}

    /**
     * @param whole what 100 % are
     * @return not a number where nothing can be read
     */
    static double read(String written, double whole, double fontSize) {
        if (written == null) {
            return Double.NaN;
        }
        Matcher length = LENGTH.matcher(written);
        if (!length.matches()) {
            return Double.NaN;
        }
        double value = Double.parseDouble(length.group(1));
        return switch (length.group(2).toLowerCase(Locale.ROOT)) {
            case "", "px" -> value;
            case "pt" -> value * PX_PER_INCH / 72;
            case "pc" -> value * PX_PER_INCH / 6;
            case "mm" -> value * PX_PER_INCH / MM_PER_INCH;
            case "cm" -> value * PX_PER_INCH / MM_PER_INCH * 10;
            case "q" -> value * PX_PER_INCH / MM_PER_INCH / 4;
            case "in" -> value * PX_PER_INCH;
            case "em", "rem" -> value * fontSize;
            case "ex" -> value * fontSize / 2;
            case "%" -> value * whole / 100;
            default -> Double.NaN;
        };
    }

    /** The first of two lengths that can be read; all there is where neither can. */
    static double first(String given, String own, double whole, double fontSize) {
        double asked = read(given, whole, fontSize);
        double said = read(own, whole, fontSize);
        return !Double.isNaN(asked) ? asked : !Double.isNaN(said) ? said : whole;
    }

    /** Numbers with blanks or commas between them, as many as can be read. */
    static double[] numbers(String written) {
        if (written == null) {
            return new double[0];
        }
        Matcher number = NUMBER.matcher(written);
        double[] all = new double[16];
        int count = 0;
        while (number.find()) {
            if (count == all.length) {
                all = java.util.Arrays.copyOf(all, 2 * count);
            }
            all[count++] = Double.parseDouble(number.group());
        }
        return java.util.Arrays.copyOf(all, count);
    }

    private static final Pattern NUMBER = Pattern.compile("[-+]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][-+]?\\d+)?");
}
