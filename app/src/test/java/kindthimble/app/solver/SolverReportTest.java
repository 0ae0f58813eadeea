package kindthimble.app.solver;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import kindthimble.core.clock.Bounds;
import kindthimble.core.clock.Greedy;
import kindthimble.core.clock.Problem;
import kindthimble.core.clock.Schedule;
import kindthimble.core.clock.Validator;
import kindthimble.core.clock.Worth;
import kindthimble.core.testing.Weeks;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** How near the solver comes to its bound in weeks by chance; run by {@code bin/bench solver}. */
@EnabledIfSystemProperty(named = "kind-thimble.solver-report", matches = "true")
class SolverReportTest {
    @Test
    void tenWeeks() {
        Solver solver = new Solver();
        for (int seed = 1; seed <= 10; seed++) {
            Problem problem = Weeks.of(seed, 10, 6, 14);
            long before = System.nanoTime();
            Schedule first = Greedy.of(problem);
            long greedy = System.nanoTime() - before;
            before = System.nanoTime();
            Solved solved = solver.solve(problem, first, Effort.PLAN, better -> {}, () -> false);
            long took = System.nanoTime() - before;
            assertEquals(List.of(), Validator.faults(problem, solved.schedule()));
            Worth at = Worth.of(problem, first);
            Worth then = Worth.of(problem, solved.schedule());
            System.out.printf(
                    "week %d: %d tasks, %d late; at once %d sittings %.1f h fresh in %.0f ms; solved %d sittings %.1f h, bound %d sittings %.1f h, %.1f %% above %.1f in %.1f s%n",
                    seed,
                    problem.tasks().size(),
                    first.lateSeconds().size(),
                    at.sittings(),
                    at.freshSeconds() / 3600.0,
                    greedy / 1e6,
                    then.sittings(),
                    then.freshSeconds() / 3600.0,
                    Bounds.sittings(problem),
                    Bounds.freshSeconds(problem) / 3600.0,
                    Solver.above(problem, solved) * 100,
                    solved.bound() / 3600.0,
                    took / 1e9);
        }
    }
}
