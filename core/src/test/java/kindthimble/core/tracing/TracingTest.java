package kindthimble.core.tracing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import kindthimble.core.colour.Lab;
import kindthimble.core.drawing.Drawing;
import kindthimble.core.drawing.RealDrawings;
import kindthimble.core.drawing.SvgDrawing;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pictures of ten real drawings, whose visible colours are known, traced: as a drawing program saves them, and as a bad photo. */
class TracingTest {
    private static final double ALIKE = 5;
    private static final int LONGER = 1_200;

    /** No colour of any of them. */
    private static final Color TABLE = new Color(0x6B4FA0);

    /** A drawing as dots, on white paper. */
    private static BufferedImage rendered(
            Drawing drawing, double turn, int width, int height, double scale, Color table) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(table);
        g.fillRect(0, 0, width, height);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        AffineTransform to = AffineTransform.getTranslateInstance(width / 2.0, height / 2.0);
        to.rotate(Math.toRadians(turn));
        to.scale(scale, scale);
        to.translate(-drawing.widthMm() / 2, -drawing.heightMm() / 2);
        g.transform(to);
        g.setColor(Color.WHITE);
        g.fill(new Rectangle2D.Double(0, 0, drawing.widthMm(), drawing.heightMm()));
        for (Drawing.Part part : drawing.parts()) {
            Path2D path = Paths.of(part.region());
            g.setColor(Color.decode(part.hex()));
            g.fill(path);
        }
        g.dispose();
        return image;
    }

    private static BufferedImage throughJpeg(BufferedImage image) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam how = writer.getDefaultWriteParam();
        how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        how.setCompressionQuality(0.8f);
        writer.setOutput(ImageIO.createImageOutputStream(bytes));
        writer.write(null, new IIOImage(image, null, null), how);
        writer.dispose();
        return ImageIO.read(new ByteArrayInputStream(bytes.toByteArray()));
    }

    private static Picture picture(BufferedImage image) {
        int[] dots = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        return new Picture(image.getWidth(), image.getHeight(), dots);
    }

    /** Areas by the true colour that each traced one looks most like, in shares of the drawing's view. */
    private static Map<String, Double> shares(Tracing.Traced traced, Map<String, Double> truth, double viewDots) {
        truth.put("#6B4FA0", 0.0);
        truth.putIfAbsent("#FFFFFF", 0.0);
        Drawing read = SvgDrawing.read(traced.svg().getBytes(StandardCharsets.UTF_8), 90);
        double dotsPerMm2 = 1 / (read.widthMm() * read.heightMm());
        Map<String, Double> shares = new HashMap<>();
        for (Drawing.Colour colour : read.colours()) {
            Lab lab = Lab.ofHex(colour.hex());
            String nearest = truth.keySet().stream()
                    .min((a, b) -> Double.compare(
                            Lab.ofHex(a).differenceTo(lab), Lab.ofHex(b).differenceTo(lab)))
                    .orElseThrow();
            shares.merge(nearest, colour.areaMm2() * dotsPerMm2 / viewDots, Double::sum);
        }
        return shares;
    }

    private static void check(String name, Map<String, Double> truth, Map<String, Double> shares, double within) {
        // Two that an eye hardly tells apart are one bowl of icing.
        for (String hex : List.copyOf(truth.keySet())) {
            for (String other : List.copyOf(truth.keySet())) {
                if (hex.compareTo(other) < 0 && Lab.ofHex(hex).differenceTo(Lab.ofHex(other)) < ALIKE) {
                    truth.merge(hex, truth.remove(other), Double::sum);
                    shares.merge(hex, shares.getOrDefault(other, 0.0), Double::sum);
                }
            }
        }
        boolean hasGround = truth.values().stream().mapToDouble(share -> share).sum() < 0.99;
        truth.forEach((hex, share) -> {
            // White paper around white shapes is white: which of it was drawn can't be seen.
            boolean isKnown = !(hex.equals("#FFFFFF") && hasGround);
            if (share > 0.02 && isKnown) {
                assertEquals(share, shares.getOrDefault(hex, 0.0), within, name + " " + hex + " " + shares);
            }
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"P01", "P02", "P03", "P04", "P05", "P06", "P07", "P08", "P09", "P10"})
    void aSavedPictureHasTheColoursOfItsDrawing(String name) throws IOException {
        Drawing drawing = SvgDrawing.read(RealDrawings.file(name + ".svg"), 90);
        double scale = LONGER / Math.max(drawing.widthMm(), drawing.heightMm());
        int w = (int) Math.round(drawing.widthMm() * scale);
        int h = (int) Math.round(drawing.heightMm() * scale);
        Tracing.Traced traced =
                Tracing.of(picture(throughJpeg(rendered(drawing, 0, w, h, scale, Color.WHITE))), 0, share -> {});
        Map<String, Double> truth = RealDrawings.truth(name + ".svg");
        check(name, truth, shares(traced, truth, 1), 0.01);
    }

    @ParameterizedTest
    @ValueSource(strings = {"P01", "P02", "P03", "P04", "P05", "P06", "P07", "P08", "P09", "P10"})
    void turnedDarkenedAndNoisyItStillHas(String name) throws IOException {
        Drawing drawing = SvgDrawing.read(RealDrawings.file(name + ".svg"), 90);
        double scale = LONGER / Math.max(drawing.widthMm(), drawing.heightMm());
        double turn = 7;
        double c = Math.cos(Math.toRadians(turn));
        double s = Math.sin(Math.toRadians(turn));
        int w = (int) Math.ceil((drawing.widthMm() * c + drawing.heightMm() * s) * scale);
        int h = (int) Math.ceil((drawing.widthMm() * s + drawing.heightMm() * c) * scale);
        BufferedImage image = rendered(drawing, turn, w, h, scale, TABLE);
        Random random = new Random(7);
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                double dark = 1 - 0.3 * x / w;
                int rgb = image.getRGB(x, y);
                int out = 0;
                for (int shift = 16; shift >= 0; shift -= 8) {
                    double value = (rgb >> shift & 255) * dark + 5 * random.nextGaussian();
                    out |= (int) Math.max(0, Math.min(255, Math.round(value))) << shift;
                }
                image.setRGB(x, y, out);
            }
        }
        Tracing.Traced traced = Tracing.of(picture(throughJpeg(image)), 0, share -> {});
        Map<String, Double> truth = RealDrawings.truth(name + ".svg");
        double view = drawing.widthMm() * drawing.heightMm() * scale * scale / ((double) w * h);
        check(name, truth, shares(traced, truth, view), 0.02);
        assertTrue(traced.colours() <= 12);
    }
}
