package kindthimble.core.placing;

/**
 * A place on a cookie.
 *
 * @param x mm from the cookie's middle to the right
 * @param y mm from the cookie's middle downwards
 * @param turn degrees, clockwise; null for upright
 */
public record Place(double x, double y, Double turn) {
    /** How far from the middle anything can be, in mm. */
    public static final double MOST_MM = 300;
}
