package kindthimble.core.tracing;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.DoubleConsumer;
import kindthimble.core.colour.Lab;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Mosaic;
import kindthimble.core.geometry.Spot;
import kindthimble.core.words.Refused;

/**
 * Makes a drawing of a picture: its light evened, its colours grouped, what lies between them given to its neighbours, and the borders of what is left
 * as lines that neighbours share. The result is an SVG drawing in units of the picture's dots, to be read as any.
 */
public final class Tracing {
    /** The longer side of what is looked at: finer than any tip on a cookie. */
    public static final int LONGEST = 1_400;

    private static final double TOLERANCE_MM = 0.2;
    private static final double USUAL_HEIGHT_MM = 90;
    private static final double LEAST_TOLERANCE = 0.75;
    private static final double LINE_SHARE = 0.026;
    private static final double DARK = 42;
    private static final double AROUND_MM = 8;
    private static final double LINE_TOLERANCE = 0.5;
    private static final int LEAST = 200;

    private final Picture picture;
    /** How large a dot is; 0 where that is not known. */
    private final double dotMm;

    private Tracing(Picture picture, double dotMm) {
        this.picture = picture;
        this.dotMm = dotMm;
    }

    /**
     * @param svg the drawing
     * @param colours how many colours it has
     * @param hadGround whether a plain ground was left out
     * @param hadLines whether dark lines were taken off the fills and laid over them
     * @param wasUneven whether its light was evened out
     * @param heightMm how tall its view truly is; 0 where that is not known
     */
    public record Traced(
            String svg, int colours, boolean hadGround, boolean hadLines, boolean wasUneven, double heightMm) {}

    /** Traces what lies on a sheet, seen from straight above, at its true size; its view goes round what is drawn. */
    public static Traced onSheet(Picture photo, Sheet sheet, int wanted, DoubleConsumer progress) {
        progress.accept(0.02);
        Box drawn = sheet.around(OnPaper.all(photo, sheet), AROUND_MM);
        progress.accept(0.1);
        // No finer than the photo: a blur that is spread out would be taken for a colour of its own.
        double seen = sheet.dotsAMm() * Math.max(drawn.widthMm(), drawn.heightMm());
        Picture straight = sheet.straightened(photo, drawn, (int) Math.max(LEAST, Math.min(LONGEST, seen)));
        return new Tracing(straight, drawn.heightMm() / straight.height()).traced(wanted, progress);
    }

    /**
     * @param wanted how many colours, 2 to 12; 0 for as many as there seem to be
     * @param progress hears what share is done, 0 to 1, and may throw to stop
     * @throws Refused where nothing can be made out
     */
    public static Traced of(Picture given, int wanted, DoubleConsumer progress) {
        progress.accept(0.05);
        return new Tracing(given.atMost(LONGEST), 0).traced(wanted, progress);
    }

    private Traced traced(int wanted, DoubleConsumer progress) {
        progress.accept(0.2);
        float[] light = Light.factors(picture);
        progress.accept(0.35);
        LabDots dots = new LabDots(picture, light);
        dots.smooth();
        progress.accept(0.5);
        List<float[]> centres = ColourGroups.of(dots, wanted);
        if (centres.isEmpty()) {
            throw new Refused(
                    "", "No colours can be made out in this picture. Take one with flat colours, in good light.");
        }
        progress.accept(0.65);
        Labels labels = new Labels(dots, centres);
        progress.accept(0.8);
        boolean hadGround = labels.clearGround();
        int line = lineWork(labels, centres);
        int[] fills =
                line == 0 ? labels.of : labels.without(label -> label == line, label -> label != line && label > 0);
        double tolerance = Math.max(
                LEAST_TOLERANCE, dotMm > 0 ? TOLERANCE_MM / dotMm : TOLERANCE_MM * picture.height() / USUAL_HEIGHT_MM);
        int[] view = dotMm > 0 && hadGround ? labels.drawn() : new int[] {0, 0, picture.width(), picture.height()};
        StringBuilder svg = new StringBuilder();
        svg.append(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"%d %d %d %d\">%n",
                view[0],
                view[1],
                view[2] - view[0],
                view[3] - view[1]));
        draw(svg, Mosaic.ofDots(fills, picture.width(), picture.height(), tolerance), centres);
        if (line > 0) {
            boolean[] inked = new boolean[labels.of.length];
            for (int i = 0; i < inked.length; i++) {
                inked[i] = labels.of[i] == line;
            }
            drawLines(svg, MiddleLines.of(inked, picture.width(), picture.height()), hex(centres, line));
        }
        svg.append("</svg>\n");
        progress.accept(1);
        return new Traced(
                svg.toString(),
                (int) Arrays.stream(labels.of)
                        .filter(label -> label > 0)
                        .distinct()
                        .count(),
                hadGround,
                line > 0,
                light != null,
                dotMm * (view[3] - view[1]));
    }

    /** The label of dark lines around fills; 0 for none. */
    private static int lineWork(Labels labels, List<float[]> centres) {
        int darkest = 0;
        for (int i = 0; i < centres.size(); i++) {
            if (centres.get(i)[0] < DARK && (darkest == 0 || centres.get(i)[0] < centres.get(darkest - 1)[0])) {
                darkest = i + 1;
            }
        }
        boolean isThin = darkest > 0 && labels.meanWidth(darkest) < LINE_SHARE * labels.height;
        return isThin && centres.size() > 2 ? darkest : 0;
    }

    private static void draw(StringBuilder svg, Mosaic mosaic, List<float[]> centres) {
        for (Mosaic.Face face : mosaic.faces()) {
            if (!face.region().isEmpty()) {
                svg.append("<path fill=\"")
                        .append(hex(centres, face.owner()))
                        .append("\" fill-rule=\"evenodd\" d=\"")
                        .append(face.region().cornerData())
                        .append("\"/>\n");
            }
        }
    }

    private static String hex(List<float[]> centres, int label) {
        float[] c = centres.get(label - 1);
        return new Lab(c[0], c[1], c[2]).hex();
    }

    /** Strokes, one for each width. */
    private static void drawLines(StringBuilder svg, List<MiddleLines.Line> lines, String hex) {
        Map<Double, StringBuilder> paths = new TreeMap<>();
        for (MiddleLines.Line line : lines) {
            List<Spot> spots = Arrays.stream(line.points())
                    .map(at -> new Spot(at[0], at[1]))
                    .toList();
            paths.computeIfAbsent(line.width(), wide -> new StringBuilder())
                    .append(Lines.through(spots).simpler(LINE_TOLERANCE).pathData());
        }
        paths.forEach((wide, path) -> svg.append(String.format(
                Locale.ROOT,
                "<path fill=\"none\" stroke=\"%s\" stroke-width=\"%.2f\" stroke-linecap=\"round\" stroke-linejoin=\"round\" d=\"%s\"/>%n",
                hex,
                wide,
                path)));
    }
}
