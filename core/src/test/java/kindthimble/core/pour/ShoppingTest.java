package kindthimble.core.pour;

import static kindthimble.core.pour.Wanted.HOUSE;
import static kindthimble.core.pour.Wanted.colour;
import static kindthimble.core.pour.Wanted.portion;
import static kindthimble.core.pour.Wanted.pour;
import static kindthimble.core.pour.Wanted.with;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Supply;
import org.junit.jupiter.api.Test;

/** What is bought: whole packs, and the shelf first. */
class ShoppingTest {
    @Test
    void packsAreWholeAndTheShelfComesFirst() {
        Pour pour = pour(HOUSE, colour("rose", portion(15, 900)));
        Map<String, Double> shelf = new HashMap<>(Map.of("icing sugar", 100.0, "bags", 1.0));
        Map<String, Shopping.ToBuy> lines = new HashMap<>();
        Shopping.of(pour, HOUSE, shelf).forEach(line -> lines.put(line.name(), line));
        Shopping.ToBuy sugar = lines.get("icing sugar");
        double needed = pour.batches().get(0).weighed().get(0).grams();
        assertEquals(needed, sugar.needed(), 1e-9);
        assertEquals(needed - 100, sugar.missing(), 1e-9);
        assertEquals(Math.ceil((needed - 100) / 1000), sugar.packs(), 1e-9);
        assertEquals(2.4 * sugar.packs(), sugar.cost(), 1e-9);
        assertEquals(null, lines.get("water"));
        Shopping.ToBuy large = lines.get("large bags");
        assertEquals(4, large.needed(), "900 g in bags of 244");
        assertEquals(1, large.packs());
        assertTrue(large.unpriced());
    }

    private static List<Shopping.ToBuy> packed(Kitchen kitchen, Packaging... orders) {
        return Shopping.packaging(List.of(orders), Map.of(), kitchen.habits());
    }

    private static Packaging thirteen(Kitchen kitchen) {
        return Packaging.of(13, 14, List.of(), kitchen.habits());
    }

    @Test
    void boxesGoByCookiesAndNoneIsAllowed() {
        assertEquals(3, named(packed(HOUSE, thirteen(HOUSE)), "boxes").needed(), "13 in boxes of six");
        assertEquals(3, named(packed(HOUSE, thirteen(HOUSE)), "tags").needed());
        assertEquals(14, named(packed(HOUSE, thirteen(HOUSE)), "cookie bags").needed());
        Kitchen two = with(Habit.COOKIES_PER_BOX, 2);
        assertEquals(7, named(packed(two, thirteen(two)), "boxes").needed());
        Kitchen none = with(Habit.COOKIES_PER_BOX, 0);
        assertTrue(packed(none, thirteen(none)).stream()
                .noneMatch(line -> line.name().equals("boxes")));
        assertEquals(13, named(packed(none, thirteen(none)), "tags").needed(), "one on each bag");
        assertEquals(
                1,
                named(packed(with(Habit.BOXES_IN_A_PACK, 3), thirteen(HOUSE)), "boxes")
                        .packs());
        assertEquals(
                3,
                named(packed(with(Habit.BOXES_IN_A_PACK, 1), thirteen(HOUSE)), "boxes")
                        .packs());
    }

    /** Eight cookies each: two boxes for the one order and two for the other, not three for sixteen. */
    @Test
    void ordersThatAreMixedTogetherShareNoBox() {
        Packaging eight = Packaging.of(8, 9, List.of(), HOUSE.habits());
        assertEquals(4, named(packed(HOUSE, eight, eight), "boxes").needed());
        assertEquals(18, named(packed(HOUSE, eight, eight), "cookie bags").needed());
    }

