package kindthimble.core.clock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.BooleanSupplier;
import kindthimble.core.hours.Sitting;

/**
 * Makes a plan that is in time better by closing sittings: first those with the least in them, one by one, as long as all stays in time; then, by
 * chance with a fixed seed, some that are open against some that are closed. What is left is placed from the hand-overs backward each time.
 */
public final class Closing {
    private static final int SEED = 11;

    private final Problem problem;
    private final Problem asLate;
    private final List<Sitting> all;
    private Set<Sitting> open;
    private Schedule best;
    private Worth worth;

    /**
     * @param found a plan that can be carried out
     */
    public Closing(Problem problem, Schedule found) {
        this.problem = problem;
        asLate = problem.dueAsIn(found);
        all = problem.sittings();
        best = found;
        worth = Worth.of(problem, found);
        open = new HashSet<>(all);
    }

    /**
     * The best plan after so many tries.
     *
     * @param stop asked before each try whether to stop
     */
    public Schedule tried(int tries, BooleanSupplier stop) {
        int left = tries;
        Set<Sitting> needed = new HashSet<>();
        while (left > 0 && !stop.getAsBoolean()) {
            Map<Sitting, Long> used = Worth.used(all, best);
            Sitting least = used.keySet().stream()
                    .filter(sitting -> !needed.contains(sitting))
                    .min(Comparator.comparingLong((Sitting sitting) -> used.get(sitting))
                            .thenComparingLong(Sitting::start))
                    .orElse(null);
            if (least == null) {
                break;
            }
            left--;
            Set<Sitting> fewer = new HashSet<>(open);
            fewer.remove(least);
            if (!take(fewer)) {
                needed.add(least);
            }
        }
        Random random = new Random(SEED);
        while (left-- > 0 && !stop.getAsBoolean()) {
            change(random);
        }
        return best;
    }

    /** Closes one or two that are used, and opens up to two that are closed before the last hand-over. */
    private void change(Random random) {
        List<Sitting> used = Worth.used(all, best).keySet().stream()
                .sorted(Comparator.comparingLong(Sitting::start))
                .toList();
        Set<Sitting> wanted = new HashSet<>(used);
        int closes = 1 + random.nextInt(2);
        for (int i = 0; i < closes && !used.isEmpty(); i++) {
            wanted.remove(used.get(random.nextInt(used.size())));
        }
        long last =
                asLate.due().values().stream().mapToLong(Long::longValue).max().orElse(0);
        List<Sitting> closed = all.stream()
                .filter(one -> !used.contains(one) && one.start() < last)
                .toList();
        int opens = random.nextInt(closes + 1);
        for (int i = 0; i < opens && !closed.isEmpty(); i++) {
            wanted.add(closed.get(random.nextInt(closed.size())));
        }
        take(wanted);
    }

    private boolean take(Set<Sitting> wanted) {
        List<Pair> hands = new ArrayList<>(problem.hands());
        hands.set(0, hands.get(0).with(all.stream().filter(wanted::contains).toList()));
        List<Schedule.Placed> placed;
        try {
            placed = Places.backward(asLate.with(hands), asLate.due());
        } catch (Placing.PinInTheWay pinned) {
            return false;
        }
        if (placed == null) {
            return false;
        }
        Schedule schedule = Greedy.schedule(problem, placed);
        Worth other = Worth.of(problem, schedule);
        if (other.compareTo(worth) >= 0) {
            return false;
        }
        best = schedule;
        worth = other;
        open = wanted;
        return true;
    }
}
