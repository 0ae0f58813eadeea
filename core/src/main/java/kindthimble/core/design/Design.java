package kindthimble.core.design;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.move.Move;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/**
 * A cookie as it is planned: its cutter and, in order, what is done to it. This record is the design document.
 *
 * @param format version of the document, {@value #FORMAT}
 * @param name what the decorator calls it, 1 to {@value #LONGEST_NAME} characters
 * @param cutter its form and size
 * @param spreadPercent bake-spread of this cookie, or null for the shop's
 * @param marginMm edge margin of this cookie, or null for the shop's
 * @param filling how this cookie's outlines and floods are carried out, or null for the order's
 * @param withoutThoughts true where she wants no thoughts about what would be quicker; null or false for the usual
 * @param moves what is done, in order; at most {@value #MOST_MOVES}
 */
public record Design(
        int format,
        String name,
        Cutter cutter,

        @Amount(word = "bake-spread", unit = Unit.PERCENT, least = -10, most = 25)
        Double spreadPercent,

        @Amount(word = "edge margin", unit = Unit.MM, least = 0, most = 150)
        Double marginMm,

        Filling filling,
        Boolean withoutThoughts,
        List<Move> moves) {

    public static final int FORMAT = 2;
    public static final int LONGEST_NAME = 80;
    public static final int MOST_MOVES = 200;

    /** Dots, lines, letters and the like of all moves together. */
    public static final int MOST_PIECES = 5_000;

    public Design {
        moves = moves == null ? List.of() : List.copyOf(moves);
    }

    /** A design that is filled as the order is. */
    public Design(int format, String name, Cutter cutter, Double spreadPercent, Double marginMm, List<Move> moves) {
        this(format, name, cutter, spreadPercent, marginMm, null, null, moves);
    }

    public boolean putsThoughtsAway() {
        return Boolean.TRUE.equals(withoutThoughts);
    }

    /** Keys of the colours that its moves use. */
    public Set<String> colours() {
        Set<String> colours = new TreeSet<>();
        moves.forEach(move -> colours.addAll(move.colours()));
        return colours;
    }

    /**
     * Checks what can be told without measuring.
     *
     * @throws Refused naming the first field that is wrong
     */
    public void check() {
        if (format != FORMAT) {
            throw new Refused(
                    "format", "This design is of format %d; this shop reads format %d.".formatted(format, FORMAT));
        }
        if (name == null || name.isBlank()) {
            throw new Refused("name", "Give the design a name.");
        }
        if (name.length() > LONGEST_NAME) {
            throw new Refused("name", "Keep the design's name under %d letters.".formatted(LONGEST_NAME + 1));
        }
        if (cutter == null) {
            throw new Refused("cutter", "Pick a cutter.");
        }
        try {
            cutter.check();
        } catch (Refused refused) {
            throw refused.inside("cutter");
        }
        Catalogue.check(this);
        if (moves.size() > MOST_MOVES) {
            throw new Refused("moves", "A design has at most %d moves.".formatted(MOST_MOVES));
        }
        int pieces = 0;
        for (int i = 0; i < moves.size(); i++) {
            try {
                Catalogue.check((Record) moves.get(i));
                checkPlaces(moves.get(i));
                checkInner(moves.get(i));
            } catch (Refused refused) {
                throw refused.inside("moves[" + i + "]");
            }
            pieces += piecesOf(moves.get(i));
            if (pieces > MOST_PIECES) {
                throw new Refused(
                        "moves[" + i + "]",
                        "Up to move %d these are %,d pieces, lines and letters; a cookie holds at most %,d. Take fewer."
                                .formatted(i + 1, pieces, MOST_PIECES));
            }
        }
    }

    /** A small design is made of moves as well, and none of those holds another one. */
    private static void checkInner(Move move) {
        List<Move> inner = move.inner();
        if (inner.size() > MOST_MOVES) {
            throw new Refused("moves", "A design has at most %d moves.".formatted(MOST_MOVES));
        }
        for (int i = 0; i < inner.size(); i++) {
            try {
                checkPlaces(inner.get(i));
                if (!inner.get(i).inner().isEmpty()) {
                    throw new Refused("moves", "What is set on a small design can't have a design of its own as well.");
                }
            } catch (Refused refused) {
                throw refused.inside("moves[" + i + "]");
            }
        }
    }

    private static void checkPlaces(Move move) {
        if (Catalogue.has(move, "where") && Catalogue.read(move, "where") instanceof Where where) {
            try {
                where.checkPlaces();
            } catch (Refused refused) {
                throw refused.inside("where");
            }
        }
    }

    private static int piecesOf(Move move) {
        Object pieces = Catalogue.has(move, "pieces") ? Catalogue.read(move, "pieces") : null;
        Object text = Catalogue.has(move, "text") ? Catalogue.read(move, "text") : null;
        int own = (pieces instanceof Number number ? number.intValue() : 1)
                + (text instanceof String written ? written.length() : 0);
        int each = 1;
        for (Move inner : move.inner()) {
            each = Math.min(MOST_PIECES, each + piecesOf(inner));
        }
        return Math.min(MOST_PIECES + 1, own * each);
    }

    /** The same design with other moves. */
    public Design withMoves(List<Move> others) {
        return new Design(format, name, cutter, spreadPercent, marginMm, filling, withoutThoughts, others);
    }

    /** The same design with another edge margin. */
    public Design withMargin(double otherMm) {
        return new Design(format, name, cutter, spreadPercent, otherMm, filling, withoutThoughts, moves);
    }

    /** The same design under another name. */
    public Design named(String newName) {
        return new Design(format, newName, cutter, spreadPercent, marginMm, filling, withoutThoughts, moves);
    }

    /** The same design with each colour replaced: given the key of one, the key of what stands in its place. */
    public Design recoloured(UnaryOperator<String> colours) {
        return new Design(
                format,
                name,
                cutter,
                spreadPercent,
                marginMm,
                filling,
                withoutThoughts,
                moves.stream()
                        .map(move -> Catalogue.withChoices(move, Choice.From.PALETTE, colours))
                        .toList());
    }
}
