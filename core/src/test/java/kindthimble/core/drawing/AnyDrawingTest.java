package kindthimble.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Measuring;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.tracing.Picture;
import kindthimble.core.tracing.Tracing;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Whatever is drawn becomes a cookie, or ends in a sentence: outlines over each other, along each other and through corners of each other too. */
class AnyDrawingTest {
    private static final int DRAWINGS = Integer.getInteger("kind-thimble.fuzz.drawings", 40);
    private static final long SEED = Long.getLong("kind-thimble.fuzz.seed", 26);
    private static final Kitchen KITCHEN = Kitchen.house();
    private static final String[] COLOURS = {"#CC3333", "#FFFFFF", "#334488", "#FFAA44", "#222222"};

    /** Shapes with their corners on a coarse grid, a hair off it at times: edges meet, and nearly meet. */
    private static String any(Random random) {
        StringBuilder svg = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 80 80\">");
        int shapes = 2 + random.nextInt(9);
        for (int i = 0; i < shapes; i++) {
            String paint = random.nextInt(4) > 0
                    ? "fill=\"%s\"".formatted(colour(random))
                    : "fill=\"%s\" stroke=\"%s\" stroke-width=\"%.3f\""
                            .formatted(
                                    random.nextBoolean() ? "none" : colour(random),
                                    colour(random),
                                    0.5 + 3 * random.nextDouble());
            svg.append(
                    switch (random.nextInt(4)) {
                        case 0 ->
                            "<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" %s/>"
                                    .formatted(at(random), at(random), 10 * (1 + random.nextInt(4)), 20, paint);
                        case 1 ->
                            "<circle cx=\"%s\" cy=\"%s\" r=\"%d\" %s/>"
                                    .formatted(at(random), at(random), 5 * (1 + random.nextInt(5)), paint);
                        case 2 -> "<path d=\"%s\" fill-rule=\"evenodd\" %s/>".formatted(corners(random), paint);
                        default -> "<path d=\"%s\" %s/>".formatted(corners(random), paint);
                    });
        }
        return svg.append("</svg>").toString();
    }

    private static String colour(Random random) {
        return COLOURS[random.nextInt(COLOURS.length)];
    }

    private static String at(Random random) {
        double hair = random.nextInt(3) == 0 ? (random.nextDouble() - 0.5) * Math.pow(10, -random.nextInt(8)) : 0;
        return String.format(Locale.ROOT, "%.9f", 10 * random.nextInt(9) + hair);
    }

    private static String corners(Random random) {
        StringBuilder path = new StringBuilder("M");
        int corners = 3 + random.nextInt(8);
        for (int i = 0; i < corners; i++) {
            path.append(i == 0 ? "" : "L").append(at(random)).append(' ').append(at(random));
        }
        return path.append('Z').toString();
    }

    @Test
    @Timeout(600)
    void outlinesOverEachOtherBecomeACookieOrASentence() {
        Random random = new Random(SEED);
        int cookies = 0;
        for (int i = 0; i < DRAWINGS; i++) {
            String svg = any(random);
            try {
                cookie(svg);
                cookies++;
            } catch (Refused | TooMuch said) {
                assertTrue(said.getMessage().length() > 10, svg);
            } catch (RuntimeException e) {
                throw new AssertionError(svg, e);
            }
        }
        assertTrue(cookies > DRAWINGS / 2, cookies + " of " + DRAWINGS);
    }

    /** Two rounds whose edges all but touch leave a sliver that is thinner than the last digit: what overlays make of that may not stand by itself. */
    @Test
    void roundsThatAllButTouchBecomeACookie() {
        Cookie cookie = cookie("""
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 80 80">
                  <circle cx="69.996885324" cy="70.000000063" r="15" fill="#FFFFFF" stroke="#FFFFFF" stroke-width="3.333"/>
                  <rect x="40" y="29.999953721" width="40" height="20" fill="#FFAA44"/>
                  <circle cx="40" cy="70" r="25" fill="none" stroke="#222222" stroke-width="1.439"/>
                  <circle cx="69.999978447" cy="60.037804155" r="20" fill="#222222"/>
                </svg>""");
        assertTrue(cookie.iced().areaMm2() > 40 * 20);
    }

    /** In a sliver that opens slowly the widest place is looked for step by step, and each step gains less than can be told. */
    @Test
    @Timeout(60)
    void theWidestPlaceOfASliverIsFound() throws IOException {
        try (InputStream file = AnyDrawingTest.class.getResourceAsStream("/svg/sliver.svg")) {
            Drawing drawing = SvgDrawing.read(file.readAllBytes(), 80, 0.05);
            assertTrue(drawing.parts().size() > 10);
        }
    }

    private static Cookie cookie(String svg) {
        Drawing drawing = SvgDrawing.read(svg.getBytes(StandardCharsets.UTF_8), 80, 0.05);
        return new Measuring(KITCHEN)
                .measure(DrawnDesign.of(
                        drawing,
                        new DrawnDesign.Wish("Any", CutBy.SILHOUETTE, 3, null, Map.of()),
                        hex -> hex.substring(1).toLowerCase(Locale.ROOT),
                        KITCHEN));
    }

    /** Rings of equal discs that touch, in a disc, with a square in the middle of all: as a picture. */
    @Test
    void discsInADiscAroundASquareAreTraced() {
        int size = 420;
        BufferedImage image = new BufferedImage(size, size, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, size, size);
        pen.setColor(new Color(0x33, 0x44, 0x88));
        pen.fillOval(10, 10, 400, 400);
        pen.setColor(new Color(0xFF, 0xAA, 0x44));
        for (int i = 0; i < 8; i++) {
            double angle = Math.PI / 4 * i;
            pen.fillOval(
                    (int) Math.round(210 + 120 * Math.cos(angle) - 46),
                    (int) Math.round(210 + 120 * Math.sin(angle) - 46),
                    92,
                    92);
        }
        pen.setColor(new Color(0xCC, 0x33, 0x33));
        pen.fillRect(160, 160, 100, 100);
        pen.dispose();
        int[] dots = image.getRGB(0, 0, size, size, null, 0, size);
        Cookie cookie =
                cookie(Tracing.of(new Picture(size, size, dots), 0, share -> {}).svg());
        Box box = cookie.iced().box();
        assertEquals(Math.PI / 4, cookie.iced().areaMm2() / box.widthMm() / box.heightMm(), 0.01);
    }
}
