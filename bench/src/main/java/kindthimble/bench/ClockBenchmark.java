package kindthimble.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import kindthimble.core.clock.Chain;
import kindthimble.core.clock.Greedy;
import kindthimble.core.clock.Problem;
import kindthimble.core.clock.Schedule;
import kindthimble.core.clock.Validator;
import kindthimble.core.testing.Weeks;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Ten orders of six designs in three passes, in two weeks: the plan at once, looking it over, and what decides. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class ClockBenchmark {
    private final Problem problem = Weeks.of(1, 10, 6, 14);
    private final Schedule schedule = Greedy.of(problem);

    @Benchmark
    public Schedule planAtOnce() {
        return Greedy.of(problem);
    }

    @Benchmark
    public List<String> lookedOver() {
        return Validator.faults(problem, schedule);
    }

    @Benchmark
    public List<Chain.Link> whatDecides() {
        return Chain.of(problem, schedule, 5);
    }
}
