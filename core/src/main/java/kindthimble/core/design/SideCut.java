package kindthimble.core.design;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.mark.Placed;
import kindthimble.core.mark.Slice;

/** A level cut through a cookie: what is seen from the side. */
public final class SideCut {
    private SideCut() {}

    /**
     * A piece of the cut.
     *
     * @param fromMm left end
     * @param toMm right end
     * @param baseMm where it stands: 0 on the cookie, or the height of the coat under it
     * @param heightMm how high it is above that
     * @param colour key of its colour; null for dough
     * @param pass in which it goes on
     * @param meetsBefore whether the coat to its left is wet together with it: they meet flat
     * @param meetsAfter whether the coat to its right is
     */
    public record CutPiece(
            double fromMm,
            double toMm,
            double baseMm,
            double heightMm,
            String colour,
            int pass,
            boolean meetsBefore,
            boolean meetsAfter) {
        private CutPiece meeting(List<CutPiece> others) {
            return new CutPiece(
                    fromMm,
                    toMm,
                    baseMm,
                    heightMm,
                    colour,
                    pass,
                    others.stream().anyMatch(o -> o.pass == pass && Math.abs(o.toMm - fromMm) < TOUCHING_MM),
                    others.stream().anyMatch(o -> o.pass == pass && Math.abs(o.fromMm - toMm) < TOUCHING_MM));
        }
    }

    private static final double TOUCHING_MM = 0.1;

    /** The cut through a cookie at a height of its picture, from the cookie up. */
    public static List<CutPiece> through(Cookie cookie, double y) {
        List<CutPiece> pieces = new ArrayList<>();
        for (OnCookie on : cookie.marks()) {
            String colour = seen(on.mark());
            for (Slice slice : on.mark().slices(y)) {
                double base = slice.above() ? coatUnder(pieces, (slice.fromMm() + slice.toMm()) / 2) : slice.baseMm();
                pieces.add(new CutPiece(
                        slice.fromMm(), slice.toMm(), base, slice.heightMm(), colour, on.pass(), false, false));
            }
        }
        List<CutPiece> coats =
                pieces.stream().filter(piece -> piece.baseMm() == 0).toList();
        return pieces.stream()
                .map(piece -> piece.baseMm() == 0 ? piece.meeting(coats) : piece)
                .toList();
    }

    /** The colour of what is cut: of a piece that is set on its own, and not that of its glue; null for dough. */
    private static String seen(Mark mark) {
        return mark instanceof Placed placed && !placed.layers().isEmpty()
                ? placed.layers().get(0).colour()
                : mark.colour();
    }

    private static double coatUnder(List<CutPiece> pieces, double x) {
        return pieces.stream()
                .filter(piece -> piece.baseMm() == 0 && piece.fromMm() <= x && x <= piece.toMm())
                .mapToDouble(CutPiece::heightMm)
                .max()
                .orElse(0);
    }
}
