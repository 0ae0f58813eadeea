package kindthimble.core.pour;

import static kindthimble.core.pour.Wanted.HOUSE;
import static kindthimble.core.pour.Wanted.colour;
import static kindthimble.core.pour.Wanted.demand;
import static kindthimble.core.pour.Wanted.portion;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import kindthimble.core.bench.TopUp;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Consistency;
import kindthimble.core.icing.Flavour;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/** A bowl with an ingredient of its own: held to the proportion of sugar and water, which knows nothing of how it is worked out. */
class FlavourTest {
    private static final Flavour COCOA = new Flavour("Cocoa", 8, 3, true);
    private static final Flavour LEMON = new Flavour("Lemon juice", 12, 91, false);
    private static final Demand BROWN = demand(colour("brown", portion(50, 40, "2"), portion(15, 120)));

    private static Pouring.Wishes wishes(Map<String, Flavour> flavours, Map<String, Double> gel, List<Jar> jars) {
        return new Pouring.Wishes(Set.of(), jars, gel, Map.of(), flavours);
    }

    private static Pour pour(Kitchen kitchen, Flavour flavour, Demand demand) {
        return new Pouring(kitchen, new Allowance.Flat(10), wishes(Map.of("brown", flavour), Map.of(), List.of()))
                .of(demand);
    }

    /** Sugar, and what stands beside it, to water: as in plain icing that counts the same. */
    @Test
    void comesToItsCountByTheSameProportion() {
        BaseRecipe base = HOUSE.recipe();
        for (Flavour flavour : List.of(COCOA, LEMON, new Flavour("Orange oil", 0.4, 0, false))) {
            for (Pour.Portion portion :
                    pour(HOUSE, flavour, BROWN).bowls().get(0).portions()) {
                double b = portion.baseGrams();
                double dry = portion.flavourGrams() * (1 - flavour.waterPercent() / 100);
                double wet = portion.flavourGrams() * flavour.waterPercent() / 100;
                assertEquals(b * flavour.percent() / 100, portion.flavourGrams(), 1e-9);
                assertEquals(
                        base.sugarPer100()
                                / (base.waterPer100()
                                        + base.curve().waterPer100Base(new Consistency(portion.countSeconds()))),
                        (b * base.sugarPer100() / 100 + portion.sugarGrams() + dry)
                                / (b * base.waterPer100() / 100 + portion.waterGrams() + wet),
                        1e-9,
                        flavour.name() + " at " + portion.countSeconds());
                assertEquals(
                        portion.cookiesGrams() + portion.spareGrams() + portion.keptGrams(),
                        portion.finishedGrams(),
                        1e-9);
            }
        }
        assertTrue(pour(HOUSE, LEMON, BROWN).balance().sugarGrams() > 0, "12 % of juice is too wet for 50 s");
        assertEquals(0, pour(HOUSE, COCOA, BROWN).balance().sugarGrams());
    }

    @Test
    void whatGoesInComesOut() {
        Pour pour = new Pouring(
                        HOUSE,
                        new Allowance.Flat(10),
                        wishes(Map.of("brown", COCOA), Map.of("brown", 0.01), List.of(new Jar("j", "brown", 50, 20))))
                .of(BROWN);
        assertEquals(pour.balance().inGrams(), pour.balance().outGrams(), 0.01);
        assertEquals(
                0.08 * pour.bowls().get(0).mixedGrams(), pour.balance().flavourGrams(), 1e-9, "the jar brings its own");
        List<MixingOrder.Step> steps = MixingOrder.of(pour, HOUSE);
        assertEquals(
                List.of(MixingOrder.Doing.MIX, MixingOrder.Doing.TINT, MixingOrder.Doing.FLAVOUR),
                steps.stream().limit(3).map(MixingOrder.Step::doing).toList());
        assertEquals(pour.balance().flavourGrams(), steps.get(2).grams(), 1e-9);
        assertEquals(
                Minutes.of(pour, Habits.HOUSE),
                steps.stream().mapToDouble(MixingOrder.Step::minutes).sum(),
                1e-9);
        assertEquals(
                List.of("Cocoa"),
                Shopping.of(pour, HOUSE, Map.of()).stream()
                        .filter(line -> Math.abs(line.needed() - pour.balance().flavourGrams()) < 1e-9)
                        .map(Shopping.ToBuy::name)
                        .toList());
    }

    @Test
    void isMadeAfreshAsItWas() {
        Pour.Bowl bowl = pour(HOUSE, COCOA, BROWN).bowls().get(0);
        Pour.Portion flood = bowl.portions().get(1);
        TopUp more = TopUp.of(40, 2, Making.of(bowl, flood, HOUSE));
        assertEquals(42, more.baseGrams() + more.waterGrams() + more.sugarGrams() + more.flavourGrams(), 1e-9);
        assertEquals(flood.flavourGrams() / flood.finishedGrams(), more.flavourGrams() / more.grams(), 1e-9);
    }

