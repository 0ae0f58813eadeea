package kindthimble.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.design.Measuring;
import kindthimble.core.geometry.Across;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.move.Division;
import kindthimble.core.move.Dot;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Move;
import kindthimble.core.move.Outline;
import kindthimble.core.move.Seam;
import kindthimble.core.move.Transfer;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Marks, passes and warnings of a design of 40 sections and 60 moves; the aim is 8 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class DesignBenchmark {
    private final Measuring measuring = new Measuring(Kitchen.house());
    private final Design design = fortySections();
    private final Design rosette = rosette();

    private static Design fortySections() {
        List<Move> moves = new ArrayList<>();
        moves.add(new Division.Bands("a", null, 40, null));
        for (int i = 1; i <= 29; i++) {
            moves.add(new Outline("c" + i % 4, "1", null, null, null, "a" + i));
        }
        for (int i = 1; i <= 28; i++) {
            moves.add(new Flood("c" + i % 4, null, null, null, "a" + i, null));
        }
        moves.add(new Flood("c5", null, null, null, null, null));
        moves.add(new Dot("c0", 12, null, 3.0, null, null, null, null, null));
        return new Design(
                Design.FORMAT, "forty", new Cutter(new BasicForm.Square(), Across.WIDTH, 300), null, null, moves);
    }

    /** Curved sections that flow into each other, with a transfer: the rosette of the demo. */
    private static Design rosette() {
        return new Design(
                Design.FORMAT,
                "rosette",
                new Cutter(new BasicForm.Scalloped(14), Across.WIDTH, 78),
                null,
                null,
                List.of(
                        new Division.Rings("a", null, 4),
                        new Outline("lagoon", null, null, null, null, "a1"),
                        new Flood("lagoon", null, null, null, "a1 a3", Seam.FLOW),
                        new Flood("white", null, null, null, "a2", Seam.FLOW),
                        new Flood("marigold", null, null, null, "a4", Seam.FLOW),
                        new Transfer(
                                "poppy",
                                SmallForm.BOW,
                                null,
                                19,
                                1,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                null,
                                "a4")));
    }

    @Benchmark
    public Cookie rosetteThatFlows() {
        return measuring.measure(rosette);
    }

    @Benchmark
    public Cookie fortySectionsAndSixtyMoves() {
        return measuring.measure(design);
    }
}
