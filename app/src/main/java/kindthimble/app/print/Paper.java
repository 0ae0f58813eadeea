package kindthimble.app.print;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Set;
import java.util.TreeSet;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Track;
import kindthimble.core.kitchen.Customs;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.util.Matrix;

/**
 * Pages to write on, in mm from the top left, in the application's own type, which is embedded. Each page says below what it belongs to,
 * and which of how many it is; letters that the type does not hold are boxes, and the last page says so.
 */
final class Paper implements AutoCloseable {
    private static final float POINTS_PER_MM = 72 / 25.4f;
    private static final double FOOT_MM = 8;
    private static final double FOOT_POINTS = 9;
    private static final String MORE = "\u2026";
    private static final String LACKING = "\u00a4";

    private final PDDocument document = new PDDocument();
    private final PDFont plain = font("Regular");
    private final PDFont bold = font("Bold");
    private final Set<String> lacking = new TreeSet<>();
    private final Customs.Paper size;
    private final String foot;
    private final double marginMm;
    private PDPageContentStream page;

    /**
     * @param title of the document
     * @param size of its pages
     * @param foot what each page belongs to
     * @param marginMm from the edge to what stands at the foot
     */
    Paper(String title, Customs.Paper size, String foot, double marginMm) {
        this.size = size;
        this.foot = foot;
        this.marginMm = marginMm;
        document.getDocumentInformation().setTitle(title);
        stage();
    }

    double widthMm() {
        return size.widthMm();
    }

    double heightMm() {
        return size.heightMm();
    }

    /** A new page. */
    void stage() {
        run(() -> {
            if (page != null) {
                page.close();
            }
            PDPage sheet = new PDPage(new PDRectangle(points(size.widthMm()), points(size.heightMm())));
            document.addPage(sheet);
            page = new PDPageContentStream(document, sheet);
        });
    }

    /** Writes a line; y is its baseline. */
    void write(double xMm, double yMm, double points, boolean isBold, String text) {
        run(() -> write(page, xMm, yMm, points, isBold, text));
    }

    private void write(PDPageContentStream on, double xMm, double yMm, double points, boolean isBold, String text)
            throws IOException {
        on.beginText();
        on.setFont(isBold ? bold : plain, (float) points);
        on.newLineAtOffset(points(xMm), y(yMm));
        on.showText(known(text));
        on.endText();
    }

    /** The same, ending at x. */
    void writeTo(double xMm, double yMm, double points, boolean isBold, String text) {
        write(xMm - widthMm(points, isBold, text), yMm, points, isBold, text);
    }

    /** The same, cut in its middle where it is wider than there is room: names that begin alike mostly end apart. */
    void writeWithin(double xMm, double yMm, double points, boolean isBold, String text, double roomMm) {
        write(xMm, yMm, points, isBold, within(points, isBold, text, roomMm));
    }

    private String within(double points, boolean isBold, String text, double roomMm) {
        if (widthMm(points, isBold, text) <= roomMm) {
            return text;
        }
        int[] letters = text.codePoints().toArray();
        for (int kept = letters.length - 1; kept > 1; kept--) {
            int head = (kept + 1) / 2;
            int tail = kept - head;
            String cut = new String(letters, 0, head).stripTrailing()
                    + MORE
                    + new String(letters, letters.length - tail, tail).stripLeading();
            if (widthMm(points, isBold, cut) <= roomMm) {
                return cut;
            }
        }
        return MORE;
    }

