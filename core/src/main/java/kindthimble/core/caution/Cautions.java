package kindthimble.core.caution;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import kindthimble.core.geometry.Region;

/** All warnings, and what they find: first what a move meets as it is laid, in the order of moves, then what shows only of the whole. */
public final class Cautions {
    private static final double LEAST_CIRCLE_MM = 3;
    private static final double MOST_CIRCLE_MM = 9;

    private static final List<Warning> OF_MOVES = List.of(
            new PathOverEdge(),
            new OutlineAfterFlood(),
            new CoatOfNothing(),
            new NothingPlaced(),
            new SecondCoat(),
            new SmallArea(),
            new NarrowPart(),
            new StencilOnWet(),
            new NoCoatUnder(),
            new NoWetCoat(),
            new BlendApart(),
            new ShortCrease(),
            new StencilOnUneven(),
            new SugarBefore(),
            new PressedNearEdge(),
            new MarkerOnHalfDry(),
            new Bleeding(),
            new FragileTransfer(),
            new WritingTooFine(),
            new LettersTooSmall(),
            new WritingOverEdge(),
            new UnlikeCount(),
            new LooseFlood(),
            new LeanUnderStencil(),
            new MarkOverEdge());
    private static final List<Warning> OF_THE_WHOLE = List.of(
            new OutOfOven(),
            new DarkBesideLight(),
            new WetWindow(),
            new TooThick(),
            new StackedNearEdge(),
            new LargeShareOfHands());

    /** How many there are. */
    static final int COUNT = OF_MOVES.size() + OF_THE_WHOLE.size();

    private Cautions() {}

    /**
     * What is likely to go wrong with a cookie, or with a small piece.
     *
     * @param onFilm whether it is made on film, and no cookie
     */
    public static List<Caution> of(IcedCookie cookie, boolean onFilm) {
        List<Caution> list = new ArrayList<>(found(cookie, OF_MOVES, onFilm));
        list.sort(Comparator.comparingInt(Caution::move));
        list.addAll(found(cookie, OF_THE_WHOLE, onFilm));
        // Stable: what weighs the same stays in the order of the moves.
        list.sort(Comparator.comparing(Caution::weight));
        return list;
    }

    private static List<Caution> found(IcedCookie cookie, List<Warning> warnings, boolean onFilm) {
        List<Caution> list = new ArrayList<>();
        for (Warning warning : warnings) {
            if (onFilm && !warning.isOnFilm()) {
                continue;
            }
            warning.look(
                    cookie,
                    (move, sentence, where, remedy) ->
                            list.add(caution(cookie, move, warning, sentence, where, remedy)));
        }
        return list;
    }

    private static Caution caution(
            IcedCookie cookie, int move, Warning warning, String sentence, Region where, Remedy remedy) {
        Region shown = where.isEmpty() ? cookie.iced() : where;
        double half = Math.max(shown.box().widthMm(), shown.box().heightMm()) / 2;
        return new Caution(
                move,
                warning.weight(),
                sentence,
                remedy == null ? null : remedy.press(),
                remedy == null ? null : remedy.moves().apply(cookie.given()),
                remedy == null ? null : remedy.marginMm(),
                null,
                warning.damage(),
                shown.inside(),
                Math.min(MOST_CIRCLE_MM, Math.max(LEAST_CIRCLE_MM, half)));
    }
}
