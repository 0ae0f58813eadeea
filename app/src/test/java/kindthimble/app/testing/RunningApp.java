package kindthimble.app.testing;

import jakarta.persistence.EntityManagerFactory;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpHeaders;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import kindthimble.app.history.History;
import org.hibernate.SessionFactory;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.context.ApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The real application on a free port, on a new database of the PostgreSQL cluster that {@code bin/test} starts. One application serves the
 * test classes that ask for the same, each with a database of its own; {@link #restart} stops and starts it on that.
 */
public final class RunningApp implements BeforeAllCallback, AfterAllCallback {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final AtomicInteger NUMBER = new AtomicInteger();

    private final HttpClient http = HttpClient.newHttpClient();
    private final boolean withDemo;
    private final boolean overTls;
    private final String dump;
    private final List<String> before;
    private TestApplication application;

    private RunningApp(boolean withDemo, boolean overTls, String dump, String... before) {
        this.withDemo = withDemo;
        this.overTls = overTls;
        this.dump = dump;
        this.before = List.of(before);
    }

    public static RunningApp empty() {
        return new RunningApp(false, false, null);
    }

    public static RunningApp withDemoData() {
        return new RunningApp(true, false, null);
    }

    /** With demo data, shared on the network as {@link Shared} says. */
    public static RunningApp overTls() {
        return new RunningApp(true, true, null);
    }

    /** On a database as an earlier version left it: a file of SQL among the test resources, and what was done to it before. */
    public static RunningApp on(String dump, String... before) {
        return new RunningApp(false, false, dump, before);
    }

    /** An answer: its status and its body (null when there is none). */
    public record Answer(int status, JsonNode body) {}

    @Override
    public void beforeAll(ExtensionContext junit) {
        application = dump == null ? TestApplication.shared(withDemo, overTls) : TestApplication.on(earlier());
    }

    @Override
    public void afterAll(ExtensionContext junit) {
        if (dump == null) {
            application.giveBack();
        } else {
            application.end();
            TestDatabases.drop(application.database());
        }
    }

    private String earlier() {
        String database = "earlier_" + ProcessHandle.current().pid() + "_" + NUMBER.incrementAndGet();
        TestDatabases.create(database);
        try (InputStream file = RunningApp.class.getResourceAsStream(dump)) {
            TestDatabases.execute(database, new String(file.readAllBytes(), StandardCharsets.UTF_8));
            before.forEach(command -> TestDatabases.execute(database, "set search_path to public; " + command));
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        return database;
    }

    private ConfigurableApplicationContext context() {
        return application.context();
    }

    /** Stops the application and starts it again on what it has stored, on the same port. */
    public void restart() {
        application.restart();
    }

    /** A part of the application itself. */
    public <T> T bean(Class<T> type) {
        return context().getBean(type);
    }

    public String url() {
        return "http://127.0.0.1:" + context().getEnvironment().getProperty("local.server.port");
    }

    public Answer get(String path) {
        return call("GET", path, null);
    }

    /** What stands at an address, as text. */
    public String text(String path) {
        return send(HttpRequest.newBuilder(URI.create(url() + path)).build(), HttpResponse.BodyHandlers.ofString());
    }

    /** With which headers an address is answered. */
    public HttpHeaders headers(String path) {
        try {
            return http.send(
                            HttpRequest.newBuilder(URI.create(url() + path)).build(),
                            HttpResponse.BodyHandlers.discarding())
                    .headers();
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** An address as it is written, though no client would write it so. */
    public Answer raw(String path) {
        URI door = URI.create(url());
        try (Socket socket = new Socket(door.getHost(), door.getPort())) {
            socket.getOutputStream()
                    .write(("GET %s HTTP/1.1\r\nHost: %s\r\nConnection: close\r\n\r\n"
                                    .formatted(path, door.getAuthority()))
                            .getBytes(StandardCharsets.US_ASCII));
            String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            String body = answer.substring(answer.indexOf("\r\n\r\n") + 4);
            int status = Integer.parseInt(answer.split(" ")[1]);
            // It may come in pieces, each behind its length.
            int from = body.indexOf('{');
            int to = body.lastIndexOf('}');
            return new Answer(status, from < 0 ? null : JSON.readTree(body.substring(from, to + 1)));
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** What stands at an address, as bytes. */
    public byte[] bytes(String path) {
        return send(HttpRequest.newBuilder(URI.create(url() + path)).build(), HttpResponse.BodyHandlers.ofByteArray());
    }

    /** Sends an archive. */
    public Answer send(String path, byte[] archive) {
        return send(path, "application/zip", archive);
    }

    /** Sends a file. */
    public Answer send(String path, String type, byte[] file) {
        return answer(sending(path, type, file));
    }

    /** The same, answered in lines. */
    public List<String> lines(String path, String type, byte[] file) {
        return send(sending(path, type, file), HttpResponse.BodyHandlers.ofString())
                .lines()
                .toList();
    }

    private HttpRequest sending(String path, String type, byte[] file) {
        return HttpRequest.newBuilder(URI.create(url() + path))
                .POST(HttpRequest.BodyPublishers.ofByteArray(file))
                .header("Content-Type", type)
                .header("Origin", url())
                .build();
    }

    /** Reads as an answer is made: all of it in one transaction that only reads. */
    public <T> T reading(Function<ApplicationContext, T> read) {
        TransactionTemplate once = new TransactionTemplate(context().getBean(PlatformTransactionManager.class));
        once.setReadOnly(true);
        return once.execute(status -> read.apply(context()));
    }

    /** Does at once what is done twice a day. */
    public void forget() {
        context().getBean(History.class).forgetWhatIsOld();
    }

    public Answer post(String path, String body) {
        return call("POST", path, body);
    }

    /**
     * Changes one place of an order or of the shop, as a page does that has just looked.
     *
     * @param address {@code /api/orders/7} or {@code /api/shop}
     * @param path of the place
     * @param now as JSON
     */
    public Answer change(String address, String path, Object now) {
        JsonNode stored = get(address).body();
        return patch(address, stored.path("revision").asLong(), path, now);
    }

    /** How much there is on the shelf, by name. */
    public TreeMap<String, Double> stock() {
        TreeMap<String, Double> amounts = new TreeMap<>();
        get("/api/shelf")
                .body()
                .get("stock")
                .forEach(one -> amounts.put(
                        one.get("name").asString(), one.get("amount").asDouble()));
        return amounts;
    }

    /** The same by a page that has seen some revision. */
    public Answer patch(String address, long revision, String path, Object now) {
        return call(
                "PATCH",
                address,
                "{\"revision\": %d, \"gesture\": null, \"edits\": [{\"path\": \"%s\", \"now\": %s}]}"
                        .formatted(revision, path, now));
    }

    public Answer call(String method, String path, String body) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url() + path))
                .method(
                        method,
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body))
                .header("Content-Type", "application/json")
                .header("Origin", url())
                .build();
        return answer(request);
    }

    private Answer answer(HttpRequest request) {
        try {
            HttpResponse<String> response = http.send(request, HttpResponse.BodyHandlers.ofString());
            boolean isJson = response.headers()
                    .firstValue("Content-Type")
                    .filter(type -> type.contains("json"))
                    .isPresent();
            return new Answer(
                    response.statusCode(),
                    isJson && !response.body().isEmpty() ? JSON.readTree(response.body()) : null);
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private <T> T send(HttpRequest request, HttpResponse.BodyHandler<T> handler) {
        try {
            return http.send(request, handler).body();
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** How many statements the application has sent to its database so far. */
    public long statements() {
        return context()
                .getBean(EntityManagerFactory.class)
                .unwrap(SessionFactory.class)
                .getStatistics()
                .getPrepareStatementCount();
    }

    /** Changes what is stored behind the application's back, as an earlier version may have left it. */
    public void store(String command) {
        TestDatabases.execute(application.database(), command);
    }

    /** Breaks every connection that the application has to its database. */
    public void breakConnections() {
        TestDatabases.execute(
                "postgres",
                "select pg_terminate_backend(pid, 5000) from pg_stat_activity where datname = '%s'"
                        .formatted(application.database()));
    }
}
