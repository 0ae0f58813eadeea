package kindthimble.core.caution;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Hands;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.move.Coating;
import kindthimble.core.move.Coats;
import kindthimble.core.move.Move;
import kindthimble.core.move.Sections;
import kindthimble.core.passes.Passes;

/**
 * A cookie as all its moves have left it, with what each move has met: what warnings look at.
 *
 * @param given the moves as she gave them
 * @param moves the same, filled
 * @param baked the cookie as it comes out of the oven
 * @param sections its sections
 * @param coats which coat covers which section
 * @param marks what the moves put on, in order
 * @param marksByMove the same, by move
 * @param lies by move, the sections that its marks lie on; a move without marks is not there
 * @param passes when they go on
 * @param standing where marks stand by themselves, by move
 * @param hands what that takes
 * @param kitchen whose figures count
 */
public record IcedCookie(
        List<Move> given,
        List<Move> moves,
        Region baked,
        Sections sections,
        Coats coats,
        List<OnCookie> marks,
        Map<Integer, List<OnCookie>> marksByMove,
        Map<Integer, Set<String>> lies,
        Passes passes,
        Map<Integer, List<Pose>> standing,
        Hands hands,
        Kitchen kitchen) {
    /** Where icing may lie. */
    Region iced() {
        return sections.whole();
    }

    double mean(Habit habit) {
        return kitchen.mean(habit);
    }

    /** Calls for each move of a kind, with its index. */
    <T extends Move> void each(Class<T> kind, BiConsumer<Integer, T> call) {
        for (int i = 0; i < moves.size(); i++) {
            if (kind.isInstance(moves.get(i))) {
                call.accept(i, kind.cast(moves.get(i)));
            }
        }
    }

    /** Sections that a move lies on. */
    Set<String> named(int move) {
        if (moves.get(move) instanceof Coating) {
            return coats.sectionsOf(move);
        }
        Set<String> own = lies.get(move);
        return own == null ? sections.named(moves.get(move).on()) : own;
    }

    /** Where a move lies. */
    Region on(int move) {
        String words = moves.get(move).on();
        return words == null || words.isBlank() ? iced() : sections.region(named(move));
    }

    /** Where the marks of a move stand; none for those that follow a line or cover a section. */
    List<Pose> poses(int move) {
        return standing.getOrDefault(move, List.of());
    }

    /** The area that the marks of a move cover together, in mm2. */
    double coveredBy(int move) {
        return marksOf(move).stream()
                .mapToDouble(on -> on.mark().covers().areaMm2())
                .sum();
    }

    /** Index of the coat that lies on a section before a move comes; -1 for none. */
    int coatUnder(String section, int before) {
        for (int i = before - 1; i >= 0; i--) {
            if (moves.get(i) instanceof Coating && coats.sectionsOf(i).contains(section)) {
                return i;
            }
        }
        return -1;
    }

    /** Index of the last coat that lies under a move; -1 for a bare cookie. */
    int coatUnder(int move) {
        return named(move).stream()
                .mapToInt(section -> coatUnder(section, move))
                .max()
                .orElse(-1);
    }

    boolean isBare(int move) {
        return coatUnder(move) < 0;
    }

    /** What a move puts on. */
    List<OnCookie> marksOf(int move) {
        return marksByMove.getOrDefault(move, List.of());
    }

    /** Minutes that a later pass waits after an earlier one, hands left out; 0 where both are one. */
    int minutesBetween(int earlier, int later) {
        return passes.list().stream()
                .filter(pass -> pass.number() > earlier && pass.number() <= later)
                .mapToInt(Passes.Pass::waitMinutes)
                .sum();
    }

    /** The pass in which a section is coated. */
    int passOf(String section) {
        return passes.ofSlot(coats.pass(section));
    }

    /** Whether a move goes into something that is wet and lies on a coat, and not into the coat itself. */
    boolean isOnWetMarks(int move) {
        Set<Integer> coated = named(move).stream().map(this::passOf).collect(Collectors.toSet());
        List<OnCookie> own = marksOf(move);
        return !own.isEmpty() && own.stream().noneMatch(on -> coated.contains(on.pass()));
    }

    /** Whether marks of two moves touch. */
    boolean touch(int one, int other) {
        List<Extent> others =
                marksOf(other).stream().map(on -> on.mark().extent()).toList();
        return meet(one, other)
                && marksOf(one).stream()
                        .map(on -> on.mark().extent())
                        .anyMatch(own -> others.stream().anyMatch(own::touches));
    }

    /** Whether two colours are so unlike in lightness that one bleeds into the other. */
    boolean bleeds(String one, String other) {
        return Math.abs(kitchen.palette().darkerBy(one, other)) > mean(Habit.BLEEDS_FROM_DELTA_L);
    }

    /** Whether moves share a section. */
    boolean meet(int one, int other) {
        return named(one).stream().anyMatch(named(other)::contains);
    }
}
