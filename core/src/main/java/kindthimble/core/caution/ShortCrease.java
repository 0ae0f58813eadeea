package kindthimble.core.caution;

import kindthimble.core.drying.Gate;
import kindthimble.core.move.Edge;
import kindthimble.core.move.Seam;
import kindthimble.core.words.Range;

/** A crease for which she waits less than a skin takes. */
final class ShortCrease implements Warning {
    @Override
    public Weight weight() {
        return Weight.WILL_SPOIL;
    }

    @Override
    public Damage damage() {
        return Damage.RUN_TOGETHER;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        int skin = Gate.SKINNED.minutes(cookie.kitchen().habits());
        cookie.each(Edge.class, (at, edge) -> {
            if (edge.seam() == Seam.CREASE && edge.minutes() != null && edge.minutes() < skin) {
                found.add(
                        at,
                        "After %s min the first section has no skin yet: they run together, and no crease shows."
                                .formatted(Range.plain(edge.minutes())),
                        cookie.on(at),
                        Remedy.set("Wait %d min".formatted(skin), at, "minutes", (double) skin));
            }
        });
    }
}
