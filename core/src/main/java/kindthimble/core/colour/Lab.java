package kindthimble.core.colour;

import java.util.regex.Pattern;
import kindthimble.core.words.Refused;

/**
 * A colour in CIE 1976 L*a*b* under D65 (CIE 15:2018).
 *
 * @param l lightness, 0 (black) to 100 (white)
 * @param a green to red
 * @param b blue to yellow
 */
public record Lab(double l, double a, double b) {
    /** D65 white of the 2-degree observer, as IEC 61966-2-1 gives it, Y = 1. */
    private static final double[] WHITE = {0.9505, 1.0, 1.0890};

    private static final double DELTA = 6.0 / 29;
    private static final Pattern HEX = Pattern.compile("#[0-9A-Fa-f]{6}");

    /** Whether a colour of the screen is written as # and six digits. */
    public static boolean isHex(String written) {
        return written != null && HEX.matcher(written).matches();
    }

    /**
     * A colour of the screen (sRGB, IEC 61966-2-1).
     *
     * @param hex such as {@code #D5473F}
     * @throws Refused when it is not written so
     */
    public static Lab ofHex(String hex) {
        if (!isHex(hex)) {
            throw new Refused("hex", "Write a colour as # and six digits, such as #D5473F.");
        }
        double r = linear(Integer.parseInt(hex.substring(1, 3), 16) / 255.0);
        double g = linear(Integer.parseInt(hex.substring(3, 5), 16) / 255.0);
        double b = linear(Integer.parseInt(hex.substring(5, 7), 16) / 255.0);
        return ofLinearRgb(r, g, b);
    }

    /** A colour by its tristimulus values, Y of white being 1. */
    public static Lab ofXyz(double x, double y, double z) {
        double fx = root(x / WHITE[0]);
        double fy = root(y / WHITE[1]);
        double fz = root(z / WHITE[2]);
        return new Lab(116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz));
    }

    /** Tristimulus values of the white that colours are seen against, Y = 1. */
    public static double[] white() {
        return WHITE.clone();
    }

    /** Its tristimulus values, Y of white being 1. */
    public double[] xyz() {
        double fy = (l + 16) / 116;
        return new double[] {
            WHITE[0] * cube(fy + a / 500), WHITE[1] * cube(fy), WHITE[2] * cube(fy - b / 200),
        };
    }

    /** As the screen's linear red, green and blue, 0 to 1 within its gamut and beyond that outside it. */
    public double[] linearRgb() {
        double[] c = xyz();
        return new double[] {
            3.2406 * c[0] - 1.5372 * c[1] - 0.4986 * c[2],
            -0.9689 * c[0] + 1.8758 * c[1] + 0.0415 * c[2],
            0.0557 * c[0] - 0.2040 * c[1] + 1.0570 * c[2],
        };
    }

    /** As {@code #RRGGBB}; what the screen can't show is clipped to what it can. */
    public String hex() {
        double[] rgb = linearRgb();
        return "#%02X%02X%02X".formatted(coded(rgb[0]), coded(rgb[1]), coded(rgb[2]));
    }

    /** A colour by the screen's linear red, green and blue. */
    public static Lab ofLinearRgb(double r, double g, double b) {
        return ofXyz(
                0.4124 * r + 0.3576 * g + 0.1805 * b,
                0.2126 * r + 0.7152 * g + 0.0722 * b,
                0.0193 * r + 0.1192 * g + 0.9505 * b);
    }

    /** Distance from grey of the same lightness. */
    public double chroma() {
        return length(a, b);
    }

    /**
     * Difference as the eye sees it, CIEDE2000 with all weights 1 (CIE 142-2001; G. Sharma, W. Wu and E. N. Dalal, The CIEDE2000
     * color-difference formula, Color Research and Application 30, 2005, whose 34 pairs the tests check).
     *
     * @return 0 for the same colour; about 1 is just visible
     */
    public double differenceTo(Lab other) {
        double meanChroma = (chroma() + other.chroma()) / 2;
        double stretch = Weights.stretchOfA(meanChroma);
        double a1 = a * stretch;
        double a2 = other.a * stretch;
        double c1 = length(a1, b);
        double c2 = length(a2, other.b);
        double h1 = hue(a1, b);
        double h2 = hue(a2, other.b);
        double deltaHue = deltaHue(h1, h2, c1 * c2);
        double deltaL = other.l - l;
        double deltaC = c2 - c1;
        double deltaH = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(deltaHue) / 2);
        double meanL = (l + other.l) / 2;
        double meanC = (c1 + c2) / 2;
        double meanHue = meanHue(h1, h2, c1 * c2);
        Weights weights = Weights.at(meanL, meanC, meanHue);
        double turn = 30 * Math.exp(-Math.pow((meanHue - 275) / 25, 2));
        double rt = -2 * Math.sqrt(Weights.seventh(meanC)) * Math.sin(Math.toRadians(2 * turn));
        double x = deltaL / weights.ofL();
        double y = deltaC / weights.ofC();
        double z = deltaH / weights.ofH();
        return Math.sqrt(x * x + y * y + z * z + rt * y * z);
    }

    private static double linear(double share) {
        return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
    }

    private static int coded(double linear) {
        double share = linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
        return (int) Math.round(255 * Math.max(0, Math.min(1, share)));
    }

    private static double cube(double t) {
        return t > DELTA ? t * t * t : 3 * DELTA * DELTA * (t - 4.0 / 29);
    }

    /** The curve of lightness of one of X, Y and Z against white (CIE 15): a cube root, and a line near black. */
    public static double root(double t) {
        return t > DELTA * DELTA * DELTA ? Math.cbrt(t) : t / (3 * DELTA * DELTA) + 4.0 / 29;
    }

    /** Slope of that curve. */
    public static double rootSlope(double t) {
        double f = root(t);
        return 1 / (3 * (t > DELTA * DELTA * DELTA ? f * f : DELTA * DELTA));
    }

    /** No colour is so far out that Math.hypot's care is needed, which is much slower. */
    private static double length(double x, double y) {
        return Math.sqrt(x * x + y * y);
    }

    private static double hue(double a, double b) {
        if (a == 0 && b == 0) {
            return 0;
        }
        double degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    private static double deltaHue(double h1, double h2, double chromas) {
        if (chromas == 0) {
            return 0;
        }
        double difference = h2 - h1;
        return difference > 180 ? difference - 360 : difference < -180 ? difference + 360 : difference;
    }

    private static double meanHue(double h1, double h2, double chromas) {
        double sum = h1 + h2;
        if (chromas == 0) {
            return sum;
        }
        if (Math.abs(h1 - h2) <= 180) {
            return sum / 2;
        }
        return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
    }
}
