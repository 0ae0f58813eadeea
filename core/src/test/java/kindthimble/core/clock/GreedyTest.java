package kindthimble.core.clock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import kindthimble.core.hours.Helper;
import kindthimble.core.hours.Sitting;
import kindthimble.core.testing.Weeks;
import kindthimble.core.work.Task;
import org.junit.jupiter.api.Test;

class GreedyTest {
    private static final int HOUR = 3_600;

    private static Task task(String key, long order, int hands, int oven, Task.Wait... waits) {
        return new Task(key, Task.Work.ICE, order, 1, 1, 0, null, 1, hands, oven, List.of(waits));
    }

    private static Task.Wait after(String key, int seconds) {
        return new Task.Wait(key, seconds, Task.Why.GATE);
    }

    private static long start(Schedule schedule, String key) {
        return schedule.placed().stream()
                .filter(placed -> placed.task().key().equals(key))
                .findFirst()
                .orElseThrow()
                .start();
    }

    /** One pair of hands without waits: the work lies right before the hand-over, without a gap. */
    @Test
    void workWithoutWaitsEndsWithTheHandOver() {
        List<Task> tasks = List.of(task("a", 1, 1_000, 0), task("b", 1, 700, 0), task("c", 1, 300, 0));
        Schedule plan = Greedy.of(Problem.of(tasks, Map.of(1L, 10L * HOUR), List.of(new Sitting(0, 12 * HOUR))));
        assertEquals(
                10 * HOUR - 2_000,
                plan.placed().stream().mapToLong(Schedule.Placed::start).min().orElseThrow());
        assertTrue(plan.lateSeconds().isEmpty());
    }

    /** Flood in the evening, dry over night, line in the morning: drying goes on while hands do not. */
    @Test
    void dryingGoesOnOverNight() {
        List<Task> tasks = List.of(task("flood", 1, HOUR, 0), task("line", 1, HOUR, 0, after("flood", 10 * HOUR)));
        List<Sitting> sittings = List.of(new Sitting(12 * HOUR, 20 * HOUR), new Sitting(32 * HOUR, 44 * HOUR));
        Schedule plan = Greedy.of(Problem.of(tasks, Map.of(1L, 34L * HOUR), sittings));
        assertEquals(33 * HOUR, start(plan, "line"));
        // Ten hours before that, and an hour of hands, would be in the night: it is done before the sitting ends.
        assertEquals(19 * HOUR, start(plan, "flood"));
    }

    @Test
    void aLoadBakesWhileHandsGoOnAndTheOvenTakesOneAtATime() {
        List<Task> tasks = List.of(
                task("first", 1, 180, 660),
                task("second", 1, 180, 660),
                task("ice", 1, 600, 0, after("first", 0), after("second", 0)));
        Schedule plan = Greedy.of(Problem.of(tasks, Map.of(1L, 4L * HOUR), List.of(new Sitting(0, 5 * HOUR))));
        long last = 4 * HOUR - 600;
        long one = Math.max(start(plan, "first"), start(plan, "second"));
        long other = Math.min(start(plan, "first"), start(plan, "second"));
        assertEquals(last - 840, one);
        assertEquals(one + 180 - 660 - 180, other, "out of the oven when the next goes in");
    }

    @Test
    void whatCanNotBeInTimeIsSaidAndBegunAtOnce() {
        List<Task> tasks = List.of(task("flood", 1, HOUR, 0), task("line", 1, HOUR, 0, after("flood", 10 * HOUR)));
        Schedule plan = Greedy.of(Problem.of(tasks, Map.of(1L, 10L * HOUR), List.of(new Sitting(HOUR, 20 * HOUR))));
        assertEquals(HOUR, start(plan, "flood"));
        assertEquals(12 * HOUR, start(plan, "line"));
        assertEquals(Map.of(1L, 3L * HOUR), plan.lateSeconds());
    }

    @Test
    void aTaskLongerThanAnySittingIsRefused() {
        List<Task> tasks = List.of(task("a", 1, 3 * HOUR, 0));
        List<Sitting> sittings = List.of(new Sitting(0, 2 * HOUR), new Sitting(5 * HOUR, 7 * HOUR));
        assertThrows(NoTime.class, () -> Greedy.of(Problem.of(tasks, Map.of(1L, 9L * HOUR), sittings)));
        assertThrows(NoTime.class, () -> Greedy.of(Problem.of(tasks, Map.of(1L, 9L * HOUR), List.of())));
    }

