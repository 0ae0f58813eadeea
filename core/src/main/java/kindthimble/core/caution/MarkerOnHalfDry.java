package kindthimble.core.caution;

import kindthimble.core.drying.Gate;
import kindthimble.core.move.Marker;

/** A marker on a coat that is set on top only. */
final class MarkerOnHalfDry implements Warning {
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
        cookie.each(Marker.class, (at, marker) -> {
            if (!marker.leavesNoColour()
                    && cookie.marks().stream()
                            .anyMatch(on -> on.move() == at && on.mark().gate() == Gate.HALF_DRY)) {
                found.add(
                        at,
                        "A marker dents and tears icing that is only half dry.",
                        cookie.on(at),
                        Remedy.set("Wait until the surface is dry", at, "when", Marker.When.SURFACE_DRY));
            }
        });
    }
}
