package kindthimble.app.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindthimble.app.exchange.DesignJson;
import kindthimble.app.exchange.StoredJson;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Measured;
import kindthimble.core.kitchen.DetailSchool;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** Frozen plans of earlier formats, brought up to today's. */
class FrozenJsonTest {
    private static final JsonMapper JSON =
            JsonMapper.builder().addModule(new DesignJson().coreRecords()).build();
    private final FrozenJson frozen = new FrozenJson(new StoredJson(JSON));

    private static final String SHOP = """
            {"marginMm": 2.5, "floodCountSeconds": 12, "couplers": 1, "ruffleGramsPerCm": 0.5, "cookieVariationPercent": 10,
             "bagFillGrams": 100, "detail": "HALF_DRY", "filling": "WALL_AND_FLOOD", "recipe": "meringue-powder",
             "measures": "GRAMS", "tips": [{"name": "1", "openingMm": 0.9, "owned": 2}]}""";
    private static final String RECIPE = """
            {"key": "m", "name": "M", "ingredients": [{"name": "sugar", "role": "SUGAR", "grams": 100, "allergens": []}],
             "curve": {"ownCountSeconds": 80, "perGram": 0.23}, "caution": ""}""";

    private Frozen read(String format, String orders) {
        return frozen.read(
                "{%s \"shop\": %s, \"recipe\": %s, %s, \"pour\": null, \"tints\": {}, \"gels\": {}}"
                        .formatted(format, SHOP, RECIPE, orders),
                7);
    }

    @Test
    void figuresOfFormat2AreThoseOfTheShopOfThen() {
        Frozen read = read("\"format\": 2,", "\"orders\": []");
        assertEquals(Frozen.FORMAT, read.format());
        assertEquals(2.5, read.shop().mean(Habit.MARGIN_MM));
        assertEquals(12, read.shop().mean(Habit.FLOOD_COUNT_SECONDS));
        assertEquals(1, read.shop().pieces(Habit.COUPLERS));
        assertEquals(0.5, read.shop().mean(Habit.RUFFLE_GRAMS_PER_CM));
        assertEquals(10, read.shop().mean(Habit.COOKIE_VARIATION_PERCENT));
        assertEquals(100, read.shop().mean(Habit.BAG_FILL_GRAMS));
        assertEquals(
                Measured.Source.SHOP,
                read.shop().habits().all().get(Habit.MARGIN_MM).source());
        assertEquals(50, read.shop().mean(Habit.PIPING_SECONDS), "what it did not know was the house's");
        assertEquals(DetailSchool.HALF_DRY, read.shop().detail());
        assertEquals(0.9, read.shop().tip("1").openingMm());
    }

    @Test
    void format1HadOneOrder() {
        Frozen read = read("", "\"details\": {\"name\": \"Kites\", \"palette\": []}, \"designs\": []");
        assertEquals(1, read.orders().size());
        assertEquals(7, read.orders().get(0).id());
        assertEquals("Kites", read.orders().get(0).details().name());
        assertEquals(2.5, read.shop().mean(Habit.MARGIN_MM));
    }

    @Test
    void todaysComesBackWithEveryFigure() {
        Frozen read = read("\"format\": 2,", "\"orders\": []");
        String written = frozen.written(read);
        assertTrue(
                written.contains("\"PIPING_SECONDS\":{\"mean\":50.0"), "the house's too: it may say otherwise one day");
        assertEquals(read, frozen.read(written, 7));
    }
}
