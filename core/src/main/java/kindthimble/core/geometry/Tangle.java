package kindthimble.core.geometry;

import java.util.List;
import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;

/** Tells how often an outline crosses itself, before anybody tries to take it apart: that grows with the crossings, not the points. */
final class Tangle {
    private Tangle() {}

    /** Whether a closed ring crosses itself more often than so many times. */
    static boolean crossesMoreThan(int most, Coordinate[] ring) {
        STRtree sides = new STRtree();
        for (int i = 0; i < ring.length - 1; i++) {
            sides.insert(new Envelope(ring[i], ring[i + 1]), i);
        }
        RobustLineIntersector meets = new RobustLineIntersector();
        int crossings = 0;
        for (int i = 0; i < ring.length - 1; i++) {
            Deadline.check();
            @SuppressWarnings("unchecked") // the library's own signature is raw
            List<Integer> near = sides.query(new Envelope(ring[i], ring[i + 1]));
            for (int other : near) {
                if (other > i) {
                    meets.computeIntersection(ring[i], ring[i + 1], ring[other], ring[other + 1]);
                    // Sides that run along each other are as bad as those that cross.
                    if ((meets.isProper() || meets.getIntersectionNum() > 1) && ++crossings > most) {
                        return true;
                    }
                }
            }
        }
        return false;
    }
}
