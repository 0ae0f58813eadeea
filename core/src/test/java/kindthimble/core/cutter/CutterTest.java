package kindthimble.core.cutter;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Region;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

class CutterTest {

    @Test
    void formsHaveTheAreasOfTheirClosedForms() {
        assertEquals(
                1600 * Math.PI, baked(new BasicForm.Round(), Across.WIDTH, 80).areaMm2(), 0.1);
        assertEquals(6400, baked(new BasicForm.Square(), Across.HEIGHT, 80).areaMm2(), 1e-6);
        assertEquals(
                80 * 40, baked(new BasicForm.Rectangle(50.0), Across.WIDTH, 80).areaMm2(), 1e-6);
        // A kite's area is half the product of its diagonals.
        assertEquals(
                99 * 68.31 / 2,
                baked(new FigureForm.DiamondKite(69.0, 36.0), Across.HEIGHT, 99).areaMm2(),
                1e-6);
        // A star of n points is 2n triangles of sides R and r with pi/n between them.
        Region star = baked(new BasicForm.Star(6, 50.0), Across.HEIGHT, 100);
        assertEquals(6 * 50 * 25 * Math.sin(Math.PI / 6), star.areaMm2(), 1e-6);
    }

    @Test
    void spreadLengthensEveryLength() {
        Cutter cutter = new Cutter(new FigureForm.Heart(), Across.WIDTH, 80);
        assertEquals(cutter.baked(0).areaMm2() * 1.02 * 1.02, cutter.baked(2).areaMm2(), 1e-6);
        assertEquals(80 * 1.02, cutter.baked(2).box().widthMm(), 0.01);
    }

    @Test
    void everyFormIsDrawnAtTheSizeAskedForBothWays() throws ReflectiveOperationException {
        for (Class<?> form : Catalogue.recordsOf(CutterShape.class)) {
            Class<?>[] types = Arrays.stream(form.getRecordComponents())
                    .map(RecordComponent::getType)
                    .toArray(Class<?>[]::new);
            CutterShape usual = (CutterShape) form.getConstructor(types).newInstance(new Object[types.length]);
            assertEquals(75, baked(usual, Across.WIDTH, 75).box().widthMm(), 0.02, form.getSimpleName());
            assertEquals(75, baked(usual, Across.HEIGHT, 75).box().heightMm(), 0.02, form.getSimpleName());
            assertTrue(baked(usual, Across.WIDTH, 75).inscribedRadiusMm() > 5);
        }
    }

    @Test
    void catalogueTellsWhatCanBeSet() {
        Kind star = Catalogue.of(CutterShape.class).stream()
                .filter(kind -> kind.word().equals("star"))
                .findFirst()
                .orElseThrow();
        Kind.Parameter points = star.parameters().get(0);
        assertEquals(Kind.Type.WHOLE_NUMBER, points.type());
        assertEquals("5", points.usual());
        assertEquals(24, points.most());
    }

    /** A two-lobed overlap: area of a union is the sum less the shared lens (closed form for two equal discs). */
    @Test
    void joinedCuttersGrowTogether() {
        double r = 20;
        double apart = 25;
        Region pair = new Cutter(
                        new BasicForm.Round(),
                        Across.WIDTH,
                        2 * r,
                        null,
                        new Cutter.Joined(new BasicForm.Round(), 2 * r, apart, 0),
                        null)
                .baked(0);
        double lens = 2 * r * r * Math.acos(apart / (2 * r)) - apart / 2 * Math.sqrt(4 * r * r - apart * apart);
        assertEquals(2 * Math.PI * r * r - lens, pair.areaMm2(), 0.2);
    }

    @Test
    void holeIsCutOutAndAFlippedCutterIsTheSameDough() {
        Cutter plain = new Cutter(new FigureForm.Heart(), Across.WIDTH, 80);
        Cutter held = new Cutter(new FigureForm.Heart(), Across.WIDTH, 80, true, null, new Cutter.Hole(5, 20));
        assertEquals(plain.baked(0).areaMm2() - Math.PI * 6.25, held.baked(0).areaMm2(), 0.05);
        Cutter outside = new Cutter(new BasicForm.Round(), Across.WIDTH, 80, null, null, new Cutter.Hole(5, 2));
        assertEquals(
                "hole.downMm",
                assertThrows(Refused.class, () -> outside.baked(0)).field());
    }

    /** Areas of outlines given as path data: a square, a disc of arcs, a parabola's segment, all by their closed forms. */
    @Test
    void ownOutlinesAreReadAsSvgPathData() {
        assertEquals(1600, own("m0 0h40v40h-40z", 40).areaMm2(), 1e-6);
        assertEquals(
                400 * Math.PI,
                own("M10,0A10 10 0 0 1-10 0A10,10,0,1,1 10,0Z", 40).areaMm2(),
                0.3);
        // Under y = x (1 - x) on [0, 1], scaled to a width of 60, lies 3600 / 6.
        assertEquals(600, own("M0 0Q.5 .5 1 0", 60).areaMm2(), 1e-3);
        // A ring of two circles run the same way is a ring all the same.
        assertEquals(1600 - 400, own("M0 0H4V4H0ZM1 1H3V3H1Z", 40).areaMm2(), 1e-6);
        for (String bad : new String[] {"", "40 40", "M0 0 L", "M0 0 X 3", "M0 0 L 1e99 4 L 3 3", "M0 0H10"}) {
            assertThrows(Refused.class, () -> own(bad.isEmpty() ? "?" : bad, 40), bad);
        }
    }

    @Test
    void lettersOfTheShippedFaceAreCookies() {
        Region o = baked(new OwnForm.Letter("O"), Across.HEIGHT, 90);
        Box box = o.box();
        assertEquals(90, box.heightMm(), 0.05);
        assertTrue(o.areaMm2() < 0.8 * Math.PI / 4 * box.widthMm() * box.heightMm(), "an O has a hole");
        assertThrows(Refused.class, () -> baked(new OwnForm.Letter("\u4e2d"), Across.HEIGHT, 90));
        assertTrue(Catalogue.of(CutterShape.class).size() >= 20);
    }

    private static Region own(String path, double widthMm) {
        return baked(new OwnForm.Drawn(path), Across.WIDTH, widthMm);
    }

    private static Region baked(CutterShape shape, Across across, double sizeMm) {
        return new Cutter(shape, across, sizeMm).baked(0);
    }
}
