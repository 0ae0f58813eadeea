package kindthimble.core.geometry;

/** What follows SVG path data, command by command, all in absolute coordinates. */
public interface Track {
    void moveTo(double x, double y);

    void lineTo(double x, double y);

    /** A cubic Bézier curve. */
    void curveTo(double c1x, double c1y, double c2x, double c2y, double x, double y);

    /** Back to where the ring began. */
    void close();

    /**
     * Follows path data as far as it can be read.
     *
     * @return whether all of it could be
     */
    static boolean follow(String pathData, Track track) {
        try {
            PathReader.read(track, pathData, 0, 0);
            return true;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }
}
