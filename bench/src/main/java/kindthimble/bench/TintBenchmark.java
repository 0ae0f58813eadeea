package kindthimble.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import kindthimble.core.colour.Lab;
import kindthimble.core.habit.Habits;
import kindthimble.core.tint.Gel;
import kindthimble.core.tint.ReferenceGels;
import kindthimble.core.tint.TintSolver;
import kindthimble.core.tint.Tinting;
import kindthimble.core.tint.WhiteIcing;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One bowl's recipe from a shelf of 24 gels; the limit is 15 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class TintBenchmark {
    /** Within reach, out of reach, dark, and pale. */
    @Param({"#D5473F", "#00A0FF", "#3A3330", "#F4C7CF"})
    public String target;

    private TintSolver solver;
    private Lab wanted;

    @Setup
    public void shelf() {
        List<Gel> shelf = new ArrayList<>(ReferenceGels.ALL.subList(0, 12));
        for (int i = 0; i < 12; i++) {
            Gel of = shelf.get(i);
            shelf.add(new Gel(
                    of.key() + "-2",
                    of.dyes(),
                    of.deepening(),
                    0,
                    new Gel.Fit(0.6 + 0.1 * i, i % 2 == 0 ? 6 + i / 2.0 : -5 - i / 2.0)));
        }
        solver = new TintSolver(WhiteIcing.PLAIN, shelf, Habits.HOUSE);
        wanted = Lab.ofHex(target);
    }

    @Benchmark
    public Tinting recipeOfOneBowl() {
        return solver.solve(wanted, 258, 3);
    }
}
