package kindthimble.core.cutter;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Filled;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Pen;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habits;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/**
 * A cutter: a form at a real size. It may be used upside-down, pressed again beside itself or with a second form, and the
 * cookie may get a hole to hang it by.
 *
 * @param shape the form
 * @param across whether {@code sizeMm} is its width or its height
 * @param sizeMm size in mm, 10 to 300
 * @param flipped whether it is used upside-down; null for no
 * @param joined a second cutter whose cookie grows together with this one; null for none
 * @param hole a hole to hang it by; null for none
 */
public record Cutter(
        CutterShape shape,
        Across across,

        @Amount(word = "cutter's size", unit = Unit.MM, least = 10, most = 300)
        double sizeMm,

        Boolean flipped,
        Joined joined,
        Hole hole) {

    /**
     * A second form pressed into the same dough.
     *
     * @param shape its form
     * @param sizeMm its width
     * @param rightMm its middle, to the right of the first one's
     * @param downMm its middle, below the first one's
     */
    public record Joined(
            CutterShape shape,

            @Amount(word = "second cutter's width", unit = Unit.MM, least = 10, most = 300)
            double sizeMm,

            @Amount(word = "to the right", unit = Unit.MM, least = -300, most = 300)
            double rightMm,

            @Amount(word = "down", unit = Unit.MM, least = -300, most = 300)
            double downMm) {}

    /**
     * A round hole, below the middle of the upper edge.
     *
     * @param diameterMm its width
     * @param downMm its middle, below the top
     */
    public record Hole(
            @Amount(word = "hole's width", unit = Unit.MM, least = 2, most = 40)
            double diameterMm,

            @Amount(word = "below the top", unit = Unit.MM, least = 2, most = 280)
            double downMm) {}

    /** A plain cutter. */
    public Cutter(CutterShape shape, Across across, double sizeMm) {
        this(shape, across, sizeMm, null, null, null);
    }

    /**
     * @throws Refused when the form is missing or a number is out of its range
     */
    public void check() {
        if (across == null) {
            throw new Refused("across", "Say whether the cutter's size is its width or its height.");
        }
        Catalogue.check(this);
        checkShape(shape, "shape");
        if (joined != null) {
            inside("joined", () -> {
                Catalogue.check(joined);
                checkShape(joined.shape(), "shape");
            });
        }
        if (hole != null) {
            inside("hole", () -> Catalogue.check(hole));
        }
    }

    /**
     * The cookie as it comes out of the oven.
     *
     * @param spreadPercent how much longer every length gets while baking, in percent
     * @return the region, centred on the origin
     * @throws Refused when nothing is left of it, or its form can't be drawn
     */
    public Region baked(double spreadPercent) {
        Region dough = drawn(shape, "shape").fitted(sizeMm, across);
        if (Boolean.TRUE.equals(flipped)) {
            dough = dough.flipped();
        }
        if (joined != null) {
            dough = Region.union(List.of(
                    dough,
                    drawn(joined.shape(), "joined.shape")
                            .fitted(joined.sizeMm(), Across.WIDTH)
                            .moved(joined.rightMm(), joined.downMm())));
        }
        if (hole != null) {
            Box box = dough.box();
            double r = hole.diameterMm() / 2;
            Region whole = dough;
            dough = dough.difference(new Pen()
                    .arc(box.x() + box.widthMm() / 2, box.y() + hole.downMm(), r, r, 0, 360)
                    .region());
            if (whole.areaMm2() - dough.areaMm2() < Math.PI * r * r * 0.99) {
                throw new Refused(
                        "hole.downMm", "The hole has to lie inside the cookie. Move it down or make it smaller.");
            }
        }
        return dough.scaled(1 + spreadPercent / 100);
    }

    private static Pen drawn(CutterShape form, String field) {
        try {
            Pen pen = Filled.of(form, Habits.HOUSE).drawn();
            if (pen.enclosesSomething()) {
                return pen;
            }
        } catch (Refused refused) {
            throw refused.inside(field);
        }
        throw new Refused(field, "This outline encloses nothing. Draw a closed shape.");
    }

    private static void checkShape(CutterShape form, String field) {
        if (form == null) {
            throw new Refused(field, "Pick the cutter's form.");
        }
        inside(field, () -> Catalogue.check((Record) form));
    }

    private static void inside(String field, Runnable check) {
        try {
            check.run();
        } catch (Refused refused) {
            throw refused.inside(field);
        }
    }
}
