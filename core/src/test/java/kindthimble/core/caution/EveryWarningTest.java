package kindthimble.core.caution;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.FigureForm;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.design.Measuring;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.move.Dip;
import kindthimble.core.move.Division;
import kindthimble.core.move.Wait;
import kindthimble.core.testing.Kitchens;
import kindthimble.core.testing.Moves;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every warning stands on a design that has the fault, not on the same without it, and goes with its press. */
class EveryWarningTest {
    private static final Palette PALETTE = new Palette(Map.of(
            "white", Lab.ofHex("#F6F6F0"),
            "rose", Lab.ofHex("#E8A0B4"),
            "navy", Lab.ofHex("#2A3E6C")));
    private static final Measuring MEASURING = new Measuring(Kitchens.of(ShopSettings.house(), 15, PALETTE));

    private static Stream<CautionCases.Case> all() {
        return Stream.concat(CautionCases.all(), NearMisses.all());
    }

    private static List<Caution> of(Design design, String says) {
        return MEASURING.measure(design).cautions().stream()
                .filter(caution -> caution.sentence().contains(says))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("all")
    void standsOnTheFaultAndGoesWithItsPress(CautionCases.Case one) {
        List<Caution> found = of(one.faulty(), one.says());
        assertTrue(
                !found.isEmpty(),
                () -> "not found: "
                        + MEASURING.measure(one.faulty()).cautions().stream()
                                .map(Caution::sentence)
                                .toList());
        assertEquals(List.of(), of(one.faultless(), one.says()), "stands on faultless work");
        Caution first = found.get(0);
        if (one.press() == null) {
            assertNull(first.press());
            return;
        }
        assertNotNull(first.press(), first.sentence());
        assertTrue(first.press().contains(one.press()), first.press());
        Design after = new Design(
                Design.FORMAT,
                one.faulty().name(),
                one.faulty().cutter(),
                one.faulty().spreadPercent(),
                first.marginMm() == null ? one.faulty().marginMm() : first.marginMm(),
                null,
                null,
                first.moves());
        assertTrue(of(after, one.says()).size() < found.size(), "the press leaves it");
    }

    /** Of warnings there are as many kinds as are listed, and one design after another brings them all up. */
    @Test
    void everyWarningHasACase() {
        List<String> seen = new ArrayList<>();
        all().flatMap(one -> MEASURING.measure(one.faulty()).cautions().stream())
                .map(Caution::kind)
                .distinct()
                .forEach(seen::add);
        assertTrue(seen.size() >= Cautions.COUNT, seen.toString());
    }

    /** What is shown of a warning: where it is, in a ring that can be seen and hides little. */
    @Test
    void ringsAreOnTheCookieAndOfAFairSize() {
        all().forEach(one -> MEASURING.measure(one.faulty()).cautions().forEach(caution -> {
            assertTrue(caution.radiusMm() >= 3 && caution.radiusMm() <= 9, caution.sentence());
            assertTrue(
                    MEASURING
                            .measure(one.faulty())
                            .baked()
                            .covers(caution.at().x(), caution.at().y()),
                    caution.sentence());
        }));
    }

    @Test
    void dippedCookiesHaveNoOutlineToWarnOf() {
        Dip dip = Moves.dip("white");
        assertEquals(
                List.of(),
                MEASURING
                        .measure(CautionCases.on(new FigureForm.Cloud(), 95, dip))
                        .cautions());
    }

    /** A wall, a flood and six dots: nothing can be said against that. */
    @Test
    void faultlessCookiesWearNoWarning() {
        Design plain = Moves.round(80, null, Moves.outline("white"), CautionCases.WHITE, CautionCases.dots(6, 4.0));
        Design wheel = Moves.round(
                90,
                null,
                new Division.Spokes("a", null, 6, null, null, null),
                Moves.outline("white"),
                Moves.flood("white", "a-odd", null),
                Moves.flood("rose", "a-even", null),
                CautionCases.line("rose", Wait.DRY_THROUGH));
        for (Design design : List.of(plain, wheel)) {
            assertEquals(
                    List.of(),
                    MEASURING.measure(design).cautions().stream()
                            .filter(Caution::isWarning)
                            .map(Caution::sentence)
                            .toList());
        }
    }

    /** What a press says that it changes is what it changes. */
    @Test
    void aPressSaysWhatItChanges() {
        Design faulty = CautionCases.card(CautionCases.loose(2));
        Cookie before = MEASURING.measure(faulty);
        Caution caution = before.cautions().stream()
                .filter(one -> "Outline it first".equals(one.press()))
                .findFirst()
                .orElseThrow();
        Cookie after = MEASURING.measure(Moves.with(faulty, caution.moves()));
        assertEquals(
                after.grams(HouseRecipes.MERINGUE_POWDER) - before.grams(HouseRecipes.MERINGUE_POWDER),
                caution.effect().grams(),
                1e-9);
        assertEquals(
                after.handSeconds() - before.handSeconds(), caution.effect().handSeconds(), 1e-9);
        assertEquals(1, caution.effect().warningsBefore() - caution.effect().warningsAfter());
    }
}
