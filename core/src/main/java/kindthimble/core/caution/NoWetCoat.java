package kindthimble.core.caution;

import java.util.List;
import java.util.Set;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.drying.Stage;
import kindthimble.core.move.Move;

/** What should sink in finds no wet coat: none at all, one that has dried since, or several that are wet at different times. */
final class NoWetCoat implements Warning {
    @Override
    public Weight weight() {
        return Weight.WILL_SPOIL;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Move.class, (at, move) -> {
            String what = move.sinks();
            if (what == null || cookie.isOnWetMarks(at)) {
                return;
            }
            Set<String> names = cookie.named(at);
            int flooded = cookie.coatUnder(at);
            if (flooded < 0) {
                found.add(
                        at,
                        what + " need a wet coat to sink into: put a flood before them.",
                        cookie.on(at),
                        NoCoatUnder.behindItsFlood(at));
            } else if (flooded < lastDryBefore(cookie, at)) {
                found.add(
                        at,
                        what + " find the coat dry: a move before them waits until nothing sinks in any more.",
                        cookie.on(at),
                        Remedy.moved("Move them to their flood", at, list -> flooded + 1));
            } else if (cookie.coats().byPass(names).size() > 1) {
                found.add(
                        at,
                        what + " lie on sections that are wet at different times.",
                        cookie.on(at),
                        Remedy.replaced(
                                "One for each pass",
                                at,
                                whole -> cookie.coats().byPass(names).values().stream()
                                        .map(own -> part(whole, own, names.size()))
                                        .toList()));
            }
        });
    }

    /** The last move before another one that it touches, and that goes on when nothing sinks in any more; -1 for none. */
    private static int lastDryBefore(IcedCookie cookie, int move) {
        return cookie.marks().stream()
                .filter(on -> on.move() < move && on.mark().stage().compareTo(Stage.COAT) > 0)
                .filter(on -> cookie.touch(move, on.move()))
                .mapToInt(on -> on.move())
                .max()
                .orElse(-1);
    }

    private static Move part(Move all, List<String> own, int of) {
        Move part = Catalogue.with(all, "on", String.join(" ", own));
        if (!Catalogue.has(part, "pieces") || !(Catalogue.read(part, "pieces") instanceof Number pieces)) {
            return part;
        }
        int shared = (int) Math.max(1, Math.round(pieces.doubleValue() * own.size() / of));
        return Catalogue.with(part, "pieces", shared);
    }
}
