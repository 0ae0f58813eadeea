package kindthimble.core.colour;

/**
 * The weights of lightness, chroma and hue in CIEDE2000 (CIE 142-2001), at a place among colours.
 *
 * @param ofL S_L
 * @param ofC S_C
 * @param ofH S_H
 */
public record Weights(double ofL, double ofC, double ofH) {
    private static final double POW_25_7 = Math.pow(25, 7);

    /**
     * @param l lightness L*
     * @param c chroma C', the a* of which is stretched
     * @param hue h' in degrees
     */
    public static Weights at(double l, double c, double hue) {
        double t = 1 - 0.17 * cos(hue - 30) + 0.24 * cos(2 * hue) + 0.32 * cos(3 * hue + 6) - 0.20 * cos(4 * hue - 63);
        double away = (l - 50) * (l - 50);
        return new Weights(1 + 0.015 * away / Math.sqrt(20 + away), 1 + 0.045 * c, 1 + 0.015 * c * t);
    }

    /** How much longer a* counts at a chroma: 1 + G. */
    public static double stretchOfA(double chroma) {
        return 1 + 0.5 * (1 - Math.sqrt(seventh(chroma)));
    }

    /** C^7 / (C^7 + 25^7). */
    static double seventh(double chroma) {
        double cubed = chroma * chroma * chroma;
        double power = cubed * cubed * chroma;
        return power / (power + POW_25_7);
    }

    private static double cos(double degrees) {
        return Math.cos(Math.toRadians(degrees));
    }
}
