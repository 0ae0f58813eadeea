package kindthimble.app.reach;

import java.io.IOException;
import java.nio.file.Files;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import kindthimble.core.words.Refused;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The one password of the kitchen. After five wrong ones in a row each further one has to wait, twice as long as the one before, and while it has to, none is
 * looked at: restarting the application does not help.
 */
@Service
class SharedPassword implements SmartInitializingSingleton {
    static final int FREE = 5;
    static final int SHORTEST = 8;
    private static final int LONGEST = 200;
    private static final int FIRST_WAIT_SECONDS = 5;
    private static final int MOST_WAIT_SECONDS = 300;
    private static final int MOST_DOUBLINGS = 10;
    private static final Duration FORGOTTEN = Duration.ofDays(1);

    private final Share share;
    private final PasswordEncoder encoder;
    private final JdbcTemplate jdbc;
    private final TransactionTemplate transactions;
    private final Clock clock;

    SharedPassword(
            Share share, PasswordEncoder encoder, JdbcTemplate jdbc, TransactionTemplate transactions, Clock clock) {
        this.share = share;
        this.encoder = encoder;
        this.jdbc = jdbc;
        this.transactions = transactions;
        this.clock = clock;
    }

    /** Takes a password that was chosen at the start. */
    @Override
    public void afterSingletonsInstantiated() {
        if (share.newPassword() == null || !Files.isRegularFile(share.newPassword())) {
            return;
        }
        try {
            String chosen = Files.readString(share.newPassword()).strip();
            Files.delete(share.newPassword());
            set(chosen);
        } catch (IOException e) {
            throw new IllegalStateException("the chosen password can't be read: " + e.getMessage(), e);
        }
    }

    /**
     * @throws Refused when it is too short or too long
     */
    void set(String chosen) {
        if (chosen.length() < SHORTEST || chosen.length() > LONGEST) {
            throw new Refused("password", "A password has %d to %d letters.".formatted(SHORTEST, LONGEST));
        }
        jdbc.update(
                "insert into shared_password (id, hash) values (1, ?) on conflict (id) do update set hash = excluded.hash",
                encoder.encode(chosen));
        jdbc.update("delete from wrong_password");
    }

    /**
     * @param address where it was typed: whoever types wrong ones makes nobody wait but those at the same address
     * @throws Refused when it is wrong, or it is too early to try
     */
    void check(String typed, String address) {
        // One after the other: many at once would all be looked at before the first is counted.
        transactions.executeWithoutResult(status -> {
            jdbc.update(
                    "delete from wrong_password where last_at < ?",
                    java.sql.Timestamp.from(clock.instant().minus(FORGOTTEN)));
            jdbc.update(
                    "insert into wrong_password (address, times, last_at) values (?, 0, to_timestamp(0)) on conflict (address) do nothing",
                    address);
            Tries tries = jdbc.queryForObject(
                    "select times, last_at from wrong_password where address = ? for update",
                    (row, n) -> new Tries(row.getInt(1), row.getTimestamp(2).toInstant()),
                    address);
            long wait = tries.waitSeconds(clock.instant());
            if (wait > 0) {
                throw new Refused("password", "Too many wrong passwords. Wait %d s, then try again.".formatted(wait));
            }
            jdbc.update(
                    "update wrong_password set times = times + 1, last_at = ? where address = ?",
                    java.sql.Timestamp.from(clock.instant()),
                    address);
        });
        List<String> hash = jdbc.queryForList("select hash from shared_password", String.class);
        boolean isRight = !hash.isEmpty() && typed.length() <= LONGEST && encoder.matches(typed, hash.get(0));
        if (!isRight) {
            throw new Refused("password", "That is not the password of this kitchen.");
        }
        jdbc.update("delete from wrong_password where address = ?", address);
    }

    private record Tries(int times, Instant lastAt) {
        long waitSeconds(Instant now) {
            if (times < FREE) {
                return 0;
            }
            long wait =
                    Math.min(MOST_WAIT_SECONDS, (long) FIRST_WAIT_SECONDS << Math.min(MOST_DOUBLINGS, times - FREE));
            // A clock that was set back has not made anybody wait longer.
            return Math.min(
                    wait, Math.max(0, wait - Duration.between(lastAt, now).toSeconds()));
        }
    }
}
