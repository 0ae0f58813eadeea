package kindthimble.core.move;

import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.geometry.Region;

/** Finds the line that runs along the inside of an edge. */
final class Edge {
    private Edge() {}

    /**
     * @param insetMm how far inside the edge
     * @throws Refused when there is no room for it
     */
    static Region line(Region region, double insetMm) {
        Region line = region.inset(insetMm);
        if (line.isEmpty()) {
            throw new Refused(
                    "",
                    "There is no room for a line %s mm inside this edge. Take a finer tip or a larger cookie."
                            .formatted(Catalogue.plain(insetMm)));
        }
        return line;
    }
}
