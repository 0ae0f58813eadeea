package kindthimble.core.geometry;

import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Location;

/** Asks one region about many points, quickly. */
final class Inside {
    private final IndexedPointInAreaLocator locator;

    Inside(Region region) {
        locator = new IndexedPointInAreaLocator(region.shape());
    }

    boolean covers(double x, double y) {
        return locator.locate(new Coordinate(x, y)) != Location.EXTERIOR;
    }
}
