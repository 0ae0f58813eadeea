package kindthimble.core.kitchen;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindthimble.core.habit.Habit;
import kindthimble.core.mark.Pieces.PieceKind;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

/** What pieces weigh: by what the shop has weighed, and by the law of their growth. */
class PieceWeightTest {
    private static final ShopSettings HOUSE = ShopSettings.house();

    private static ShopSettings weighed(PieceWeight... rows) {
        return new ShopSettings(
                HOUSE.habits(),
                HOUSE.detail(),
                HOUSE.filling(),
                HOUSE.recipe(),
                HOUSE.measures(),
                HOUSE.customs(),
                HOUSE.words(),
                HOUSE.tips(),
                List.of(rows));
    }

    private static double grams(ShopSettings shop, PieceKind kind, String tip, double mm) {
        return shop.pieceGrams(kind, tip, mm, HOUSE.mean(Habit.ROSETTE_GRAMS));
    }

    /** Shapes of the craft, worked out by hand at 1.30 g/ml: within a hundredth of a gram of what the house says of 9 mm. */
    @Test
    void theHouseTellsThoseOfNineMillimetres() {
        assertEquals(0.20, house(PieceKind.STAR, "star", 9), 0.01);
        assertEquals(0.25, house(PieceKind.ROSETTE, "star", 9), 0.01);
        assertEquals(0.07, house(PieceKind.LEAF, "leaf", 9), 0.01);
        assertEquals(0.5, house(PieceKind.FLOWER, "petal", 16), 0.02, "five petals of 8 mm and their middle");
        assertEquals(
                5 * 8 * 7.2 * 0.7 * 1.8 * 0.0013 + Math.PI / 12 * Math.pow(4.8, 3) * 0.0013,
                house(PieceKind.FLOWER, "petal", 16),
                0.005);
        assertEquals(9 * 8 * 0.7 * 1.8 * 0.0013, house(PieceKind.PETAL, "petal", 9), 0.001);
        for (PieceKind kind : PieceKind.values()) {
            for (double mm : List.of(4.0, 9.0, 16.0, 30.0)) {
                double solid = Math.PI / 12 * mm * mm * mm * 0.0013;
                assertTrue(house(kind, "petal", mm) <= 1.01 * solid, kind + " of " + mm);
            }
        }
    }

    private static double house(PieceKind kind, String tip, double mm) {
        Habit habit = switch (kind) {
            case LEAF -> Habit.LEAF_GRAMS;
            case ROSETTE -> Habit.ROSETTE_GRAMS;
            case STAR -> Habit.STAR_GRAMS;
            case FLOWER -> Habit.FLOWER_GRAMS;
            case PETAL -> Habit.PETAL_GRAMS;
        };
        return HOUSE.pieceGrams(kind, tip, mm, HOUSE.mean(habit));
    }

    @Test
    void whatIsWeighedCountsByKindThenTipThenSize() {
        ShopSettings shop = weighed(
                new PieceWeight(PieceKind.ROSETTE, "star", 10, 2),
                new PieceWeight(PieceKind.ROSETTE, "star", 20, 12),
                new PieceWeight(PieceKind.ROSETTE, "5", 12, 3),
                new PieceWeight(PieceKind.LEAF, "leaf", 10, 0.4));
        assertEquals(2, grams(shop, PieceKind.ROSETTE, "star", 10), 1e-12);
        assertEquals(
                2 * 1.1 * 1.1 * 1.1, grams(shop, PieceKind.ROSETTE, "star", 11), 1e-9, "a small one is a half ball");
        assertEquals(
                12 * 13 / 15.0,
                grams(shop, PieceKind.ROSETTE, "star", 18),
                1e-9,
                "20 is nearer than 10; a rope of 5 mm, by its middle line");
        assertEquals(3, grams(shop, PieceKind.ROSETTE, "5", 12), 1e-12, "its own tip, however far in size");
        assertEquals(
                2,
                grams(shop, PieceKind.ROSETTE, "3", 10),
                2,
                "of another tip, where none of its own is: by its shape");
        assertEquals(0.6, grams(shop, PieceKind.LEAF, "leaf", 15), 1e-12);
        assertEquals(
                HOUSE.mean(Habit.ROSETTE_GRAMS),
                grams(shop, PieceKind.FLOWER, "petal", 9),
                1e-12,
                "none weighed: the house's");
    }

    @Test
    void aRowIsWholeAndOfATipThatThereIs() {
        weighed(new PieceWeight(PieceKind.STAR, "star", 8, 0.3)).check();
        assertField("weights[0].kind", new PieceWeight(null, "star", 8, 0.3));
        assertField("weights[0].tip", new PieceWeight(PieceKind.STAR, "gone", 8, 0.3));
        assertField("weights[0].tip", new PieceWeight(PieceKind.STAR, null, 8, 0.3));
        assertField("weights[0].sizeMm", new PieceWeight(PieceKind.STAR, "star", 0, 0.3));
        assertField("weights[0].grams", new PieceWeight(PieceKind.STAR, "star", 8, Double.NaN));
    }

    private static void assertField(String field, PieceWeight row) {
        assertEquals(
                field, assertThrows(Refused.class, () -> weighed(row).check()).field());
    }

    @Test
    void aShopThatToldOfRoundTipsOnlyHasTheHousesForPieces() {
        ShopSettings told = new ShopSettings(
                HOUSE.habits(),
                HOUSE.detail(),
                HOUSE.filling(),
                HOUSE.recipe(),
                HOUSE.measures(),
                HOUSE.customs(),
                HOUSE.words(),
                List.of(new Tip("2", 1.2)));
        assertEquals(
                List.of("2", "leaf", "petal", "star", "ruffle"),
                told.tips().stream().map(Tip::name).toList());
        assertEquals(HOUSE.tips(), HOUSE.with(HOUSE.habits()).tips());
    }
}
