package kindthimble.core.geometry;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.words.Refused;

/** The corners of rings, just as they are written; a curve is as many chords as anywhere else. */
final class CornerTrack implements Track {
    private final List<double[][]> rings = new ArrayList<>();
    private final List<double[]> ring = new ArrayList<>();

    private CornerTrack() {}

    static List<double[][]> rings(String pathData) {
        CornerTrack track = new CornerTrack();
        if (!Track.follow(pathData, track)) {
            throw new Refused("", "This outline can't be read. Read the drawing again.");
        }
        track.end();
        return track.rings;
    }

    private void end() {
        int last = ring.size() - 1;
        if (last > 0 && ring.get(0)[0] == ring.get(last)[0] && ring.get(0)[1] == ring.get(last)[1]) {
            ring.remove(last);
        }
        if (ring.size() > 2) {
            rings.add(ring.toArray(double[][]::new));
        }
        ring.clear();
    }

    @Override
    public void moveTo(double x, double y) {
        end();
        ring.add(new double[] {x, y});
    }

    @Override
    public void lineTo(double x, double y) {
        ring.add(new double[] {x, y});
    }

    @Override
    public void curveTo(double c1x, double c1y, double c2x, double c2y, double x, double y) {
        double[] from = ring.get(ring.size() - 1);
        for (int i = 1; i <= Pen.CHORDS_PER_CURVE; i++) {
            ring.add(Pen.onCurve(from[0], from[1], c1x, c1y, c2x, c2y, x, y, (double) i / Pen.CHORDS_PER_CURVE));
        }
    }

    @Override
    public void close() {
        end();
    }
}
