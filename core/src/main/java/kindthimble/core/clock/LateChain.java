package kindthimble.core.clock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import kindthimble.core.hours.Sitting;
import kindthimble.core.work.Task;

/**
 * What keeps an order that is late from being ready earlier: with every pair of hands doing what it does in the order that it does it, how early each
 * task could begin, and by what; and the chain of that, from the first to the order's end.
 */
final class LateChain {
    private final Problem problem;
    private final Map<String, Long> earliest = new HashMap<>();
    private final Map<String, Held> by = new HashMap<>();
    private final Map<String, Schedule.Placed> at = new HashMap<>();

    private record Held(Chain.Because because, String before, Task.Why why) {}

    private LateChain(Problem problem, Schedule schedule) {
        this.problem = problem;
        Map<String, String> last = new HashMap<>();
        // By start: whatever a task waits for, and whatever its hands do before it, stands before it.
        List<Schedule.Placed> inOrder = schedule.placed().stream()
                .sorted(Comparator.comparingLong(Schedule.Placed::start).thenComparingLong(Schedule.Placed::end))
                .toList();
        for (Schedule.Placed placed : inOrder) {
            String thing = placed.task().ovenSeconds() > 0
                    ? "oven"
                    : placed.task().doing().takesMixer() ? "mixer" : null;
            String hands = last.put("hands " + placed.hands(), placed.task().key());
            look(
                    placed,
                    hands,
                    thing == null ? null : last.put(thing, placed.task().key()));
            at.put(placed.task().key(), placed);
        }
    }

    private void look(Schedule.Placed placed, String hands, String thing) {
        long start = problem.notBefore(placed.task());
        Held held = new Held(Chain.Because.SITTING, null, null);
        for (Task.Wait wait : placed.task().waits()) {
            if (wait.why() == Task.Why.REST) {
                continue;
            }
            Schedule.Placed before = at.get(wait.task());
            long then = problem.earliest(
                    wait, earliest.get(wait.task()) + before.task().wholeSeconds());
            if (then > start) {
                start = then;
                held = new Held(Chain.Because.WAIT, wait.task(), wait.why());
            }
        }
        if (hands != null && earliest.get(hands) + at.get(hands).task().handSeconds() > start) {
            start = earliest.get(hands) + at.get(hands).task().handSeconds();
            held = new Held(Chain.Because.HANDS, hands, null);
        }
        if (thing != null) {
            long free = placed.task().ovenSeconds() > 0
                    ? earliest.get(thing)
                            + at.get(thing).task().wholeSeconds()
                            - placed.task().handSeconds()
                    : earliest.get(thing) + at.get(thing).task().handSeconds();
            if (free > start) {
                start = free;
                held = new Held(Chain.Because.THING, thing, null);
            }
        }
        long within = placed.start();
        List<Sitting> sittings = problem.hands().get(placed.hands()).sittings();
        for (int i = sittings.size() - 1; i >= 0; i--) {
            long begin = Math.max(start, sittings.get(i).start());
            if (begin + placed.task().wholeSeconds() <= sittings.get(i).end()) {
                within = Math.min(within, begin);
            }
        }
        if (within > start) {
            held = new Held(Chain.Because.SITTING, held.before, held.why);
        }
        earliest.put(placed.task().key(), Math.min(within, placed.start()));
        by.put(placed.task().key(), held);
    }

    /** The chain, in order; empty where the order has nothing to do. */
    static List<Chain.Link> of(Problem problem, Schedule schedule, long order) {
        LateChain chain = new LateChain(problem, schedule);
        LinkedList<Chain.Link> links = new LinkedList<>();
        Schedule.Placed one = schedule.placed().stream()
                .filter(placed -> placed.task().order() == order)
                .max(Comparator.comparingLong(Schedule.Placed::end))
                .orElse(null);
        Chain.Because because = Chain.Because.READY;
        Task.Why why = null;
        while (one != null && links.size() <= schedule.placed().size()) {
            links.addFirst(new Chain.Link(one, because, why));
            Held held = chain.by.get(one.task().key());
            because = held.because;
            why = held.why;
            one = held.before == null ? null : chain.at.get(held.before);
        }
        return new ArrayList<>(links);
    }
}
