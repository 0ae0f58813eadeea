package kindthimble.app.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import kindthimble.devices.KitchenScale;

/** The practice kitchen's scale of a test. */
final class TestScale {
    private static final int WAITING = 5;
    private static final long SEED = 3;
    private static final double NANOS_IN_MS = 1e6;

    private final KitchenScale scale = new KitchenScale(SEED);
    private final ServerSocket server;

    TestScale() {
        try {
            server = new ServerSocket(0, WAITING, InetAddress.getLoopbackAddress());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Thread thread = new Thread(() -> scale.serve(server), "practice scale");
        thread.setDaemon(true);
        thread.start();
    }

    int port() {
        return server.getLocalPort();
    }

    /** Takes off what lies on it. */
    void clear() {
        scale.take("put 0", System.nanoTime() / NANOS_IN_MS);
    }

    void switchOff() {
        try {
            server.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
