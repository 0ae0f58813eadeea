package kindthimble.core.design;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.move.Division;
import kindthimble.core.move.Move;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;

class SeeingTest {
    private static final Palette PALETTE = new Palette(Map.of(
            "olive", Lab.ofHex("#8B7A2A"),
            "moss", Lab.ofHex("#6E8A2E"),
            "navy", Lab.ofHex("#1F2A55"),
            "white", Lab.ofHex("#FFFFFF"),
            "black", Lab.ofHex("#000000"),
            "lemon", Lab.ofHex("#FFF3A0")));

    private static final Move HALVES = new Division.Bands("a", null, 2, null);

    private static Seeing of(Move... moves) {
        Cookie cookie =
                new Measuring(Kitchens.of(ShopSettings.house(), 15, PALETTE)).measure(Moves.round(80, null, moves));
        return Seeing.of(cookie, Kitchens.of(PALETTE));
    }

    /** The largest contrast there is (WCAG 2.2: 1 to 21). */
    @Test
    void contrastRunsFromOneToTwentyOne() {
        assertEquals(21, Seeing.contrast(Lab.ofHex("#FFFFFF"), Lab.ofHex("#000000")), 0.01);
        assertEquals(1, Seeing.contrast(Lab.ofHex("#3FBFB2"), Lab.ofHex("#3FBFB2")), 1e-9);
        // #767676 is the darkest grey that just reaches 4.54 on white.
        assertEquals(4.54, Seeing.contrast(Lab.ofHex("#767676"), Lab.ofHex("#FFFFFF")), 0.01);
    }

    @Test
    void neighboursThatSomeEyesConfuseAreNamedOnce() {
        Seeing seeing = of(HALVES, Moves.flood("olive", "a1", null), Moves.flood("moss", "a2", null));
        assertEquals(1, seeing.alike().size(), seeing.toString());
        assertFalse(seeing.alike().get(0).seen().isEmpty());
        assertTrue(of(HALVES, Moves.flood("navy", "a1", null), Moves.flood("lemon", "a2", null))
                .alike()
                .isEmpty());
    }

    @Test
    void faintWritingIsToldFromPlain() {
        Move faint = Moves.writing("lemon", "Hi", 9);
        Move plain = Moves.writing("navy", "Hi", 9);
        assertEquals(
                List.of(true),
                of(Moves.flood("white"), faint).writing().stream()
                        .map(Seeing.Contrast::faint)
                        .toList());
        Seeing.Contrast seen = of(Moves.flood("white"), plain).writing().get(0);
        assertEquals("white", seen.ground());
        assertFalse(seen.faint());
    }
}