    /** What went off the shelf for it already is not bought once more; what is left of the need still is. */
    @Test
    void whatWasTakenIsNotBoughtAgain() {
        List<Shopping.ToBuy> lines = packed(HOUSE, thirteen(HOUSE));
        List<Shopping.ToBuy> rest = Shopping.less(lines, Map.of("boxes", 2.0, "tags", 3.0), Map.of());
        assertEquals(1, named(rest, "boxes").needed());
        assertTrue(rest.stream().noneMatch(line -> line.name().equals("tags")));
        assertEquals(14, named(rest, "cookie bags").needed());
        assertEquals(lines, Shopping.less(lines, Map.of(), Map.of()));
    }

    private static Shopping.ToBuy named(List<Shopping.ToBuy> lines, String name) {
        return lines.stream()
                .filter(line -> line.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void suppliesAreCountedAsTheyAreBought() {
        List<Supply> supplies = List.of(
                new Supply(Supply.Sort.PEARLS, "rose", 41.2),
                new Supply(Supply.Sort.MARKER, "navy", 61),
                new Supply(Supply.Sort.FILM, null, 530),
                new Supply(Supply.Sort.DUST, "rose", 0.111));
        List<Double> needed = new ArrayList<>();
        Shopping.supplies(
                        supplies, Map.of("pearls, Rose", 10.0), key -> key.equals("rose") ? "Rose" : key, Habits.HOUSE)
                .forEach(line -> needed.add(line.needed()));
        assertEquals(List.of(42.0, 2.0, 2.0, 0.2), needed, "whole pearls, markers and sheets, tenths of a gram");
        Shopping.ToBuy pearls = Shopping.supplies(supplies, Map.of("pearls, rose", 10.0), key -> key, Habits.HOUSE)
                .get(0);
        assertEquals(32, pearls.missing(), 1e-9);
        assertEquals(
                1,
                Shopping.supplies(supplies, Map.of(), key -> key, Habits.HOUSE.with(Habit.MARKER_METRES, 61))
                        .get(1)
                        .needed());
    }

    @Test
    void whatIsToBuyStandsFirst() {
        Shopping.ToBuy there = new Shopping.ToBuy("a", Shopping.Measure.GRAMS, 5, 10, 0, 0, null);
        Shopping.ToBuy lacking = new Shopping.ToBuy("b", Shopping.Measure.GRAMS, 15, 10, 0, 0, null);
        assertEquals(List.of(lacking, there), Shopping.toBuyFirst(List.of(there, lacking)));
        assertTrue(!there.unpriced() && lacking.unpriced());
        assertEquals(0, there.missing());
    }

    @Test
    void gelsAreBoughtByTheBottle() {
        Map<String, Shopping.Bottle> bottles = Map.of(
                "navy", new Shopping.Bottle("Navy", 12, 250, 4.6), "rose", new Shopping.Bottle("Rose", 90, 250, null));
        List<Shopping.ToBuy> lines =
                Shopping.gels(new TreeMap<>(Map.of("navy", 40.0, "rose", 40.0, "sky", 3.0)), bottles);
        assertEquals(1, named(lines, "Navy gel").packs());
        assertEquals(4.6, named(lines, "Navy gel").cost(), 1e-9);
        assertEquals(0, named(lines, "Rose gel").packs());
        assertTrue(!named(lines, "Rose gel").unpriced());
        assertTrue(named(lines, "sky gel").unpriced(), "no such bottle is on the shelf");
    }

    /** Of 1,000 g on the shelf 800 go to an order before: 500 more take 300, a pack. */
    @Test
    void whatEarlierOrdersTakeIsNotThere() {
        Shopping.ToBuy sugar = new Shopping.ToBuy("sugar", Shopping.Measure.GRAMS, 500, 1000, 250, 0, 2.0);
        Shopping.ToBuy after =
                Shopping.after(List.of(sugar), Map.of("sugar", 800.0)).get(0);
        assertEquals(800, after.before());
        assertEquals(300, after.missing());
        assertEquals(2, after.packs());
        assertEquals(4.0, after.cost());
        assertEquals(
                1000,
                Shopping.after(List.of(sugar), Map.of("sugar", 5000.0)).get(0).before(),
                "no more than is there");
        assertEquals(
                sugar, Shopping.after(List.of(sugar), Map.of("flour", 800.0)).get(0));
    }
}
