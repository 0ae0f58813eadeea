package kindthimble.core.geometry;

import java.awt.geom.Path2D;

/** Path data as a path of Java's own drawing tools. */
public final class PathTrack implements Track {
    private final Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);

    private PathTrack() {}

    /** As much of it as can be read. */
    public static Path2D of(String pathData) {
        PathTrack track = new PathTrack();
        Track.follow(pathData, track);
        return track.path;
    }

    @Override
    public void moveTo(double x, double y) {
        path.moveTo(x, y);
    }

    @Override
    public void lineTo(double x, double y) {
        path.lineTo(x, y);
    }

    @Override
    public void curveTo(double c1x, double c1y, double c2x, double c2y, double x, double y) {
        path.curveTo(c1x, c1y, c2x, c2y, x, y);
    }

    @Override
    public void close() {
        path.closePath();
    }
}
