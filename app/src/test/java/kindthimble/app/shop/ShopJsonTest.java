package kindthimble.app.shop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindthimble.app.exchange.DesignJson;
import kindthimble.app.exchange.StoredJson;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.habit.Measured;
import kindthimble.core.kitchen.ShopSettings;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The shop as it stands in the database. */
class ShopJsonTest {
    private static final JsonMapper JSON =
            JsonMapper.builder().addModule(new DesignJson().coreRecords()).build();
    private final ShopJson shop = new ShopJson(new StoredJson(JSON));

    @Test
    void onlyWhatIsNotTheHousesIsKept() {
        ShopSettings own = ShopSettings.house().with(Habit.MARGIN_MM, 2).with(Habit.COUPLERS, 0);
        JsonNode document = JSON.readTree(shop.written(own));
        assertEquals(1, document.get("format").asInt());
        JsonNode habits = document.at("/settings/habits");
        assertEquals(2, habits.size(), habits.toString());
        assertEquals(2, habits.at("/MARGIN_MM/mean").asDouble());
        assertEquals("SHOP", habits.at("/MARGIN_MM/source").asString());
        assertEquals(own, shop.read(document.toString()));
    }

    @Test
    void whatWasLearntKeepsItsSpread() {
        ShopSettings learnt = ShopSettings.house()
                .with(Habits.HOUSE.with(Habit.LEAF_GRAMS, new Measured(0.62, 0.08, Measured.Source.LEARNT)));
        assertEquals(learnt, shop.read(shop.written(learnt)));
    }

    @Test
    void aHouseShopFollowsTheHouse() {
        JsonNode document = JSON.readTree(shop.written(ShopSettings.house()));
        assertTrue(document.at("/settings/habits").isEmpty());
        assertEquals(ShopSettings.house(), shop.read(document.toString()));
    }

    /** A document of an earlier version may lack what has been added since. */
    @Test
    void whatADocumentLacksIsTheHouses() {
        ShopSettings read = shop.read(
                "{\"format\": 1, \"settings\": {\"detail\": \"HALF_DRY\", \"filling\": \"DIP\", \"recipe\": \"x\", \"measures\": \"GRAMS\"}}");
        assertEquals(Habits.HOUSE, read.habits());
        assertEquals("flood", read.words().flood());
        assertTrue(read.tips().isEmpty());
    }
}
