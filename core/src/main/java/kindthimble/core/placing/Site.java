package kindthimble.core.placing;

import java.util.List;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.words.Refused;

/** Where on a cookie marks are placed: the sections that a move lies on, and what stands there already. */
public interface Site {
    /** The sections together. */
    Region region();

    /** The cookie's middle: places and lines of her own count from it. */
    Spot middle();

    /** Where the sections meet each other. */
    Lines seams();

    /** What stands there already. */
    List<Spot> standing();

    /**
     * The marks of an earlier move.
     *
     * @param words as in {@link Where#marks()}
     * @throws Refused when there is none of that name, or it has no marks that anything could stand on
     */
    List<Pose> marks(String words);
}
