package kindthimble.core.tint;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import kindthimble.core.colour.Lab;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import org.junit.jupiter.api.Test;

/** A recipe is told in whole drops where that costs next to nothing, and with its dabs where it costs something. */
class WholeDropsTest {
    private static final double WORTH = Habits.HOUSE.mean(Habit.FEWER_GELS_WORTH);

    @Test
    void wholeDropsCostNoMoreThanTheyAreWorth() {
        Random random = new Random(17);
        List<Gel> few = ReferenceGels.ALL.stream().limit(6).toList();
        TintSolver solver = new TintSolver(WhiteIcing.PLAIN, few, Habits.HOUSE);
        int simpler = 0;
        int withDabs = 0;
        for (int i = 0; i < 60; i++) {
            Lab target = new Lab(45 + random.nextInt(45), random.nextInt(70) - 30, random.nextInt(80) - 30);
            double grams = 25 + random.nextInt(200);
            Tinting tinting = solver.solve(target, grams, 3);
            TintRecipe shown = tinting.recipe();
            double best = Stream.concat(Stream.of(shown), tinting.alternatives().stream())
                    .mapToDouble(TintRecipe::deltaE)
                    .min()
                    .orElseThrow();
            assertTrue(
                    shown.deltaE() <= best + WORTH + 1e-9,
                    () -> "%s in %.0f g: %.2f shown, %.2f possible".formatted(target, grams, shown.deltaE(), best));
            boolean hasMany = shown.doses().stream().anyMatch(dose -> dose.drops() >= 4);
            boolean hasDabs = shown.doses().stream().anyMatch(dose -> dose.drops() >= 4 && dose.dabs() > 0);
            simpler += hasMany && !hasDabs ? 1 : 0;
            withDabs += hasDabs ? 1 : 0;
        }
        assertTrue(simpler > 10, "drops are counted, not dabs: " + simpler);
        assertTrue(withDabs > 0, "where it matters, dabs stand beside them: " + withDabs);
    }
}
