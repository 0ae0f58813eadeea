package kindthimble.app.live;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.function.Consumer;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.ContextRefreshedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import tools.jackson.databind.json.JsonMapper;

/**
 * Tells every instance of the application on this database what has changed: it is said to the database within the transaction, and heard by all when
 * that is stored.
 */
@Component
class Lines implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Lines.class);
    private static final String CHANNEL = "kind_thimble_changed";
    private static final int WAIT_MS = 500;
    private static final int AGAIN_FIRST_MS = 100;
    private static final int AGAIN_MOST_MS = 2_000;

    private final DataSource database;
    private final JdbcTemplate jdbc;
    private final JsonMapper json;
    private final Live live;
    private final ApplicationEventPublisher published;
    private volatile boolean isClosed;
    private Thread listener;

    Lines(DataSource database, JdbcTemplate jdbc, JsonMapper json, Live live, ApplicationEventPublisher published) {
        this.database = database;
        this.jdbc = jdbc;
        this.json = json;
        this.live = live;
        this.published = published;
    }

    @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT, fallbackExecution = true)
    void tell(Changed changed) {
        jdbc.queryForList("select pg_notify(?, ?)", CHANNEL, json.writeValueAsString(changed));
    }

    @EventListener
    synchronized void listen(ContextRefreshedEvent refreshed) {
        if (listener == null) {
            listener = new Thread(this::hear, "lines");
            listener.setDaemon(true);
            listener.start();
        }
    }

    private void hear() {
        boolean isAgain = false;
        int restMs = AGAIN_FIRST_MS;
        while (!isClosed) {
            try (Connection connection = database.getConnection();
                    Statement statement = connection.createStatement()) {
                connection.setAutoCommit(true);
                statement.execute("listen " + CHANNEL);
                if (isAgain) {
                    published.publishEvent(new DatabaseReturned());
                }
                isAgain = true;
                restMs = AGAIN_FIRST_MS;
                heard(connection.unwrap(PGConnection.class), changed -> live.tell(changed));
                statement.execute("unlisten *");
            } catch (SQLException e) {
                LOG.info("The database is not heard; once more in a moment");
                rest(restMs);
                restMs = Math.min(AGAIN_MOST_MS, 2 * restMs);
            }
        }
    }

    private void heard(PGConnection connection, Consumer<Changed> tell) throws SQLException {
        while (!isClosed) {
            PGNotification[] notifications = connection.getNotifications(WAIT_MS);
            if (notifications != null) {
                for (PGNotification one : notifications) {
                    tell.accept(json.readValue(one.getParameter(), Changed.class));
                }
            }
        }
    }

    private static void rest(int milliseconds) {
        try {
            Thread.sleep(milliseconds);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void destroy() throws InterruptedException {
        isClosed = true;
        if (listener != null) {
            listener.join(2L * WAIT_MS);
        }
    }
}
