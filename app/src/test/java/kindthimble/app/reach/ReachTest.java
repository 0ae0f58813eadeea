package kindthimble.app.reach;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.CookieManager;
import java.net.CookiePolicy;
import java.net.HttpCookie;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLEngine;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.SSLSocket;
import javax.net.ssl.TrustManager;
import javax.net.ssl.X509ExtendedTrustManager;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.Shared;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Devices on the home network, by TLS: who comes in, and who does not. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ReachTest {
    private static final Shared SHARED = Shared.ONCE;

    @RegisterExtension
    static final RunningApp APP = RunningApp.overTls();

    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** A browser on a device: it keeps its cookies, sends the token that its page was given, and trusts the certificate that it was shown. */
    private static final class Device {
        private final CookieManager cookies = new CookieManager(null, CookiePolicy.ACCEPT_ALL);
        private final HttpClient http = HttpClient.newBuilder()
                .sslContext(trusting())
                .cookieHandler(cookies)
                .build();

        HttpResponse<String> send(String method, String path, String body, String... headers) {
            HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(SHARED.url() + path))
                    .method(
                            method,
                            body == null
                                    ? HttpRequest.BodyPublishers.noBody()
                                    : HttpRequest.BodyPublishers.ofString(body))
                    .header("Content-Type", "application/json")
                    .header("Origin", SHARED.url());
            for (int i = 0; i < headers.length; i += 2) {
                request.header(headers[i], headers[i + 1]);
            }
            try {
                return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
        }

        /** Listens until the line ends. */
        long listen() {
            return send("GET", "/api/live", null).body().length();
        }

        int get(String path) {
            return send("GET", path, null).statusCode();
        }

        /** As a page does: with the token. */
        HttpResponse<String> change(String method, String path, String body) {
            if (token().isEmpty()) {
                get("/api/reach");
            }
            return send(method, path, body, "X-XSRF-TOKEN", token());
        }

        String token() {
            return cookies.getCookieStore().getCookies().stream()
                    .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                    .map(HttpCookie::getValue)
                    .findFirst()
                    .orElse("");
        }

        HttpCookie session() {
            return cookies.getCookieStore().getCookies().stream()
                    .filter(cookie -> cookie.getName().equals("kind-thimble"))
                    .findFirst()
                    .orElseThrow();
        }

        HttpResponse<String> signIn(String password) {
            return change(
                    "POST", "/api/reach/sign-in", "{\"password\": \"%s\", \"name\": \"Tablet\"}".formatted(password));
        }
    }

    private static SSLContext trusting() {
        try {
            SSLContext context = SSLContext.getInstance("TLS");
            context.init(null, new TrustManager[] {new Trusting()}, new SecureRandom());
            return context;
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    private static final class Trusting extends X509ExtendedTrustManager {
        @Override
        public void checkClientTrusted(X509Certificate[] chain, String type) {}

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String type) {}

        @Override
        public void checkClientTrusted(X509Certificate[] chain, String type, Socket socket) {}

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String type, Socket socket) {}

        @Override
        public void checkClientTrusted(X509Certificate[] chain, String type, SSLEngine engine) {}

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String type, SSLEngine engine) {}

        @Override
        public X509Certificate[] getAcceptedIssuers() {
            return new X509Certificate[0];
        }
    }

    private static JsonNode json(HttpResponse<String> answer) {
        return JSON.readTree(answer.body());
    }

    private static String newOrder() {
        return "{\"name\":\"From a tablet\",\"handOver\":\"2026-12-12T10:00:00\"}";
    }

    @Test
    @Order(1)
    void whoIsNotLetInDoesNothing() {
        Device stranger = new Device();
        assertEquals(401, stranger.get("/api/week"));
        assertEquals(401, stranger.get("/api/reach/devices"));
        assertEquals(200, stranger.get("/"), "the page itself, on which one signs in");
        assertEquals(401, stranger.change("POST", "/api/orders", newOrder()).statusCode());
        assertEquals(
                401, stranger.change("POST", "/api/reach/invitations", null).statusCode());
        assertEquals(403, stranger.send("POST", "/api/reach/sign-in", "{}").statusCode(), "without its token");
        JsonNode view = json(stranger.send("GET", "/api/reach", null));
        assertFalse(view.get("isIn").asBoolean() || view.get("isHere").asBoolean());
        assertEquals(0, view.get("addresses").size(), "a stranger is told nothing");
        assertFalse(Files.exists(SHARED.folder().resolve("password")), "the chosen password is not left lying");
    }

    @Test
    @Order(2)
    void thePasswordLetsADeviceInUntilItIsUnpaired() {
        Device tablet = new Device();
        assertEquals(422, tablet.signIn("eleven kites down").statusCode());
        HttpResponse<String> in = tablet.signIn(Shared.PASSWORD);
        assertEquals(200, in.statusCode(), in::body);
        assertTrue(json(in).get("isIn").asBoolean());
        assertTrue(tablet.session().isHttpOnly() && tablet.session().getSecure());
        assertTrue(tablet.session().getMaxAge() > 300L * 86_400);
        assertEquals(200, tablet.get("/api/week"));
        assertEquals(201, tablet.change("POST", "/api/orders", newOrder()).statusCode());
        assertEquals(403, tablet.send("POST", "/api/orders", newOrder()).statusCode(), "without its token");
        assertEquals(
                403,
                tablet.send("POST", "/api/orders", newOrder(), "X-XSRF-TOKEN", "made up")
                        .statusCode());
        // It is in after the application has been started anew: sessions are stored.
        APP.restart();
        assertEquals(200, tablet.get("/api/week"));
        String id = json(tablet.send("GET", "/api/reach", null)).get("device").asString();
        JsonNode devices = APP.get("/api/reach/devices").body();
        assertEquals(1, devices.size());
        assertEquals(id, devices.get(0).get("id").asString());
        assertEquals("Tablet", devices.get(0).get("name").asString());
        assertEquals(200, APP.call("DELETE", "/api/reach/devices/" + id, null).status());
        assertEquals(401, tablet.get("/api/week"), "out at once");
        assertEquals(404, APP.call("DELETE", "/api/reach/devices/" + id, null).status());
    }

    @Test
    @Order(3)
    void aKeyLetsOneDeviceInOnce() {
        JsonNode invited = APP.post("/api/reach/invitations", null).body();
        String address = invited.at("/addresses/0").asString();
        assertTrue(address.startsWith(SHARED.url() + "/pair#"), address);
        assertTrue(invited.get("side").asInt() >= 21, "a square that a camera reads");
        String key = address.substring(address.indexOf('#') + 1);
        Device phone = new Device();
        String body = "{\"key\": \"%s\", \"name\": \"Phone\"}";
        assertEquals(
                422,
                phone.change("POST", "/api/reach/pair", body.formatted("x" + key))
                        .statusCode());
        assertEquals(
                200,
                phone.change("POST", "/api/reach/pair", body.formatted(key)).statusCode());
        assertEquals(200, phone.get("/api/week"));
        Device second = new Device();
        assertEquals(
                422,
                second.change("POST", "/api/reach/pair", body.formatted(key)).statusCode(),
                "a key is used once");
        JsonNode old = APP.post("/api/reach/invitations", null).body();
        APP.store("set search_path to public; update invitation set expires_at = now() - interval '1 year'");
        String oldKey = old.at("/addresses/0").asString().replaceFirst(".*#", "");
        assertEquals(
                422,
                second.change("POST", "/api/reach/pair", body.formatted(oldKey)).statusCode());
    }

    @Test
    @Order(4)
    void otherNamesGetNoAnswer() throws IOException {
        assertTrue(answerTo("kites.example").startsWith("HTTP/1.1 421"));
        assertTrue(answerTo("127.0.0.1").startsWith("HTTP/1.1 200"));
    }

    private static String answerTo(String host) throws IOException {
        URI shared = URI.create(SHARED.url());
        try (Socket socket = trusting().getSocketFactory().createSocket(shared.getHost(), shared.getPort())) {
            socket.getOutputStream()
                    .write(("GET /api/reach HTTP/1.1\r\nHost: " + host + ":" + shared.getPort()
                                    + "\r\nConnection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** What only encrypts, or has no key of the moment, is not spoken; the suites of RFC 8446 and those of RFC 5288 and RFC 7905 are. */
    @Test
    @Order(5)
    void onlySuitesThatSealAreSpoken() throws IOException {
        assertTrue(speaks("TLSv1.3", "TLS_AES_128_GCM_SHA256"));
        assertTrue(speaks("TLSv1.2", "TLS_ECDHE_ECDSA_WITH_AES_256_GCM_SHA384"));
        assertTrue(speaks("TLSv1.2", "TLS_ECDHE_ECDSA_WITH_CHACHA20_POLY1305_SHA256"));
        assertFalse(speaks("TLSv1.2", "TLS_ECDHE_ECDSA_WITH_AES_128_CBC_SHA256"));
        assertFalse(speaks("TLSv1.2", "TLS_ECDHE_ECDSA_WITH_AES_256_CBC_SHA"));
    }

    private static boolean speaks(String version, String suite) throws IOException {
        URI shared = URI.create(SHARED.url());
        try (SSLSocket socket =
                (SSLSocket) trusting().getSocketFactory().createSocket(shared.getHost(), shared.getPort())) {
            socket.setEnabledProtocols(new String[] {version});
            socket.setEnabledCipherSuites(new String[] {suite});
            socket.startHandshake();
            return socket.getSession().getCipherSuite().equals(suite);
        } catch (SSLHandshakeException e) {
            return false;
        }
    }

    /** After five wrong ones the right one has to wait as well; waiting ends, and a right one forgets them. */
    @Test
    @Order(5)
    void wrongPasswordsSlowDown() {
        Device device = new Device();
        List<Integer> answers = new ArrayList<>();
        for (int i = 0; i < SharedPassword.FREE; i++) {
            answers.add(device.signIn("wrong again " + i).statusCode());
        }
        assertEquals(List.of(422, 422, 422, 422, 422), answers);
        HttpResponse<String> early = device.signIn(Shared.PASSWORD);
        assertEquals(422, early.statusCode());
        assertTrue(json(early).get("detail").asString().startsWith("Too many wrong passwords. Wait 5 s"), early::body);
        APP.store("set search_path to public; update wrong_password set times = 8");
        assertTrue(json(device.signIn("x")).get("detail").asString().contains("Wait 40 s"));
        APP.store("set search_path to public; update wrong_password set last_at = last_at - interval '41 seconds'");
        assertEquals(200, device.signIn(Shared.PASSWORD).statusCode());
        assertEquals(422, device.signIn("wrong once more").statusCode());
        assertEquals(200, device.signIn(Shared.PASSWORD).statusCode(), "the right one has forgiven the others");
    }

    /** The open door stays on loopback, and asks for nothing. */
    @Test
    @Order(6)
    void theKitchensComputerIsAlwaysIn() {
        JsonNode view = APP.get("/api/reach").body();
        assertTrue(view.get("isHere").asBoolean()
                && view.get("isIn").asBoolean()
                && view.get("isShared").asBoolean());
        assertEquals(200, APP.get("/api/week").status());
        assertEquals(
                422,
                APP.post("/api/reach/sign-in", "{\"password\": \"x\", \"name\": \"x\"}")
                        .status());
        assertTrue(APP.text("/api/reach").contains(SHARED.url()));
        // Those that were called alike are told apart.
        List<String> names = new ArrayList<>();
        APP.get("/api/reach/devices")
                .body()
                .forEach(one -> names.add(one.get("name").asString()));
        assertEquals(List.of("Phone", "Tablet", "Tablet 2"), names);
    }

    /** Whoever types wrong passwords elsewhere makes nobody here wait; a clock that was set back makes nobody wait longer than ever. */
    @Test
    @Order(7)
    void wrongPasswordsElsewhereAreNobodysHere() {
        APP.store(
                "set search_path to public; insert into wrong_password values ('192.0.2.7', 40, timestamptz '2030-01-01')");
        Device device = new Device();
        assertEquals(200, device.signIn(Shared.PASSWORD).statusCode());
        APP.store(
                "set search_path to public; insert into wrong_password values ('127.0.0.1', 40, timestamptz '2030-01-01')");
        String detail = json(device.signIn(Shared.PASSWORD)).get("detail").asString();
        assertTrue(detail.contains("Wait 300 s"), detail);
        APP.store("set search_path to public; delete from wrong_password");
        assertEquals(200, device.signIn(Shared.PASSWORD).statusCode());
    }

    /** A device that is in lets nobody else in, and when it is turned out its open line ends and no key is left that it may have seen. */
    @Test
    @Order(8)
    void whoIsTurnedOutHearsNothingMoreAndLeavesNoKey() throws Exception {
        Device tablet = new Device();
        assertEquals(200, tablet.signIn(Shared.PASSWORD).statusCode());
        assertEquals(422, tablet.change("POST", "/api/reach/invitations", null).statusCode());
        assertEquals(
                422,
                tablet.change("POST", "/api/reach/invitations/letters", null).statusCode());
        assertEquals(
                422,
                tablet.change("POST", "/api/reach/password", "{\"password\": \"hers from now on\", \"name\": \"\"}")
                        .statusCode());
        String key = APP.post("/api/reach/invitations", null)
                .body()
                .at("/addresses/0")
                .asString()
                .replaceFirst(".*#", "");
        String id = json(tablet.send("GET", "/api/reach", null)).get("device").asString();
        CompletableFuture<Long> heard = CompletableFuture.supplyAsync(tablet::listen);
        Thread.sleep(500);
        assertFalse(heard.isDone(), "it listens");
        assertEquals(200, APP.call("DELETE", "/api/reach/devices/" + id, null).status());
        heard.get(5, TimeUnit.SECONDS);
        assertEquals(
                422,
                new Device()
                        .change("POST", "/api/reach/pair", "{\"key\": \"%s\", \"name\": \"Phone\"}".formatted(key))
                        .statusCode());
    }
}
