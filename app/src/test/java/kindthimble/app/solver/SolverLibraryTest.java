package kindthimble.app.solver;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** The solver's library, in a process of its own: in this one it is loaded once. */
class SolverLibraryTest {
    /** An application that is ended interrupts what it does: the next one in the same process has its library all the same. */
    @Test
    void anInterruptDoesNotCostTheLibrary() throws IOException, InterruptedException {
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        Interrupted.class.getName())
                .inheritIO()
                .start();
        assertEquals(0, process.waitFor(), "the library is there");
    }

    /** Interrupts the thread that loads it, over and over. */
    static final class Interrupted {
        public static void main(String[] none) throws InterruptedException {
            boolean[] isThere = {false};
            Thread loading = new Thread(() -> isThere[0] = Library.isThere());
            loading.start();
            for (int times = 0; times < 60 && loading.isAlive(); times++) {
                Thread.sleep(20);
                loading.interrupt();
            }
            loading.join();
            System.exit(isThere[0] ? 0 : 1);
        }
    }
}
