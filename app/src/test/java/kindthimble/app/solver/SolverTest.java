package kindthimble.app.solver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import kindthimble.core.clock.Bounds;
import kindthimble.core.clock.Drying;
import kindthimble.core.clock.Greedy;
import kindthimble.core.clock.Limits;
import kindthimble.core.clock.Pair;
import kindthimble.core.clock.Problem;
import kindthimble.core.clock.Schedule;
import kindthimble.core.clock.Validator;
import kindthimble.core.clock.Worth;
import kindthimble.core.hours.Helper;
import kindthimble.core.hours.Sitting;
import kindthimble.core.work.Task;
import org.junit.jupiter.api.Test;

class SolverTest {
    private static final int HOUR = 3_600;
    private static final Effort MUCH = new Effort(500, 20, 60, 3);

    private final Solver solver = new Solver();

    private static Task task(String key, long order, int hands, int oven, Task.Wait... waits) {
        return new Task(
                key, oven > 0 ? Task.Work.BAKE : Task.Work.ICE, order, 1, 1, 0, null, 1, hands, oven, List.of(waits));
    }

    private static Problem week(Random random, int most) {
        List<Task> tasks = new ArrayList<>();
        int n = 3 + random.nextInt(most - 2);
        for (int i = 0; i < n; i++) {
            long order = 1 + random.nextInt(2);
            List<Task.Wait> waits = new ArrayList<>();
            for (int before = 0; before < i; before++) {
                if (tasks.get(before).order() == order && random.nextInt(3) == 0) {
                    waits.add(new Task.Wait("t" + before, random.nextInt(4) * HOUR, Task.Why.GATE));
                }
            }
            int oven = random.nextInt(4) == 0 ? 1_800 : 0;
            tasks.add(task("t" + i, order, 600 + random.nextInt(4_000), oven, waits.toArray(new Task.Wait[0])));
        }
        Map<Long, Long> due = new HashMap<>();
        due.put(1L, (12L + random.nextInt(12)) * HOUR);
        due.put(2L, (12L + random.nextInt(12)) * HOUR);
        List<Sitting> sittings = new ArrayList<>();
        for (int day = 0; day < 4; day++) {
            sittings.add(new Sitting(day * 6L * HOUR, day * 6L * HOUR + 3 * HOUR));
        }
        for (int day = 4; day < 30; day++) {
            sittings.add(new Sitting(day * 6L * HOUR, day * 6L * HOUR + 3 * HOUR));
        }
        return Problem.of(tasks, due, sittings);
    }

    private Solved solved(Problem problem, Effort effort) {
        return solver.solve(problem, Greedy.of(problem), effort, better -> {}, () -> false);
    }

    /** Small weeks by chance: what the solver calls best is what the search through everything finds, to the second. */
    @Test
    void againstEveryOrderOfEverySetOfSittings() {
        Random random = new Random(5);
        int inTime = 0;
        for (int round = 0; round < 40; round++) {
            Problem problem = week(random, round < 4 ? 7 : 5);
            Schedule first = Greedy.of(problem);
            if (!first.lateSeconds().isEmpty()) {
                continue;
            }
            Solved best = solver.solve(problem, first, MUCH, better -> {}, () -> false);
            assertEquals(List.of(), Validator.faults(problem, best.schedule()), "week " + round);
            long least = Everything.least(problem);
            assertTrue(best.isBest(), "week " + round);
            assertEquals(least, Worth.of(problem, best.schedule()).counted(), "week " + round);
            assertTrue(best.bound() <= least && Bounds.counted(problem) <= least, "week " + round);
            inTime++;
        }
        assertTrue(inTime > 15, inTime + " weeks could be in time");
    }

    /** Tries every set of sittings, and in each every order of the tasks from the end backward, each as late as it goes. */
    private static final class Everything {
        private final Problem problem;
        private final List<Sitting> open;
        private long least = Long.MAX_VALUE;

        private Everything(Problem problem, List<Sitting> open, long least) {
            this.problem = problem;
            this.open = open;
            this.least = least;
        }

        static long least(Problem problem) {
            long last = problem.due().values().stream()
                    .mapToLong(Long::longValue)
                    .max()
                    .orElseThrow();
            List<Sitting> sittings = problem.sittings().stream()
                    .filter(one -> one.start() < last)
                    .toList();
            long least = Long.MAX_VALUE;
            for (int set = 1; set < 1 << sittings.size(); set++) {
                List<Sitting> open = new ArrayList<>();
                for (int i = 0; i < sittings.size(); i++) {
                    if ((set >> i & 1) == 1) {
                        open.add(sittings.get(i));
                    }
                }
                Everything one = new Everything(problem, open, least);
                one.place(new HashMap<>());
                least = one.least;
            }
            return least;
        }

        /** What is placed already costs so much, whatever comes before it. */
        private long cost(Map<Task, Long> starts) {
            Map<Long, Long> fresh = new HashMap<>();
            Map<Long, Long> begun = new HashMap<>();
            Set<Sitting> used = new HashSet<>();
            starts.forEach((task, start) -> {
                begun.merge(task.order(), problem.due().get(task.order()) - start, Math::max);
                if (Worth.isIcingOfCookies(task)) {
                    fresh.merge(task.order(), problem.due().get(task.order()) - start, Math::max);
                }
                open.stream()
                        .filter(one -> one.start() <= start && start < one.end())
                        .forEach(used::add);
            });
            return used.size() * Worth.SITTING_SECONDS
                    + fresh.values().stream().mapToLong(Long::longValue).sum()
                    + begun.values().stream().mapToLong(Long::longValue).sum() / Worth.BEGUN_TO_FRESH;
        }

