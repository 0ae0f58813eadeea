package kindthimble.app.testing;

import com.zaxxer.hikari.HikariDataSource;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import kindthimble.app.KindThimble;
import kindthimble.app.live.DatabaseReturned;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The real application in a test JVM. Starting it takes most of a test class's time, so one that is told the same serves all classes, one after the other;
 * each class gets a new database, copied from one that is made once a run.
 */
final class TestApplication {
    private static final AtomicInteger NUMBER = new AtomicInteger();
    private static final Map<List<String>, TestApplication> STARTED = new HashMap<>();

    /** Where no scale answers. */
    private static final int NO_SCALE = 1;

    private static final int LISTENS_WITHIN_MS = 60_000;
    private static final int LOOK_EVERY_MS = 20;

    private final List<String> told;
    private final TestScale scale = new TestScale();
    private final String database;
    private ConfigurableApplicationContext context;
    private int port;

    private TestApplication(List<String> told, String database) {
        this.told = told;
        this.database = database;
    }

    /** The application that is told this, on a new database with what it puts into one. */
    static synchronized TestApplication shared(List<String> told) {
        TestApplication there = STARTED.get(told);
        if (there == null) {
            TestApplication first =
                    new TestApplication(told, "t_" + ProcessHandle.current().pid() + "_" + NUMBER.incrementAndGet());
            first.startShared();
            STARTED.put(told, first);
            return first;
        }
        there.moveToNewDatabase();
        return there;
    }

    /** One of its own, on a database that stands already: {@link #end} ends it. */
    static TestApplication on(String database, List<String> told) {
        TestApplication own = new TestApplication(told, database);
        own.start();
        return own;
    }

    String database() {
        return database;
    }

    ConfigurableApplicationContext context() {
        return context;
    }

    private String template() {
        return "template_" + Integer.toHexString(told.hashCode());
    }

    /** The first JVM of a run to come here makes the template; another one that comes meanwhile does not wait for it. */
    private void startShared() {
        boolean isFirst = TestDatabases.ifNobodyElseDoes(() -> {
            if (TestDatabases.exists(template())) {
                TestDatabases.copy(template(), database);
                start();
            } else {
                TestDatabases.create(database);
                start();
                awaitListening();
                TestDatabases.copyUnderAnApplication(database, template());
                isOnAnother();
            }
        });
        if (!isFirst) {
            TestDatabases.create(database);
            start();
        }
    }

    private void moveToNewDatabase() {
        TestDatabases.drop(database);
        TestDatabases.onceNobodyElseDoes(() -> TestDatabases.copy(template(), database));
        isOnAnother();
        scale.clear();
    }

    /** Its connections are to what has gone: it makes new ones, and remembers nothing of before. */
    private void isOnAnother() {
        context.getBean(HikariDataSource.class).getHikariPoolMXBean().softEvictConnections();
        awaitListening();
        context.publishEvent(new DatabaseReturned());
    }

    private void awaitListening() {
        long until = System.currentTimeMillis() + LISTENS_WITHIN_MS;
        while (!TestDatabases.isListenedTo(database)) {
            if (System.currentTimeMillis() > until) {
                throw new IllegalStateException("the application does not listen to " + database);
            }
            try {
                Thread.sleep(LOOK_EVERY_MS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
        }
    }

    private void start() {
        List<String> arguments = new ArrayList<>(List.of(
                "--server.port=" + port,
                "--spring.datasource.url=" + TestDatabases.url(database),
                "--spring.datasource.username=" + TestDatabases.user(),
                "--spring.datasource.password=" + TestDatabases.password(),
                "--kind-thimble.today=2026-12-02",
                "--kind-thimble.scale-port=" + NO_SCALE,
                "--kind-thimble.search=" + System.getProperty("kind-thimble.search", "0.1"),
                "--kind-thimble.practice-scale-port=" + scale.port(),
                "--springdoc.api-docs.enabled=true",
                "--spring.jpa.properties.hibernate.generate_statistics=true",
                "--spring.main.banner-mode=off",
                "--logging.level.root=warn",
                // Between two test classes its connections break, which it would say each time.
                "--logging.level.com.zaxxer.hikari=error"));
        arguments.addAll(told);
        context = new SpringApplicationBuilder(KindThimble.class).run(arguments.toArray(String[]::new));
        port = Integer.parseInt(context.getEnvironment().getProperty("local.server.port"));
    }

    /** Stops it and starts it again on what it has stored, on the same port. */
    void restart() {
        context.close();
        start();
    }

    void end() {
        context.close();
        scale.switchOff();
    }
}