    double widthMm(double points, boolean isBold, String text) {
        try {
            return (isBold ? bold : plain).getStringWidth(known(text)) / 1000 * points / POINTS_PER_MM;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A box to be ticked; y is the baseline of what stands beside it. */
    void tick(double xMm, double yMm, double sizeMm) {
        run(() -> {
            page.setStrokingColor(Color.BLACK);
            page.setLineWidth(0.8f);
            page.addRect(points(xMm), y(yMm), points(sizeMm), points(sizeMm));
            page.stroke();
        });
    }

    void line(double x1Mm, double y1Mm, double x2Mm, double y2Mm) {
        run(() -> {
            page.setStrokingColor(Color.GRAY);
            page.setLineWidth(0.5f);
            page.moveTo(points(x1Mm), y(y1Mm));
            page.lineTo(points(x2Mm), y(y2Mm));
            page.stroke();
        });
    }

    /** A rimmed box filled with a colour. */
    void swatch(double xMm, double yMm, double widthMm, double heightMm, String hex) {
        run(() -> {
            page.setNonStrokingColor(Color.decode(hex));
            page.setStrokingColor(Color.BLACK);
            page.setLineWidth(0.7f);
            page.addRect(points(xMm), y(yMm + heightMm), points(widthMm), points(heightMm));
            page.fillAndStroke();
            page.setNonStrokingColor(Color.BLACK);
        });
    }

    /** What is drawn meanwhile is seen inside a box only. */
    void within(double leftMm, double topMm, double rightMm, double bottomMm, Runnable drawn) {
        run(() -> {
            page.saveGraphicsState();
            page.addRect(points(leftMm), y(bottomMm), points(rightMm - leftMm), points(bottomMm - topMm));
            page.clip();
            drawn.run();
            page.restoreGraphicsState();
        });
    }

    /** How a shape is put on a page. */
    record Drawn(String fill, String stroke, double strokeMm, boolean isDashed, boolean isMitred) {
        static Drawn line(double mm) {
            return new Drawn(null, "#000000", mm, false, false);
        }

        static Drawn dashed(double mm) {
            return new Drawn(null, "#666666", mm, true, false);
        }

        /** The same with sharp corners. */
        Drawn mitred() {
            return new Drawn(fill, stroke, strokeMm, isDashed, true);
        }
    }

    /**
     * Draws SVG path data.
     *
     * @param xMm where its 0 0 lies, to the right
     * @param yMm and downwards
     * @param scale 1 for true size
     * @param mirrored whether left and right are changed over
     */
    void draw(String pathData, double xMm, double yMm, double scale, boolean mirrored, Pose at, Drawn how) {
        if (pathData.isBlank()) {
            return;
        }
        run(() -> {
            page.saveGraphicsState();
            float s = (float) scale * POINTS_PER_MM;
            page.transform(new Matrix(mirrored ? -s : s, 0, 0, -s, points(xMm), y(yMm)));
            if (at != null) {
                page.transform(Matrix.getTranslateInstance((float) at.x(), (float) at.y()));
                page.transform(Matrix.getRotateInstance(Math.toRadians(at.turnDegrees()), 0, 0));
                if (at.flipped()) {
                    page.transform(Matrix.getScaleInstance(-1, 1));
                }
            }
            Track.follow(pathData, new OnPage(page));
            if (how.fill != null) {
                page.setNonStrokingColor(Color.decode(how.fill));
            }
            if (how.stroke != null) {
                page.setStrokingColor(Color.decode(how.stroke));
                page.setLineWidth((float) (how.strokeMm / scale));
                page.setLineCapStyle(1);
                page.setLineJoinStyle(how.isMitred ? 0 : 1);
                if (how.isDashed) {
                    page.setLineDashPattern(new float[] {2, 1.5f}, 0);
                }
            }
            if (how.fill != null && how.stroke != null) {
                page.fillAndStrokeEvenOdd();
            } else if (how.fill != null) {
                page.fillEvenOdd();
            } else {
                page.stroke();
            }
            page.restoreGraphicsState();
        });
    }

    private record OnPage(PDPageContentStream page) implements Track {
        @Override
        public void moveTo(double x, double y) {
            run(() -> page.moveTo((float) x, (float) y));
        }

        @Override
        public void lineTo(double x, double y) {
            run(() -> page.lineTo((float) x, (float) y));
        }

        @Override
        public void curveTo(double c1x, double c1y, double c2x, double c2y, double x, double y) {
            run(() -> page.curveTo((float) c1x, (float) c1y, (float) c2x, (float) c2y, (float) x, (float) y));
        }

        @Override
        public void close() {
            run(page::closePath);
        }
    }

    /** The finished document. */
    byte[] bytes() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        run(() -> {
            page.close();
            feet();
            document.save(out);
        });
        return out.toByteArray();
    }

    private void feet() throws IOException {
        int pages = document.getNumberOfPages();
        double y = heightMm() - FOOT_MM;
        for (int i = 0; i < pages; i++) {
            String of = "page %d of %d".formatted(i + 1, pages);
            double room = widthMm() - 2 * marginMm - widthMm(FOOT_POINTS, false, of) - 6;
            try (PDPageContentStream on = new PDPageContentStream(
                    document, document.getPage(i), PDPageContentStream.AppendMode.APPEND, true, true)) {
                write(on, marginMm, y, FOOT_POINTS, false, within(FOOT_POINTS, false, foot, room));
                write(on, widthMm() - marginMm - widthMm(FOOT_POINTS, false, of), y, FOOT_POINTS, false, of);
                if (i == pages - 1 && !lacking.isEmpty()) {
                    write(
                            on,
                            marginMm,
                            y + 4,
                            FOOT_POINTS,
                            false,
                            LACKING + " stands for letters that this type does not hold.");
                }
            }
        }
    }

    @Override
    public void close() {
        run(document::close);
    }

    private static float points(double mm) {
        return (float) mm * POINTS_PER_MM;
    }

    private float y(double mm) {
        return points(heightMm() - mm);
    }

    private String known(String text) {
        StringBuilder known = new StringBuilder();
        text.codePoints().forEach(c -> {
            String letter = Character.toString(c);
            try {
                plain.encode(letter);
                known.append(letter);
            } catch (IllegalArgumentException | IOException e) {
                if (Character.isWhitespace(c)) {
                    known.append(' ');
                } else {
                    known.append(LACKING);
                    lacking.add(letter);
                }
            }
        });
        return known.toString();
    }

    private PDFont font(String weight) {
        try (InputStream file = Paper.class.getResourceAsStream("/fonts/AtkinsonHyperlegibleNext-" + weight + ".ttf")) {
            return PDType0Font.load(document, file, true);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private interface Writing {
        void run() throws IOException;
    }

    private static void run(Writing writing) {
        try {
            writing.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
