package kindthimble.core.caution;

import java.util.List;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.move.Move;
import kindthimble.core.move.Ruffle;
import kindthimble.core.move.Writing;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Place;
import kindthimble.core.placing.Where;

/** A mark at a place of its own that hangs over the edge of the icing: put there, or left there by a smaller cutter. */
final class MarkOverEdge implements Warning {
    private static final double MOST_OUTSIDE = 0.05;
    private static final int STEPS = 20;

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
        cookie.each(Move.class, (at, move) -> {
            if (move instanceof Writing || !Catalogue.has(move, "where")) {
                return;
            }
            Where where = (Where) Catalogue.read(move, "where");
            boolean isBand = move instanceof Ruffle && (where.laid() == Laid.EDGE || where.laid() == Laid.PATH);
            if (where.laid() != Laid.PLACES && where.laid() != Laid.RING && !isBand) {
                return;
            }
            Region outside = cookie.marksOf(at).stream()
                    .map(OnCookie::mark)
                    .map(Mark::covers)
                    .filter(covers -> !covers.isEmpty())
                    .map(covers -> covers.difference(cookie.iced()))
                    .filter(over -> !over.isEmpty())
                    .findFirst()
                    .orElse(Region.EMPTY);
            if (outside.areaMm2() > MOST_OUTSIDE * cookie.coveredBy(at)) {
                found.add(
                        at,
                        "It hangs over the edge of the icing. Put it farther in, or make it smaller.",
                        isBand ? cookie.iced() : outside,
                        drawnIn(where, cookie, at) == null
                                ? null
                                : Remedy.set("Draw it in", at, "where", drawnIn(where, cookie, at)));
            }
        });
    }

    /** Each place as far towards the middle as its mark has room, a border as far inside as is usual; null where that can't be told. */
    private static Where drawnIn(Where where, IcedCookie cookie, int move) {
        if (where.laid() == Laid.EDGE) {
            return Catalogue.with(where, "besideMm", null);
        }
        if (where.laid() != Laid.PLACES) {
            return null;
        }
        double half =
                Math.sqrt(cookie.coveredBy(move) / Math.max(1, where.places().size()) / Math.PI);
        Region room = cookie.iced().inset(half);
        Spot middle = cookie.iced().middle();
        List<Place> places = where.places().stream()
                .map(place -> {
                    for (int i = STEPS; i > 0; i--) {
                        double share = (double) i / STEPS;
                        if (room.covers(middle.x() + share * place.x(), middle.y() + share * place.y())) {
                            return new Place(tenths(share * place.x()), tenths(share * place.y()), place.turn());
                        }
                    }
                    return new Place(0, 0, place.turn());
                })
                .toList();
        return Catalogue.with(where, "places", places);
    }

    private static double tenths(double mm) {
        return Math.rint(10 * mm) / 10;
    }
}
