package kindthimble.app.testing;

import com.zaxxer.hikari.HikariDataSource;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import kindthimble.app.KindThimble;
import kindthimble.app.live.DatabaseReturned;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * The real application in a test JVM. Starting it takes most of a test class's time, so one serves all classes, one after the other; each class gets a new
 * database, empty or with demo data, copied from one of the two that are made once a run. A class that asks for another one while it has one gets a second.
 */
final class TestApplication {
    private static final AtomicInteger NUMBER = new AtomicInteger();
    private static final List<TestApplication> STARTED = new ArrayList<>();

    /** Where no scale answers. */
    private static final int NO_SCALE = 1;

    private static final int LISTENS_WITHIN_MS = 60_000;
    private static final int LOOK_EVERY_MS = 20;

    /** Shared on the network as {@link Shared} says: only one can be at its port. */
    private final boolean isShared;

    private final TestScale scale = new TestScale();
    private final String database;
    private boolean hasDemo;
    private boolean isUsed;
    private ConfigurableApplicationContext context;
    private int port;

    private TestApplication(String database, boolean isShared) {
        this.database = database;
        this.isShared = isShared;
    }

    /**
     * One on a new database.
     *
     * @param withDemo whether demo data are in it
     * @param overTls whether it has to be shared on the network
     */
    static synchronized TestApplication shared(boolean withDemo, boolean overTls) {
        TestApplication one = STARTED.stream()
                .filter(there -> !there.isUsed && (there.isShared || !overTls))
                .findFirst()
                .orElse(null);
        if (one == null) {
            one = new TestApplication(
                    "t_" + ProcessHandle.current().pid() + "_" + NUMBER.incrementAndGet(),
                    STARTED.stream().noneMatch(there -> there.isShared));
            STARTED.add(one);
        }
        one.isUsed = true;
        one.moveToNewDatabase(withDemo);
        return one;
    }

    /** The next class may have it. */
    void giveBack() {
        isUsed = false;
    }

    /** One of its own, on a database that stands already: {@link #end} ends it. */
    static TestApplication on(String database) {
        TestApplication own = new TestApplication(database, false);
        own.start();
        return own;
    }

    String database() {
        return database;
    }

    ConfigurableApplicationContext context() {
        return context;
    }

    private void moveToNewDatabase(boolean withDemo) {
        hasDemo = withDemo;
        String template = withDemo ? "template_demo" : "template_empty";
        TestDatabases.drop(database);
        TestDatabases.onceNobodyElseDoes(() -> {
            if (TestDatabases.exists(template)) {
                TestDatabases.copy(template, database);
                return;
            }
            // The first JVM of a run to come here makes it, by what the application puts into a database that is new.
            TestDatabases.create(database);
            if (context != null) {
                context.close();
            }
            // Whichever of the run's JVMs makes it: those that share it have the password in it.
            Shared.ONCE.choosePassword();
            start();
            awaitListening();
            TestDatabases.copyUnderAnApplication(database, template);
        });
        if (context == null) {
            start();
        } else {
            isOnAnother();
        }
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
        arguments.add("--kind-thimble.demo=" + hasDemo);
        arguments.addAll(isShared ? List.of(Shared.ONCE.arguments()) : List.of(Shared.ONCE.newPassword()));
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
