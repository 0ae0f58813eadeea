package kindthimble.core.kitchen;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

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

    @Test
    void theHouseTellsThoseOfNineMillimetres() {
        assertEquals(1.2, grams(HOUSE, PieceKind.ROSETTE, "star", 9), 1e-12);
        assertEquals(8 * 1.2, grams(HOUSE, PieceKind.ROSETTE, "star", 18), 1e-12, "twice as large all ways");
        assertEquals(2 * 1.2, grams(HOUSE, PieceKind.LEAF, "leaf", 18), 1e-12, "a leaf grows one way");
    }

    @Test
    void whatIsWeighedCountsByKindThenTipThenSize() {
        ShopSettings shop = weighed(
                new PieceWeight(PieceKind.ROSETTE, "star", 10, 2),
                new PieceWeight(PieceKind.ROSETTE, "star", 20, 12),
                new PieceWeight(PieceKind.ROSETTE, "5", 12, 3),
                new PieceWeight(PieceKind.LEAF, "leaf", 10, 0.4));
        assertEquals(2, grams(shop, PieceKind.ROSETTE, "star", 10), 1e-12);
        assertEquals(2 * 1.1 * 1.1 * 1.1, grams(shop, PieceKind.ROSETTE, "star", 11), 1e-12);
        assertEquals(12 * 0.9 * 0.9 * 0.9, grams(shop, PieceKind.ROSETTE, "star", 18), 1e-12, "20 is nearer than 10");
        assertEquals(3, grams(shop, PieceKind.ROSETTE, "5", 12), 1e-12, "its own tip, however far in size");
        assertEquals(2, grams(shop, PieceKind.ROSETTE, "petal", 10), 1e-12, "of another tip, where none of its own is");
        assertEquals(0.6, grams(shop, PieceKind.LEAF, "leaf", 15), 1e-12);
        assertEquals(1.2, grams(shop, PieceKind.FLOWER, "petal", 9), 1e-12, "none weighed: the house's");
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
                List.of("2", "leaf", "petal", "star"),
                told.tips().stream().map(Tip::name).toList());
        assertEquals(HOUSE.tips(), HOUSE.with(HOUSE.habits()).tips());
    }
}
