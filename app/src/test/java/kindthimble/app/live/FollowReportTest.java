package kindthimble.app.live;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.RegisterExtension;

/** How soon twenty devices know what one of them was pressed; run by {@code bin/bench follow}. */
@EnabledIfSystemProperty(named = "kind-thimble.follow-report", matches = "true")
class FollowReportTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static final int DEVICES = 20;
    private static final int PRESSES = 60;

    /** A device that hears of something, and fetches it; it counts the round down when it has the press. */
    private static final class Device {
        private final HttpClient http = HttpClient.newHttpClient();
        private volatile String waitsFor = "";
        private volatile CountDownLatch round = new CountDownLatch(0);
        private final List<Long> took = Collections.synchronizedList(new ArrayList<>());
        private volatile long since;

        void listen() throws IOException, InterruptedException {
            HttpResponse<Stream<String>> stream = http.send(
                    HttpRequest.newBuilder(URI.create(APP.url() + "/api/live")).build(),
                    HttpResponse.BodyHandlers.ofLines());
            Thread reader = new Thread(() -> {
                try (Stream<String> lines = stream.body()) {
                    lines.filter(line -> line.startsWith("data:") && !line.contains("\"bench\":null"))
                            .forEach(line -> follow());
                } catch (java.io.UncheckedIOException e) {
                    // The application was closed.
                }
            });
            reader.setDaemon(true);
            reader.start();
        }

        private void follow() {
            String body = APP.text("/api/orders/6/bench/pressed?after=" + 0);
            if (!waitsFor.isEmpty() && body.contains(waitsFor)) {
                took.add((System.nanoTime() - since) / 1_000_000);
                waitsFor = "";
                round.countDown();
            }
        }
    }

    @Test
    void twentyDevicesFollow() throws IOException, InterruptedException {
        List<Device> devices = new ArrayList<>();
        for (int i = 0; i < DEVICES; i++) {
            Device device = new Device();
            device.listen();
            devices.add(device);
        }
        String step = APP.get("/api/orders/6/bench").body().at("/steps/0/key").asString();
        List<Long> answered = new ArrayList<>();
        for (int n = 0; n < PRESSES; n++) {
            CountDownLatch round = new CountDownLatch(DEVICES);
            String id = "\"follow" + n + "\"";
            long since = System.nanoTime();
            for (Device device : devices) {
                device.since = since;
                device.round = round;
                device.waitsFor = id;
            }
            String what = n % 10 == 9 ? "DONE" : "COUNT";
            APP.post("/api/orders/6/bench", """
                    [{"id": %s, "at": "2026-12-02T08:00:%02dZ", "device": "one", "what": "%s", "step": "%s", "amount": 20, "words": ""}]
                    """.formatted(id, n % 60, what, step));
            answered.add((System.nanoTime() - since) / 1_000_000);
            assertTrue(round.await(10, TimeUnit.SECONDS), "all of them heard of it");
        }
        List<Long> all = new ArrayList<>();
        // The first ten warm up.
        devices.forEach(device -> all.addAll(device.took.subList(10, device.took.size())));
        Collections.sort(all);
        List<Long> later = new ArrayList<>(answered.subList(10, answered.size()));
        Collections.sort(later);
        System.out.printf(
                "%d devices, %d presses: followed within %d ms in the median, %d ms the 95th of 100, %d ms at most; answered in %d ms in the median, %d ms at most%n",
                DEVICES,
                PRESSES,
                all.get(all.size() / 2),
                all.get(all.size() * 95 / 100),
                all.get(all.size() - 1),
                later.get(later.size() / 2),
                later.get(later.size() - 1));
    }
}
