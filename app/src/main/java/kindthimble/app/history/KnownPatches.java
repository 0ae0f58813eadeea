package kindthimble.app.history;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Which patches were stored: a page that heard no answer sends the same one again, and it counts once. */
@Component
public class KnownPatches {
    private static final String ONCE_A_DAY = "PT24H";

    /** Longer than any page waits with what it has sent. */
    private static final Duration KEPT = Duration.ofDays(60);

    private final JdbcTemplate jdbc;
    private final Clock clock;

    KnownPatches(JdbcTemplate jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * Takes note of a patch, with what is stored of it: where that is taken back, so is this.
     *
     * @return false where it was stored already
     */
    public boolean isNew(Patch patch) {
        return patch.id() == null
                || jdbc.update(
                                "insert into patch_known (id, at) values (?, ?) on conflict do nothing",
                                patch.id(),
                                now())
                        == 1;
    }

    @Scheduled(initialDelayString = "PT2M", fixedDelayString = ONCE_A_DAY)
    void forgetWhatIsOld() {
        jdbc.update(
                "delete from patch_known where at < ?",
                Timestamp.from(clock.instant().minus(KEPT)));
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }
}
