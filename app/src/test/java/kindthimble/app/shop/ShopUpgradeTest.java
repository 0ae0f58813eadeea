package kindthimble.app.shop;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A shop of before its figures had names: what it had set is its own, and all else follows the house. */
class ShopUpgradeTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.on(
            "/before-one-mixing.sql",
            "insert into shop (id, version, spread_percent, margin_mm, flood_count_seconds, breakage_percent, bag_fill_grams,"
                    + " tipped_bag_keeps_grams, tipless_bag_keeps_grams, bowl_keeps_grams, mixer_keeps_grams, mixer_least_grams,"
                    + " mixer_most_grams, cookie_variation_percent, day_variation_percent, couplers, leaf_grams, detail, filling,"
                    + " measures, word_flood) values (1, 3, 2, 2.5, 15, 5, 120, 8, 6, 5, 15, 300, 2000, 12, 8, 1, 0.61, 'HALF_DRY',"
                    + " 'NO_OUTLINE', 'GRAMS_AND_SPOONS', 'runny')",
            "insert into shop_tip values (1, 0, '1', 0.9, 5), (1, 1, '2', 1.2, 2)");

    @Test
    void itsFiguresAreItsOwn() {
        JsonNode settings = APP.get("/api/shop").body().get("settings");
        List<String> own = new ArrayList<>();
        settings.get("habits").properties().forEach(figure -> {
            if (figure.getValue().get("source").asString().equals("SHOP")) {
                own.add(figure.getKey() + " " + figure.getValue().get("mean").asDouble());
            }
        });
        assertEquals(List.of("MARGIN_MM 2.5", "LEAF_GRAMS 0.61", "COUPLERS 1.0", "MIXER_MOST_GRAMS 2000.0"), own);
        assertEquals(0.15, settings.at("/habits/LEAF_GRAMS/spread").asDouble());
        assertEquals("HALF_DRY", settings.get("detail").asString());
        assertEquals("NO_OUTLINE", settings.get("filling").asString());
        assertEquals("GRAMS_AND_SPOONS", settings.get("measures").asString());
        assertEquals("runny", settings.at("/words/flood").asString());
        assertEquals(
                List.of("1", "2", "leaf", "petal", "star", "ruffle"),
                settings.get("tips").findValuesAsString("name"),
                "its own, and those for pieces, of which it could not tell before");
        assertEquals(0.9, settings.at("/tips/0/openingMm").asDouble());
        assertEquals(5, settings.at("/tips/0/owned").asInt());
        assertEquals(1.2, settings.at("/tips/1/openingMm").asDouble());
    }
}
