package kindthimble.core.placing;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Text;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/**
 * Where the marks of a move are. What a way of placing does not use ({@link Laid#uses()}) is kept and means nothing.
 *
 * @param laid how they are placed
 * @param acrossMm diameter of the ring; null for two thirds of what there is room for
 * @param everyMm from one to the next along a line; null to spread the number of them
 * @param fromPercent where on the edge they begin: so far round from the top, clockwise
 * @param toPercent where they end; the whole way round when it is where they begin
 * @param besideMm how far inside the edge, or to the right of the line, they are; null for the usual
 * @param path SVG path data in mm from the cookie's middle
 * @param marks which earlier move's marks they are on: its word, and which of several (<i>dot 2</i>)
 * @param turnDegrees how they are turned, clockwise
 * @param mirrored whether they stand on the other side of the cookie's middle as well
 * @param places where they stand; at most {@value #MOST_PLACES}
 */
public record Where(
        @Choice(word = "laid", from = Choice.From.WORDS, otherwise = "as usual")
        Laid laid,

        @Amount(word = "ring across", unit = Unit.MM, least = 1, most = 300, otherwise = "by its room")
        Double acrossMm,

        @Amount(word = "one every", unit = Unit.MM, least = 0.3, most = 300, otherwise = "by their number")
        Double everyMm,

        @Amount(word = "from", unit = Unit.PERCENT, least = 0, most = 100, usual = 0)
        Double fromPercent,

        @Amount(word = "to", unit = Unit.PERCENT, least = 0, most = 100, usual = 100)
        Double toPercent,

        @Amount(word = "inside or beside", unit = Unit.MM, least = -100, most = 100, otherwise = "as usual")
        Double besideMm,

        @Text(word = "own line in mm", longest = 20_000, usual = "")
        String path,

        @Text(word = "on the marks of", longest = 60, usual = "")
        String marks,

        @Amount(word = "turned", unit = Unit.DEGREES, least = -360, most = 360, usual = 0)
        Double turnDegrees,

        @Choice(word = "mirrored", from = Choice.From.WORDS, otherwise = "no")
        Mirrored mirrored,

        List<Place> places) {
    public static final int MOST_PLACES = 200;

    /** Whether the other side of the cookie gets the same. */
    public enum Mirrored {
        BOTH_SIDES
    }

    public Where {
        places = places == null ? null : List.copyOf(places);
    }

    /** Placed in a way, all else as usual. */
    public static Where of(Laid laid) {
        return new Where(laid, null, null, null, null, null, null, null, null, null, null);
    }

    /** At places, in mm from the cookie's middle. */
    public static Where at(Place... places) {
        return new Where(Laid.PLACES, null, null, null, null, null, null, null, null, null, List.of(places));
    }

    /** On the marks of an earlier move. */
    public static Where on(String marks) {
        return new Where(Laid.MARKS, null, null, null, null, null, null, marks, null, null, null);
    }

    /** Along a part of the edge. */
    public static Where alongEdge(Double fromPercent, Double toPercent, Double besideMm) {
        return new Where(Laid.EDGE, null, null, fromPercent, toPercent, besideMm, null, null, null, null, null);
    }

    /** Along a line of her own. */
    public static Where along(String path) {
        return new Where(Laid.PATH, null, null, null, null, null, path, null, null, null, null);
    }

    /** The same, so far inside the edge or beside the line. */
    public Where beside(double mm) {
        return new Where(
                laid, acrossMm, everyMm, fromPercent, toPercent, mm, path, marks, turnDegrees, mirrored, places);
    }

    /** The same on both sides of the cookie. */
    public Where onBothSides() {
        return new Where(
                laid,
                acrossMm,
                everyMm,
                fromPercent,
                toPercent,
                besideMm,
                path,
                marks,
                turnDegrees,
                Mirrored.BOTH_SIDES,
                places);
    }

    /** Whether the cookie is still to be pressed, or a line to be drawn, before there is anything. */
    public boolean hasNoPlaceYet() {
        return laid == Laid.PLACES && (places == null || places.isEmpty())
                || laid == Laid.PATH && (path == null || path.isBlank());
    }

    boolean mirrors() {
        return mirrored != null;
    }

    double turn() {
        return turnDegrees == null ? 0 : turnDegrees;
    }

    /**
     * Checks the places, which no annotation says the range of.
     *
     * @throws Refused naming the one that is wrong
     */
    public void checkPlaces() {
        if (places == null) {
            return;
        }
        if (places.size() > MOST_PLACES) {
            throw new Refused(
                    "places", "A move has at most %d places. Take another move for the rest.".formatted(MOST_PLACES));
        }
        Range range = new Range("place", Unit.MM, -Place.MOST_MM, Place.MOST_MM);
        Range turn = new Range("turn", Unit.DEGREES, -360, 360);
        for (int i = 0; i < places.size(); i++) {
            Place place = places.get(i);
            try {
                range.check("x", place.x());
                range.check("y", place.y());
                if (place.turn() != null) {
                    turn.check("turn", place.turn());
                }
            } catch (Refused refused) {
                throw refused.inside("places[" + i + "]");
            }
        }
    }
}
