package kindthimble.core.tracing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.BiConsumer;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.cutter.FigureForm;
import kindthimble.core.cutter.ThingForm;
import kindthimble.core.drawing.Drawing;
import kindthimble.core.drawing.SvgDrawing;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/** Photos of a cutter or a cookie on a sheet of paper, taken by a camera that leans over it. */
class OnPaperTest {
    private static final double WIDTH_MM = 210;
    private static final double HEIGHT_MM = 297;
    private static final int PHOTO_WIDTH = 1_350;
    private static final int PHOTO_HEIGHT = 1_800;
    private static final double DOTS_A_MM = 8;
    private static final double RIM_MM = 2;

    private static final List<CutterShape> SHAPES =
            List.of(new FigureForm.Heart(), new ThingForm.House(), new FigureForm.Leaf());

    /** A camera that looks at the middle of a sheet from so far above it, leaning. */
    private record Camera(double distanceMm, double leanDegrees, double aroundDegrees) {
        /** Where a place of the sheet is seen. */
        Spot seen(double x, double y) {
            double u = x - WIDTH_MM / 2;
            double v = y - HEIGHT_MM / 2;
            double around = Math.toRadians(aroundDegrees);
            double along = u * Math.cos(around) + v * Math.sin(around);
            double across = -u * Math.sin(around) + v * Math.cos(around);
            double lean = Math.toRadians(leanDegrees);
            double away = distanceMm + across * Math.sin(lean);
            double near = across * Math.cos(lean);
            double p = (along * Math.cos(around) - near * Math.sin(around)) / away;
            double q = (along * Math.sin(around) + near * Math.cos(around)) / away;
            double focal = 1.15 * PHOTO_WIDTH;
            return new Spot(PHOTO_WIDTH / 2.0 + focal * p, PHOTO_HEIGHT / 2.0 + focal * q);
        }

        List<Spot> corners() {
            return List.of(seen(0, 0), seen(WIDTH_MM, 0), seen(WIDTH_MM, HEIGHT_MM), seen(0, HEIGHT_MM));
        }
    }

