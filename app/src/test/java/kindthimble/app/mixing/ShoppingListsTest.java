package kindthimble.app.mixing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Orders ahead share one shelf: what the earlier ones take is gone for the later ones. */
class ShoppingListsTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static final double SUGAR = 2_000;

    private static JsonNode list(long order) {
        return APP.get("/api/orders/" + order + "/mixing").body().get("shopping");
    }

    /** Numbers of the demo orders, those that are handed over first first; of such as are mixed together the first. */
    private static List<Long> byHandOver() {
        Map<LocalDateTime, Long> orders = new TreeMap<>();
        for (long order = 1; order <= 6; order++) {
            orders.put(
                    LocalDateTime.parse(APP.get("/api/orders/" + order)
                            .body()
                            .at("/details/handOver")
                            .asString()),
                    order);
        }
        List<Long> firsts = new ArrayList<>();
        Set<Long> seen = new HashSet<>();
        orders.values().forEach(order -> {
            if (seen.add(order)) {
                firsts.add(order);
                APP.get("/api/orders/" + order + "/mixing")
                        .body()
                        .at("/pour/designs")
                        .forEach(one -> seen.add(one.get("order").asLong()));
            }
        });
        return firsts;
    }

    @Test
    void whatEarlierOrdersTakeIsGoneForLaterOnes() {
        APP.change("/api/shop", "/stock/icing sugar", SUGAR);
        List<Long> orders = byHandOver();
        assertTrue(orders.size() >= 4, orders::toString);
        Map<String, Double> before = new HashMap<>();
        boolean isShort = false;
        for (long order : orders) {
            for (JsonNode line : list(order)) {
                String name = line.get("name").asString();
                double shelf = line.get("onShelf").asDouble();
                double earlier = Math.min(shelf, before.getOrDefault(name, 0.0));
                assertEquals(earlier, line.get("before").asDouble(), 1e-6, order + " " + name);
                assertEquals(
                        Math.max(0, line.get("needed").asDouble() - (shelf - earlier)),
                        line.get("missing").asDouble(),
                        1e-6,
                        order + " " + name);
                if (line.get("packSize").asDouble() > 0) {
                    assertEquals(
                            (int) Math.ceil(line.get("missing").asDouble()
                                            / line.get("packSize").asDouble()
                                    - 1e-9),
                            line.get("packs").asInt(),
                            order + " " + name);
                }
                isShort |= name.equals("icing sugar")
                        && line.get("needed").asDouble() <= SUGAR
                        && line.get("missing").asDouble() > 0;
            }
            list(order)
                    .forEach(line -> before.merge(
                            line.get("name").asString(), line.get("needed").asDouble(), Double::sum));
        }
        assertTrue(isShort, "one that alone would have enough has not");
    }

    /** What was used is not asked for again, though the shelf did not know of it. */
    @Test
    void whatWasUsedIsNotAskedForAgain() {
        APP.change("/api/shop", "/stock/plain flour", 0);
        long order = byHandOver().get(byHandOver().size() - 1);
        assertTrue(asksFor(order, "plain flour"));
        JsonNode steps = APP.get("/api/orders/" + order + "/bench").body().get("steps");
        for (JsonNode step : steps) {
            if (step.get("doing").asString().equals("DOUGH")) {
                assertEquals(
                        200,
                        APP.post(
                                        "/api/orders/" + order + "/bench",
                                        "[{\"id\": \"used\", \"at\": \"%s\", \"device\": \"\", \"what\": \"DONE\", \"step\": \"%s\", \"amount\": 0, \"words\": \"\"}]"
                                                .formatted(
                                                        Instant.now(),
                                                        step.get("key").asString()))
                                .status());
            }
        }
        assertTrue(!asksFor(order, "plain flour"));
    }

    private static boolean asksFor(long order, String name) {
        for (JsonNode line : list(order)) {
            if (line.get("name").asString().equals(name)) {
                return line.get("missing").asDouble() > 0;
            }
        }
        return false;
    }
}
