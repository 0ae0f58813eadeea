package kindthimble.core.caution;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
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

/**
 * A cookie as all its moves have left it, with what each move has met: what warnings look at.
 *
 * @param given the moves as she gave them
 * @param moves the same, filled
 * @param baked the cookie as it comes out of the oven
 * @param sections its sections
 * @param coats which coat covers which section
 * @param marks what the moves put on, in order
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
        return moves.get(move) instanceof Coating
                ? coats.sectionsOf(move)
                : sections.named(moves.get(move).on());
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
        return marks.stream()
                .filter(on -> on.move() == move)
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

    /** Whether moves share a section. */
    boolean meet(int one, int other) {
        return named(one).stream().anyMatch(named(other)::contains);
    }
}
