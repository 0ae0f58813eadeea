package kindthimble.app.schema;

import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Takes the schema as far as this version knows it; one that a newer version has taken further is left as it is. */
@Configuration(proxyBeanMethods = false)
class KnownSchema {

    @Bean
    FlywayMigrationStrategy asFarAsKnown() {
        return KnownSchema::migrate;
    }

    private static void migrate(Flyway flyway) {
        MigrationInfo current = flyway.info().current();
        int known = newest(flyway);
        if (current != null && current.getVersion() != null && number(current.getVersion()) > known) {
            throw new NewerSchema(number(current.getVersion()), known);
        }
        flyway.migrate();
    }

    private static int newest(Flyway flyway) {
        int newest = 0;
        for (MigrationInfo step : flyway.info().all()) {
            boolean isKnown = step.getState().isResolved() && step.getVersion() != null;
            newest = Math.max(newest, isKnown ? number(step.getVersion()) : 0);
        }
        return newest;
    }

    private static int number(MigrationVersion version) {
        return Integer.parseInt(version.getVersion());
    }
}
