package kindthimble.app.http;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

class DoorsTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    /** Other names, changes from other pages, and what is no JSON get a sentence and change nothing. */
    @Test
    void ofPagesOnlyItsOwnComeIn() throws IOException, InterruptedException {
        int orders = APP.get("/api/week").body().get("orders").size();
        String body = "{\"name\":\"From elsewhere\",\"handOver\":\"2026-12-12T10:00:00\"}";
        assertEquals(403, sent(body, "Content-Type", "application/json", "Sec-Fetch-Site", "none"));
        assertEquals(403, sent(body, "Content-Type", "application/json", "Origin", "http://kites.example"));
        assertEquals(
                403,
                sent(body, "Content-Type", "application/json", "Origin", APP.url(), "Sec-Fetch-Site", "cross-site"));
        assertEquals(415, sent(body, "Content-Type", "text/plain", "Origin", APP.url()));
        assertEquals(413, sent(" ".repeat(1_000_001), "Content-Type", "application/json", "Origin", APP.url()));
        assertEquals(orders, APP.get("/api/week").body().get("orders").size());
        assertEquals(201, sent(body, "Content-Type", "application/json", "Sec-Fetch-Site", "same-origin"));
        assertEquals(201, sent(body, "Content-Type", "application/json"), "a program that is no browser");
        String port = APP.url().substring(APP.url().lastIndexOf(':') + 1);
        assertTrue(raw(port, "localhost").startsWith("HTTP/1.1 200"));
        assertTrue(raw(port, "kites.example").startsWith("HTTP/1.1 421"));
        assertEquals(404, APP.get("/api/env").status());
        assertEquals("UP", APP.get("/api/health").body().get("status").asString());
    }

    private static int sent(String body, String... headers) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(APP.url() + "/api/orders"))
                                .POST(HttpRequest.BodyPublishers.ofString(body))
                                .headers(headers)
                                .build(),
                        HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }

    private static String raw(String port, String host) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", Integer.parseInt(port))) {
            socket.getOutputStream()
                    .write(("GET /api/health HTTP/1.1\r\nHost: " + host + ":" + port + "\r\nConnection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** What no keyboard gives is refused with its field; a name of two lines is one; a name like a formula stays a name. */
    @Test
    void namesArePlainText() {
        RunningApp.Answer nul =
                APP.post("/api/orders", "{\"name\":\"a\\u0000b\",\"handOver\":\"2026-12-12T10:00:00\"}");
        assertEquals(400, nul.status());
        assertEquals("name", nul.body().get("field").asString());
        assertTrue(nul.body().get("detail").asString().contains("can't be written"));
        RunningApp.Answer lines =
                APP.post("/api/orders", "{\"name\":\"two\\nlines\",\"handOver\":\"2026-12-12T10:00:00\"}");
        assertEquals("two lines", lines.body().at("/details/name").asString());
        APP.post(
                "/api/recipes",
                "{\"name\": \"Sums\", \"curve\": {\"ownCountSeconds\": 80, \"perGram\": 0.23}, \"ingredients\": [{\"name\": \"=SUM(A1)\", \"role\": \"SUGAR\", \"grams\": 300}, {\"name\": \"water\", \"role\": \"WATER\", \"grams\": 60}]}");
        APP.store("update cookie_order set recipe = 'sums' where id = 1 or mixed_into = 1");
        String csv = APP.text("/api/orders/1/print/shopping.csv");
        assertTrue(csv.contains("'=SUM(A1)") && !csv.contains("\n=SUM"), csv);
        APP.store("update cookie_order set recipe = null");
    }
}
