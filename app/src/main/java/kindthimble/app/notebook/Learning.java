package kindthimble.app.notebook;

import jakarta.annotation.PreDestroy;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import kindthimble.app.happened.BenchLog;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/** Works the figures out in the background: after each press that may teach something, and every few hours, since notes fade. */
@Component
class Learning {
    private static final Logger LOG = LoggerFactory.getLogger(Learning.class);

    private final NotebookService notebook;
    private final AtomicBoolean isWanted = new AtomicBoolean();
    private final ExecutorService background = Executors.newSingleThreadExecutor(run -> {
        Thread thread = new Thread(run, "notebook");
        thread.setDaemon(true);
        return thread;
    });

    Learning(NotebookService notebook) {
        this.notebook = notebook;
    }

    /** Several presses one after the other are looked at together. */
    @TransactionalEventListener
    void taught(BenchLog.Taught taught) {
        if (isWanted.compareAndSet(false, true)) {
            background.execute(this::learn);
        }
    }

    @Scheduled(initialDelayString = "PT20S", fixedDelayString = "PT3H")
    void fade() {
        taught(new BenchLog.Taught());
    }

    private void learn() {
        isWanted.set(false);
        try {
            notebook.learn();
        } catch (RuntimeException e) {
            // Plans go on with what was learnt before; the next press tries again.
            LOG.warn("The notebook could not be worked out", e);
        }
    }

    @PreDestroy
    void end() {
        background.shutdownNow();
    }
}
