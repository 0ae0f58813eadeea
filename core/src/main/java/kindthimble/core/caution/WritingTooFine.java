package kindthimble.core.caution;

import kindthimble.core.geometry.Region;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.move.Writing;

/** Writing whose strokes are finer than the tip. */
final class WritingTooFine implements Warning {
    /** As wide as the tip is what is so in tenths of a mm. */
    private static final double AS_WIDE_MM = 0.05;

    @Override
    public Weight weight() {
        return Weight.WILL_SPOIL;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Writing.class, (at, writing) -> {
            Region letters = writing.letters(writing.heightMm())
                    .at(cookie.poses(at).get(0).readable());
            double stroke = letters.strokeWidthMm();
            Tip tip = cookie.kitchen().shop().tip(writing.tip());
            if (stroke < tip.openingMm() - AS_WIDE_MM) {
                double tall = Math.ceil(10 * writing.heightMm() * tip.openingMm() / stroke) / 10;
                found.add(
                        at,
                        "At this height a stroke is %.1f mm wide, finer than tip %s: it closes up. Write larger, or take a finer tip."
                                .formatted(stroke, tip.name()),
                        letters,
                        Remedy.set("Write it %.1f mm high".formatted(tall), at, "heightMm", tall));
            }
        });
    }
}
