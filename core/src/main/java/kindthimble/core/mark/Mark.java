package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;

/**
 * What lies on one cookie after a move: how much icing, and what has to be so before it goes on. A new kind of mark is one new
 * record here and one row in docs/craft.md.
 */
public sealed interface Mark
        permits Coat,
                Marbling,
                Bead,
                WetDots,
                WetLines,
                Balls,
                Drops,
                Fill,
                SunkShapes,
                Pieces,
                Frill,
                Print,
                Dabs,
                Transfers,
                Placed,
                Blended,
                OnPieces,
                Assembled,
                Dressing {
    /** What it is made with; null for a mark without icing. */
    Icing icing();

    /** Key of its colour; null for none of the order's. */
    default String colour() {
        return icing() == null ? null : icing().colour();
    }

    /** Volume of icing in mm3, 0 or more. */
    double volumeMm3();

    /** Length piped or drawn in mm; 0 where there is none. */
    default double lengthMm() {
        return 0;
    }

    /** Area covered in mm2; 0 where that means nothing. */
    default double areaMm2() {
        return 0;
    }

    /** Wet thickness in mm of what has to dry; 0 for small piped parts and for what has no icing. */
    default double dryingMm() {
        return 0;
    }

    /** Minutes until it may be packed, in still air of the shop's room: icing when it is dry through, ink and paint when they don't smear. */
    default int dryMinutes(Habits habits) {
        if (icing() != null) {
            return Gate.DRY_THROUGH.minutes(habits, dryingMm());
        }
        return switch (stage()) {
            case AIRBRUSH, STENCIL, MARKER, PAINT, GUIDE -> Gate.PRINT_DRY.minutes(habits);
            case AHEAD, COAT, RAISED, SECOND -> 0;
        };
    }

    /** What has to be so underneath. */
    Gate gate();

    /** When it goes on. */
    Stage stage();

    /** A middling density of stiff icing, mg/mm3, to tell the volume of what is weighed by the piece (worked out, see docs/craft.md). */
    double STIFF_MG_PER_MM3 = 1.3;

    /** Hands it takes on one cookie, in s, without picking up the bag. */
    double handSeconds(Habits habits);

    /** Whether it waits for what the same move has put under it: brushed rows, each of which lies on the one before. */
    default boolean waitsForItsOwn() {
        return false;
    }

    /** The pieces made ahead that this mark is; null for all that is put straight on the cookie. */
    default Ahead ahead() {
        return null;
    }

    /** What it takes beside icing on one cookie; of pieces made ahead, without their spares. */
    default List<Supply> supplies() {
        return List.of();
    }

    /** Where a level cut at this height of the picture goes through it; none for a mark that can't be seen from the side. */
    default List<Slice> slices(double y) {
        return List.of();
    }

    /** Where it lies, as far as that matters to other marks; empty where it does not. */
    default Region covers() {
        return Region.EMPTY;
    }

    /** How far it reaches, for telling what touches it; a coat goes by its sections. */
    default Extent extent() {
        Region covers = covers();
        return covers.isEmpty() ? Extent.NONE : Extent.of(covers);
    }

    /** What to paint. */
    List<Layer> layers();

    /** Grams of finished icing: volume times the density that the recipe gives at this consistency. */
    default double grams(BaseRecipe recipe) {
        return icing() == null ? 0 : volumeMm3() * recipe.densityGramsPerMl(icing().consistency()) / 1000;
    }
}
