package kindthimble.app.order;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Several cookies handed over as one: their designs' numbers follow, boxes and copies with them. */
class BundlesTest {
    private static final String ORDER = "/api/orders/6";

    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static JsonNode order() {
        return APP.get(ORDER).body();
    }

    private static int made(long design) {
        for (JsonNode one : order().get("designs")) {
            if (one.get("id").asLong() == design) {
                return one.get("count").asInt();
            }
        }
        throw new AssertionError("no design " + design);
    }

    private static double boxes() {
        for (JsonNode line : APP.get(ORDER + "/mixing").body().get("shopping")) {
            if (line.get("name").asString().equals("boxes")) {
                return line.get("needed").asDouble();
            }
        }
        return 0;
    }

    @Test
    void bouquetsTakeTheirCookiesAndTakeThemAlong() {
        JsonNode designs = order().get("designs");
        long first = designs.at("/0/id").asLong();
        int loose = designs.at("/0/count").asInt();
        double boxesBefore = boxes();
        String bouquets = "[{\"name\":\"Bouquet\",\"count\":%d,\"each\":{\"" + first + "\":2}}]";

        // What is loose goes in first.
        assertEquals(
                200,
                APP.change(ORDER, "/details/bundles", bouquets.formatted(1)).status());
        assertEquals(loose, made(first));
        assertEquals(1, order().at("/details/bundles/0/count").asInt());
        int all = loose / 2 + 2;
        assertEquals(
                200, APP.change(ORDER, "/details/bundles/0/count", "" + all).status());
        assertEquals(2 * all, made(first), "more are made than were loose");
        assertTrue(boxes() > boxesBefore, "each bouquet has a box of its own");

        Answer fewer = APP.change(ORDER, "/designs/" + first + "/count", "" + (2 * all - 1));
        assertEquals(422, fewer.status());
        assertEquals("designs." + first + ".count", fewer.body().get("field").asString());
        assertTrue(fewer.body().get("detail").asString().contains("are in bundles"), fewer.body()::toString);
        assertEquals(
                "details.bundles[0].each." + first,
                APP.change(ORDER, "/details/bundles/0/each/" + first, "0")
                        .body()
                        .get("field")
                        .asString());

        // One step back is one press: bundles and numbers together.
        assertEquals(200, APP.post(ORDER + "/undo", "").status());
        assertEquals(loose, made(first));
        assertEquals(1, order().at("/details/bundles/0/count").asInt());
        assertEquals(200, APP.post(ORDER + "/redo", "").status());
        assertEquals(2 * all, made(first));

        // A copy has bouquets of its own designs.
        long copy = APP.post(ORDER + "/copy", "{\"name\":\"Again\",\"handOver\":\"2027-02-06T10:00:00\"}")
                .body()
                .get("id")
                .asLong();
        JsonNode copied = APP.get("/api/orders/" + copy).body();
        assertEquals(
                2,
                copied.at("/details/bundles/0/each/"
                                + copied.at("/designs/0/id").asLong())
                        .asInt());
        assertEquals(1, copied.at("/details/bundles/0/each").size());

        // In a box designs go by their places, and in another shop they get numbers of its own.
        OrderBox boxes = APP.bean(OrderBox.class);
        OrderBox.Boxed boxed = boxes.all().stream()
                .filter(one -> one.details().name().equals("Again"))
                .findFirst()
                .orElseThrow();
        assertEquals(Map.of("0", 2), boxed.details().tied().get(0).each());
        boxes.putBeside(boxed);
        Kept beside = APP.bean(Orders.class).order(copy + 1);
        assertEquals(
                Map.of(Long.toString(beside.designs().get(0).id()), 2),
                beside.details().tied().get(0).each());
    }
}