    /** The evening before is not begun where all fits into the day. */
    @Test
    void sittingsWithLittleInThemAreClosed() {
        List<Task> tasks = List.of(
                task("a", 1, 2 * HOUR, 0),
                task("b", 1, HOUR, 0, after("a", 2 * HOUR)),
                task("c", 1, HOUR, 0, after("a", 0)));
        // Put as late as they go, b is in the afternoon, c with it, and a in the evening before; one sitting does.
        List<Sitting> sittings = List.of(new Sitting(0, 6 * HOUR), new Sitting(8 * HOUR, 13 * HOUR));
        Problem problem = Problem.of(tasks, Map.of(1L, 13L * HOUR), sittings);
        Schedule plan = Greedy.of(problem);
        assertEquals(1, Worth.of(problem, plan).sittings());
        assertEquals(List.of(), Validator.faults(problem, plan));
    }

    /** Beside her own hands a helper's, for some kinds of work only. */
    @Test
    void helpersDoWhatIsTheirs() {
        List<Task> tasks = List.of(task("a", 1, HOUR, 0), task("b", 1, HOUR, 0), pack("c", HOUR), pack("d", HOUR));
        List<Sitting> day = List.of(new Sitting(0, 2 * HOUR));
        Problem alone = Problem.of(tasks, Map.of(1L, 2L * HOUR), day);
        assertThrows(NoTime.class, () -> Greedy.of(alone));
        Problem helped =
                alone.with(List.of(Pair.own(day), new Pair("Saturday help", day, Set.of(Helper.Help.PACKING))));
        Schedule plan = Greedy.of(helped);
        assertEquals(List.of(), Validator.faults(helped, plan));
        assertTrue(plan.placed().stream()
                .filter(placed -> placed.hands() == 1)
                .allMatch(placed -> placed.task().doing() == Task.Work.PACK));
        assertTrue(plan.lateSeconds().isEmpty());
    }

    private static Task pack(String key, int hands) {
        return new Task(key, Task.Work.PACK, 1, 1, 0, 1, null, 1, hands, 0, List.of());
    }

    private static Task onStand(String key, Task.Work doing, String stand, int hands, Task.Wait... waits) {
        return new Task(key, doing, 1, 1, 1, 1, null, 1, hands, 0, List.of(waits), stand);
    }

    /** Two places: the third tray is iced when one of the others is packed. */
    @Test
    void traysTakeTheirTurns() {
        List<Task> tasks = new ArrayList<>();
        for (int tray = 1; tray <= 4; tray++) {
            tasks.add(onStand("ice " + tray, Task.Work.ICE, "tray " + tray, 600));
            tasks.add(onStand("pack " + tray, Task.Work.PACK, "tray " + tray, 300, after("ice " + tray, 2 * HOUR)));
        }
        List<Sitting> day = List.of(new Sitting(0, 12 * HOUR));
        Problem problem = new Problem(
                tasks,
                Map.of(1L, 12L * HOUR),
                List.of(Pair.own(day)),
                new Limits(2),
                Drying.STEADY,
                Map.of(),
                Map.of());
        Schedule plan = Greedy.of(problem);
        assertEquals(List.of(), Validator.faults(problem, plan));
        Schedule asIfThereWereFour = Greedy.of(Problem.of(tasks, Map.of(1L, 12L * HOUR), day));
        assertTrue(Validator.faults(problem, asIfThereWereFour).toString().contains("trays are there at once"));
    }

    @Test
    void whatMayNotBeginYetIsLateRatherThanEarly() {
        List<Task> tasks = List.of(task("a", 1, HOUR, 0));
        List<Sitting> day = List.of(new Sitting(0, 20 * HOUR));
        Problem problem = new Problem(
                tasks,
                Map.of(1L, 10L * HOUR),
                List.of(Pair.own(day)),
                Limits.NONE,
                Drying.STEADY,
                Map.of("a", 11L * HOUR),
                Map.of());
        Schedule plan = Greedy.of(problem);
        assertEquals(11 * HOUR, start(plan, "a"));
        assertEquals(Map.of(1L, 2L * HOUR), plan.lateSeconds());
        assertEquals(List.of(), Validator.faults(problem, plan));
    }

    @Test
    void pinsAreKeptOrNamed() {
        List<Task> tasks = List.of(task("flood", 1, HOUR, 0), task("line", 1, HOUR, 0, after("flood", 2 * HOUR)));
        Problem problem = Problem.of(tasks, Map.of(1L, 10L * HOUR), List.of(new Sitting(0, 12 * HOUR)));
        Schedule kept = Greedy.of(problem.withPins(Map.of("flood", 3L * HOUR)));
        assertEquals(3 * HOUR, start(kept, "flood"));
        assertEquals(9 * HOUR, start(kept, "line"));
        assertEquals(Set.of(), kept.unkept());
        Problem both = problem.withPins(Map.of("flood", 3L * HOUR, "line", 4L * HOUR));
        Schedule broken = Greedy.of(both);
        assertEquals(Set.of("line"), broken.unkept());
        assertEquals(List.of(), Validator.faults(both, broken));
    }

