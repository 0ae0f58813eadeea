package kindthimble.app.solver;

import com.google.ortools.Loader;
import com.google.ortools.util.Domain;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The solver's native library: loaded when it is first wanted, or known to be missing. */
final class Library {
    private static final Logger LOG = LoggerFactory.getLogger(Library.class);

    /** Unpacking it can be cut off, by an interrupt or for want of room, and the loader does not say so. */
    private static final int ATTEMPTS = 3;

    private Library() {}

    private static final class Held {
        private static final boolean THERE = isLoaded();

        private static boolean isLoaded() {
            for (int attempt = 1; ; attempt++) {
                boolean wasInterrupted = Thread.interrupted();
                try {
                    Loader.loadNativeLibraries();
                    // Whether it is there is known when it answers.
                    return Domain.allValues().max() > 0;
                } catch (LinkageError | RuntimeException e) {
                    if (attempt == ATTEMPTS) {
                        LOG.warn(
                                "The solver's library can't be used here; plans stay as they are made at once: {}",
                                e.toString());
                        return false;
                    }
                } finally {
                    if (wasInterrupted) {
                        Thread.currentThread().interrupt();
                    }
                }
            }
        }
    }

    static boolean isThere() {
        return Held.THERE;
    }
}