    private static BufferedImage sheet(BiConsumer<Graphics2D, AffineTransform> thing) {
        BufferedImage sheet = new BufferedImage(
                (int) (WIDTH_MM * DOTS_A_MM), (int) (HEIGHT_MM * DOTS_A_MM), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = sheet.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(new Color(0xF6F5F0));
        g.fillRect(0, 0, sheet.getWidth(), sheet.getHeight());
        thing.accept(g, AffineTransform.getScaleInstance(DOTS_A_MM, DOTS_A_MM));
        return sheet;
    }

    /** The photo: a dark table, light from one side, grain. */
    private static Picture photo(BufferedImage sheet, Camera camera) {
        Slant back = Slant.of(
                camera.corners(),
                List.of(new Spot(0, 0), new Spot(WIDTH_MM, 0), new Spot(WIDTH_MM, HEIGHT_MM), new Spot(0, HEIGHT_MM)));
        Random random = new Random(5);
        int[] dots = new int[PHOTO_WIDTH * PHOTO_HEIGHT];
        for (int y = 0; y < PHOTO_HEIGHT; y++) {
            for (int x = 0; x < PHOTO_WIDTH; x++) {
                double[] sum = new double[3];
                for (int k = 0; k < 4; k++) {
                    Spot at = back.seen(x + (k % 2 + 0.5) / 2, y + (k / 2 + 0.5) / 2);
                    int u = (int) Math.floor(at.x() * DOTS_A_MM);
                    int v = (int) Math.floor(at.y() * DOTS_A_MM);
                    boolean isOn = u >= 0 && v >= 0 && u < sheet.getWidth() && v < sheet.getHeight();
                    int dot = isOn ? sheet.getRGB(u, v) : 0x5A4636;
                    sum[0] += (dot >> 16 & 255) / 4.0;
                    sum[1] += (dot >> 8 & 255) / 4.0;
                    sum[2] += (dot & 255) / 4.0;
                }
                double light = 1 - 0.2 * x / PHOTO_WIDTH;
                double grain = 3 * random.nextGaussian();
                int of = 0;
                for (double one : sum) {
                    of = of << 8 | (int) Math.max(0, Math.min(255, one * light + grain));
                }
                dots[y * PHOTO_WIDTH + x] = 0xFF << 24 | of;
            }
        }
        return new Picture(PHOTO_WIDTH, PHOTO_HEIGHT, dots);
    }

    private static Region cut(CutterShape shape) {
        return new Cutter(shape, Across.WIDTH, 80).baked(0);
    }

    private static Path2D placed(Region region) {
        Path2D path = Paths.of(region);
        path.transform(AffineTransform.getTranslateInstance(WIDTH_MM * 0.46, HEIGHT_MM * 0.55));
        return path;
    }

    private static Picture cookie(Region region, Camera camera) {
        return photo(
                sheet((g, to) -> {
                    g.setColor(new Color(0xC8995C));
                    g.fill(placed(region).createTransformedShape(to));
                }),
                camera);
    }

    /** How far apart two outlines are where they are farthest apart (Hausdorff), seen each way, by places every 0.4 mm. */
    private static double apart(Region one, Region other) {
        return Math.max(farthest(one, other), farthest(other, one));
    }

    private static double farthest(Region from, Region to) {
        double farthest = 0;
        List<Spot> there = places(to);
        for (Spot a : places(from)) {
            double nearest = Double.MAX_VALUE;
            for (Spot b : there) {
                nearest = Math.min(nearest, Math.hypot(a.x() - b.x(), a.y() - b.y()));
            }
            farthest = Math.max(farthest, nearest);
        }
        return farthest;
    }

    private static List<Spot> places(Region region) {
        return new ArrayList<>(Paths.places(region, 0.1));
    }

    private static OnPaper.Thing seen(Picture photo) {
        List<Spot> corners = SheetCorners.find(photo, SheetCorners.Of.PAPER).orElseThrow();
        return OnPaper.of(photo, Sheet.lying(corners, WIDTH_MM, HEIGHT_MM, RIM_MM));
    }

    @Test
    void findsTheCornersOfAPaperThatLiesAtASlant() {
        Camera camera = new Camera(420, 20, 35);
        Picture photo = cookie(cut(new FigureForm.Heart()), camera);
        List<Spot> found = SheetCorners.find(photo, SheetCorners.Of.PAPER).orElseThrow();
        for (int i = 0; i < 4; i++) {
            assertEquals(camera.corners().get(i).x(), found.get(i).x(), 2, "corner " + i);
            assertEquals(camera.corners().get(i).y(), found.get(i).y(), 2, "corner " + i);
        }
    }

    @Test
    void aCookieOnASlantedPaperKeepsItsOutlineWithinHalfAMillimetre() {
        double around = 10;
        for (CutterShape shape : SHAPES) {
            Region cut = cut(shape);
            OnPaper.Thing thing = seen(cookie(cut, new Camera(420, 20, around)));
            double apart = apart(cut, thing.outline());
            assertTrue(apart < 0.5, shape + " is " + apart + " mm off");
            assertEquals(0, thing.wallMm());
            around += 65;
        }
    }

    @Test
    void aCutterIsFollowedAlongTheMiddleOfItsWall() {
        Region cut = cut(new FigureForm.Heart());
        Picture photo = photo(
                sheet((g, to) -> {
                    g.setColor(new Color(0x80858A));
                    g.setStroke(new BasicStroke((float) (1.2 * DOTS_A_MM)));
                    g.draw(placed(cut).createTransformedShape(to));
                }),
                new Camera(430, 20, 120));
        OnPaper.Thing thing = seen(photo);
        double apart = apart(cut, thing.outline());
        assertTrue(apart < 0.5, "the heart is " + apart + " mm off");
        assertEquals(1.2, thing.wallMm(), 0.3);
    }

    @Test
    void aDrawingOnASlantedPaperHasItsTrueSize() {
        Region heart = cut(new FigureForm.Heart());
        Picture photo = cookie(heart, new Camera(420, 20, 35));
        Sheet sheet =
                Sheet.lying(SheetCorners.find(photo, SheetCorners.Of.PAPER).orElseThrow(), WIDTH_MM, HEIGHT_MM, RIM_MM);
        Tracing.Traced traced = Tracing.onSheet(photo, sheet, 0, share -> {});
        Drawing drawing = SvgDrawing.read(traced.svg().getBytes(StandardCharsets.UTF_8), traced.heightMm());
        assertEquals(heart.box().heightMm(), traced.heightMm(), 0.5);
        assertEquals(80, drawing.widthMm(), 0.5);
        assertEquals(heart.areaMm2(), drawing.colours().get(0).areaMm2(), 0.01 * heart.areaMm2());
    }

    @Test
    void findsAFramePrintedOnPaper() {
        Camera camera = new Camera(420, 20, 80);
        Picture photo = photo(
                sheet((g, to) -> {
                    g.setColor(Color.BLACK);
                    g.setStroke(new BasicStroke((float) (2 * DOTS_A_MM)));
                    g.draw(to.createTransformedShape(new Rectangle2D.Double(31, 41, 148, 198)));
                    g.setColor(new Color(0x3A8FB7));
                    g.fill(placed(cut(new FigureForm.Heart())).createTransformedShape(to));
                }),
                camera);
        List<Spot> found = SheetCorners.find(photo, SheetCorners.Of.FRAME).orElseThrow();
        List<Spot> frame =
                List.of(camera.seen(30, 40), camera.seen(180, 40), camera.seen(180, 240), camera.seen(30, 240));
        for (int i = 0; i < 4; i++) {
            assertEquals(frame.get(i).x(), found.get(i).x(), 2.5, "corner " + i);
            assertEquals(frame.get(i).y(), found.get(i).y(), 2.5, "corner " + i);
        }
    }

    @Test
    void anEmptyPaperIsRefused() {
        Picture photo = photo(sheet((g, to) -> {}), new Camera(420, 20, 35));
        List<Spot> corners = SheetCorners.find(photo, SheetCorners.Of.PAPER).orElseThrow();
        Sheet sheet = Sheet.lying(corners, WIDTH_MM, HEIGHT_MM, RIM_MM);
        assertThrows(Refused.class, () -> OnPaper.of(photo, sheet));
    }

    @Test
    void cornersThatDoNotGoRoundAreRefused() {
        List<Spot> crossed = List.of(new Spot(0, 0), new Spot(500, 500), new Spot(500, 0), new Spot(0, 500));
        assertThrows(Refused.class, () -> Sheet.lying(crossed, WIDTH_MM, HEIGHT_MM, RIM_MM));
        List<Spot> inLine = List.of(new Spot(0, 0), new Spot(250, 0), new Spot(500, 0), new Spot(0, 500));
        assertThrows(Refused.class, () -> Sheet.lying(inLine, WIDTH_MM, HEIGHT_MM, RIM_MM));
    }

    /** A unit square that is seen as a trapezium: its middle is where the diagonals cross. */
    @Test
    void theMiddleOfASheetIsWhereItsDiagonalsCross() {
        List<Spot> corners = List.of(new Spot(100, 100), new Spot(300, 100), new Spot(400, 300), new Spot(0, 300));
        Spot middle = Slant.of(List.of(new Spot(0, 0), new Spot(1, 0), new Spot(1, 1), new Spot(0, 1)), corners)
                .seen(0.5, 0.5);
        assertEquals(200, middle.x(), 1e-6);
        assertEquals(100 + 200 / 3.0, middle.y(), 1e-6);
    }
}
