package kindthimble.app.clock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import biweekly.Biweekly;
import biweekly.component.VEvent;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.StreamSupport;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What the decorator says of the clock, asks it, and takes along. It is Wednesday 2 December, nine o'clock. */
class ClockMovesTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static final String SHOP = "/api/shop";

    @BeforeEach
    void asItWas() {
        while (APP.post(SHOP + "/undo", "{}").status() == 200) {}
        while (APP.post("/api/orders/1/undo", "{}").status() == 200) {}
    }

    private static JsonNode clock() {
        return APP.get("/api/orders/1/clock").body();
    }

    private static List<JsonNode> runs(JsonNode clock) {
        return StreamSupport.stream(clock.get("rows").spliterator(), false)
                .flatMap(row -> StreamSupport.stream(row.get("runs").spliterator(), false))
                .toList();
    }

    private static JsonNode run(String key) {
        return runs(clock()).stream()
                .filter(run -> run.get("key").asString().equals(key))
                .findFirst()
                .orElse(null);
    }

    private static JsonNode some(String doing) {
        return runs(clock()).stream()
                .filter(run -> run.get("doing").asString().equals(doing))
                .findFirst()
                .orElseThrow();
    }

    private static void shop(String path, Object now) {
        assertEquals(200, APP.change(SHOP, path, now).status(), path);
    }

    private static LocalDateTime begin(JsonNode clock) {
        return runs(clock).stream()
                .map(run -> LocalDateTime.parse(run.get("from").asString()))
                .min(LocalDateTime::compareTo)
                .orElseThrow();
    }

    @Test
    void whatIsPinnedStaysAndUndoLetsItMove() {
        String key = some("DOUGH").get("key").asString();
        String at = "\"2026-12-02T10:15:00\"";
        assertEquals(
                200,
                APP.change("/api/orders/1", "/details/clock/" + key, "{\"pinned\": " + at + "}")
                        .status());
        JsonNode run = run(key);
        assertEquals("2026-12-02T10:15:00", run.get("from").asString());
        assertTrue(run.get("pinned").asBoolean());
        APP.post("/api/orders/1/undo", "{}");
        assertFalse(run(key).get("pinned").asBoolean());
    }

    @Test
    void aTimeCanBeForbidden() {
        String key = some("BOWL").get("key").asString();
        APP.change("/api/orders/1", "/details/clock/" + key, "{\"notBefore\": \"2026-12-03T15:00:00\"}");
        assertFalse(
                LocalDateTime.parse(run(key).get("from").asString()).isBefore(LocalDateTime.of(2026, 12, 3, 15, 0)));
    }

    @Test
    void aPinThatCanNotBeKeptIsSaid() {
        String key = some("LABEL").get("key").asString();
        APP.change("/api/orders/1", "/details/clock/" + key, "{\"pinned\": \"2026-12-02T09:30:00\"}");
        assertTrue(clock().get("minds").toString().contains("pinned"));
    }

    @Test
    void whatIsDoneIsOffTheClockAndDriesOnTheWeek() {
        JsonNode ice = some("ICE");
        String key = ice.get("key").asString();
        APP.change("/api/orders/1", "/details/clock/" + key, "{\"done\": \"2026-12-02T08:55:00\"}");
        assertTrue(run(key) == null);
        JsonNode hours = APP.get("/api/week/hours?from=2026-12-02").body();
        assertTrue(hours.get("drying").size() > 0 || ice.get("until").isNull());
    }

    /** As an order may bring them from another shop, where the numbers were others. */
    @Test
    void whatNamesAnotherOrdersWorkIsPassedOver() {
        int before = APP.get("/api/orders/2/clock").body().get("handMinutes").asInt();
        APP.change("/api/orders/1", "/details/clock/2 dough", "{\"done\": \"2026-12-02T08:55:00\"}");
        assertEquals(
                before, APP.get("/api/orders/2/clock").body().get("handMinutes").asInt());
    }

    @Test
    void aTrayCanBeSplit() {
        JsonNode ice = some("ICE");
        String[] key = ice.get("key").asString().split(" ");
        int before = runs(clock()).size();
        APP.change(
                "/api/orders/1",
                "/details/clock/" + key[0] + " " + key[1] + " tray "
                        + ice.get("tray").asInt(),
                "{\"split\": true}");
        assertTrue(runs(clock()).size() > before);
    }

    @Test
    void aDampRoomTakesLongerAndTheFanLess() {
        LocalDateTime usual = begin(clock());
        shop("/settings/habits/ROOM_HUMIDITY/mean", 62);
        JsonNode damp = clock();
        assertEquals(1.739, damp.at("/room/times").asDouble(), 0.001);
        assertFalse(begin(damp).isAfter(usual));
        shop("/settings/drying", "\"UNDER_THE_FAN\"");
        assertEquals(1.739 * 0.6, clock().at("/room/times").asDouble(), 0.001);
        shop("/settings/habits/ROOM_HUMIDITY/mean", 85);
        assertTrue(clock().at("/room/isTooDamp").asBoolean());
        assertTrue(clock().get("minds").toString().contains("does not dry"));
    }

    @Test
    void withoutHoursThereIsASentence() {
        shop("/settings/working/own/days", "{}");
        assertTrue(clock().get("trouble").asString().contains("no working hours"));
        assertEquals(200, APP.get("/api/week/hours?from=2026-12-02").status());
    }

    @Test
    void hoursThatAreWrongAreRefusedAndNothingIsLost() {
        RunningApp.Answer answer =
                APP.change(SHOP, "/settings/working/own/days/MONDAY", "[{\"from\": \"13:00\", \"to\": \"09:00\"}]");
        assertEquals(422, answer.status());
        assertTrue(answer.body().get("detail").asString().contains("before it begins"));
        assertEquals(
                3, APP.get(SHOP).body().at("/settings/working/own/days/MONDAY").size());
    }

    @Test
    void aHelperTakesWhatIsTheirs() {
        // What is dry in the evening, when her own day has ended.
        shop("/settings/working/own/days/FRIDAY", "[{\"from\": \"08:00\", \"to\": \"20:00\"}]");
        shop(
                "/settings/working/helpers",
                "[{\"name\": \"Pat\", \"does\": [\"PACKING\"], \"hours\": {\"days\": {}, \"changes\": [{\"day\": \"2026-12-04\", \"spans\": [{\"from\": \"06:00\", \"to\": \"22:00\"}]}, {\"day\": \"2026-12-05\", \"spans\": [{\"from\": \"06:00\", \"to\": \"22:00\"}]}]}}]");
        List<JsonNode> helped = runs(clock()).stream()
                .filter(run -> !run.get("by").asString().isEmpty())
                .toList();
        assertFalse(helped.isEmpty());
        helped.forEach(run -> {
            assertEquals("Pat", run.get("by").asString());
            assertTrue(List.of("PACK", "LABEL").contains(run.get("doing").asString()));
        });
    }

    @Test
    void whatIfIsSolvedAndStoresNothing() {
        long revision = APP.get("/api/orders/1").body().get("revision").asLong();
        for (Otherwise otherwise : Otherwise.values()) {
            RunningApp.Answer answer = APP.get("/api/orders/1/clock/what-if/" + otherwise);
            assertEquals(200, answer.status(), otherwise + ": " + answer.body());
            assertFalse(answer.body().get("words").asString().isBlank());
        }
        assertEquals(revision, APP.get("/api/orders/1").body().get("revision").asLong());
        JsonNode fan = APP.get("/api/orders/1/clock/what-if/FAN").body();
        assertTrue(fan.get("lateMinutes").asInt() <= clock().get("lateMinutes").asInt());
    }

    private static JsonNode wish(int cookies, String by) {
        return APP.post(
                        "/api/week/one-more",
                        "{\"cookies\": %d, \"hard\": \"USUAL\", \"like\": null, \"by\": \"%s\"}".formatted(cookies, by))
                .body();
    }

    @Test
    void oneMoreIsAnsweredWithItsHours() {
        assertTrue(wish(12, "2026-12-19T12:00:00").get("can").asBoolean());
        JsonNode no = wish(300, "2026-12-04T12:00:00");
        assertFalse(no.get("can").asBoolean());
        assertTrue(no.get("handMinutes").asInt() > 600);
        assertTrue(no.get("sentence").asString().startsWith("No: "));
        assertEquals(
                422,
                APP.post("/api/week/one-more", "{\"cookies\": 0, \"hard\": \"USUAL\", \"by\": \"2026-12-04T12:00:00\"}")
                        .status());
        JsonNode like = APP.post(
                        "/api/week/one-more",
                        "{\"cookies\": 10, \"hard\": null, \"like\": 2, \"by\": \"2026-12-19T12:00:00\"}")
                .body();
        assertTrue(like.get("can").asBoolean(), like::toString);
    }

    /** Each minute of hands that is promised in the week lies on one of its days. */
    @Test
    void hoursOfTheWeekAreThoseOfTheOrders() {
        int promised = 0;
        for (LocalDate from = LocalDate.of(2026, 12, 2);
                from.isBefore(LocalDate.of(2026, 12, 30));
                from = from.plusDays(7)) {
            for (JsonNode day : APP.get("/api/week/hours?from=" + from).body().get("days")) {
                promised += day.get("promisedMinutes").asInt();
            }
        }
        int hands = 0;
        for (int order = 1; order <= 6; order++) {
            hands += APP.get("/api/orders/" + order + "/clock")
                    .body()
                    .get("handMinutes")
                    .asInt();
        }
        assertEquals(hands, promised, 30);
    }

    @Test
    void theCalendarReadsBack() {
        List<VEvent> events = Biweekly.parse(new String(APP.bytes("/api/clock.ics"), StandardCharsets.UTF_8))
                .first()
                .getEvents();
        assertTrue(events.size() > 6);
        events.forEach(event -> assertTrue(
                event.getDateStart().getValue().before(event.getDateEnd().getValue())));
        assertEquals(
                6,
                events.stream()
                        .filter(event -> event.getSummary().getValue().startsWith("Hand-over"))
                        .count());
        String table = APP.text("/api/orders/1/print/clock.csv");
        assertEquals(runs(clock()).size() + 1, table.strip().split("\r\n").length);
        byte[] sheet = APP.bytes("/api/orders/1/print/day-sheet.pdf");
        assertEquals("%PDF", new String(sheet, 0, 4, StandardCharsets.US_ASCII));
    }

    /** An order that is far too large says so, and the others keep their plan. */
    @Test
    void anOrderOfThousands() {
        long design = APP.get("/api/orders/1").body().at("/designs/0/id").asLong();
        APP.change("/api/orders/1", "/designs/" + design + "/count", 3_000);
        JsonNode large = clock();
        assertTrue(large.get("lateMinutes").asInt() > 0 || !large.get("trouble").isNull());
        JsonNode other = APP.get("/api/orders/2/clock").body();
        assertTrue(other.get("trouble").isNull());
    }

    @Test
    void theDoughIsThatOfTheCutters() {
        JsonNode baking = APP.get("/api/orders/1/baking").body();
        double cut = 0;
        int pieces = 0;
        for (JsonNode design : baking.get("designs")) {
            int n = design.get("iced").asInt() + design.get("bare").asInt();
            pieces += n;
            cut += n * design.get("gramsEach").asDouble();
        }
        assertEquals(pieces, baking.at("/dough/dough/pieces").asInt());
        assertEquals(cut, baking.at("/dough/dough/cutGrams").asDouble(), 0.01);
        int laid = 0;
        for (JsonNode sheet : baking.at("/rolled/sheets")) {
            laid += sheet.get("pieces").size();
        }
        assertEquals(pieces, laid + baking.at("/rolled/left").asInt());
        String list = APP.text("/api/orders/1/print/shopping.csv");
        assertTrue(list.contains("plain flour"));
        APP.change("/api/orders/1", "/details/dough", "\"dark-cocoa\"");
        assertTrue(APP.text("/api/orders/1/print/shopping.csv").contains("cocoa"));
    }
}