        private void place(Map<Task, Long> starts) {
            long cost = cost(starts);
            if (cost >= least) {
                return;
            }
            if (starts.size() == problem.tasks().size()) {
                least = cost;
                return;
            }
            for (Task task : problem.tasks()) {
                boolean isNext = !starts.containsKey(task)
                        && problem.tasks().stream()
                                .filter(other -> other.waits().stream()
                                        .anyMatch(wait -> wait.task().equals(task.key())))
                                .allMatch(starts::containsKey);
                if (isNext) {
                    long start = latest(task, starts);
                    if (start != Long.MIN_VALUE) {
                        starts.put(task, start);
                        place(starts);
                        starts.remove(task);
                    }
                }
            }
        }

        private long latest(Task task, Map<Task, Long> starts) {
            long start = problem.due().get(task.order()) - task.wholeSeconds();
            for (Map.Entry<Task, Long> one : starts.entrySet()) {
                for (Task.Wait wait : one.getKey().waits()) {
                    if (wait.task().equals(task.key())) {
                        start = Math.min(start, one.getValue() - wait.seconds() - task.wholeSeconds());
                    }
                }
            }
            for (int i = open.size() - 1; i >= 0; i--) {
                Sitting sitting = open.get(i);
                long at = Math.min(start, sitting.end() - task.wholeSeconds());
                boolean moved = true;
                while (moved && at >= sitting.start()) {
                    moved = false;
                    for (Map.Entry<Task, Long> one : starts.entrySet()) {
                        Task other = one.getKey();
                        long from = one.getValue();
                        if (at < from + other.handSeconds() && from < at + task.handSeconds()) {
                            at = from - task.handSeconds();
                            moved = true;
                        }
                        boolean bothBake = task.ovenSeconds() > 0 && other.ovenSeconds() > 0;
                        if (bothBake
                                && at + task.handSeconds() < from + other.wholeSeconds()
                                && from + other.handSeconds() < at + task.wholeSeconds()) {
                            at = from + other.handSeconds() - task.wholeSeconds();
                            moved = true;
                        }
                    }
                }
                if (at >= sitting.start()) {
                    return at;
                }
            }
            return Long.MIN_VALUE;
        }
    }

    @Test
    void theSameProblemGivesTheSamePlan() {
        Problem problem = week(new Random(8), 12);
        Effort little = new Effort(5_000, 0.5, 30, 7);
        assertEquals(solved(problem, little).schedule(), solved(problem, little).schedule());
    }

    /** Helpers, places and a damp day: whatever the solver answers can be carried out. */
    @Test
    void whatItFindsCanBeCarriedOut() {
        Random random = new Random(2);
        for (int round = 0; round < 6; round++) {
            List<Task> tasks = new ArrayList<>();
            for (int tray = 1; tray <= 5; tray++) {
                String stand = "tray " + tray;
                tasks.add(new Task("ice " + tray, Task.Work.ICE, 1, 1, 1, tray, null, 9, 900, 0, List.of(), stand));
                tasks.add(new Task(
                        "line " + tray,
                        Task.Work.ICE,
                        1,
                        1,
                        2,
                        tray,
                        null,
                        9,
                        600 + random.nextInt(900),
                        0,
                        List.of(new Task.Wait("ice " + tray, 3 * HOUR, Task.Why.GATE)),
                        stand));
                tasks.add(new Task(
                        "pack " + tray,
                        Task.Work.PACK,
                        1,
                        1,
                        0,
                        tray,
                        null,
                        9,
                        400,
                        0,
                        List.of(new Task.Wait("line " + tray, 5 * HOUR, Task.Why.DRY_THROUGH)),
                        stand));
            }
            List<Sitting> own = new ArrayList<>();
            for (int day = 0; day < 20; day++) {
                own.add(new Sitting(day * 24L * HOUR + 9 * HOUR, day * 24L * HOUR + 18 * HOUR));
            }
            Problem problem = new Problem(
                    tasks,
                    Map.of(1L, (3L + round) * 24 * HOUR),
                    List.of(
                            Pair.own(own),
                            new Pair("help", List.of(new Sitting(33 * HOUR, 36 * HOUR)), Set.of(Helper.Help.PACKING))),
                    new Limits(2 + round % 3),
                    new Drying(List.of(new Drying.Stretch(24 * HOUR, 48 * HOUR, 1.6))),
                    Map.of("ice 1", 10L * HOUR),
                    Map.of());
            Solved found = solved(problem, new Effort(2_000, 0.1, 5, 1));
            assertEquals(List.of(), Validator.faults(problem, found.schedule()));
            Worth before = Worth.of(problem, Greedy.of(problem));
            assertTrue(Worth.of(problem, found.schedule()).compareTo(before) <= 0, "no worse than at once");
        }
    }

    @Test
    void itStopsWhenItIsTold() {
        Problem problem = week(new Random(8), 12);
        Schedule first = Greedy.of(problem);
        Solved stopped = solver.solve(problem, first, MUCH, better -> {}, () -> true);
        assertEquals(List.of(), Validator.faults(problem, stopped.schedule()));
    }
}
