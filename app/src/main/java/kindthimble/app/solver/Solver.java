package kindthimble.app.solver;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.google.ortools.sat.CpSolverStatus;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import kindthimble.core.clock.Bounds;
import kindthimble.core.clock.Closing;
import kindthimble.core.clock.FewerBags;
import kindthimble.core.clock.Greedy;
import kindthimble.core.clock.Problem;
import kindthimble.core.clock.Schedule;
import kindthimble.core.clock.Validator;
import kindthimble.core.clock.Worth;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Looks for a better plan than the one made at once, by constraint programming over start times; and for what no plan can be under. */
@Component
public class Solver {
    private static final Logger LOG = LoggerFactory.getLogger(Solver.class);
    /** Beyond this the model is larger than what a small machine should hold. */
    private static final int MOST_TASKS = 2_500;

    /** Whether the solver can be used on this machine. */
    public boolean isThere() {
        return Library.isThere();
    }

    /**
     * @param problem what has to be put on the clock
     * @param first a plan of it that can be carried out
     * @param better told of each better plan
     * @param stop asked now and then whether to stop
     * @return the best plan that was found, which is the first where none was better
     */
    public Solved solve(Problem problem, Schedule first, Effort effort, Consumer<Solved> better, BooleanSupplier stop) {
        long own = first.lateSeconds().isEmpty() ? Bounds.counted(problem) : 0;
        Schedule closed = FewerBags.of(
                problem,
                new Closing(problem, first)
                        .tried(effort.placed() / Math.max(1, problem.tasks().size()), stop));
        Solved known =
                new Solved(closed, own, own > 0 && Worth.of(problem, closed).counted() <= own);
        better.accept(known);
        if (known.isBest()
                || stop.getAsBoolean()
                || !isThere()
                || problem.tasks().size() > MOST_TASKS) {
            return known;
        }
        try {
            return solved(problem, known, effort, better, stop);
        } catch (RuntimeException | LinkageError e) {
            LOG.error("The solver has failed; the plan made at once stands", e);
            return known;
        }
    }

    private static Solved solved(
            Problem problem, Solved first, Effort effort, Consumer<Solved> better, BooleanSupplier stop) {
        Model model = new Model(problem, first.schedule());
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setNumWorkers(1)
                .setRandomSeed(effort.seed())
                .setMaxDeterministicTime(effort.work())
                .setMaxTimeInSeconds(effort.seconds());
        Found found = new Found(problem, model, first, better, stop);
        CpSolverStatus status = solver.solve(model.model(), found);
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
            return first;
        }
        long bound = first.schedule().lateSeconds().isEmpty()
                ? Math.max(first.bound(), (long) Math.floor(solver.bestObjectiveBound() / Model.SCALE + 1e-6))
                : 0;
        Schedule best = FewerBags.of(problem, found.best.schedule());
        Worth worth = Worth.of(problem, best);
        boolean isBest = status == CpSolverStatus.OPTIMAL || bound > 0 && worth.counted() <= bound;
        return new Solved(best, Math.min(bound, worth.counted()), isBest);
    }

    /** Takes each plan that the solver finds, if it is better and can be carried out. */
    private static final class Found extends CpSolverSolutionCallback {
        private final Problem problem;
        private final Model model;
        private final Consumer<Solved> better;
        private final BooleanSupplier stop;
        private Solved best;
        private Worth worth;

        Found(Problem problem, Model model, Solved first, Consumer<Solved> better, BooleanSupplier stop) {
            this.problem = problem;
            this.model = model;
            this.better = better;
            this.stop = stop;
            best = first;
            worth = Worth.of(problem, first.schedule());
        }

        @Override
        public void onSolutionCallback() {
            if (stop.getAsBoolean()) {
                stopSearch();
            }
            List<Schedule.Placed> placed = new ArrayList<>();
            for (Model.Piece piece : model.pieces()) {
                int hands = 0;
                for (int pair = 0; pair < piece.by().size(); pair++) {
                    BoolVar does = piece.by().get(pair);
                    if (does != null && booleanValue(does)) {
                        hands = pair;
                    }
                }
                placed.add(new Schedule.Placed(piece.task(), model.start() + value(piece.start()), hands));
            }
            Schedule schedule = Greedy.schedule(problem, placed);
            Worth other = Worth.of(problem, schedule);
            if (other.compareTo(worth) >= 0) {
                return;
            }
            List<String> faults = Validator.faults(problem, schedule);
            if (!faults.isEmpty()) {
                LOG.error("The solver's plan can't be carried out: {}", faults.get(0));
                return;
            }
            worth = other;
            best = new Solved(schedule, best.bound(), false);
            better.accept(best);
        }
    }

    /** How much of what a plan counts lies above its bound, as a share; 0 for none or an unknown bound. */
    public static double above(Problem problem, Solved solved) {
        long counted = Worth.of(problem, solved.schedule()).counted();
        return solved.bound() <= 0 ? 0 : Math.max(0, (double) counted / solved.bound() - 1);
    }
}
