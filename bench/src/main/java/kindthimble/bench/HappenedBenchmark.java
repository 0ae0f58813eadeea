package kindthimble.bench;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.BenchEvent.Pressed;
import kindthimble.core.bench.Happened;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What is so now at the bench, from a thousand presses. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class HappenedBenchmark {
    private static final int PRESSES = 1_000;
    private static final int ON_A_TRAY = 12;

    private final List<BenchEvent> events = presses();

    private static List<BenchEvent> presses() {
        List<BenchEvent> events = new ArrayList<>();
        Instant start = Instant.parse("2026-12-04T09:00:00Z");
        for (int i = 0; i < PRESSES; i++) {
            boolean isUndone = i % 20 == 19;
            events.add(new BenchEvent(
                    "e" + i,
                    start.plusSeconds(60L * i),
                    "tablet",
                    isUndone ? Pressed.UNDONE : Pressed.ICED,
                    "1 tray " + i / ON_A_TRAY,
                    1 + i % ON_A_TRAY,
                    isUndone ? "e" + (i - 1) : ""));
        }
        return events;
    }

    @Benchmark
    public Happened thousandPresses() {
        return Happened.of(events);
    }
}
