package kindthimble.app.solver;

import com.google.ortools.Loader;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The solver's native library: loaded when it is first wanted, or known to be missing. */
final class Library {
    private static final Logger LOG = LoggerFactory.getLogger(Library.class);

    private Library() {}

    private static final class Held {
        private static final boolean THERE = load();

        private static boolean load() {
            try {
                Loader.loadNativeLibraries();
                return true;
            } catch (LinkageError | RuntimeException e) {
                LOG.warn(
                        "The solver's library can't be used here; plans stay as they are made at once: {}",
                        e.toString());
                return false;
            }
        }
    }

    static boolean isThere() {
        return Held.THERE;
    }
}
