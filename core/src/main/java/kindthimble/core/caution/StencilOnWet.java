package kindthimble.core.caution;

import kindthimble.core.drying.Gate;
import kindthimble.core.move.Stencil;
import kindthimble.core.move.Wait;

/** A stencil on icing that is not dry on top. */
final class StencilOnWet implements Warning {
    @Override
    public Weight weight() {
        return Weight.WILL_SPOIL;
    }

    @Override
    public Damage damage() {
        return Damage.DENT;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Stencil.class, (at, stencil) -> {
            if (stencil.waits().gate().compareTo(Gate.SURFACE_DRY) < 0) {
                found.add(
                        at,
                        "A stencil sticks to icing that is not dry on top, and dents it.",
                        cookie.on(at),
                        Remedy.set("Wait until the surface is dry", at, "waits", Wait.SURFACE_DRY));
            }
        });
    }
}
