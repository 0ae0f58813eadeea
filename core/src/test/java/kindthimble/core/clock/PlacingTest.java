package kindthimble.core.clock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import kindthimble.core.hours.Sitting;
import kindthimble.core.work.Task;
import org.junit.jupiter.api.Test;

/** Tasks put on the clock one by one. */
class PlacingTest {
    private static final int HOUR = 3_600;

    private static Task task(String key, Task.Work doing, int hours, Task.Wait... waits) {
        return new Task(key, doing, 1, 1, 1, 0, null, 1, hours * HOUR, 0, List.of(waits));
    }

    private static Map<String, Long> hours(List<Schedule.Placed> placed) {
        return placed.stream().collect(Collectors.toMap(one -> one.task().key(), one -> one.start() / HOUR));
    }

    private static Problem alone(List<Task> tasks, int due, int until) {
        return Problem.of(tasks, Map.of(1L, (long) due * HOUR), List.of(new Sitting(0, (long) until * HOUR)));
    }

    /** Two pairs of hands, one mixer: dough and base do not lie beside each other, neither from the end nor from the beginning. */
    @Test
    void oneMixerServesOneAtATime() {
        List<Task> tasks = List.of(task("base", Task.Work.BASE, 1), task("dough", Task.Work.DOUGH, 1));
        List<Sitting> day = List.of(new Sitting(0, 4 * HOUR));
        Problem two = alone(tasks, 4, 4).with(List.of(Pair.own(day), Pair.own(day)));
        Map<String, Long> late = hours(new Placing(two, Map.of()).backward(two.due()));
        assertEquals(List.of(2L, 3L), late.values().stream().sorted().toList());
        Map<String, Long> early = hours(new Placing(two, Map.of()).forward(Map.of()));
        assertEquals(List.of(0L, 1L), early.values().stream().sorted().toList());
        // What needs no mixer does.
        List<Task> icing = List.of(task("one", Task.Work.ICE, 1), task("other", Task.Work.ICE, 1));
        Problem iced = two.withTasks(icing);
        assertEquals(
                List.of(3L, 3L),
                hours(new Placing(iced, Map.of()).backward(iced.due())).values().stream()
                        .toList());
    }

    /** Whose turn comes later begins when the other one is done, and may at once. */
    @Test
    void turnsAreTakenOneAfterTheOther() {
        List<Task> tasks = List.of(task("first", Task.Work.ICE, 2), task("second", Task.Work.ICE, 1));
        List<Sitting> day = List.of(new Sitting(0, 9 * HOUR));
        Problem two = alone(tasks, 9, 9).with(List.of(Pair.own(day), Pair.own(day)));
        Map<String, List<String>> turns = Map.of("second", List.of("first"));
        assertEquals(Map.of("first", 0L, "second", 2L), hours(new Placing(two, turns).forward(Map.of())));
        assertEquals(Map.of("first", 6L, "second", 8L), hours(new Placing(two, turns).backward(two.due())));
        // The other way round it is the other one that waits.
        assertEquals(
                Map.of("first", 1L, "second", 0L),
                hours(new Placing(two, Map.of("first", List.of("second"))).forward(Map.of())));
    }

    /** What keeps for two hours only is not put later than that after what it waits for, which is pinned. */
    @Test
    void puttingLaterLeavesKeepingTimesAlone() {
        Task mixed = task("mixed", Task.Work.BASE, 1);
        Task fresh = task("fresh", Task.Work.ICE, 1, new Task.Wait("mixed", 0, 2 * HOUR, Task.Why.NEEDS));
        Task any = task("any", Task.Work.ICE, 1, new Task.Wait("mixed", 0, Task.Why.NEEDS));
        Problem problem = alone(List.of(mixed, fresh, any), 9, 9).withPins(Map.of("mixed", 0L));
        List<Schedule.Placed> plan = List.of(
                new Schedule.Placed(mixed, 0, 0),
                new Schedule.Placed(fresh, HOUR, 0),
                new Schedule.Placed(any, 2 * HOUR, 0));
        Map<String, Long> later = hours(new Placing(problem, Map.of()).later(plan, problem.due()));
        assertEquals(Map.of("mixed", 0L, "fresh", 3L, "any", 8L), later);
        // What is too old already can't become older by it: it goes as late as anything.
        List<Schedule.Placed> spoiled = List.of(
                new Schedule.Placed(mixed, 0, 0),
                new Schedule.Placed(fresh, 5 * HOUR, 0),
                new Schedule.Placed(any, 2 * HOUR, 0));
        assertTrue(hours(new Placing(problem, Map.of()).later(spoiled, problem.due()))
                        .get("fresh")
                >= 5);
    }

    @Test
    void whatDoesNotFitBeforeItsEndHasNoPlaceFromTheEnd() {
        Problem problem = alone(List.of(task("long", Task.Work.ICE, 3)), 2, 9);
        assertNull(new Placing(problem, Map.of()).backward(problem.due()));
        assertEquals(Map.of("long", 0L), hours(new Placing(problem, Map.of()).forward(Map.of())));
    }

    /** Without waits a single pair of hands is never idle between its first and its last task, whatever the lengths. */
    @Test
    void handsAreNotIdleWithoutAReason() {
        Random random = new Random(3);
        for (int i = 0; i < 200; i++) {
            List<Task> tasks = IntStream.rangeClosed(1, 1 + random.nextInt(7))
                    .mapToObj(n -> task("t" + n, Task.Work.ICE, 1 + random.nextInt(3)))
                    .toList();
            long all = tasks.stream().mapToLong(Task::handSeconds).sum();
            Problem problem = alone(tasks, 30, 30);
            List<Schedule.Placed> late = new Placing(problem, Map.of()).backward(problem.due());
            List<Schedule.Placed> early = new Placing(problem, Map.of()).forward(Map.of());
            assertEquals(
                    30L * HOUR - all,
                    late.stream().mapToLong(Schedule.Placed::start).min().orElseThrow());
            assertEquals(
                    all, early.stream().mapToLong(Schedule.Placed::end).max().orElseThrow());
        }
    }

    /** Later is never earlier, never beyond the end, and nothing lies on anything. */
    @Test
    void puttingLaterOnlyPutsLater() {
        Random random = new Random(5);
        for (int i = 0; i < 200; i++) {
            Map<String, Task> tasks = new HashMap<>();
            for (int n = 0; n < 6; n++) {
                Task.Wait[] waits = n > 0 && random.nextBoolean()
                        ? new Task.Wait[] {
                            new Task.Wait("t" + random.nextInt(n), random.nextInt(3) * HOUR, Task.Why.COOL)
                        }
                        : new Task.Wait[0];
                tasks.put("t" + n, task("t" + n, Task.Work.ICE, 1 + random.nextInt(2), waits));
            }
            List<Task> inOrder =
                    IntStream.range(0, 6).mapToObj(n -> tasks.get("t" + n)).toList();
            Problem problem = alone(inOrder, 40, 40);
            List<Schedule.Placed> early = new Placing(problem, Map.of()).forward(Map.of());
            List<Schedule.Placed> late = new Placing(problem, Map.of()).later(early, problem.due());
            Map<String, Long> before = hours(early);
            hours(late).forEach((key, at) -> assertTrue(at >= before.get(key), key));
            assertEquals(List.of(), Validator.faults(problem, Greedy.schedule(problem, late)));
        }
    }
}
