package kindthimble.app.testing;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/** Databases of the throw-away PostgreSQL cluster that {@code bin/test} starts. */
final class TestDatabases {
    private static final String USER = "kindthimble";
    private static final String MAINTENANCE = "postgres";

    /** Any number that nothing else locks. */
    private static final long TEMPLATES = 5_105_913;

    private TestDatabases() {}

    static String url(String database) {
        return needed("KIND_THIMBLE_TEST_DB") + database;
    }

    static String user() {
        return USER;
    }

    static String password() {
        return needed("KIND_THIMBLE_TEST_DB_PASSWORD");
    }

    static void create(String database) {
        execute(MAINTENANCE, "create database " + database);
    }

    /** A new database with all that another one holds; nobody may be connected to that. */
    static void copy(String from, String to) {
        execute(MAINTENANCE, "create database %s template %s".formatted(to, from));
    }

    /** Drops a database under whoever is connected to it. */
    static void drop(String database) {
        execute(MAINTENANCE, "drop database if exists " + database + " with (force)");
    }

    /** Copies a database while an application runs on it: its connections break, and it makes new ones. */
    static void copyUnderAnApplication(String from, String to) {
        execute(MAINTENANCE, "alter database %s allow_connections false".formatted(from));
        execute(
                MAINTENANCE,
                "select pg_terminate_backend(pid, 5000) from pg_stat_activity where datname = '%s'".formatted(from));
        copy(from, to);
        execute(MAINTENANCE, "alter database %s allow_connections true".formatted(from));
    }

    static boolean exists(String database) {
        return counts("select count(*) from pg_database where datname = ?", database) > 0;
    }

    /** Whether an application on a database hears of what changes there. */
    static boolean isListenedTo(String database) {
        return counts("select count(*) from pg_stat_activity where datname = ? and query like 'listen %'", database)
                > 0;
    }

    private static long counts(String query, String database) {
        try (Connection connection = connect(MAINTENANCE);
                PreparedStatement statement = connection.prepareStatement(query)) {
            statement.setString(1, database);
            try (ResultSet counted = statement.executeQuery()) {
                counted.next();
                return counted.getLong(1);
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Does something that only one of the test JVMs on this cluster may do at a time; another one waits. */
    static void onceNobodyElseDoes(Runnable work) {
        try (Connection connection = connect(MAINTENANCE);
                Statement statement = connection.createStatement()) {
            statement.execute("select pg_advisory_lock(%d)".formatted(TEMPLATES));
            work.run();
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    static void execute(String database, String command) {
        try (Connection connection = connect(database);
                Statement statement = connection.createStatement()) {
            statement.execute(command);
        } catch (SQLException e) {
            throw new IllegalStateException(command, e);
        }
    }

    static Connection connect(String database) throws SQLException {
        return DriverManager.getConnection(url(database), USER, password());
    }

    private static String needed(String variable) {
        String text = System.getenv(variable);
        if (text == null) {
            throw new IllegalStateException(variable + " is not set: run the tests with bin/test");
        }
        return text;
    }
}
