package kindthimble.core.clock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import kindthimble.core.hours.Sitting;
import kindthimble.core.testing.Weeks;
import kindthimble.core.work.Task;
import org.junit.jupiter.api.Test;

class FewerBagsTest {
    private static Task ice(String key, long design, String colour, Task.Wait... waits) {
        return new Task(key, Task.Work.ICE, 1, design, 1, 0, colour, 12, 600, 0, List.of(waits));
    }

    private static Schedule schedule(Task... inOrder) {
        return new Schedule(
                IntStream.range(0, inOrder.length)
                        .mapToObj(i -> new Schedule.Placed(inOrder[i], 600L * i, 0))
                        .toList(),
                Map.of(),
                Set.of(),
                Set.of());
    }

    @Test
    void runsOfOneColourComeTogether() {
        Task red = ice("red", 1, "red");
        Task blue = ice("blue", 2, "blue");
        Task alsoRed = ice("also red", 3, "red");
        Problem problem = Problem.of(List.of(red, blue, alsoRed), Map.of(1L, 1_800L), List.of(new Sitting(0, 1_800)));
        Schedule before = schedule(red, blue, alsoRed);
        assertEquals(4, FewerBags.changes(before));
        Schedule after = FewerBags.of(problem, before);
        assertEquals(3, FewerBags.changes(after));
        assertEquals(List.of(), Validator.faults(problem, after));
    }

    /** Bows for two designs, and a cookie of their colour between: the bows stand together, which cookies would not. */
    @Test
    void piecesOfOneColourAreMadeTogether() {
        Task bows = ahead("bows", 1);
        Task cookie = ice("cookie", 2, "red");
        Task moreBows = ahead("more bows", 3);
        Problem problem =
                Problem.of(List.of(bows, cookie, moreBows), Map.of(1L, 1_800L), List.of(new Sitting(0, 1_800)));
        Schedule before = schedule(bows, cookie, moreBows);
        assertEquals(2, FewerBags.changes(before));
        Schedule after = FewerBags.of(problem, before);
        assertEquals(1, FewerBags.changes(after));
        assertEquals(
                2, FewerBags.changes(schedule(ice("one", 1, "red"), ice("two", 2, "red"), ice("three", 3, "red"))));
    }

    private static Task ahead(String key, long design) {
        return new Task(key, Task.Work.ICE, 1, design, 0, 0, "red", 12, 600, 0, List.of());
    }

    @Test
    void whatWaitsForEachOtherStays() {
        Task red = ice("red", 1, "red");
        Task blue = ice("blue", 2, "blue", new Task.Wait("red", 0, Task.Why.NEEDS));
        Task alsoRed = ice("also red", 3, "red", new Task.Wait("blue", 0, Task.Why.NEEDS));
        Problem problem = Problem.of(List.of(red, blue, alsoRed), Map.of(1L, 1_800L), List.of(new Sitting(0, 1_800)));
        Schedule before = schedule(red, blue, alsoRed);
        assertEquals(before, FewerBags.of(problem, before));
    }

    /** Whole weeks: fewer changes, no worse, and still a plan that can be carried out. */
    @Test
    void weeksBecomeNoWorse() {
        for (int seed = 1; seed <= 4; seed++) {
            Problem problem = Weeks.of(seed, 4, 4, 7);
            Schedule before = Greedy.of(problem);
            Schedule after = FewerBags.of(problem, before);
            assertEquals(List.of(), Validator.faults(problem, after));
            assertTrue(FewerBags.changes(after) <= FewerBags.changes(before));
            assertTrue(Worth.of(problem, after).compareTo(Worth.of(problem, before)) <= 0);
        }
    }
}
