package kindthimble.core.clock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.geometry.Deadline;
import kindthimble.core.passes.Passes;
import kindthimble.core.work.Task;

/**
 * Lets runs that follow each other change places where that saves a change of bag or colour, and everything else stays as it is: each still has what it
 * waits for, and what waits for it is no later.
 */
public final class FewerBags {
    private static final int PASSES = 12;

    /** Runs further apart are not neighbours: what is in hand has been put down between. */
    private static final int APART_SECONDS = 1_800;

    private static final int ANOTHER_COLOUR = 2;
    private static final int ANOTHER_DESIGN = 1;

    private final Problem problem;
    private final Map<String, Schedule.Placed> at = new HashMap<>();
    private final Map<String, List<Task>> followers = new HashMap<>();

    private FewerBags(Problem problem, Schedule schedule) {
        this.problem = problem;
        schedule.placed().forEach(placed -> at.put(placed.task().key(), placed));
        problem.tasks()
                .forEach(task -> task.waits()
                        .forEach(wait -> followers
                                .computeIfAbsent(wait.task(), key -> new ArrayList<>())
                                .add(task)));
    }

    /** How often a bag is changed between neighbours, a change of colour counted twice. */
    public static int changes(Schedule schedule) {
        Map<Integer, Schedule.Placed> last = new HashMap<>();
        int changes = 0;
        for (Schedule.Placed placed : schedule.placed()) {
            changes += between(last.put(placed.hands(), placed), placed);
        }
        return changes;
    }

    private static int between(Schedule.Placed one, Schedule.Placed next) {
        if (one == null || next == null || next.start() - one.handsEnd() > APART_SECONDS) {
            return 0;
        }
        Task a = one.task();
        Task b = next.task();
        if (a.doing() == Task.Work.ICE
                && b.doing() == Task.Work.ICE
                && a.order() == b.order()
                && a.design() == b.design()
                && a.pass() == b.pass()) {
            return 0;
        }
        boolean isSameColour = a.doing() == b.doing()
                && a.order() == b.order()
                && (a.colour() == null ? b.colour() == null : a.colour().equals(b.colour()));
        if (isSameColour && isOnFilm(a) && isOnFilm(b)) {
            return 0;
        }
        return isSameColour ? ANOTHER_DESIGN : ANOTHER_COLOUR;
    }

    /** Pieces of one colour are piped on one film in one go, whatever designs they are for. */
    private static boolean isOnFilm(Task task) {
        return task.doing() == Task.Work.ICE && task.pass() <= Passes.AHEAD;
    }

    /**
     * The same plan with fewer changes of bags, or itself.
     *
     * @param schedule a plan that can be carried out
     */
    public static Schedule of(Problem problem, Schedule schedule) {
        FewerBags bags = new FewerBags(problem, schedule);
        for (int hands = 0; hands < problem.hands().size(); hands++) {
            int whose = hands;
            List<Schedule.Placed> inOrder = new ArrayList<>(schedule.placed().stream()
                    .filter(placed -> placed.hands() == whose)
                    .sorted(Comparator.comparingLong(Schedule.Placed::start))
                    .toList());
            boolean changed = true;
            for (int pass = 0; pass < PASSES && changed; pass++) {
                changed = bags.pass(inOrder);
            }
        }
        Schedule found = Greedy.schedule(problem, List.copyOf(bags.at.values()));
        Schedule kept = new Schedule(found.placed(), found.lateSeconds(), schedule.unkept(), found.spoiled());
        boolean isNoWorse = Worth.of(problem, kept).compareTo(Worth.of(problem, schedule)) <= 0
                && changes(kept) < changes(schedule)
                && Validator.faults(problem, kept).isEmpty();
        return isNoWorse ? kept : schedule;
    }

    private boolean pass(List<Schedule.Placed> inOrder) {
        boolean changed = false;
        for (int i = 0; i + 1 < inOrder.size(); i++) {
            Deadline.check();
            Schedule.Placed a = inOrder.get(i);
            Schedule.Placed b = inOrder.get(i + 1);
            Schedule.Placed before = i == 0 ? null : inOrder.get(i - 1);
            Schedule.Placed after = i + 2 < inOrder.size() ? inOrder.get(i + 2) : null;
            Schedule.Placed first = new Schedule.Placed(b.task(), a.start(), b.hands());
            Schedule.Placed second =
                    new Schedule.Placed(a.task(), b.handsEnd() - a.task().handSeconds(), a.hands());
            int now = between(before, a) + between(a, b) + between(b, after);
            int then = between(before, first) + between(first, second) + between(second, after);
            if (then < now && canChange(a, b, first, second)) {
                inOrder.set(i, first);
                inOrder.set(i + 1, second);
                at.put(first.task().key(), first);
                at.put(second.task().key(), second);
                changed = true;
            }
        }
        return changed;
    }

    private boolean canChange(Schedule.Placed a, Schedule.Placed b, Schedule.Placed first, Schedule.Placed second) {
        // Cookies are not iced earlier for the sake of pieces that keep for months.
        boolean isLessFresh = isOnFilm(a.task()) && Worth.isIcingOfCookies(b.task());
        return !isLessFresh
                && b.start() - a.handsEnd() <= APART_SECONDS
                && isPlain(a.task())
                && isPlain(b.task())
                && problem.hands().get(a.hands()).holds(first.start(), second.end())
                && first.start() >= problem.notBefore(b.task())
                && second.end() <= Math.max(a.end(), problem.due().get(a.task().order()))
                && b.task().waits().stream().allMatch(wait -> first.start() >= earliest(wait))
                && followers.getOrDefault(a.task().key(), List.of()).stream()
                        .allMatch(follower -> follower.waits().stream()
                                .filter(wait -> wait.task().equals(a.task().key()))
                                .allMatch(wait ->
                                        at.get(follower.key()).start() >= problem.earliest(wait, second.end())));
    }

    private long earliest(Task.Wait wait) {
        return problem.earliest(wait, at.get(wait.task()).end());
    }

    /** What takes nothing but hands, and is not pinned. */
    private boolean isPlain(Task task) {
        return task.ovenSeconds() == 0
                && !task.doing().takesMixer()
                && !problem.pins().containsKey(task.key());
    }
}
