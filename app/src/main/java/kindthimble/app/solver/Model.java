package kindthimble.app.solver;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import com.google.ortools.util.Domain;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import kindthimble.core.clock.Pair;
import kindthimble.core.clock.Problem;
import kindthimble.core.clock.Schedule;
import kindthimble.core.clock.Trays;
import kindthimble.core.clock.Worth;
import kindthimble.core.hours.Sitting;
import kindthimble.core.work.Task;

/**
 * A problem as the solver has it, in seconds from its first sitting: a start for each task within the sittings of hands that do it; intervals that do not
 * overlap for each pair of hands, the oven and the mixer; trays that have places; waits between starts. A sitting in which nothing is done is an
 * interval of its own that fills it, so that few sittings are many of those.
 */
final class Model {
    /** A second late costs more than any sitting. */
    private static final long LATE = 1_000;

    /** The cost is counted in quarters of a second of freshness. */
    static final long SCALE = Worth.BEGUN_TO_FRESH;

    private static final long DAYS_BEYOND = 40L * 24 * 3_600;

    private final CpModel model = new CpModel();
    private final Problem problem;
    private final Map<String, Schedule.Placed> hint = new HashMap<>();
    /** No order is later than it is in the plan at hand. */
    private final Map<Long, Long> late;

    private final long start;
    private final long end;
    private final List<Piece> pieces = new ArrayList<>();
    private final Map<String, Piece> byKey = new HashMap<>();
    private final List<List<IntervalVar>> hands = new ArrayList<>();
    private final List<IntervalVar> oven = new ArrayList<>();
    private final List<IntervalVar> mixer = new ArrayList<>();

    /**
     * @param task what is done
     * @param start in seconds from the first sitting
     * @param by whether each pair of hands does it; null for one that does not do such work
     */
    record Piece(Task task, IntVar start, List<BoolVar> by) {}

    Model(Problem problem, Schedule first) {
        this.problem = problem;
        first.placed().forEach(placed -> hint.put(placed.task().key(), placed));
        late = first.lateSeconds();
        start = problem.hands().stream()
                .flatMap(pair -> pair.sittings().stream())
                .mapToLong(Sitting::start)
                .min()
                .orElse(0);
        end = first.placed().stream().mapToLong(Schedule.Placed::end).max().orElse(start) + DAYS_BEYOND;
        problem.hands().forEach(pair -> hands.add(new ArrayList<>()));
        problem.tasks().forEach(this::add);
        waits();
        alike();
        places();
        LinearExprBuilder cost = LinearExpr.newBuilder();
        sittings(cost);
        fresh(cost);
        begun(cost);
        late(cost);
        hands.forEach(model::addNoOverlap);
        model.addNoOverlap(oven);
        model.addNoOverlap(mixer);
        model.minimize(cost);
    }

    CpModel model() {
        return model;
    }

    long start() {
        return start;
    }

    List<Piece> pieces() {
        return pieces;
    }

    private Domain within(Pair pair, Task task) {
        return Domain.fromIntervals(pair.sittings().stream()
                .filter(one -> one.end() - one.start() >= task.wholeSeconds() && one.start() < end)
                .map(one -> new long[] {one.start() - start, one.end() - task.wholeSeconds() - start})
                .toArray(long[][]::new));
    }

    private void add(Task task) {
        Long pin = problem.pins().get(task.key());
        Domain all = Domain.fromIntervals(new long[0][]);
        for (Pair pair : problem.hands()) {
            if (pair.does().contains(task.doing().kind())) {
                all = all.unionWith(within(pair, task));
            }
        }
        Long from = problem.notBefore().get(task.key());
        if (from != null) {
            all = all.intersectionWith(new Domain(from - start, Long.MAX_VALUE / 4));
        }
        long last = problem.due().get(task.order()) + late.getOrDefault(task.order(), 0L);
        all = all.intersectionWith(new Domain(0, last - task.wholeSeconds() - start));
        if (pin != null) {
            all = all.intersectionWith(new Domain(pin - start));
        }
        IntVar begin = model.newIntVarFromDomain(all, task.key());
        List<BoolVar> by = new ArrayList<>();
        List<Literal> one = new ArrayList<>();
        for (int pair = 0; pair < problem.hands().size(); pair++) {
            by.add(
                    problem.hands().get(pair).does().contains(task.doing().kind())
                            ? model.newBoolVar(task.key() + " by " + pair)
                            : null);
            if (by.get(pair) != null) {
                one.add(by.get(pair));
                hands.get(pair)
                        .add(model.newOptionalFixedSizeIntervalVar(
                                begin, task.handSeconds(), by.get(pair), task.key() + " hands " + pair));
                if (problem.hands().size() > 1) {
                    model.addLinearExpressionInDomain(
                                    begin, within(problem.hands().get(pair), task))
                            .onlyEnforceIf(by.get(pair));
                }
            }
        }
        model.addExactlyOne(one);
        if (task.ovenSeconds() > 0) {
            oven.add(model.newFixedSizeIntervalVar(
                    LinearExpr.newBuilder().add(begin).add(task.handSeconds()), task.ovenSeconds(), task.key()));
        }
        if (task.doing().takesMixer()) {
            mixer.add(model.newFixedSizeIntervalVar(begin, task.handSeconds(), task.key()));
        }
        Schedule.Placed known = hint.get(task.key());
        if (known != null) {
            model.addHint(begin, known.start() - start);
            for (int pair = 0; pair < by.size(); pair++) {
                if (by.get(pair) != null) {
                    model.addHint(by.get(pair), known.hands() == pair);
                }
            }
        }
        Piece piece = new Piece(task, begin, by);
        pieces.add(piece);
        byKey.put(task.key(), piece);
    }

