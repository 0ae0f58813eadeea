package kindthimble.app.testing;

import jakarta.persistence.EntityManagerFactory;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import kindthimble.app.KindThimble;
import kindthimble.app.history.History;
import kindthimble.devices.KitchenScale;
import org.hibernate.SessionFactory;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Starts the real application on a free port, on a new database of the PostgreSQL cluster that {@code bin/test} starts. Each
 * test class has its own; {@link #restart} stops and starts it on the same database.
 */
public final class RunningApp implements BeforeAllCallback, AfterAllCallback {
    private static final AtomicInteger NUMBER = new AtomicInteger();
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** Where no scale answers. */
    private static final int NO_SCALE = 1;

    private final HttpClient http = HttpClient.newHttpClient();
    private final boolean demo;
    private final String dump;
    private final List<String> before;
    private final String database = "t_" + ProcessHandle.current().pid() + "_" + NUMBER.incrementAndGet();
    private ConfigurableApplicationContext context;
    private ServerSocket scale;
    private int port;
    private List<String> told = List.of();

    private RunningApp(boolean demo, String dump, String... before) {
        this.demo = demo;
        this.dump = dump;
        this.before = List.of(before);
    }

    public static RunningApp empty() {
        return new RunningApp(false, null);
    }

    public static RunningApp withDemoData() {
        return new RunningApp(true, null);
    }

    /** With what else the application is told at its start. */
    public static RunningApp told(String... arguments) {
        RunningApp app = new RunningApp(true, null);
        app.told = List.of(arguments);
        return app;
    }

    /** On a database as an earlier version left it: a file of SQL among the test resources, and what was done to it before. */
    public static RunningApp on(String dump, String... before) {
        return new RunningApp(false, dump, before);
    }

    /** An answer: its status and its body (null when there is none). */
    public record Answer(int status, JsonNode body) {}

    @Override
    public void beforeAll(ExtensionContext junit) throws SQLException {
        cluster("create database " + database);
        scale = practiceScale();
        if (dump != null) {
            try (InputStream file = RunningApp.class.getResourceAsStream(dump)) {
                store(new String(file.readAllBytes(), StandardCharsets.UTF_8));
                before.forEach(command -> store("set search_path to public; " + command));
            } catch (java.io.IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        }
        start();
    }

    @Override
    public void afterAll(ExtensionContext junit) throws SQLException {
        context.close();
        switchOffTheScale();
        cluster("drop database " + database + " with (force)");
    }

    private static ServerSocket practiceScale() {
        try {
            ServerSocket server = new ServerSocket(0, 5, InetAddress.getLoopbackAddress());
            Thread thread = new Thread(() -> new KitchenScale(3).serve(server), "practice scale");
            thread.setDaemon(true);
            thread.start();
            return server;
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** As if its battery were empty. */
    public void switchOffTheScale() {
        try {
            scale.close();
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** Stops the application and starts it again on what it has stored, on the same port. */
    public void restart() {
        port = Integer.parseInt(context.getEnvironment().getProperty("local.server.port"));
        context.close();
        start();
    }

    public String url() {
        return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
    }

    public Answer get(String path) {
        return call("GET", path, null);
    }

    /** What stands at an address, as text. */
    public String text(String path) {
        return send(HttpRequest.newBuilder(URI.create(url() + path)).build(), HttpResponse.BodyHandlers.ofString());
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
        TransactionTemplate once = new TransactionTemplate(context.getBean(PlatformTransactionManager.class));
        once.setReadOnly(true);
        return once.execute(status -> read.apply(context));
    }

    /** Does at once what is done twice a day. */
    public void forget() {
        context.getBean(History.class).forgetWhatIsOld();
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

    private void start() {
        List<String> arguments = new ArrayList<>(List.of(
                "--server.port=" + port,
                "--spring.datasource.url=" + clusterUrl() + database,
                "--spring.datasource.username=kindthimble",
                "--spring.datasource.password=" + password(),
                "--kind-thimble.demo=" + demo,
                "--kind-thimble.today=2026-12-02",
                "--kind-thimble.scale-port=" + NO_SCALE,
                "--kind-thimble.practice-scale-port=" + scale.getLocalPort(),
                "--springdoc.api-docs.enabled=true",
                "--spring.jpa.properties.hibernate.generate_statistics=true",
                "--spring.main.banner-mode=off",
                "--logging.level.root=warn"));
        arguments.addAll(told);
        context = new SpringApplicationBuilder(KindThimble.class).run(arguments.toArray(String[]::new));
    }

    /** How many statements the application has sent to its database so far. */
    public long statements() {
        return context.getBean(EntityManagerFactory.class)
                .unwrap(SessionFactory.class)
                .getStatistics()
                .getPrepareStatementCount();
    }

    /** Changes what is stored behind the application's back, as an earlier version may have left it. */
    public void store(String command) {
        try (Connection connection = DriverManager.getConnection(clusterUrl() + database, "kindthimble", password());
                Statement statement = connection.createStatement()) {
            statement.execute(command);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void cluster(String command) throws SQLException {
        try (Connection connection = DriverManager.getConnection(clusterUrl() + "postgres", "kindthimble", password());
                Statement statement = connection.createStatement()) {
            statement.execute(command);
        }
    }

    private static String clusterUrl() {
        return needed("KIND_THIMBLE_TEST_DB");
    }

    private static String password() {
        return needed("KIND_THIMBLE_TEST_DB_PASSWORD");
    }

    private static String needed(String variable) {
        String text = System.getenv(variable);
        if (text == null) {
            throw new IllegalStateException(variable + " is not set: run the tests with bin/test");
        }
        return text;
    }
}
