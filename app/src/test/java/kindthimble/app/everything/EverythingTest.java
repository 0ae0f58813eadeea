package kindthimble.app.everything;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.StreamSupport;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import kindthimble.app.testing.ManyOrders;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** All that a shop has goes out and comes in again: into an empty shop it is the same shop; into a used one what is new comes. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class EverythingTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp FROM = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final RunningApp TO = RunningApp.empty();

    private static Map<String, String> files(byte[] archive) {
        Map<String, String> files = new TreeMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put(entry.getName(), new String(zip.readAllBytes(), StandardCharsets.UTF_8));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return files;
    }

    private static byte[] out(RunningApp app) {
        return app.bytes("/api/everything");
    }

    /** The archive with some of its orders only: those of the demo, and ten of years. */
    private static byte[] few() {
        Map<String, byte[]> files = Archive.unzipped(out(FROM));
        files.entrySet()
                .removeIf(file -> file.getKey().startsWith("orders/")
                        && new String(file.getValue(), StandardCharsets.UTF_8)
                                .matches("(?s).*\"Order of years (?!14\\d\").*"));
        return Archive.zipped(files);
    }

    private static long number(String text) {
        return TO.get("/api/orders?text=" + text).body().at("/orders/0/id").asLong();
    }

    private static long count(Answer answer, String state) {
        assertEquals(200, answer.status(), answer::toString);
        return StreamSupport.stream(answer.body().get("lines").spliterator(), false)
                .filter(line -> line.get("state").asString().equals(state))
                .count();
    }

    @Test
    @Order(1)
    void anEmptyShopBecomesTheSameShop() {
        JsonNode kite = FROM.get("/api/orders/1").body();
        FROM.post("/api/library", "{\"order\":1,\"design\":%s}".formatted(kite.at("/designs/0/id")));
        FROM.call("PUT", "/api/library/1/tags", "[\"kites\"]");
        FROM.post(
                "/api/cutters",
                "{\"id\": 0, \"name\": \"Pennant\", \"path\": \"M0 0H60V40L30 70L0 40Z\", \"across\": \"WIDTH\", \"sizeMm\": 66, \"tags\": [\"spring\"]}");
        FROM.change("/api/shop", "/settings/habits/MARGIN_MM/mean", 2.5);
        FROM.change("/api/shop", "/recipes/meringue-powder/ingredients/0/grams", 460);
        ManyOrders.put(FROM, 150);
        byte[] archive = out(FROM);
        Map<String, String> before = files(archive);
        assertEquals(
                156,
                before.keySet().stream()
                        .filter(name -> name.startsWith("orders/"))
                        .count());
        assertEquals(157, before.get("orders.csv").lines().count());
        assertTrue(before.get("README.txt").contains("orders/<uid>.json"));

        Answer look = TO.send("/api/everything/look", archive);
        assertEquals(0, count(look, "CLASH"), look::toString);
        assertEquals(0, count(look, "SAME"));
        assertEquals(0, TO.get("/api/orders").body().get("total").asInt(), "looking stores nothing");
        assertEquals(200, TO.send("/api/everything/take", archive).status());
        assertEquals(before, files(out(TO)));

        JsonNode there = TO.get("/api/orders?text=kite%20festival").body();
        JsonNode order = TO.get("/api/orders/" + there.at("/orders/0/id")).body();
        assertEquals(kite.get("details"), order.get("details"));
        // With the margin and the base of the shop that it came from.
        assertEquals(
                FROM.get("/api/orders/1").body().at("/designs/0/cookie/gramsEach"),
                order.at("/designs/0/cookie/gramsEach"));
        assertEquals(12, TO.get("/api/gels").body().size());
        assertEquals("kites", TO.get("/api/library").body().at("/0/tags/0").asString());
        assertEquals(66, TO.get("/api/cutters").body().at("/0/sizeMm").asDouble());
        Answer again = TO.send("/api/everything/look", archive);
        assertEquals(again.body().get("lines").size(), count(again, "SAME"));
    }

    @Test
    @Order(2)
    void intoAUsedShopComesWhatIsNewAndOfWhatClashesWhatIsWanted() {
        byte[] archive = few();
        long id = number("night%20train");
        String address = "/api/orders/" + id;
        TO.change(address, "/details/notes", "\"changed here\"");
        TO.change("/api/shop", "/stock/icing sugar", 5);
        TO.call("DELETE", "/api/orders/" + number("Order%20of%20years%20149"), null);
        int total = TO.get("/api/orders").body().get("total").asInt();

        Answer look = TO.send("/api/everything/look", archive);
        assertEquals(2, count(look, "CLASH"), look::toString);
        assertEquals(1, count(look, "NEW"), "what was removed here is not here");

        assertEquals(
                200, TO.send("/api/everything/take?clashes=KEEP_BOTH", archive).status());
        assertEquals(total + 2, TO.get("/api/orders").body().get("total").asInt());
        assertEquals("changed here", TO.get(address).body().at("/details/notes").asString());
        assertEquals(
                1, TO.get("/api/orders?text=brought%20in").body().get("total").asInt());

        assertEquals(
                200, TO.send("/api/everything/take?clashes=TAKE_THERE", archive).status());
        assertEquals("", TO.get(address).body().at("/details/notes").asString());
        assertEquals(750, TO.get("/api/shop").body().at("/stock/icing sugar").asDouble());
        assertEquals(0, count(TO.send("/api/everything/look", archive), "CLASH"));
    }

    @Test
    @Order(3)
    void whatIsNoArchiveIsRefusedWithASentenceAndStoresNothing() {
        int total = TO.get("/api/orders").body().get("total").asInt();
        byte[] archive = few();
        byte[] half = Arrays.copyOf(archive, archive.length / 2);
        byte[] text = "not a zip".getBytes(StandardCharsets.UTF_8);
        for (byte[] wrong : new byte[][] {
            half,
            text,
            new byte[0],
            Archive.zipped(Map.of("a.txt", text)),
            Archive.zipped(
                    Map.of("format.json", "{\"format\":1}".getBytes(StandardCharsets.UTF_8), "orders/x.json", text)),
            Archive.zipped(Map.of("format.json", "{\"format\":9}".getBytes(StandardCharsets.UTF_8)))
        }) {
            Answer refused = TO.send("/api/everything/take", wrong);
            assertTrue(refused.status() == 400 || refused.status() == 422, refused::toString);
            assertTrue(refused.body().get("detail").asString().length() > 15, refused::toString);
        }
        assertEquals(total, TO.get("/api/orders").body().get("total").asInt());
    }
}
