package kindthimble.core.move;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Comparator;
import java.util.List;
import kindthimble.core.geometry.Region;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/** The shapes of a drawing, as sections. */
class OutlinesTest {
    /** Curves of a drawing are curves: a disc of four is a disc, and not the square of their ends. */
    @Test
    void curvesOfADrawingAreNoChords() {
        Region cookie = Region.drawn("M-40-40H40V40H-40Z");
        double k = 10 * 4 / 3.0 * (Math.sqrt(2) - 1);
        String disc = "M10 0C10 %1$s %1$s 10 0 10S-10 %1$s -10 0S-%1$s-10 0-10S10-%1$s 10 0Z".formatted(k);
        Region drawn = new Outlines("a", null, disc, 80).sections(cookie).get(0);
        assertEquals(Math.PI * 100, drawn.areaMm2(), 0.5);
        String arcs = "M10 0A10 10 0 0 1-10 0A10 10 0 0 1 10 0Z";
        assertEquals(
                Math.PI * 100,
                new Outlines("a", null, arcs, 80).sections(cookie).get(0).areaMm2(),
                0.5);
    }

    /** Icing is in a place once: shapes that lie on each other are named, those that only meet are not. */
    @Test
    void shapesThatLieOnEachOtherAreNamed() {
        Region cookie = Region.drawn("M-40-40H40V40H-40Z");
        Division over = new Outlines("a", null, "M-30-30H-20V-20H-30Z|M0 0H20V20H0Z|M15 15H30V30H15Z", 80);
        Refused refused = assertThrows(Refused.class, () -> over.sections(cookie));
        assertEquals("outlines", refused.field());
        assertTrue(refused.getMessage().startsWith("Shapes 2 and 3"), refused.getMessage());
        Division beside = new Outlines("a", null, "M-30-30H-20V-20H-30Z|M0 0H20V20H0Z|M20 0H30V30H20Z", 80);
        List<Region> parts = beside.sections(cookie);
        assertEquals(6_400, parts.stream().mapToDouble(Region::areaMm2).sum(), 0.01);
    }

    /** A drawing whose cutter is so many mm wide is as large on the cookie as that is wide: half as wide a drawing is twice as large on it. */
    @Test
    void shapesOfADrawingGrowWithTheCookie() {
        Region cookie = Region.drawn("M-40-30H40V30H-40Z");
        for (double drawnMm : new double[] {20, 40, 80, 160}) {
            Division drawing = new Outlines("a", null, "M-5-5H5V5H-5Z", drawnMm);
            List<Region> parts = drawing.sections(cookie);
            double side = 10 * 80 / drawnMm;
            Region square = parts.stream()
                    .filter(part -> part.areaMm2() > 0)
                    .min(Comparator.comparingDouble(part -> Math.abs(part.box().widthMm() - side)))
                    .orElseThrow();
            assertEquals(side, square.box().widthMm(), 0.01, "drawn for " + drawnMm + " mm");
            assertEquals(Math.min(side, 60), square.box().heightMm(), 0.01, "no higher than the cookie");
            assertEquals(
                    cookie.areaMm2(),
                    parts.stream().mapToDouble(Region::areaMm2).sum(),
                    0.01);
        }
    }
}
