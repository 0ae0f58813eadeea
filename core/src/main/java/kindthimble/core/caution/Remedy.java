package kindthimble.core.caution;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import java.util.function.UnaryOperator;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.move.Easier;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Move;
import kindthimble.core.move.Seam;
import kindthimble.core.words.Range;

/**
 * What one press does about a warning.
 *
 * @param press its words
 * @param moves from the moves as they are to the moves as they should be
 * @param marginMm the edge margin that it sets; null to leave it
 */
public record Remedy(String press, UnaryOperator<List<Move>> moves, Double marginMm) {
    /** Changes the moves only. */
    public Remedy(String press, UnaryOperator<List<Move>> moves) {
        this(press, moves, null);
    }

    /** Sets the edge margin only. */
    public static Remedy margin(double marginMm) {
        return new Remedy(
                "Leave %s mm at the edge".formatted(Range.plain(marginMm)), UnaryOperator.identity(), marginMm);
    }

    /** Sets one parameter of the move at an index. */
    public static Remedy set(String press, int at, String parameter, Object value) {
        return replaced(press, at, move -> List.of(Catalogue.with(move, parameter, value)));
    }

    /** Puts other moves in the place of the one at an index. */
    public static Remedy replaced(String press, int at, Function<Move, List<Move>> others) {
        return new Remedy(press, moves -> {
            List<Move> changed = new ArrayList<>(moves);
            changed.addAll(at, others.apply(changed.remove(at)));
            return changed;
        });
    }

    /** What takes less time in the place of the move at an index; null where no press does it. */
    static Remedy easier(int at, Easier easier) {
        return easier.press() == null ? null : replaced(easier.press(), at, move -> easier.instead());
    }

    /** Puts another move before the one at an index. */
    public static Remedy before(String press, int at, Move helper) {
        return new Remedy(press, moves -> {
            List<Move> more = new ArrayList<>(moves);
            more.add(at, helper);
            return more;
        });
    }

    /** Moves the one at an index to where a function of the moves says, counted without it. */
    public static Remedy moved(String press, int at, ToIntFunction<List<Move>> where) {
        return new Remedy(press, moves -> {
            List<Move> changed = new ArrayList<>(moves);
            Move taken = changed.remove(at);
            int to = where.applyAsInt(changed);
            changed.add(Math.min(Math.max(to, 0), changed.size()), taken);
            return changed;
        });
    }

    /** Lets coats meet flat. */
    public static Remedy flowing(String press) {
        return new Remedy(
                press,
                moves -> moves.stream()
                        .map(move -> move instanceof Flood ? Catalogue.with(move, "seam", Seam.FLOW) : move)
                        .toList());
    }
}
