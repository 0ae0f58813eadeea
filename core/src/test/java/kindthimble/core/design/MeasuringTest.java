package kindthimble.core.design;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.geometry.Across;
import kindthimble.core.move.Dot;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Line;
import kindthimble.core.move.Move;
import kindthimble.core.move.Outline;
import kindthimble.core.shop.HouseDefaults;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The worked case of docs/craft.md: a round of 80 mm with a margin of 3 mm. */
class MeasuringTest {
    private static final Flood FLOOD = new Flood("poppy", null, null, null, null, null);
    private static final Outline OUTLINE = new Outline("poppy", null, null, null, null);

    private final Measuring measuring = new Measuring(HouseDefaults.shop(), 15);

    private static Design round(double sizeMm, Double marginMm, Move... moves) {
        return new Design(
                1, "Round", new Cutter(new BasicForm.Round(), Across.WIDTH, sizeMm), null, marginMm, List.of(moves));
    }

    @Test
    void outlineAndFloodOfTheWorkedRound() {
        Cookie cookie = measuring.measure(round(80, 3.0, OUTLINE, FLOOD));
        assertEquals(4488.8, cookie.iced().areaMm2(), 0.1);
        assertEquals(233.7, cookie.marks().get(0).mark().lengthMm(), 0.05);
        assertEquals(264.3, cookie.marks().get(0).mark().volumeMm3(), 0.1);
        assertEquals(8883.4 - 264.3, cookie.marks().get(1).mark().volumeMm3(), 1);
        assertEquals(0.3427, cookie.marks().get(0).mark().grams(HouseDefaults.MERINGUE_POWDER), 0.0002);
        assertEquals(11.547, cookie.marks().get(1).mark().grams(HouseDefaults.MERINGUE_POWDER), 0.002);
    }

    @Test
    void halfOfEachWetDotSinksIn() {
        Cookie cookie = measuring.measure(round(80, 3.0, FLOOD, new Dot("white", 6, 5, null, null, null, null)));
        assertEquals(119.3, cookie.marks().get(1).mark().volumeMm3(), 0.1);
        assertTrue(cookie.cautions().isEmpty());
    }

    @Test
    void marginOfTheCutterCountsAboutEightPercentAtEightyMillimetres() {
        double narrow =
                measuring.measure(round(80, 1.5, FLOOD)).marks().get(0).mark().volumeMm3();
        double wide =
                measuring.measure(round(80, 3.0, FLOOD)).marks().get(0).mark().volumeMm3();
        assertEquals(1.08, narrow / wide, 0.005);
    }

    @Test
    void raisedLineRunsHalfABeadInsideTheEdge() {
        Cookie cookie = measuring.measure(round(80, 3.0, FLOOD, new Line("coal", "1", null, null, null)));
        assertEquals(2 * Math.PI * (37.8 - 0.4), cookie.marks().get(1).mark().lengthMm(), 0.05);
    }

    @Test
    void movesInAnOddOrderAreMeasuredButSaid() {
        Cookie cookie =
                measuring.measure(round(80, null, new Dot("white", 3, 4, null, null, null, null), FLOOD, OUTLINE));
        assertEquals(
                List.of("Move it behind the flood", "Move it up"),
                cookie.cautions().stream()
                        .map(Cookie.Caution::press)
                        .filter(Objects::nonNull)
                        .toList());
        // One press after the other puts it right.
        Cookie once =
                measuring.measure(withMoves(cookie, cookie.cautions().get(0).moves()));
        Cookie twice = measuring.measure(withMoves(
                once,
                once.cautions().stream()
                        .filter(caution -> caution.press() != null)
                        .findFirst()
                        .orElseThrow()
                        .moves()));
        assertTrue(twice.cautions().stream().allMatch(caution -> caution.press() == null));
    }

    private static Design withMoves(Cookie cookie, List<Move> moves) {
        Design d = cookie.design();
        return new Design(d.format(), d.name(), d.cutter(), d.spreadPercent(), d.marginMm(), moves);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-1, 0, 9.9, 300.1, 1e9, Double.NaN, Double.POSITIVE_INFINITY})
    void absurdCuttersAreRefusedByName(double sizeMm) {
        Refused refused = assertThrows(Refused.class, () -> measuring.measure(round(sizeMm, null, FLOOD)));
        assertEquals("cutter.sizeMm", refused.field());
    }

    @Test
    void whatDoesNotFitIsRefusedWithWhatToDo() {
        Refused margin = assertThrows(Refused.class, () -> measuring.measure(round(80, 41.0, FLOOD)));
        assertEquals("marginMm", margin.field());
        assertTrue(margin.getMessage().contains("smaller"));
        Refused dot = assertThrows(
                Refused.class,
                () -> measuring.measure(round(20, null, FLOOD, new Dot("white", 1, 40, null, null, null, null))));
        assertEquals("moves[1].diameterMm", dot.field());
        Refused crowd = assertThrows(
                Refused.class,
                () -> measuring.measure(round(30, null, FLOOD, new Dot("white", 200, 10, null, null, null, null))));
        assertEquals("moves[1].pieces", crowd.field());
        Refused tip = assertThrows(
                Refused.class, () -> measuring.measure(round(80, null, new Outline("a", "99", null, null, null))));
        assertEquals("moves[0].tip", tip.field());
    }
}
