package kindthimble.app.clock;

import kindthimble.core.words.Refused;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Lays what is ahead on the clock right after a start, so that whoever looks first does not wait for it. */
@Component
@ConditionalOnProperty("kind-thimble.rehearse")
class ClockRehearsal {
    private static final Logger LOG = LoggerFactory.getLogger(ClockRehearsal.class);

    private final Planning planning;

    ClockRehearsal(Planning planning) {
        this.planning = planning;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread thread = new Thread(this::lay, "clock rehearsal");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    private void lay() {
        try {
            planning.plan();
        } catch (Refused e) {
            // Nothing depends on it: whoever looks is told.
            LOG.info("Nothing could be laid on the clock yet", e);
        }
    }
}
