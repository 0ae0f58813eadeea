package kindthimble.core.caution;

import kindthimble.core.geometry.Extent;
import kindthimble.core.habit.Habit;
import kindthimble.core.move.Sprinkle;
import kindthimble.core.words.Range;

/** Candies or sugar with too little margin: what is pressed in pushes icing outward. */
final class PressedNearEdge implements Warning {
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
        double margin = cookie.mean(Habit.PRESSED_MARGIN_MM);
        if (cookie.mean(Habit.MARGIN_MM) >= margin) {
            return;
        }
        Extent rim = Extent.of(cookie.iced().difference(cookie.baked().inset(margin)));
        cookie.each(Sprinkle.class, (at, strewn) -> {
            boolean isPressed = strewn.what() == Sprinkle.What.CANDIES || strewn.what() == Sprinkle.What.SUGAR;
            if (isPressed
                    && cookie.marksOf(at).stream()
                            .anyMatch(on -> on.mark().extent().touches(rim))) {
                found.add(
                        at,
                        "What is pressed in pushes icing outward: leave a margin of %s mm."
                                .formatted(Range.plain(margin)),
                        cookie.iced(),
                        Remedy.margin(margin));
            }
        });
    }
}
