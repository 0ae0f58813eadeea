package kindthimble.core.caution;

import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.mark.Placed;
import kindthimble.core.move.Transfer;
import kindthimble.core.words.Range;

/** A transfer that is too fine to be made, or breaks easily. */
final class FragileTransfer implements Warning {
    @Override
    public Weight weight() {
        return Weight.MIND;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        double fragile = cookie.mean(Habit.FRAGILE_RADIUS_MM);
        cookie.each(Transfer.class, (at, transfer) -> {
            double radius = transfer.thinnestRadiusMm(fragile);
            if (2 * radius < cookie.mean(Habit.FINEST_PART_MM)) {
                found.add(
                        at,
                        "Parts under %s mm can't be iced on film. Make it larger."
                                .formatted(Range.plain(cookie.mean(Habit.FINEST_PART_MM))),
                        firstPiece(cookie, at),
                        larger(at, transfer, radius, fragile));
            } else if (radius < fragile) {
                found.add(
                        at,
                        "Only %.1f mm across at its thinnest: it breaks easily. %.0f %% spares are counted."
                                .formatted(2 * radius, 100 * cookie.mean(Habit.FRAGILE_SPARE_SHARE)),
                        firstPiece(cookie, at),
                        larger(at, transfer, radius, fragile));
            }
        });
    }

    private static Region firstPiece(IcedCookie cookie, int move) {
        return cookie.marks().stream()
                .filter(on -> on.move() == move && on.mark() instanceof Placed)
                .map(on -> ((Placed) on.mark()).pieces().get(0))
                .findFirst()
                .orElse(Region.EMPTY);
    }

    private static Remedy larger(int at, Transfer transfer, double radius, double fragile) {
        double wide = Math.ceil(10 * transfer.sizeMm() * fragile / radius) / 10 + 0.1;
        return Remedy.set("Make it %.1f mm wide".formatted(wide), at, "sizeMm", wide);
    }
}
