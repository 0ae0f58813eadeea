package kindthimble.core.clock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.hours.Sitting;
import kindthimble.core.work.Task;

/**
 * What decides when an order has to be begun: with every pair of hands doing what it does in the order that it does it, how much later each task could
 * begin; and the chain of those that could not, from the first to the hand-over.
 */
public final class Chain {
    private final Problem problem;
    private final Map<String, Schedule.Placed> at = new HashMap<>();
    private final Map<String, Long> latest = new HashMap<>();
    private final Map<String, Held> by = new HashMap<>();

    /** Why the next link comes no earlier after the one before. */
    public enum Because {
        /** The next waits for it. */
        WAIT,
        /** The same hands do one after the other. */
        HANDS,
        /** The oven or the mixer is taken. */
        THING,
        /** The sitting is at an end. */
        SITTING,
        /** The order has to be ready. */
        READY
    }

    /**
     * @param placed a task
     * @param because what keeps it from being later
     * @param why of a wait; null otherwise
     */
    public record Link(Schedule.Placed placed, Because because, Task.Why why) {}

    private record Held(Because because, String next, Task.Why why) {}

    private Chain(Problem problem, Schedule schedule) {
        this.problem = problem;
        schedule.placed().forEach(placed -> at.put(placed.task().key(), placed));
        Map<String, String> nextOfHands = new HashMap<>();
        Map<String, String> nextOfThing = new HashMap<>();
        Map<String, Schedule.Placed> last = new HashMap<>();
        for (Schedule.Placed placed : schedule.placed()) {
            Schedule.Placed before = last.put("hands " + placed.hands(), placed);
            if (before != null) {
                nextOfHands.put(before.task().key(), placed.task().key());
            }
            String thing = placed.task().ovenSeconds() > 0
                    ? "oven"
                    : placed.task().doing().takesMixer() ? "mixer" : null;
            Schedule.Placed user = thing == null ? null : last.put(thing, placed);
            if (user != null) {
                nextOfThing.put(user.task().key(), placed.task().key());
            }
        }
        Map<String, List<Schedule.Placed>> followers = new HashMap<>();
        for (Schedule.Placed placed : schedule.placed()) {
            placed.task()
                    .waits()
                    .forEach(wait -> followers
                            .computeIfAbsent(wait.task(), key -> new ArrayList<>())
                            .add(placed));
        }
        List<Schedule.Placed> backward = schedule.placed().stream()
                .sorted(Comparator.comparingLong(Schedule.Placed::start)
                        .thenComparingLong(Schedule.Placed::end)
                        .reversed())
                .toList();
        backward.forEach(placed -> look(
                placed,
                schedule,
                followers.getOrDefault(placed.task().key(), List.of()),
                nextOfHands.get(placed.task().key()),
                nextOfThing.get(placed.task().key())));
    }

    private void look(
            Schedule.Placed placed,
            Schedule schedule,
            List<Schedule.Placed> followers,
            String nextOfHands,
            String nextOfThing) {
        Task task = placed.task();
        long due = problem.due().get(task.order()) + schedule.lateSeconds().getOrDefault(task.order(), 0L);
        long start = due - task.wholeSeconds();
        Held held = new Held(Because.READY, null, null);
        for (Schedule.Placed follower : followers) {
            for (Task.Wait wait : follower.task().waits()) {
                if (wait.task().equals(task.key())) {
                    long then =
                            problem.latestEnd(wait, latest.get(follower.task().key())) - task.wholeSeconds();
                    if (then < start) {
                        start = then;
                        held = new Held(Because.WAIT, follower.task().key(), wait.why());
                    }
                }
            }
        }
        if (nextOfHands != null && latest.get(nextOfHands) - task.handSeconds() < start) {
            start = latest.get(nextOfHands) - task.handSeconds();
            held = new Held(Because.HANDS, nextOfHands, null);
        }
        if (nextOfThing != null) {
            Schedule.Placed next = at.get(nextOfThing);
            long then = latest.get(nextOfThing)
                    + (task.ovenSeconds() > 0 ? next.task().handSeconds() - task.wholeSeconds() : -task.handSeconds());
            if (then < start) {
                start = then;
                held = new Held(Because.THING, nextOfThing, null);
            }
        }
        long within = placed.start();
        for (Sitting sitting : problem.hands().get(placed.hands()).sittings()) {
            if (sitting.start() <= start) {
                within = Math.max(within, Math.min(start, sitting.end() - task.wholeSeconds()));
            }
        }
        if (within < start) {
            start = within;
            held = new Held(Because.SITTING, held.next, held.why);
        }
        latest.put(task.key(), Math.max(start, placed.start()));
        by.put(task.key(), held);
    }

    /** How much later each task could begin, in seconds, by its key. */
    public static Map<String, Long> slack(Problem problem, Schedule schedule) {
        Chain chain = new Chain(problem, schedule);
        Map<String, Long> slack = new HashMap<>();
        chain.latest.forEach(
                (key, start) -> slack.put(key, start - chain.at.get(key).start()));
        return slack;
    }

    /**
     * The chain of an order: from the first of its tasks that can't begin later, or can so the least, to its end. Of an order that is late what keeps
     * it from being ready earlier.
     *
     * @return in order; empty where the order has nothing to do
     */
    public static List<Link> of(Problem problem, Schedule schedule, long order) {
        if (schedule.lateSeconds().containsKey(order)) {
            return LateChain.of(problem, schedule, order);
        }
        Chain chain = new Chain(problem, schedule);
        Schedule.Placed first = schedule.placed().stream()
                .filter(placed -> placed.task().order() == order)
                .min(Comparator.comparingLong((Schedule.Placed placed) ->
                                chain.latest.get(placed.task().key()) - placed.start())
                        .thenComparingLong(Schedule.Placed::start))
                .orElse(null);
        List<Link> links = new ArrayList<>();
        while (first != null && links.size() <= schedule.placed().size()) {
            Held held = chain.by.get(first.task().key());
            links.add(new Link(first, held.because, held.why));
            first = held.next == null ? null : chain.at.get(held.next);
        }
        return links;
    }
}
