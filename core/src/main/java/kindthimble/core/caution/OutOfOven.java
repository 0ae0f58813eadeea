package kindthimble.core.caution;

import kindthimble.core.geometry.Box;
import kindthimble.core.habit.Habit;

/** A cookie that lies on no baking tray of the shop, however it is turned. */
final class OutOfOven implements Warning {
    @Override
    public Weight weight() {
        return Weight.MIND;
    }

    @Override
    public boolean isOnFilm() {
        return false;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        Box box = cookie.baked().box();
        double wide = cookie.mean(Habit.BAKING_TRAY_WIDTH_MM);
        double deep = cookie.mean(Habit.BAKING_TRAY_LENGTH_MM);
        boolean fits = Math.min(box.widthMm(), box.heightMm()) <= Math.min(wide, deep)
                && Math.max(box.widthMm(), box.heightMm()) <= Math.max(wide, deep);
        if (!fits && !cookie.moves().isEmpty()) {
            found.add(
                    0,
                    "Baked it is %.0f by %.0f mm, and the shop's trays are %.0f by %.0f: it fits on none. Make the cutter smaller, or say how large your trays are."
                            .formatted(box.widthMm(), box.heightMm(), wide, deep),
                    cookie.iced());
        }
    }
}
