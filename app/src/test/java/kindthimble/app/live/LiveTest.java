package kindthimble.app.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import kindthimble.app.shop.ShopService;
import kindthimble.app.testing.RunningApp;
import kindthimble.core.habit.Habit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What pages hear when something changes. */
class LiveTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    /** Listens to what changes from now on. */
    private static BlockingQueue<String> listen() throws IOException, InterruptedException {
        BlockingQueue<String> heard = open();
        while (!":here".equals(heard.poll(5, TimeUnit.SECONDS))) {
            // What has changed before.
        }
        return heard;
    }

    private static BlockingQueue<String> open() throws IOException, InterruptedException {
        HttpResponse<Stream<String>> stream = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(APP.url() + "/api/live"))
                                .build(),
                        HttpResponse.BodyHandlers.ofLines());
        assertEquals(200, stream.statusCode());
        BlockingQueue<String> heard = new LinkedBlockingQueue<>();
        Thread reader = new Thread(() -> {
            try (Stream<String> lines = stream.body()) {
                lines.filter(line -> line.startsWith("data:") || line.equals(":here"))
                        .forEach(heard::add);
            } catch (java.io.UncheckedIOException e) {
                // The application was closed.
            }
        });
        reader.setDaemon(true);
        reader.start();
        return heard;
    }

    @Test
    void everyPageHearsWithinASecondWhatIsStoredAndNothingElse() throws IOException, InterruptedException {
        BlockingQueue<String> laptop = listen();
        BlockingQueue<String> tablet = listen();
        long revision = APP.change("/api/orders/1", "/details/notes", "\"ribbon\"")
                .body()
                .get("revision")
                .asLong();
        String said = laptop.poll(1, TimeUnit.SECONDS);
        assertEquals("data:{\"order\":1,\"revision\":" + revision + ",\"bench\":null}", said);
        assertEquals(said, tablet.poll(1, TimeUnit.SECONDS));
        // The night train is mixed with it: its plan is another one as well.
        assertTrue(laptop.poll(1, TimeUnit.SECONDS).startsWith("data:{\"order\":2,"));

        APP.change("/api/shop", "/stock/icing sugar", 900);
        assertTrue(laptop.poll(1, TimeUnit.SECONDS).startsWith("data:{\"order\":null,"));

        // What is refused is nothing that anybody has to hear of.
        assertEquals(422, APP.change("/api/orders/1", "/details/name", "\"\"").status());
        assertNull(laptop.poll(300, TimeUnit.MILLISECONDS));
    }

    /** A page asks first and listens then: what changed between the two it hears as well, the last of each kind. */
    @Test
    void whatChangedJustBeforeIsHeardToo() throws IOException, InterruptedException {
        APP.change("/api/orders/5", "/details/notes", "\"once\"");
        long revision = APP.change("/api/orders/5", "/details/notes", "\"twice\"")
                .body()
                .get("revision")
                .asLong();
        BlockingQueue<String> page = open();
        List<String> before = new ArrayList<>();
        for (String line = ""; !":here".equals(line); line = page.poll(5, TimeUnit.SECONDS)) {
            before.add(line);
        }
        assertEquals(
                List.of("data:{\"order\":5,\"revision\":" + revision + ",\"bench\":null}"),
                before.stream().filter(line -> line.contains("\"order\":5")).toList());
    }

    /** What is stored while an answer is made belongs to the next one: figures never stand under the revision of others. */
    @Test
    void whatOneAnswerReadsIsOfOneMoment() {
        APP.reading(beans -> {
            ShopService shop = beans.getBean(ShopService.class);
            ShopRevision revision = beans.getBean(ShopRevision.class);
            double before = shop.settings().mean(Habit.ROOM_HUMIDITY);
            long first = revision.now();
            assertEquals(
                    200,
                    APP.change("/api/shop", "/settings/habits/ROOM_HUMIDITY/mean", before + 7)
                            .status());
            beans.getBean(EntityManager.class).clear();
            assertEquals(before, shop.settings().mean(Habit.ROOM_HUMIDITY));
            assertEquals(first, revision.now());
            return null;
        });
        APP.post("/api/shop/undo", "{}");
    }

    /** The same where the figures are looked up before the revision. */
    @Test
    void whatIsLookedUpLaterIsOfTheSameMoment() {
        APP.reading(beans -> {
            double before = beans.getBean(ShopService.class).settings().mean(Habit.ROOM_HUMIDITY);
            APP.change("/api/shop", "/settings/habits/ROOM_HUMIDITY/mean", before + 7);
            long now = APP.get("/api/shop").body().get("revision").asLong();
            assertTrue(beans.getBean(ShopRevision.class).now() < now);
            return null;
        });
        APP.post("/api/shop/undo", "{}");
    }

    /** The line to the database breaks: pages are told that they may have missed something, and hear what is stored after that. */
    @Test
    void whatWasMissedIsSaidWhenTheDatabaseIsHeardAgain() throws IOException, InterruptedException {
        BlockingQueue<String> page = listen();
        APP.breakConnections();
        assertEquals("data:{\"order\":-1,\"revision\":-1,\"bench\":null}", page.poll(10, TimeUnit.SECONDS));
        long revision = APP.change("/api/orders/3", "/details/notes", "\"heard again\"")
                .body()
                .get("revision")
                .asLong();
        assertEquals("data:{\"order\":3,\"revision\":" + revision + ",\"bench\":null}", page.poll(5, TimeUnit.SECONDS));
        // Once, and not with every line that comes.
        APP.change("/api/orders/3", "/details/notes", "\"and again\"");
        assertTrue(page.poll(5, TimeUnit.SECONDS).startsWith("data:{\"order\":3,"));
    }

    /** What was remembered by numbers is looked up anew: another database may have the same ones. */
    @Test
    void whatIsRememberedIsForgottenWhenTheDatabaseReturns() throws IOException, InterruptedException {
        JsonNode before = APP.get("/api/orders/6/bench").body();
        BlockingQueue<String> page = listen();
        // As a backup that was brought back: the same revision, and other work.
        APP.store("update design set count = count + 24 where order_id = 6");
        assertEquals(
                before.get("steps").size(),
                APP.get("/api/orders/6/bench").body().get("steps").size(),
                "nobody has said that it is another one");
        APP.breakConnections();
        page.poll(10, TimeUnit.SECONDS);
        int cookies = 0;
        for (JsonNode step : APP.get("/api/orders/6/bench").body().get("steps")) {
            cookies += step.get("doing").asString().equals("PACK")
                    ? step.get("cookies").asInt()
                    : 0;
        }
        int packed = 0;
        for (JsonNode step : before.get("steps")) {
            packed += step.get("doing").asString().equals("PACK")
                    ? step.get("cookies").asInt()
                    : 0;
        }
        assertTrue(cookies > packed + 20, cookies + " are packed, " + packed + " before");
    }
}