    /** White with a taste is no white for another bowl, and a jar of it goes nowhere else. */
    @Test
    void sharesNoBowlWithAnotherTaste() {
        Palette twins = new Palette(Map.of("plain", Lab.ofHex("#F6F6F0"), "lemon", Lab.ofHex("#F6F6F0")));
        Map<String, Flavour> flavours = Map.of("lemon", LEMON);
        Lab white = Lab.ofHex("#F6F6F0");
        assertEquals(Optional.of("plain"), Jar.bowlFor(white, null, twins, flavours, Habits.HOUSE));
        assertEquals(Optional.of("lemon"), Jar.bowlFor(white, "Lemon juice", twins, flavours, Habits.HOUSE));
        assertEquals(Optional.empty(), Jar.bowlFor(white, "Cocoa", twins, flavours, Habits.HOUSE));

        CommonBowls.Colour plain = new CommonBowls.Colour("w", "White", white, null, null, null);
        CommonBowls.Colour lemon = new CommonBowls.Colour("w", "White", white, null, null, LEMON);
        assertEquals(1, bowls(plain, plain));
        assertEquals(1, bowls(lemon, lemon));
        assertEquals(2, bowls(plain, lemon));
        assertEquals(List.of(true), namesakes(plain, lemon));
        assertEquals(List.of(), namesakes(plain, plain));

        Demand demand = demand(colour("plain", portion(15, 200)), colour("lemon", portion(15, 20)));
        Kitchen kitchen = HOUSE.with(twins);
        for (Map<String, Flavour> own : List.of(flavours, Map.<String, Flavour>of())) {
            Pour pour = new Pouring(kitchen, new Allowance.Flat(10), wishes(own, Map.of(), List.of())).of(demand);
            Pour joined = new Pouring(kitchen, new Allowance.Flat(10)).of(demand(colour("plain", portion(15, 220))));
            assertEquals(
                    own.isEmpty() ? 1 : 0,
                    Joining.of(pour, kitchen, (from, into) -> joined).size());
        }
    }

    private static List<Boolean> namesakes(CommonBowls.Colour one, CommonBowls.Colour other) {
        return common(one, other).namesakes().stream()
                .map(CommonBowls.Namesakes::tastesElse)
                .toList();
    }

    private static int bowls(CommonBowls.Colour one, CommonBowls.Colour other) {
        return common(one, other).bowls().size();
    }

    private static CommonBowls common(CommonBowls.Colour one, CommonBowls.Colour other) {
        return CommonBowls.of(
                List.of(
                        new CommonBowls.OfOrder("1", "One", List.of(one)),
                        new CommonBowls.OfOrder("2", "Two", List.of(other))),
                Habits.HOUSE);
    }

    @Test
    void isNeitherLetDownNorAMother() {
        Demand demand = demand(colour("navy", portion(15, 80)), colour("mist", portion(15, 80)));
        for (String flavoured : List.of("navy", "mist")) {
            Pouring.Wishes wishes = new Pouring.Wishes(
                    Set.of(),
                    List.of(),
                    Map.of("navy", 0.02, "mist", 0.005),
                    Map.of("mist", new Pouring.LetDown("navy", 0.25)),
                    Map.of(flavoured, COCOA));
            Pour pour = new Pouring(HOUSE, new Allowance.Flat(10), wishes).of(demand);
            assertNull(pour.bowls().get(1).letDown());
            assertEquals(0.005, pour.bowls().get(1).gelShare());
        }
    }

    /** Once mixing has begun, what tastes of something else serves nobody. */
    @Test
    void changedAfterMixingItIsMixedAgain() {
        Pour plain = new Pouring(HOUSE, new Allowance.Flat(10)).of(BROWN);
        Pour cocoa = pour(HOUSE, COCOA, BROWN);
        assertTrue(Difference.between(List.of(cocoa), cocoa).isNothing());
        Difference changed = Difference.between(List.of(plain), cocoa);
        Difference.OfColour brown = changed.colours().get(0);
        assertEquals(brown.missingGrams(), brown.tooMuchGrams(), 1e-6, "all of it once more, all of that for nothing");
        Pour more = changed.pouring(HOUSE).of(changed.missing());
        assertEquals(COCOA, more.bowls().get(0).flavour());
        assertTrue(Difference.between(List.of(plain, more), cocoa).isNothing(), "then nothing is missing");
    }

    @Test
    void aHandOfMinutesIsItsOwn() {
        double with = Minutes.of(pour(HOUSE, COCOA, BROWN), Habits.HOUSE);
        double without = Minutes.of(new Pouring(HOUSE, new Allowance.Flat(10)).of(BROWN), Habits.HOUSE);
        assertEquals(Habits.HOUSE.mean(Habit.FLAVOUR_MINUTES), with - without, 1e-9);
    }

    @Test
    void oddFlavoursAreRefusedByTheirField() {
        assertEquals(COCOA, new Flavour(" Cocoa ", 8, 3, true).checked("f"));
        assertEquals(30, new Flavour("Cocoa", 30, 100, true).checked("f").percent());
        assertEquals("f.percent", field(new Flavour("Cocoa", 30.1, 3, true)));
        assertEquals("f.percent", field(new Flavour("Cocoa", 0, 3, true)));
        assertEquals("f.percent", field(new Flavour("Cocoa", Double.NaN, 3, true)));
        assertEquals("f.waterPercent", field(new Flavour("Cocoa", 8, 101, true)));
        assertEquals("f.name", field(new Flavour(" ", 8, 3, true)));
        assertEquals("f.name", field(new Flavour("c".repeat(41), 8, 3, true)));
        Flavour.OFFERED.forEach(one -> assertEquals(one, one.checked("f")));
    }

    private static String field(Flavour flavour) {
        return assertThrows(Refused.class, () -> flavour.checked("f")).field();
    }
}
