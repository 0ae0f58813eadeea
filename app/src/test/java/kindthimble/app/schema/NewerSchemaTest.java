package kindthimble.app.schema;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.SQLException;
import javax.sql.DataSource;
import kindthimble.app.testing.RunningApp;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;

/** A version that is older than what is stored changes nothing, and says which one can read it. */
class NewerSchemaTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    @Test
    void anOlderVersionSaysSoAndChangesNothing() throws SQLException {
        FlywayMigrationStrategy strategy = APP.bean(FlywayMigrationStrategy.class);
        Flyway flyway = APP.bean(Flyway.class);
        strategy.migrate(flyway); // What is known is taken.
        APP.store(
                "insert into flyway_schema_history (installed_rank, version, description, type, script, checksum, installed_by, execution_time, success) "
                        + "values (900, '900', 'of later', 'SQL', 'V900__of_later.sql', 1, 'later', 1, true)");
        int before = steps();
        NewerSchema newer = assertThrows(NewerSchema.class, () -> strategy.migrate(flyway));
        assertTrue(
                newer.getMessage().contains("schema 900; this one knows it up to " + (before - 1)), newer.getMessage());
        assertEquals(78, newer.getExitCode());
        assertEquals(before, steps());
    }

    private static int steps() throws SQLException {
        try (var connection = APP.bean(DataSource.class).getConnection();
                var rows = connection.createStatement().executeQuery("select count(*) from flyway_schema_history")) {
            rows.next();
            return rows.getInt(1);
        }
    }
}
