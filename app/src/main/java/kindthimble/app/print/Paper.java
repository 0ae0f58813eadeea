package kindthimble.app.print;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;

/**
 * Pages of A4 to write on, in mm from the top left. Uses the fonts that every reader of PDF has; a letter that they lack is written
 * as a question mark.
 */
final class Paper implements AutoCloseable {
    static final double WIDTH_MM = 210;
    static final double HEIGHT_MM = 297;
    private static final float POINTS_PER_MM = 72 / 25.4f;

    private static final PDFont PLAIN = new PDType1Font(Standard14Fonts.FontName.HELVETICA);
    private static final PDFont BOLD = new PDType1Font(Standard14Fonts.FontName.HELVETICA_BOLD);

    private final PDDocument document = new PDDocument();
    private PDPageContentStream page;
    private int pages;

    Paper(String title) {
        document.getDocumentInformation().setTitle(title);
        stage();
    }

    /** A new page. */
    void stage() {
        run(() -> {
            if (page != null) {
                page.close();
            }
            PDPage sheet = new PDPage(PDRectangle.A4);
            document.addPage(sheet);
            page = new PDPageContentStream(document, sheet);
            pages++;
        });
    }

    int pages() {
        return pages;
    }

    /** Writes a line; y is its baseline. */
    void write(double xMm, double yMm, double points, boolean bold, String text) {
        run(() -> {
            page.beginText();
            page.setFont(bold ? BOLD : PLAIN, (float) points);
            page.newLineAtOffset(x(xMm), y(yMm));
            page.showText(known(text));
            page.endText();
        });
    }

    /** The same, ending at x. */
    void writeTo(double xMm, double yMm, double points, boolean bold, String text) {
        write(xMm - widthMm(points, bold, text), yMm, points, bold, text);
    }

    /** The same, cut with dots where it is wider than there is room. */
    void writeWithin(double xMm, double yMm, double points, boolean bold, String text, double roomMm) {
        String shown = text;
        while (shown.length() > 1 && widthMm(points, bold, shown + "...") > roomMm) {
            shown = shown.substring(0, shown.length() - 1);
        }
        write(xMm, yMm, points, bold, widthMm(points, bold, text) <= roomMm ? text : shown + "...");
    }

    double widthMm(double points, boolean bold, String text) {
        try {
            return (bold ? BOLD : PLAIN).getStringWidth(known(text)) / 1000 * points / POINTS_PER_MM;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    void line(double x1Mm, double y1Mm, double x2Mm, double y2Mm) {
        run(() -> {
            page.setStrokingColor(Color.GRAY);
            page.setLineWidth(0.5f);
            page.moveTo(x(x1Mm), y(y1Mm));
            page.lineTo(x(x2Mm), y(y2Mm));
            page.stroke();
        });
    }

    /** A rimmed box filled with a colour. */
    void swatch(double xMm, double yMm, double widthMm, double heightMm, String hex) {
        run(() -> {
            page.setNonStrokingColor(Color.decode(hex));
            page.setStrokingColor(Color.BLACK);
            page.setLineWidth(0.7f);
            page.addRect(x(xMm), y(yMm + heightMm), (float) widthMm * POINTS_PER_MM, (float) heightMm * POINTS_PER_MM);
            page.fillAndStroke();
            page.setNonStrokingColor(Color.BLACK);
        });
    }

    /** The finished document. */
    byte[] bytes() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        run(() -> {
            page.close();
            document.save(out);
        });
        return out.toByteArray();
    }

    @Override
    public void close() {
        run(document::close);
    }

    private static float x(double mm) {
        return (float) mm * POINTS_PER_MM;
    }

    private static float y(double mm) {
        return (float) (HEIGHT_MM - mm) * POINTS_PER_MM;
    }

    private static String known(String text) {
        StringBuilder known = new StringBuilder();
        text.codePoints().forEach(c -> {
            String letter = Character.toString(c);
            try {
                PLAIN.encode(letter);
                known.append(letter);
            } catch (IllegalArgumentException | IOException e) {
                known.append(Character.isWhitespace(c) ? ' ' : '?');
            }
        });
        return known.toString();
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
