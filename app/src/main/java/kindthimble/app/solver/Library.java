package kindthimble.app.solver;

import com.google.ortools.Loader;
import com.google.ortools.util.Domain;
import com.sun.jna.Platform;
import java.io.IOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.URL;
import java.nio.file.FileSystemNotFoundException;
import java.nio.file.FileSystems;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The solver's native library: loaded when it is first wanted, or known to be missing. An interrupt while it is unpacked closes the archive that it comes out
 * of, and the loader says nothing of that: so it is asked whether it answers, and unpacked again.
 */
final class Library {
    private static final Logger LOG = LoggerFactory.getLogger(Library.class);
    private static final int ATTEMPTS = 100;

    private Library() {}

    private static final class Held {
        private static final boolean THERE = isLoaded();

        private static boolean isLoaded() {
            boolean wasInterrupted = false;
            try {
                for (int attempt = 1; ; attempt++) {
                    wasInterrupted |= Thread.interrupted();
                    try {
                        Loader.loadNativeLibraries();
                        return Domain.allValues().max() > 0;
                    } catch (LinkageError | RuntimeException e) {
                        boolean isCutOff = Thread.interrupted();
                        wasInterrupted |= isCutOff;
                        if (attempt == ATTEMPTS || !closed() && !isCutOff) {
                            LOG.warn(
                                    "The solver's library can't be used here; plans stay as they are made at once: {}",
                                    e.toString());
                            return false;
                        }
                    }
                }
            } finally {
                if (wasInterrupted) {
                    Thread.currentThread().interrupt();
                }
            }
        }

        /** Closes the archive as the loader has opened it, so that it opens it again; whether it had. */
        private static boolean closed() {
            URL libraries = Loader.class.getResource("/ortools-" + Platform.RESOURCE_PREFIX + "/");
            if (libraries == null) {
                return false;
            }
            try {
                URI archive = libraries.toURI();
                FileSystems.getFileSystem(archive).close();
                return true;
            } catch (FileSystemNotFoundException | UnsupportedOperationException | URISyntaxException e) {
                return false;
            } catch (IOException e) {
                // Closed halfway is closed.
                return true;
            }
        }
    }

    static boolean isThere() {
        return Held.THERE;
    }
}