    /** Eight hours for a deep colour where there are eight hours, and none where there are not. */
    @Test
    void aDeepColourRestsWhereTheDaysAllowIt() {
        List<Task> tasks = List.of(
                task("bowl", 1, HOUR, 0),
                task("ice", 1, HOUR, 0, after("bowl", 0), new Task.Wait("bowl", 8 * HOUR, Task.Why.REST)));
        List<Sitting> day = List.of(new Sitting(0, 12 * HOUR));
        assertEquals(HOUR, start(Greedy.of(Problem.of(tasks, Map.of(1L, 11L * HOUR), day)), "bowl"));
        Problem tight = Problem.of(tasks, Map.of(1L, 5L * HOUR), day);
        Schedule plan = Greedy.of(tight);
        assertEquals(4 * HOUR, start(plan, "ice"));
        assertEquals(List.of(), Validator.faults(tight, plan));
    }

    /** What is late is begun no earlier than it has to be. */
    /** An order that no hours hold is late by itself: another one, due long after, is as fresh as it would be alone. */
    @Test
    void whatIsLateLeavesOthersFresh() {
        Problem week = Weeks.of(3, 2, 3, 14);
        List<Sitting> few = week.sittings().stream()
                .filter(sitting -> sitting.start() > week.due().get(1L) - 10 * HOUR)
                .toList();
        Problem late = week.with(List.of(Pair.own(few)));
        Problem alone = late.withTasks(
                late.tasks().stream().filter(task -> task.order() == 2).toList());
        Schedule both = Greedy.of(late);
        assertEquals(Set.of(1L), both.lateSeconds().keySet());
        assertEquals(List.of(), Validator.faults(late, both));
        assertEquals(firstIcing(Greedy.of(alone), 2) / (6.0 * HOUR), firstIcing(both, 2) / (6.0 * HOUR), 1);
    }

    private static long firstIcing(Schedule schedule, long order) {
        return schedule.placed().stream()
                .filter(placed -> placed.task().order() == order && Worth.isIcingOfCookies(placed.task()))
                .mapToLong(Schedule.Placed::start)
                .min()
                .orElseThrow();
    }

    /** In weeks that are too full: pushing all later keeps each order's end, spoils nothing, and is never less fresh. */
    @Test
    void laterIsNeverLaterThanTheEnd() {
        for (int seed = 1; seed <= 10; seed++) {
            Problem week = with(18 + seed, Weeks.of(seed, 12, 6, 3).withoutRest());
            Schedule forward = Greedy.schedule(week, Places.forward(week, Map.of()));
            Problem asLate = week.dueAsIn(forward);
            Schedule later = Greedy.schedule(week, Places.later(week, forward.placed(), asLate.due()));
            assertTrue(forward.late() > 0);
            assertEquals(List.of(), Validator.faults(week, later));
            assertTrue(later.late() <= forward.late());
            assertTrue(later.spoiled().size() <= forward.spoiled().size());
            assertTrue(Worth.of(week, later).freshSeconds()
                    < Worth.of(week, forward).freshSeconds());
        }
    }

    private static Problem with(int places, Problem problem) {
        return new Problem(
                problem.tasks(),
                problem.due(),
                problem.hands(),
                new Limits(places),
                problem.drying(),
                problem.notBefore(),
                problem.pins());
    }

