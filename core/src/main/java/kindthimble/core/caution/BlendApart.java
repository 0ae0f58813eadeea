package kindthimble.core.caution;

import kindthimble.core.move.Blend;
import kindthimble.core.move.Edge;
import kindthimble.core.move.Seam;

/** A blending drag over sections that are not wet together. */
final class BlendApart implements Warning {
    @Override
    public Weight weight() {
        return Weight.WILL_SPOIL;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Blend.class, (at, blend) -> {
            if (cookie.isBare(at) || !cookie.coats().flowing(cookie.named(at)).isEmpty()) {
                return;
            }
            if (cookie.sections().isDivided()) {
                found.add(
                        at,
                        "These sections do not meet wet: the needle finds a crease or a wall. Let them flow.",
                        cookie.on(at),
                        Remedy.before("Let them flow", at, new Edge(Seam.FLOW, null, blend.on())));
            } else {
                found.add(at, "There is no seam to draw over: divide the cookie first.", cookie.on(at));
            }
        });
    }
}
