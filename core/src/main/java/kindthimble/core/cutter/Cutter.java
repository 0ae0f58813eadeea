package kindthimble.core.cutter;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Region;

/**
 * A cutter: a form at a real size.
 *
 * @param shape the form
 * @param across whether {@code sizeMm} is its width or its height
 * @param sizeMm size in mm, 10 to 300
 */
public record Cutter(
        CutterShape shape,
        Across across,

        @Amount(word = "cutter's size", unit = Unit.MM, least = 10, most = 300)
        double sizeMm) {

    /**
     * @throws Refused when the form is missing or a number is out of its range
     */
    public void check() {
        if (shape == null) {
            throw new Refused("shape", "Pick the cutter's form.");
        }
        if (across == null) {
            throw new Refused("across", "Say whether the cutter's size is its width or its height.");
        }
        Catalogue.check(this);
        try {
            Catalogue.check((Record) shape);
        } catch (Refused refused) {
            throw refused.inside("shape");
        }
    }

    /**
     * The cookie as it comes out of the oven.
     *
     * @param spreadPercent how much longer every length gets while baking, in percent
     * @return the region, centred on the origin
     */
    public Region baked(double spreadPercent) {
        return shape.drawn().fitted(sizeMm, across).scaled(1 + spreadPercent / 100);
    }
}
