package kindthimble.core.clock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.core.hours.Helper;
import kindthimble.core.hours.Sitting;
import kindthimble.core.work.Task;
import org.junit.jupiter.api.Test;

/** Each way in which a plan can be wrong is found. */
class ValidatorTest {
    private static final Task BAKE = new Task("bake", Task.Work.BAKE, 1, 1, 0, 1, null, 12, 100, 500, List.of());
    private static final Task ALSO = new Task("also", Task.Work.BAKE, 1, 1, 0, 2, null, 12, 100, 500, List.of());
    private static final Task ICE = new Task(
            "ice",
            Task.Work.ICE,
            1,
            1,
            1,
            1,
            "white",
            12,
            300,
            0,
            List.of(new Task.Wait("bake", 60, 600, Task.Why.COOL)));
    private static final List<Task> TASKS = List.of(BAKE, ALSO, ICE);
    private static final List<Sitting> SITTINGS = List.of(new Sitting(0, 1_500));

    private static Problem problem(long due) {
        return Problem.of(TASKS, Map.of(1L, due), SITTINGS);
    }

    private static Schedule.Placed at(Task task, long start) {
        return new Schedule.Placed(task, start, 0);
    }

    private static List<String> faults(long bake, long also, long ice, long due, Map<Long, Long> late) {
        return Validator.faults(
                problem(due),
                new Schedule(List.of(at(BAKE, bake), at(ALSO, also), at(ICE, ice)), late, Set.of(), Set.of()));
    }

    private static void fault(String words, List<String> faults) {
        assertTrue(faults.toString().contains(words), faults::toString);
    }

    @Test
    void aGoodPlanHasNoFaults() {
        assertEquals(List.of(), faults(0, 500, 1_100, 1_500, Map.of()));
    }

    @Test
    void handsAndOvenAreOneEach() {
        fault("the same hands", faults(0, 50, 700, 1_500, Map.of()));
        fault("the oven", faults(0, 400, 1_100, 1_500, Map.of()));
    }

    @Test
    void twoDoughsTakeOneMixer() {
        Task one = new Task("one", Task.Work.DOUGH, 1, 0, 0, 0, null, 0, 600, 0, List.of());
        Task other = new Task("other", Task.Work.BASE, 1, 0, 0, 0, null, 0, 600, 0, List.of());
        Problem problem = Problem.of(List.of(one, other), Map.of(1L, 1_500L), SITTINGS)
                .with(List.of(Pair.own(SITTINGS), new Pair("help", SITTINGS, Set.of(Helper.Help.MIXING))));
        fault("the mixer", Validator.faults(problem, both(one, other, 300)));
        assertEquals(List.of(), Validator.faults(problem, both(one, other, 600)));
        fault("is not done by help", Validator.faults(problem, both(other, one, 600)));
    }

    private static Schedule both(Task own, Task helped, long start) {
        return new Schedule(List.of(at(own, 0), new Schedule.Placed(helped, start, 1)), Map.of(), Set.of(), Set.of());
    }

    @Test
    void waitsSittingsAndHandOversAreKept() {
        fault("does not wait", faults(0, 700, 650, 1_500, Map.of()));
        fault("sitting", faults(0, 500, 1_250, 2_000, Map.of()));
        fault("sitting", faults(500, 1_100, 1_200, 2_000, Map.of()));
        fault("late", faults(0, 500, 1_100, 1_300, Map.of()));
        assertEquals(List.of(), faults(0, 500, 1_100, 1_300, Map.of(1L, 100L)));
    }

    @Test
    void whatKeepsTooLongIsSaid() {
        Problem keepsLittle = problem(1_500)
                .withTasks(List.of(BAKE, ALSO, ICE.waiting(List.of(new Task.Wait("bake", 60, 400, Task.Why.COOL)))));
        List<Schedule.Placed> placed = List.of(at(BAKE, 0), at(ALSO, 500), at(ICE, 1_100));
        fault("kept too long", Validator.faults(keepsLittle, new Schedule(placed, Map.of(), Set.of(), Set.of())));
        assertEquals(List.of(), Validator.faults(keepsLittle, new Schedule(placed, Map.of(), Set.of(), Set.of("ice"))));
        assertEquals(Set.of("ice"), Greedy.schedule(keepsLittle, placed).spoiled());
    }

    @Test
    void pinsAndBeginsAreKept() {
        List<Schedule.Placed> placed = List.of(at(BAKE, 0), at(ALSO, 500), at(ICE, 1_100));
        Problem pinned = problem(1_500).withPins(Map.of("ice", 1_150L));
        fault("pinned", Validator.faults(pinned, new Schedule(placed, Map.of(), Set.of(), Set.of())));
        assertEquals(List.of(), Validator.faults(pinned, new Schedule(placed, Map.of(), Set.of("ice"), Set.of())));
        Problem later = new Problem(
                TASKS,
                Map.of(1L, 1_500L),
                List.of(Pair.own(SITTINGS)),
                Limits.NONE,
                Drying.STEADY,
                Map.of("bake", 10L),
                Map.of());
        fault("too early", Validator.faults(later, new Schedule(placed, Map.of(), Set.of(), Set.of())));
    }

    @Test
    void everyTaskIsThereOnce() {
        Schedule half = new Schedule(List.of(at(BAKE, 0), at(ALSO, 500)), Map.of(), Set.of(), Set.of());
        fault("not placed", Validator.faults(problem(9_000), half));
        Schedule twice = new Schedule(
                List.of(at(BAKE, 0), at(BAKE, 700), at(ALSO, 500), at(ICE, 1_100)), Map.of(), Set.of(), Set.of());
        fault("twice", Validator.faults(problem(9_000), twice));
    }
}
