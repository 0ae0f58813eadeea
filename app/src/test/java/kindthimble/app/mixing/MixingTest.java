package kindthimble.app.mixing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** From the demo orders to what is mixed, weighed and bagged. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class MixingTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static JsonNode mixing() {
        return APP.get("/api/orders/1/mixing").body();
    }

    private static double sum(JsonNode list, String field) {
        double sum = 0;
        for (JsonNode one : list) {
            sum += one.get(field).asDouble();
        }
        return sum;
    }

    private static Answer change(String from, String to) {
        JsonNode order = APP.get("/api/orders/1").body();
        String details = order.get("details").toString();
        assertTrue(details.contains(from), () -> from + " is not in " + details);
        return APP.change("/api/orders/1", "/details", details.replace(from, to));
    }

    @Test
    @Order(1)
    void twoOrdersShareTheirBowlsAndEachShareIsSeen() {
        JsonNode view = mixing();
        JsonNode pour = view.at("/pour/pour");
        assertEquals(
                pour.at("/balance/inGrams").asDouble(),
                pour.at("/balance/outGrams").asDouble(),
                0.01);
        long navy = 0;
        for (JsonNode colour : view.at("/pour/colours")) {
            navy += colour.get("name").asString().equals("Navy ink") ? 1 : 0;
        }
        assertEquals(1, navy, "navy of both orders is one bowl");
        double ofKites = 0;
        double ofTrain = 0;
        for (JsonNode bowl : pour.get("bowls")) {
            for (JsonNode portion : bowl.get("portions")) {
                for (JsonNode drink : portion.get("drinks")) {
                    boolean kite = false;
                    for (JsonNode design : view.at("/pour/designs")) {
                        kite |= design.get("design")
                                        .asString()
                                        .equals(drink.get("design").asString())
                                && design.get("order").asLong() == 1;
                    }
                    if (kite) {
                        ofKites += drink.get("grams").asDouble();
                    } else {
                        ofTrain += drink.get("grams").asDouble();
                    }
                }
            }
        }
        assertEquals(pour.at("/balance/cookiesGrams").asDouble(), ofKites + ofTrain, 1e-6);
        // Alone, the kites take just their share, whatever is mixed with them.
        JsonNode own = APP.get("/api/orders/1").body().at("/plan/own");
        assertEquals(ofKites, own.get("cookiesGrams").asDouble(), 1e-6);
        assertEquals(72, own.get("cookies").asInt());
        assertEquals(
                200, APP.call("DELETE", "/api/orders/1/mixing/with/2", null).status());
        assertEquals(ofKites, mixing().at("/pour/pour/balance/cookiesGrams").asDouble(), 1e-6);
        assertEquals(own, APP.get("/api/orders/1").body().at("/plan/own"));
        assertEquals(
                422, APP.call("DELETE", "/api/orders/1/mixing/with/2", null).status(), "parted already");
        assertEquals(200, APP.post("/api/orders/1/mixing/with/2", null).status());
        assertEquals(404, APP.post("/api/orders/1/mixing/with/999", null).status());
    }

    /** A mixing is one thing, from whichever of its orders it is looked at. */
    @Test
    @Order(1)
    void mixingIsTheSameFromBothOrders() {
        JsonNode kites = mixing();
        JsonNode train = APP.get("/api/orders/2/mixing").body();
        assertEquals(kites.at("/pour/pour/balance"), train.at("/pour/pour/balance"));
        assertEquals(kites.at("/pour/pour/batches"), train.at("/pour/pour/batches"));
        assertEquals(kites.get("shopping"), train.get("shopping"));
        assertEquals(kites.get("minutes"), train.get("minutes"));
        assertTrue(train.get("neighbours").get(0).get("mixed").asBoolean());
        // By the keys of the order that looks: its own palette's, and others with a number.
        JsonNode palette = APP.get("/api/orders/2").body().at("/details/palette");
        for (JsonNode colour : palette) {
            assertTrue(train.at("/pour/colours").toString().contains("\"key\":" + colour.get("key")), colour::toString);
        }
        // The gel of the balance is that of the recipes beside it, and the base of the work is that of the bowls.
        double gel = 0;
        for (JsonNode tint : kites.get("tints")) {
            gel += tint.path("recipe").path("gelGrams").asDouble(0);
        }
        assertEquals(gel, kites.at("/pour/pour/balance/gelGrams").asDouble(), 0.02);
        for (JsonNode bowl : kites.at("/pour/pour/bowls")) {
            JsonNode doses = kites.get("tints")
                    .path(bowl.get("colour").asString())
                    .path("recipe")
                    .path("doses");
            assertEquals(
                    doses.isArray() && doses.isEmpty(), bowl.get("untinted").asBoolean(), bowl::toString);
        }
        // Base and allowance are one for all of them.
        JsonNode order = APP.get("/api/orders/2").body();
        String details = order.get("details").toString().replace("\"risk\":0.02", "\"risk\":0.1");
        assertEquals(200, APP.change("/api/orders/2", "/details", details).status());
        assertEquals(
                0.1, APP.get("/api/orders/1").body().at("/details/extra/risk").asDouble());
        assertEquals(200, change("\"risk\":0.1", "\"risk\":0.02").status());
    }

    /** A name and a date cost no plan: the mixing of two orders asks the database no more when there are thirty beside them, before and after. */
    @Test
    @Order(1)
    void neighboursAreNotPlanned() {
        beside(0, 2);
        mixing();
        long before = APP.statements();
        mixing();
        long few = APP.statements() - before;
        beside(2, 30);
        mixing();
        before = APP.statements();
        JsonNode neighbours = mixing().get("neighbours");
        assertEquals(few, APP.statements() - before);
        assertEquals(32, neighbours.size());
        APP.store("delete from design where order_id > 2");
        APP.store("delete from palette_colour where order_id > 2");
        APP.store("delete from cookie_order where id > 2");
    }

    /** Orders with designs, every other one handed over before these. */
    private static void beside(int from, int to) {
        for (int i = from; i < to; i++) {
            JsonNode order = APP.post(
                            "/api/orders",
                            "{\"name\":\"Beside %d\",\"handOver\":\"2026-12-%02dT10:00:00\"}"
                                    .formatted(i, i % 2 == 0 ? 4 : 6))
                    .body();
            APP.store(
                    "insert into design (version, order_id, position, count, document) select 0, %s, position, count, document from design where order_id = 1"
                            .formatted(order.get("id")));
        }
    }

    /** Of one name and unlike, they are two bowls, and it is said. */
    @Test
    @Order(1)
    void coloursOfOneNameThatLookUnlikeAreTwoBowls() {
        int bowls = mixing().at("/pour/pour/bowls").size();
        assertEquals(0, mixing().at("/pour/namesakes").size());
        JsonNode order = APP.get("/api/orders/2").body();
        String was = order.get("details").toString();
        String hex = "";
        for (JsonNode colour : order.at("/details/palette")) {
            hex = colour.get("name").asString().equals("Navy ink")
                    ? colour.get("hex").asString()
                    : hex;
        }
        Answer changed = APP.change("/api/orders/2", "/details", was.replace(hex, "#7FA8D8"));
        assertEquals(200, changed.status());
        JsonNode two = mixing();
        assertEquals(bowls + 1, two.at("/pour/pour/bowls").size());
        assertEquals("Navy ink", two.at("/pour/namesakes/0/name").asString());
        assertTrue(
                two.at("/pour/colours").toString().contains("Navy ink (Night"),
                two.at("/pour/colours").toString());
        assertEquals(200, APP.change("/api/orders/2", "/details", was).status());
    }

    @Test
    @Order(2)
    void nearTwinIsJoinedAndParted() {
        JsonNode advice = mixing().get("advice").get(0);
        assertEquals("apricot", advice.get("from").asString());
        assertEquals("marigold", advice.get("into").asString());
        assertTrue(advice.get("deltaE").asDouble() < 5);
        JsonNode before = mixing().at("/pour/pour");
        String own = "\"hex\":\"#FFBA62\",\"apart\":null,\"joinedInto\":null";
        String joined = "\"hex\":\"#FFBA62\",\"apart\":null,\"joinedInto\":\"marigold\"";
        assertEquals(200, change(own, joined).status());
        JsonNode after = mixing().at("/pour/pour");
        assertEquals(before.get("bowls").size() - 1, after.get("bowls").size());
        double saved = before.at("/balance/inGrams").asDouble()
                - before.at("/balance/surplusGrams").asDouble()
                - after.at("/balance/inGrams").asDouble()
                + after.at("/balance/surplusGrams").asDouble();
        assertEquals(advice.get("gramsSaved").asDouble(), saved, 1e-6, "what was promised");
        Answer refused = change(joined, joined.replace("marigold", "mauve"));
        assertEquals(422, refused.status());
        assertTrue(refused.body().get("field").asString().endsWith("joinedInto"));
        assertEquals(200, change(joined, own).status());
    }

    @Test
    @Order(3)
    void jarThatFitsIsOfferedAndSubtracted() {
        JsonNode jar = mixing().get("jars").get(0);
        assertEquals("white", jar.get("bowl").asString());
        assertFalse(jar.get("taken").asBoolean());
        double before = mixing().at("/pour/pour/baseGrams").asDouble();
        JsonNode with =
                APP.post("/api/orders/1/mixing/jars/" + jar.at("/jar/id"), null).body();
        assertTrue(with.get("jars").get(0).get("taken").asBoolean());
        // 62 g at 15 s hold 62 / 1.07278 g of base.
        assertEquals(62 / 1.07278, before - with.at("/pour/pour/baseGrams").asDouble(), 0.01);
        assertEquals(62, with.at("/pour/pour/balance/jarsGrams").asDouble(), 1e-6);
        assertEquals(
                before,
                APP.call("DELETE", "/api/orders/1/mixing/jars/" + jar.at("/jar/id"), null)
                        .body()
                        .at("/pour/pour/baseGrams")
                        .asDouble(),
                1e-6);
        Answer wrong = APP.post(
                "/api/shelf/jars",
                "{\"name\": \"x\", \"hex\": \"#FFFFFF\", \"grams\": 0, \"countSeconds\": 15, \"recipe\": \"meringue-powder\", \"goodUntil\": \"2030-01-01\"}");
        assertEquals("grams", wrong.body().get("field").asString());
    }

    @Test
    @Order(6)
    void planIsKeptWhenMixingStartsAndChangesShowAgainstIt() {
        JsonNode started = APP.post("/api/orders/1/mixing/start", null).body();
        assertFalse(started.get("startedAt").isNull());
        assertEquals(0, started.at("/since/colours").size());
        assertEquals(0, started.get("additions").size());
        JsonNode frozen = started.at("/pour/pour");

        JsonNode kite = APP.get("/api/orders/1").body().at("/designs/0");
        assertEquals(
                200,
                APP.change("/api/orders/1", "/designs/" + kite.get("id") + "/count", 36)
                        .status());
        APP.restart();
        JsonNode now = mixing();
        assertEquals(frozen, now.at("/pour/pour"), "the plan stays as it was");
        JsonNode fromTheOther = APP.get("/api/orders/2/mixing").body();
        assertEquals(now.get("startedAt"), fromTheOther.get("startedAt"), "it has started for both");
        assertEquals(frozen.get("balance"), fromTheOther.at("/pour/pour/balance"));
        assertEquals(now.at("/since/more"), fromTheOther.at("/since/more"));
        assertEquals(
                422,
                APP.call("DELETE", "/api/orders/1/mixing/with/2", null).status(),
                "what is being mixed as one is not parted");
        theKeptPlanReadsNothingElse(now);
        JsonNode more = now.at("/additions/0/pour/pour");
        assertTrue(more.get("bowls").size() >= 3, "poppy, marigold and coal");
        assertEquals(
                more.at("/balance/inGrams").asDouble(),
                more.at("/balance/outGrams").asDouble(),
                0.01);
        for (JsonNode bowl : more.get("bowls")) {
            assertEquals(
                    bowl.get("portions").size(),
                    now.at("/additions/0/ladders/" + bowl.get("colour").asString())
                            .size());
        }
        JsonNode since = now.get("since");
        assertEquals(
                since.at("/begun/bowls").asInt(), now.at("/pour/pour/bowls").size());
        assertEquals(since.at("/more/bowls").asInt(), more.get("bowls").size());
        assertEquals(
                sum(more.get("batches"), "madeGrams"),
                since.at("/more/baseGrams").asDouble(),
                1e-9);

        JsonNode afresh = APP.call("DELETE", "/api/orders/1/mixing/start", null).body();
        assertTrue(afresh.get("startedAt").isNull() && afresh.get("since").isNull());
    }

    /** Another recipe, another shop, and a plan stored by an earlier version: the kept plan stays as it was. */
    private static void theKeptPlanReadsNothingElse(JsonNode before) {
        APP.change("/api/shop", "/settings/habits/COOKIES_PER_BOX/mean", 4);
        APP.change(
                "/api/shop",
                "/recipes/meringue-powder",
                "{\"key\": \"meringue-powder\", \"name\": \"Other\", \"curve\": {\"ownCountSeconds\": 60, \"perGram\": 0.3}, \"ingredients\": [{\"name\": \"sugar\", \"role\": \"SUGAR\", \"grams\": 300}, {\"name\": \"water\", \"role\": \"WATER\", \"grams\": 60}]}");
        JsonNode after = mixing();
        assertEquals(before.get("pour"), after.get("pour"));
        assertEquals(before.get("shopping"), after.get("shopping"), "powder that was weighed is still on the list");
        assertEquals(before.get("ladders"), after.get("ladders"));
        assertEquals(before.get("additions"), after.get("additions"), "judged with the base of then");
        APP.store(
                "update mixing set frozen = (frozen - 'format' - 'orders' - 'gels' - 'additions') || jsonb_build_object('shop', (frozen #> '{shop}') - 'habits' || '{\"cookiesPerBox\": 6, \"bowlKeepsGrams\": 5, \"mixerMostGrams\": 1400}', 'details', frozen #> '{orders,0,details}', 'designs', frozen #> '{orders,0,designs}')");
        JsonNode upgraded = mixing();
        assertEquals(before.at("/pour/pour"), upgraded.at("/pour/pour"), "a plan of format 1 is read");
        assertFalse(upgraded.get("since").isNull());
        APP.call("DELETE", "/api/recipes/meringue-powder", null);
        APP.change("/api/shop", "/settings/habits/COOKIES_PER_BOX/mean", 6);
    }

    @Test
    @Order(7)
    void looserBaseAndOwnRecipesAreCheckedAndPoured() {
        assertEquals(
                200,
                change("\"recipe\":null", "\"recipe\":\"dried-egg-white-loose\"")
                        .status());
        JsonNode balance = mixing().at("/pour/pour/balance");
        assertTrue(balance.get("sugarGrams").asDouble() > 0, "piping icing takes sugar");
        assertEquals(balance.get("inGrams").asDouble(), balance.get("outGrams").asDouble(), 0.01);
        Answer unknown = change("\"recipe\":\"dried-egg-white-loose\"", "\"recipe\":\"plaster\"");
        assertEquals(422, unknown.status());

        Answer noSugar = APP.post(
                "/api/recipes",
                "{\"name\": \"Water ice\", \"curve\": {\"ownCountSeconds\": 80, \"perGram\": 0.23}, \"ingredients\": [{\"name\": \"water\", \"role\": \"WATER\", \"grams\": 10}]}");
        assertEquals("ingredients", noSugar.body().get("field").asString());
        Answer own = APP.post(
                "/api/recipes",
                "{\"name\": \"Runny\", \"curve\": {\"ownCountSeconds\": 4, \"perGram\": 0.23}, \"ingredients\": [{\"name\": \"sugar\", \"role\": \"SUGAR\", \"grams\": 300}, {\"name\": \"water\", \"role\": \"WATER\", \"grams\": 60}]}");
        assertEquals("runny", own.body().get("key").asString());
        change("\"recipe\":\"dried-egg-white-loose\"", "\"recipe\":\"runny\"");
        assertEquals(200, APP.call("DELETE", "/api/recipes/runny", null).status());
        assertFalse(APP.get("/api/recipes").body().toString().contains("runny"), "put away, yet the order keeps it");
        Answer refused = APP.get("/api/orders/1/mixing");
        assertEquals(422, refused.status());
        assertTrue(refused.body().get("detail").asString().contains("Take a stiffer base"));
    }

    /** What is in two mixers already is not one mixing: that is refused, whichever asks, and nothing of either is lost. */
    @Test
    @Order(30)
    void twoMixingsThatHaveStartedAreNotJoined() {
        long one = APP.post("/api/example", null).body().get("order").asLong();
        long other = APP.post("/api/example", null).body().get("order").asLong();
        for (long order : new long[] {one, other}) {
            Answer started = APP.post("/api/orders/" + order + "/mixing/start", null);
            assertEquals(200, started.status(), started::toString);
        }
        JsonNode ofOne = APP.get("/api/orders/" + one + "/mixing").body();
        JsonNode ofOther = APP.get("/api/orders/" + other + "/mixing").body();
        for (String pair : new String[] {one + "/mixing/with/" + other, other + "/mixing/with/" + one}) {
            Answer refused = APP.post("/api/orders/" + pair, null);
            assertEquals(422, refused.status(), refused::toString);
            assertTrue(refused.body().get("detail").asString().length() > 15);
        }
        assertEquals(ofOne, APP.get("/api/orders/" + one + "/mixing").body());
        assertEquals(ofOther, APP.get("/api/orders/" + other + "/mixing").body());
        // Of which none has started, they are joined, and parted again.
        for (long order : new long[] {one, other}) {
            assertEquals(
                    200,
                    APP.call("DELETE", "/api/orders/" + order + "/mixing/start", null)
                            .status());
        }
        String joined = "/api/orders/" + one + "/mixing/with/" + other;
        assertEquals(200, APP.post(joined, null).status());
        assertEquals(200, APP.call("DELETE", joined, null).status());
    }
}
