package kindthimble.core.caution;

import java.util.Set;
import kindthimble.core.geometry.Region;
import kindthimble.core.move.Division;

/** Letters cut out of the icing whose strokes are too fine to be read, whether they are flooded or left bare. */
final class LettersTooSmall implements Warning {
    /** A finer stroke closes up, or is not seen (docs/craft.md). */
    private static final double LEAST_MM = 1.2;

    private static final double HIGHEST_PERCENT = 100;

    @Override
    public Weight weight() {
        return Weight.WILL_SPOIL;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Division.Lettering.class, (at, letters) -> {
            String first = letters.key() + 1;
            if (!cookie.sections().leaves().containsKey(first)) {
                return; // Divided further.
            }
            Region region = cookie.sections().region(Set.of(first));
            double stroke = region.strokeWidthMm();
            if (stroke < LEAST_MM) {
                double high = Math.ceil(letters.heightPercent() * LEAST_MM / stroke);
                found.add(
                        at,
                        "A stroke of these letters is %.1f mm wide: they can't be read. Make them higher."
                                .formatted(stroke),
                        region,
                        high > HIGHEST_PERCENT
                                ? null
                                : Remedy.set("Make them %.0f %% high".formatted(high), at, "heightPercent", high));
            }
        });
    }
}
