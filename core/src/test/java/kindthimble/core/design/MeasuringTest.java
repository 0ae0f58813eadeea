package kindthimble.core.design;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import kindthimble.core.caution.Caution;
import kindthimble.core.colour.Palette;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Outline;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The worked case of docs/craft.md: a round of 80 mm with a margin of 3 mm. */
class MeasuringTest {
    private static final Flood FLOOD = Moves.flood("poppy");
    private static final Outline OUTLINE = Moves.outline("poppy");

    private final Measuring measuring = new Measuring(Kitchens.of(ShopSettings.house(), 15, Palette.UNKNOWN));

    @Test
    void outlineAndFloodOfTheWorkedRound() {
        Cookie cookie = measuring.measure(Moves.round(80, 3.0, OUTLINE, FLOOD));
        assertEquals(4488.8, cookie.iced().areaMm2(), 0.1);
        assertEquals(233.7, cookie.marks().get(0).mark().lengthMm(), 0.05);
        assertEquals(264.3, cookie.marks().get(0).mark().volumeMm3(), 0.1);
        assertEquals(8883.4 - 264.3, cookie.marks().get(1).mark().volumeMm3(), 1);
        assertEquals(0.3427, cookie.marks().get(0).mark().grams(HouseRecipes.MERINGUE_POWDER), 0.0002);
        assertEquals(11.547, cookie.marks().get(1).mark().grams(HouseRecipes.MERINGUE_POWDER), 0.002);
    }

    @Test
    void halfOfEachWetDotSinksIn() {
        Cookie cookie = measuring.measure(Moves.round(80, 3.0, FLOOD, Moves.dots("white", 6, 5)));
        assertEquals(119.3, cookie.marks().get(1).mark().volumeMm3(), 0.1);
        assertTrue(cookie.cautions().isEmpty());
    }

    @Test
    void marginOfTheCutterCountsAboutEightPercentAtEightyMillimetres() {
        double narrow = measuring
                .measure(Moves.round(80, 1.5, FLOOD))
                .marks()
                .get(0)
                .mark()
                .volumeMm3();
        double wide = measuring
                .measure(Moves.round(80, 3.0, FLOOD))
                .marks()
                .get(0)
                .mark()
                .volumeMm3();
        assertEquals(1.08, narrow / wide, 0.005);
    }

    @Test
    void raisedLineRunsHalfABeadInsideTheEdge() {
        Cookie cookie = measuring.measure(Moves.round(80, 3.0, FLOOD, Moves.line("coal")));
        assertEquals(2 * Math.PI * (37.8 - 0.4), cookie.marks().get(1).mark().lengthMm(), 0.05);
    }

    @Test
    void oddOrderIsSaidAndEachPressPutsItRight() {
        Design design = Moves.round(80, null, Moves.dots("white", 3, 4), FLOOD, OUTLINE);
        for (String press : List.of("Put it behind its flood", "Move it up")) {
            Caution caution = caution(design, press).orElseThrow();
            design = Moves.with(design, caution.moves());
            assertTrue(caution(design, press).isEmpty());
        }
        assertEquals(
                List.of("Outline", "Flood", "Dot"),
                design.moves().stream()
                        .map(move -> move.getClass().getSimpleName())
                        .toList());
    }

    private Optional<Caution> caution(Design design, String press) {
        return measuring.measure(design).cautions().stream()
                .filter(caution -> press.equals(caution.press()))
                .findFirst();
    }

    @ParameterizedTest
    @ValueSource(doubles = {-1, 0, 9.9, 300.1, 1e9, Double.NaN, Double.POSITIVE_INFINITY})
    void absurdCuttersAreRefusedByName(double sizeMm) {
        Refused refused = assertThrows(Refused.class, () -> measuring.measure(Moves.round(sizeMm, null, FLOOD)));
        assertEquals("cutter.sizeMm", refused.field());
    }

    @Test
    void whatDoesNotFitIsRefusedWithWhatToDo() {
        Refused margin = assertThrows(Refused.class, () -> measuring.measure(Moves.round(80, 41.0, FLOOD)));
        assertEquals("marginMm", margin.field());
        assertTrue(margin.getMessage().contains("smaller"));
        Refused dot = assertThrows(
                Refused.class, () -> measuring.measure(Moves.round(20, null, FLOOD, Moves.dots("white", 1, 40))));
        assertEquals("moves[1].diameterMm", dot.field());
        Refused crowd = assertThrows(
                Refused.class, () -> measuring.measure(Moves.round(30, null, FLOOD, Moves.dots("white", 200, 10))));
        assertEquals("moves[1].pieces", crowd.field());
        Refused tip = assertThrows(
                Refused.class,
                () -> measuring.measure(Moves.round(80, null, new Outline("a", "99", null, null, null, null))));
        assertEquals("moves[0].tip", tip.field());
    }
}
