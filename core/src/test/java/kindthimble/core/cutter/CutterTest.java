package kindthimble.core.cutter;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Region;
import org.junit.jupiter.api.Test;

class CutterTest {

    @Test
    void formsHaveTheAreasOfTheirClosedForms() {
        assertEquals(
                1600 * Math.PI, baked(new CutterShape.Round(), Across.WIDTH, 80).areaMm2(), 0.1);
        assertEquals(6400, baked(new CutterShape.Square(), Across.HEIGHT, 80).areaMm2(), 1e-6);
        assertEquals(
                80 * 40,
                baked(new CutterShape.Rectangle(50.0), Across.WIDTH, 80).areaMm2(),
                1e-6);
        // A kite's area is half the product of its diagonals.
        assertEquals(
                99 * 68.31 / 2,
                baked(new CutterShape.DiamondKite(69.0, 36.0), Across.HEIGHT, 99)
                        .areaMm2(),
                1e-6);
        // A star of n points is 2n triangles of sides R and r with pi/n between them.
        Region star = baked(new CutterShape.Star(6, 50.0), Across.HEIGHT, 100);
        assertEquals(6 * 50 * 25 * Math.sin(Math.PI / 6), star.areaMm2(), 1e-6);
    }

    @Test
    void spreadLengthensEveryLength() {
        Cutter cutter = new Cutter(new CutterShape.Heart(), Across.WIDTH, 80);
        assertEquals(cutter.baked(0).areaMm2() * 1.02 * 1.02, cutter.baked(2).areaMm2(), 1e-6);
        assertEquals(80 * 1.02, cutter.baked(2).box().widthMm(), 0.01);
    }

    @Test
    void everyFormIsDrawnAtTheSizeAskedForBothWays() throws ReflectiveOperationException {
        for (Class<?> form : Catalogue.recordsOf(CutterShape.class)) {
            CutterShape usual =
                    (CutterShape) form.getConstructors()[0].newInstance(new Object[form.getRecordComponents().length]);
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

    private static Region baked(CutterShape shape, Across across, double sizeMm) {
        return new Cutter(shape, across, sizeMm).baked(0);
    }
}
