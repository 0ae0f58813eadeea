package kindthimble.app.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What pages hear when something changes. */
class LiveTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static BlockingQueue<String> listen() throws IOException, InterruptedException {
        HttpResponse<Stream<String>> stream = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(APP.url() + "/api/live"))
                                .build(),
                        HttpResponse.BodyHandlers.ofLines());
        assertEquals(200, stream.statusCode());
        BlockingQueue<String> heard = new LinkedBlockingQueue<>();
        Thread reader = new Thread(() -> {
            try (Stream<String> lines = stream.body()) {
                lines.filter(line -> line.startsWith("data:")).forEach(heard::add);
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
        assertEquals("data:{\"order\":1,\"revision\":" + revision + "}", said);
        assertEquals(said, tablet.poll(1, TimeUnit.SECONDS));
        // The night train is mixed with it: its plan is another one as well.
        assertTrue(laptop.poll(1, TimeUnit.SECONDS).startsWith("data:{\"order\":2,"));

        APP.change("/api/shop", "/stock/icing sugar", 900);
        assertTrue(laptop.poll(1, TimeUnit.SECONDS).startsWith("data:{\"order\":null,"));

        // What is refused is nothing that anybody has to hear of.
        assertEquals(422, APP.change("/api/orders/1", "/details/name", "\"\"").status());
        assertNull(laptop.poll(300, TimeUnit.MILLISECONDS));
    }
}
