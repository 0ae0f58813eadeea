package kindthimble.core.clock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;

/**
 * Iced trays and the places that there are for them. A plan is first made as if there were as many places as one likes; where it has too many trays at
 * once, they take turns in the order in which it begins them: a tray is begun when the one so many before it has been packed.
 */
final class Places {
    private Places() {}

    /** A tray on its place. */
    record Stay(String stand, String first, String last, long start, long end) {}

    static List<Stay> stays(List<Schedule.Placed> placed) {
        Map<String, Stay> stays = new HashMap<>();
        for (Schedule.Placed one : placed) {
            String stand = one.task().stand();
            if (stand != null) {
                Stay there = stays.get(stand);
                stays.put(
                        stand,
                        there == null
                                ? new Stay(stand, one.task().key(), one.task().key(), one.start(), one.end())
                                : new Stay(
                                        stand,
                                        one.start() < there.start ? one.task().key() : there.first,
                                        one.end() > there.end ? one.task().key() : there.last,
                                        Math.min(one.start(), there.start),
                                        Math.max(one.end(), there.end)));
            }
        }
        return List.copyOf(stays.values());
    }

    private record Change(long at, int by) {}

    /** The most trays at once: at one moment those that are packed leave before others come. */
    static int most(List<Schedule.Placed> placed) {
        List<Change> changes = new ArrayList<>();
        stays(placed).forEach(stay -> {
            changes.add(new Change(stay.start, 1));
            changes.add(new Change(stay.end, -1));
        });
        changes.sort(Comparator.comparingLong(Change::at).thenComparingInt(Change::by));
        int there = 0;
        int most = 0;
        for (Change change : changes) {
            there += change.by;
            most = Math.max(most, there);
        }
        return most;
    }

    /**
     * By the key of a task, others that have to be done before it, so that there are never more trays than places: each tray comes to a place that is
     * free, or to the one that will be free first.
     */
    private static Map<String, List<String>> turns(int places, List<Schedule.Placed> placed) {
        List<Stay> inOrder = stays(placed).stream()
                .sorted(Comparator.comparingLong(Stay::start).thenComparing(Stay::stand))
                .toList();
        Map<String, List<String>> turns = new HashMap<>();
        PriorityQueue<Stay> there =
                new PriorityQueue<>(Comparator.comparingLong(Stay::end).thenComparing(Stay::stand));
        for (Stay stay : inOrder) {
            long delay = 0;
            if (there.size() == places) {
                Stay before = there.remove();
                turns.put(stay.first, List.of(before.last));
                delay = Math.max(0, before.end - stay.start);
            }
            there.add(new Stay(stay.stand, stay.first, stay.last, stay.start + delay, stay.end + delay));
        }
        return turns;
    }

    /** From the ends backward; null where not all can be. */
    static List<Schedule.Placed> backward(Problem problem, Map<Long, Long> ends) {
        List<Schedule.Placed> free = new Placing(problem, Map.of()).backward(ends);
        return free == null || most(free) <= problem.limits().places()
                ? free
                : new Placing(problem, turns(problem.limits().places(), free)).backward(ends);
    }

    /**
     * From now on.
     *
     * @param ranks by the number of an order: those of a lower rank come first
     * @throws NoTime when the sittings are at an end before all is done
     */
    static List<Schedule.Placed> forward(Problem problem, Map<Long, Integer> ranks) {
        List<Schedule.Placed> free = new Placing(problem, Map.of()).forward(ranks);
        return most(free) <= problem.limits().places()
                ? free
                : new Placing(problem, turns(problem.limits().places(), free)).forward(ranks);
    }

    /** A plan with each task as late as the others let it, no order later than it may be. */
    static List<Schedule.Placed> later(Problem problem, List<Schedule.Placed> plan, Map<Long, Long> ends) {
        List<Schedule.Placed> free = new Placing(problem, Map.of()).later(plan, ends);
        return most(free) <= problem.limits().places()
                ? free
                : new Placing(problem, turns(problem.limits().places(), plan)).later(plan, ends);
    }
}
