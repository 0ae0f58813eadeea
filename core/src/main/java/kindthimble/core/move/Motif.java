package kindthimble.core.move;

import java.util.List;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Refused;

/** What a brush, a spray or a stencil covers: whole sections, exactly some marks, a stroke along a line, or forms where she puts them. */
final class Motif {
    /** How wide one is, and how many there are, where nothing else is said. */
    static final double USUAL_MM = 8;

    static final double USUAL_PIECES = 3;

    private Motif() {}

    /**
     * @param where with its usual values
     * @param form null for a disc, or for a stroke where a line is followed
     * @param path a closed outline of her own; blank for none
     * @param sizeMm how wide a form or a stroke is
     * @param pieces how many forms, where their number is not given by their places
     * @throws Refused when nothing of it lies on the sections
     */
    static Region of(Ground ground, Where where, String on, SmallForm form, String path, double sizeMm, int pieces) {
        if (where.laid() == Laid.SPREAD) {
            return ground.on(on);
        }
        if (where.laid() == Laid.MARKS) {
            return ground.covered(where.marks(), on);
        }
        boolean isStroke = where.laid().isCourse() && form == null && path.isBlank();
        Region drawn = isStroke
                ? ground.course(where, on, sizeMm / 2).stroked(sizeMm)
                : forms(ground.stand(where, on, pieces, sizeMm), SmallForm.region(usual(form), path, sizeMm));
        Region there = drawn.isEmpty() ? drawn : drawn.intersection(ground.on(on));
        if (there.isEmpty()) {
            throw new Refused("where", "Nothing of it lies on this section. Put it nearer, or make it smaller.");
        }
        return there;
    }

    private static SmallForm usual(SmallForm form) {
        return form == null ? SmallForm.DISC : form;
    }

    private static Region forms(List<Pose> poses, Region form) {
        return poses.isEmpty()
                ? Region.EMPTY
                : Region.union(poses.stream().map(form::at).toList());
    }
}