    /** Two orders that can't both be in time: the small one is, as the large one is late either way. */
    @Test
    void theLargestOfTheLateComesLast() {
        List<Task> tasks = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            tasks.add(task("large " + i, 1, HOUR, 0));
        }
        tasks.add(task("small", 2, HOUR, 0));
        Schedule plan =
                Greedy.of(Problem.of(tasks, Map.of(1L, 2L * HOUR, 2L, 3L * HOUR), List.of(new Sitting(0, 20 * HOUR))));
        assertEquals(Map.of(1L, 9L * HOUR), plan.lateSeconds());
    }

    @Test
    void alsoWhatIsLateIsFresh() {
        List<Task> tasks = List.of(
                task("a", 1, HOUR, 0),
                task("long", 1, HOUR, 0),
                task("b", 1, HOUR, 0, after("a", 0), after("long", 20 * HOUR)));
        Schedule plan = Greedy.of(Problem.of(tasks, Map.of(1L, 2L * HOUR), List.of(new Sitting(0, 40 * HOUR))));
        assertEquals(Map.of(1L, 20L * HOUR), plan.lateSeconds());
        assertEquals(20 * HOUR, start(plan, "a"));
    }

    /** Some hundred weeks by chance: each plan can be carried out, and none is in time where no order of the tasks is. */
    @Test
    void againstAllOrdersOfSmallWeeks() {
        Random random = new Random(11);
        int possible = 0;
        int found = 0;
        for (int round = 0; round < 250; round++) {
            List<Task> tasks = new ArrayList<>();
            Map<Long, Long> due = new HashMap<>();
            int n = 3 + random.nextInt(4);
            for (int i = 0; i < n; i++) {
                long order = 1 + random.nextInt(2);
                List<Task.Wait> waits = new ArrayList<>();
                for (int before = 0; before < i; before++) {
                    if (tasks.get(before).order() == order && random.nextInt(3) == 0) {
                        waits.add(after("t" + before, random.nextInt(3) * HOUR));
                    }
                }
                int oven = random.nextInt(3) == 0 ? 1_800 : 0;
                tasks.add(task("t" + i, order, 600 + random.nextInt(4_000), oven, waits.toArray(new Task.Wait[0])));
            }
            due.put(1L, (4L + random.nextInt(10)) * HOUR);
            due.put(2L, (4L + random.nextInt(10)) * HOUR);
            List<Sitting> sittings = new ArrayList<>();
            for (int day = 0; day < 30; day++) {
                sittings.add(new Sitting(day * 6L * HOUR, day * 6L * HOUR + 3 * HOUR));
            }
            Schedule plan = Greedy.of(Problem.of(tasks, due, sittings));
            assertEquals(List.of(), Validator.faults(Problem.of(tasks, due, sittings), plan), "week " + round);
            boolean canBe = canBeInTime(tasks, due, sittings, new ArrayList<>(), new HashMap<>());
            if (canBe) {
                possible++;
                found += plan.lateSeconds().isEmpty() ? 1 : 0;
            } else {
                assertTrue(!plan.lateSeconds().isEmpty(), "week " + round + " can't be in time");
            }
        }
        assertTrue(possible > 60 && possible < 240, possible + " of 250 can be in time");
        assertTrue(found > 0.9 * possible, found + " of " + possible);
    }

    /** Tries every order in which the tasks can be begun, each as early as it goes: one of them is best for any wish to be early. */
    private static boolean canBeInTime(
            List<Task> tasks, Map<Long, Long> due, List<Sitting> sittings, List<long[]> taken, Map<String, Long> ends) {
        if (ends.size() == tasks.size()) {
            return true;
        }
        for (Task task : tasks) {
            if (ends.containsKey(task.key())
                    || task.waits().stream().anyMatch(wait -> !ends.containsKey(wait.task()))) {
                continue;
            }
            long from = task.waits().stream()
                    .mapToLong(wait -> ends.get(wait.task()) + wait.seconds())
                    .max()
                    .orElse(0);
            long start = firstFree(task, from, sittings, taken);
            if (start + task.wholeSeconds() > due.get(task.order())) {
                continue;
            }
            List<long[]> more = new ArrayList<>(taken);
            more.add(new long[] {start, start + task.handSeconds(), start + task.wholeSeconds()});
            Map<String, Long> then = new HashMap<>(ends);
            then.put(task.key(), start + task.wholeSeconds());
            if (canBeInTime(tasks, due, sittings, more, then)) {
                return true;
            }
        }
        return false;
    }

    private static long firstFree(Task task, long from, List<Sitting> sittings, List<long[]> taken) {
        // All begin on whole seconds: step by what stands in the way.
        for (Sitting sitting : sittings) {
            long start = Math.max(from, sitting.start());
            boolean moved = true;
            while (moved && start + task.wholeSeconds() <= sitting.end()) {
                moved = false;
                for (long[] other : taken) {
                    if (start < other[1] && other[0] < start + task.handSeconds()) {
                        start = other[1];
                        moved = true;
                    }
                    boolean bothBake = task.ovenSeconds() > 0 && other[2] > other[1];
                    if (bothBake && start + task.handSeconds() < other[2] && other[1] < start + task.wholeSeconds()) {
                        start = other[2] - task.handSeconds();
                        moved = true;
                    }
                }
            }
            if (start + task.wholeSeconds() <= sitting.end()) {
                return start;
            }
        }
        return Long.MAX_VALUE / 2;
    }
}
