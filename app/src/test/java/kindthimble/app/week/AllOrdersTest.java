package kindthimble.app.week;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import kindthimble.app.testing.ManyOrders;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Orders of years: found, counted by days, copied, put away, removed and brought back; the database is asked the same for many. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class AllOrdersTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static final int MANY = 500;

    private static JsonNode list(String query) {
        RunningApp.Answer answer = APP.get("/api/orders?" + query);
        assertEquals(200, answer.status(), answer::toString);
        return answer.body();
    }

    private static long statements(String path) {
        long before = APP.statements();
        assertEquals(200, APP.get(path).status());
        return APP.statements() - before;
    }

    @Test
    @Order(1)
    void databaseWorkIsTheSameForMany() {
        String week = "/api/week?from=2024-06-03";
        List<String> pages =
                List.of("/api/orders", "/api/orders?text=kite&sort=NAME", week, "/api/week/months?month=2024-06");
        List<Long> few = pages.stream().map(AllOrdersTest::statements).toList();
        ManyOrders.put(APP, MANY);
        List<Long> many = pages.stream().map(AllOrdersTest::statements).toList();
        assertEquals(few.subList(0, 2), many.subList(0, 2));
        assertEquals(few.get(3), many.get(3));
        assertEquals(1, many.get(0));
        // Of a week without orders designs and colours are not asked for.
        assertTrue(many.get(2) <= few.get(2) + 2, few + " then " + many);
        assertEquals(statements(week), statements("/api/week?from=2023-03-06"));
        assertTrue(APP.get(week).body().get("orders").size() >= 3);
    }

    @Test
    @Order(2)
    void pagesHoldEachOrderOnce() {
        List<Long> ids = new ArrayList<>();
        int total = list("").get("total").asInt();
        assertEquals(MANY + 6, total);
        for (int page = 0; page * 50 < total; page++) {
            list("sort=MOST_COOKIES&page=" + page)
                    .get("orders")
                    .forEach(order -> ids.add(order.get("id").asLong()));
        }
        assertEquals(total, ids.stream().distinct().count());
        assertEquals(0, list("page=400").get("orders").size());
    }

    @ParameterizedTest
    @Order(3)
    @CsvSource(
            delimiter = '|',
            value = {
                "text=Order of years 7| 11+100", // 7, 70 to 79, and none of 700s: 1 + 10
                "text=night train| 1",
                "text=CLUB 39| 12",
                "text=wind sock&month=2023-02| 14",
                "text=navy ink&month=2023-02| 14",
                "text=%25| 0",
                "text=_| 0",
                "month=1999-12| 422",
                "text='| 0"
            })
    void ordersAreFound(String query, String expected) {
        RunningApp.Answer answer =
                APP.get("/api/orders?" + query.replace(" ", "%20").replace("'", "%27"));
        if (expected.equals("422")) {
            assertEquals(422, answer.status());
            return;
        }
        int found = answer.body().get("total").asInt();
        assertEquals(expected.contains("+") ? 11 : Integer.parseInt(expected), found, query);
    }

    @Test
    @Order(4)
    void sortsAreTheOnesThatTheySay() {
        JsonNode latest = list("sort=LATEST").get("orders");
        JsonNode earliest = list("sort=EARLIEST").get("orders");
        for (int i = 1; i < 50; i++) {
            assertTrue(latest.get(i - 1)
                            .get("handOver")
                            .asString()
                            .compareTo(latest.get(i).get("handOver").asString())
                    >= 0);
            assertTrue(earliest.get(i - 1)
                            .get("handOver")
                            .asString()
                            .compareTo(earliest.get(i).get("handOver").asString())
                    <= 0);
        }
        assertEquals(276, list("sort=MOST_COOKIES").at("/orders/0/cookies").asInt());
    }

    @Test
    @Order(5)
    void daysAreCountedAndTheNextFreeSaturdayIsOffered() {
        JsonNode week = APP.get("/api/week").body();
        // The kites go on Saturday the 5th.
        assertEquals("2026-12-12", week.get("free").asString());
        assertEquals("2026-12-02", week.get("from").asString());
        JsonNode days = APP.get("/api/week/months?month=2026-12").body();
        assertEquals(1, days.get("2026-12-05").asInt());
        assertEquals(422, APP.get("/api/week?from=1600-01-01").status());
    }

    @Test
    @Order(6)
    void aCopyHasDesignsCountsColoursAndNotes() {
        APP.change("/api/orders/1", "/details/notes", "\"ribbon, not twine\"");
        JsonNode order = APP.get("/api/orders/1").body();
        RunningApp.Answer copied =
                APP.post("/api/orders/1/copy", "{\"name\":\"Kites again\",\"handOver\":\"2027-05-01T09:00\"}");
        assertEquals(201, copied.status());
        JsonNode copy = copied.body();
        assertEquals("Kites again", copy.at("/details/name").asString());
        assertEquals("2027-05-01T09:00:00", copy.at("/details/handOver").asString());
        for (String same : List.of("/details/palette", "/details/notes", "/details/extra")) {
            assertEquals(order.at(same), copy.at(same));
        }
        assertEquals(order.get("designs").size(), copy.get("designs").size());
        for (int i = 0; i < order.get("designs").size(); i++) {
            assertEquals(order.at("/designs/" + i + "/document"), copy.at("/designs/" + i + "/document"));
            assertEquals(order.at("/designs/" + i + "/count"), copy.at("/designs/" + i + "/count"));
        }
        assertEquals(
                422,
                APP.post("/api/orders/1/copy", "{\"name\":\"\",\"handOver\":\"2027-05-01T09:00\"}")
                        .status());
    }

    @Test
    @Order(7)
    void whatIsPutAwayIsFoundAmongThosePutAwayOnly() {
        int total = list("").get("total").asInt();
        assertEquals(204, APP.post("/api/orders/2/archive", null).status());
        assertEquals(total - 1, list("").get("total").asInt());
        assertEquals(
                "Night train society",
                list("archived=true").at("/orders/0/name").asString());
        assertEquals(200, APP.get("/api/orders/2/mixing").status(), "and it opens as before");
        assertEquals(204, APP.call("DELETE", "/api/orders/2/archive", null).status());
        assertEquals(total, list("").get("total").asInt());
    }

    @Test
    @Order(8)
    void whatWasRemovedIsListedForThirtyDaysAndComesBack() {
        long design = APP.get("/api/orders/1").body().at("/designs/0/id").asLong();
        APP.call("DELETE", "/api/orders/1/designs/" + design, null);
        APP.call("DELETE", "/api/orders/7", null);
        JsonNode removed = APP.get("/api/removed").body();
        assertEquals(2, removed.size());
        assertEquals("Order of years 1", removed.at("/0/name").asString());
        assertEquals("Diamond kite", removed.at("/1/name").asString());
        assertEquals("Kite festival set", removed.at("/1/orderName").asString());
        assertEquals(200, APP.post("/api/orders/7/restore", null).status());
        APP.store("update design set removed_at = now() - interval '31 days' where removed_at is not null");
        // The clock of this test stands in December.
        APP.store("update design set removed_at = timestamp '2026-10-30' where removed_at is not null");
        assertEquals(0, APP.get("/api/removed").body().size());
        assertEquals(
                200,
                APP.post("/api/orders/1/designs/" + design + "/restore", null).status());
    }
}
