package kindthimble.bench;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.design.Measuring;
import kindthimble.core.drawing.CutBy;
import kindthimble.core.drawing.Drawing;
import kindthimble.core.drawing.DrawnDesign;
import kindthimble.core.drawing.SvgDrawing;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.tracing.Picture;
import kindthimble.core.tracing.Tracing;
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

/** A drawing of 50 kB, a picture of four megapixels, and a design of some 60 shapes and 5,000 corners. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 4, time = 3)
@Fork(1)
public class DrawingBenchmark {
    private static final int BLOBS = 150;
    private static final int SHAPES = 60;
    private static final int SIDE = 2_000;
    private static final int[] FIELDS = {0xD5473F, 0xFFB14E, 0x23407A, 0xFFFFFF};
    private static final String[] COLOURS = {"c33", "fa4", "247", "2ba", "fff"};

    private final Measuring measuring = new Measuring(Kitchen.house());
    private byte[] drawing;
    private Picture picture;
    private Design design;

    @Setup
    public void draw() {
        drawing = blobs(BLOBS, 12).getBytes(StandardCharsets.UTF_8);
        int[] dots = new int[SIDE * SIDE];
        Random random = new Random(2);
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                int field = Math.hypot(x - 1000, y - 1000) < 800 ? (x / 300 + y / 300) % 3 : 3;
                int grain = (int) (3 * random.nextGaussian());
                int dot = 0xff;
                for (int shift = 16; shift >= 0; shift -= 8) {
                    dot = dot << 8 | Math.max(0, Math.min(255, (FIELDS[field] >> shift & 255) + grain));
                }
                dots[y * SIDE + x] = dot;
            }
        }
        picture = new Picture(SIDE, SIDE, dots);
        Drawing read = SvgDrawing.read(blobs(SHAPES, 20).getBytes(StandardCharsets.UTF_8), 90, 0.05);
        design = DrawnDesign.of(
                read,
                new DrawnDesign.Wish("Blobs", CutBy.SILHOUETTE, 3, null, Map.of()),
                hex -> hex.substring(1),
                Kitchen.house());
    }

    /** Round shapes of curves, over each other, in few colours. */
    private static String blobs(int count, int curves) {
        Random random = new Random(1);
        StringBuilder svg = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 100 100\">");
        for (int i = 0; i < count; i++) {
            double cx = 10 + 80 * random.nextDouble();
            double cy = 10 + 80 * random.nextDouble();
            double r = 3 + 9 * random.nextDouble();
            svg.append("<path fill=\"#").append(COLOURS[i % COLOURS.length]).append("\" d=\"");
            for (int k = 0; k <= curves; k++) {
                double a = 2 * Math.PI * k / curves;
                double b = a - Math.PI / curves;
                double far = r * (1.1 + 0.2 * random.nextDouble());
                String point = String.format(Locale.ROOT, "%.2f %.2f", cx + r * Math.cos(a), cy + r * Math.sin(a));
                String bend = String.format(Locale.ROOT, "Q%.2f %.2f ", cx + far * Math.cos(b), cy + far * Math.sin(b));
                svg.append(k == 0 ? "M" + point : bend + point);
            }
            svg.append("z\"/>");
        }
        return svg.append("</svg>").toString();
    }

    /** To be under 40 ms. */
    @Benchmark
    public Drawing fiftyKilobytesOfSvg() {
        return SvgDrawing.read(drawing, 90);
    }

    /** To be under 2 s. */
    @Benchmark
    public Tracing.Traced fourMegapixels() {
        return Tracing.of(picture, 0, share -> {});
    }

    /** To be under 20 ms. */
    @Benchmark
    public Cookie designOfSixtyShapes() {
        return measuring.measure(design);
    }
}