    /** In a room that changes, each wait is as long as on its dampest day: what the solver finds can be carried out all the same. */
    private void waits() {
        double slowest = problem.drying().slowest();
        for (Piece piece : pieces) {
            for (Task.Wait wait : piece.task.waits()) {
                Piece before = byKey.get(wait.task());
                long least = (long) Math.ceil(wait.why().isDrying() ? wait.seconds() * slowest : wait.seconds());
                long between = hint.get(piece.task.key()).start()
                        - hint.get(wait.task()).end();
                // Rests and keeping times bind where the plan at hand keeps them.
                if (wait.why() != Task.Why.REST || between >= wait.seconds()) {
                    model.addGreaterOrEqual(
                            LinearExpr.newBuilder().add(piece.start).addTerm(before.start, -1),
                            before.task.wholeSeconds() + least);
                }
                if (wait.mostSeconds() != Task.Wait.NO_END && between <= wait.mostSeconds()) {
                    model.addLessOrEqual(
                            LinearExpr.newBuilder().add(piece.start).addTerm(before.start, -1),
                            before.task.wholeSeconds() + (long) wait.mostSeconds());
                }
            }
        }
    }

    /** Trays that are alike are worked at in the order of their numbers. */
    private void alike() {
        for (List<Task> group : Trays.alike(problem)) {
            for (int i = 1; i < group.size(); i++) {
                Task earlier = group.get(i - 1);
                model.addLessOrEqual(
                        byKey.get(earlier.key()).start, byKey.get(group.get(i).key()).start);
            }
        }
    }

    private void places() {
        if (problem.limits().places() == Integer.MAX_VALUE) {
            return;
        }
        Map<String, Piece> first = new LinkedHashMap<>();
        Map<String, Piece> last = new HashMap<>();
        for (Piece piece : pieces) {
            if (piece.task.stand() != null) {
                first.putIfAbsent(piece.task.stand(), piece);
                last.put(piece.task.stand(), piece);
            }
        }
        if (first.size() <= problem.limits().places()) {
            return;
        }
        CumulativeConstraint places = model.addCumulative(problem.limits().places());
        first.forEach((stand, piece) -> {
            Piece packed = last.get(stand);
            LinearExpr out = LinearExpr.newBuilder()
                    .add(packed.start)
                    .add(packed.task.wholeSeconds())
                    .build();
            IntVar size = model.newIntVar(0, end - start, stand);
            places.addDemand(model.newIntervalVar(piece.start, size, out, stand), 1);
        });
    }

    private void sittings(LinearExprBuilder cost) {
        List<Sitting> own = problem.sittings();
        for (int i = 0; i < own.size() && own.get(i).start() < end; i++) {
            Sitting one = own.get(i);
            BoolVar closed = model.newBoolVar("closed " + i);
            hands.get(0)
                    .add(model.newOptionalFixedSizeIntervalVar(
                            LinearExpr.constant(one.start() - start), one.seconds(), closed, "sitting " + i));
            cost.add(Worth.SITTING_SECONDS * SCALE).addTerm(closed, -Worth.SITTING_SECONDS * SCALE);
            boolean isUsed = hint.values().stream()
                    .anyMatch(placed ->
                            placed.hands() == 0 && placed.start() >= one.start() && placed.start() < one.end());
            model.addHint(closed, !isUsed);
        }
    }

    private void fresh(LinearExprBuilder cost) {
        before(cost, "first icing of ", SCALE, Worth::isIcingOfCookies);
    }

    private void begun(LinearExprBuilder cost) {
        before(cost, "begin of ", 1, task -> true);
    }

    /** From the first of some tasks of each order until it has to be ready. */
    private void before(LinearExprBuilder cost, String name, long worth, Predicate<Task> counts) {
        Map<Long, IntVar> first = new LinkedHashMap<>();
        Map<Long, Long> known = new HashMap<>();
        for (Piece piece : pieces) {
            long order = piece.task.order();
            if (counts.test(piece.task)) {
                IntVar begun = first.computeIfAbsent(order, o -> model.newIntVar(0, end - start, name + o));
                model.addLessOrEqual(begun, piece.start);
                known.merge(order, hint.get(piece.task.key()).start() - start, Math::min);
            }
        }
        first.forEach((order, begun) -> {
            cost.add((problem.due().get(order) - start) * worth).addTerm(begun, -worth);
            model.addHint(begun, known.get(order));
        });
    }

    private void late(LinearExprBuilder cost) {
        Map<Long, IntVar> overs = new LinkedHashMap<>();
        for (Piece piece : pieces) {
            if (!late.containsKey(piece.task.order())) {
                continue;
            }
            IntVar over = overs.computeIfAbsent(
                    piece.task.order(), order -> model.newIntVar(0, end - start, "late " + order));
            long due = problem.due().get(piece.task.order()) - start;
            model.addGreaterOrEqual(
                    over, LinearExpr.newBuilder().add(piece.start).add(piece.task.wholeSeconds() - due));
        }
        overs.values().forEach(over -> cost.addTerm(over, LATE));
    }
}
