package kindthimble.core.kitchen;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import kindthimble.core.colour.Palette;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.KitchenWords;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

class ShopSettingsTest {
    private static final ShopSettings HOUSE = ShopSettings.house();

    private static ShopSettings tips(Tip... tips) {
        return new ShopSettings(
                HOUSE.habits(),
                HOUSE.detail(),
                HOUSE.filling(),
                HOUSE.recipe(),
                HOUSE.measures(),
                null,
                null,
                List.of(tips));
    }

    private static Refused refused(ShopSettings settings) {
        return assertThrows(Refused.class, settings::check);
    }

    @Test
    void houseIsInOrder() {
        HOUSE.check();
        assertEquals(KitchenWords.HOUSE, tips().words());
        assertEquals(
                Habits.HOUSE,
                new ShopSettings(null, HOUSE.detail(), HOUSE.filling(), "x", HOUSE.measures(), null, null, null)
                        .habits());
    }

    @Test
    void whatIsWrongIsSaidWithItsPlace() {
        assertEquals(
                "habits.MARGIN_MM.mean",
                refused(HOUSE.with(Habit.MARGIN_MM, 21)).field());
        assertEquals(
                "tips[1].name",
                refused(tips(new Tip("1", 0.8), new Tip("1", 1.2))).field());
        assertEquals("tips[0].name", refused(tips(new Tip(" ", 0.8))).field());
        assertEquals("tips[0].name", refused(tips(new Tip("x".repeat(21), 0.8))).field());
        assertEquals("tips[0].openingMm", refused(tips(new Tip("1", 0.2))).field());
        assertEquals("tips[0].owned", refused(tips(new Tip("1", 0.8, 0))).field());
    }

    @Test
    void mixersLeastIsNoMoreThanItsMost() {
        ShopSettings small = HOUSE.with(Habit.MIXER_MOST_GRAMS, 300);
        small.check();
        assertEquals(
                "habits.MIXER_LEAST_GRAMS.mean",
                refused(small.with(Habit.MIXER_LEAST_GRAMS, 301)).field());
    }

    /** A tip that was put away is still what designs take that name it; one that never was is refused with those there are. */
    @Test
    void tipsThatWerePutAwayAreStillKnown() {
        ShopSettings own = tips(new Tip("1", 0.9), new Tip("fine", 0.5));
        assertEquals(0.9, own.tip("1").openingMm(), "the shop's, not the house's");
        assertEquals(1.2, own.tip("2").openingMm(), "the house's");
        Refused none = assertThrows(Refused.class, () -> own.tip("99"));
        assertEquals("The shop has no tip 99. It has 1, fine, leaf, petal, star, ruffle.", none.getMessage());
    }

    @Test
    void orderAndDesignOverruleTheShop() {
        Kitchen shop = Kitchen.of(HOUSE, HouseRecipes.MERINGUE_POWDER, null, Palette.UNKNOWN, null);
        assertEquals(15, shop.mean(Habit.FLOOD_COUNT_SECONDS));
        assertEquals(Filling.WALL_AND_FLOOD, shop.filling());
        Kitchen order = Kitchen.of(HOUSE, HouseRecipes.MERINGUE_POWDER, 12.0, Palette.UNKNOWN, Filling.DIP);
        assertEquals(12, order.mean(Habit.FLOOD_COUNT_SECONDS));
        assertEquals(Filling.DIP, order.filling());
        Kitchen design =
                order.with(Habit.MARGIN_MM, 3.0).with((Filling) null).with(Habit.SPREAD_PERCENT, (Double) null);
        assertEquals(3, design.mean(Habit.MARGIN_MM));
        assertEquals(Filling.DIP, design.filling());
        assertEquals(12, design.mean(Habit.FLOOD_COUNT_SECONDS));
        assertEquals(1.5, HOUSE.mean(Habit.MARGIN_MM), "the shop stays as it is");
    }
}
