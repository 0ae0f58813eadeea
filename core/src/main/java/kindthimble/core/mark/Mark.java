package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.icing.BaseRecipe;

/**
 * Icing as it lies on one cookie: how much of it, and what has to be so before it goes on. A new kind of mark is one new record
 * here and one row in docs/craft.md.
 */
public sealed interface Mark permits Coat, Bead, WetDots {

    /** What it is made with. */
    Icing icing();

    /** Volume in mm3, 0 or more. */
    double volumeMm3();

    /** Length piped in mm; 0 where nothing is piped along a line. */
    double lengthMm();

    /** Area covered in mm2; 0 where that means nothing. */
    double areaMm2();

    /** What has to be so underneath. */
    Gate gate();

    /** What to paint. */
    List<Layer> layers();

    /** Grams of finished icing: volume times the density that the recipe gives at this consistency. */
    default double grams(BaseRecipe recipe) {
        return volumeMm3() * recipe.densityGramsPerMl(icing().consistency()) / 1000;
    }
}
