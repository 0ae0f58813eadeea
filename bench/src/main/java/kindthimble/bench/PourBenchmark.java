package kindthimble.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.cutter.FigureForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.design.Measuring;
import kindthimble.core.geometry.Across;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.move.Dot;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Line;
import kindthimble.core.move.Outline;
import kindthimble.core.pour.Allowance;
import kindthimble.core.pour.CookieSet;
import kindthimble.core.pour.Pour;
import kindthimble.core.pour.Pouring;
import kindthimble.core.pour.Tally;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A large order, 60 designs in 24 colours and 2,000 cookies: its pour with the designs measured, and one design's measuring. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class PourBenchmark {
    private static final int DESIGNS = 60;
    private static final int COOKIES = 2000;
    private static final int COLOURS = 24;

    private final BaseRecipe recipe = HouseRecipes.MERINGUE_POWDER;
    private final Measuring measuring = new Measuring(Kitchen.house());
    private CookieSet set;
    private Design heart;

    @Setup
    public void order() {
        List<CookieSet.Line> lines = new ArrayList<>();
        for (int i = 0; i < DESIGNS; i++) {
            Cookie cookie = measuring.measure(design(i));
            lines.add(new CookieSet.Line("d" + i, cookie, COOKIES / DESIGNS + (i < COOKIES % DESIGNS ? 1 : 0)));
        }
        set = new CookieSet(lines);
        heart = design(1);
    }

    private static Design design(int i) {
        CutterShape shape = i % 2 == 0 ? new BasicForm.Round() : new FigureForm.Heart();
        return new Design(
                Design.FORMAT,
                "d" + i,
                new Cutter(shape, Across.WIDTH, 60 + i % 40),
                null,
                null,
                List.of(
                        new Outline("c" + i % COLOURS, null, null, null, null, null),
                        new Flood("c" + i % COLOURS, null, null, null, null, null),
                        new Dot("c" + (i + 5) % COLOURS, 12, null, 4.0, null, null, null, null, null),
                        new Line("c" + (i + 11) % COLOURS, null, null, null, null, null, null)));
    }

    /** Demand, bowls, bags and batches; the limit is 10 ms. */
    @Benchmark
    public Pour pourOfALargeOrder() {
        return new Pouring(Kitchen.house(), new Allowance.Risk(0.02))
                .of(new Tally(recipe, Kitchen.house().mean(Habit.BREAKAGE_PERCENT)).of(set));
    }

    /** Outline, flood, dots and a raised line on a heart. */
    @Benchmark
    public Cookie measuringOfOneDesign() {
        return measuring.measure(heart);
    }
}
