package kindthimble.app.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.stream.Stream;

/** What an application needs that is shared on the network: a free port, a certificate made as bin/start makes it, a chosen password. */
public final class Shared {
    public static final String PASSWORD = "eleven kites up";

    /** Of the application that serves all test classes of a JVM; it goes with that. */
    public static final Shared ONCE = new Shared();

    private final Path folder;
    private final int port;

    private Shared() {
        try {
            folder = Files.createTempDirectory("kind-thimble-shared");
            try (ServerSocket free = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
                port = free.getLocalPort();
            }
            choosePassword();
            Process keytool = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "keytool")
                                    .toString(),
                            "-genkeypair",
                            "-alias",
                            "kind-thimble",
                            "-keyalg",
                            "EC",
                            "-storetype",
                            "PKCS12",
                            "-keystore",
                            folder.resolve("certificate.p12").toString(),
                            "-storepass",
                            "changeit",
                            "-dname",
                            "CN=Kind Thimble",
                            "-ext",
                            "SAN=ip:127.0.0.1,dns:localhost")
                    .redirectErrorStream(true)
                    .start();
            keytool.getInputStream().readAllBytes();
            if (keytool.waitFor() != 0) {
                throw new IllegalStateException("no certificate");
            }
            Runtime.getRuntime().addShutdownHook(new Thread(this::remove));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** As bin/start does it before a start; the application takes it up once. */
    void choosePassword() {
        try {
            Files.writeString(folder.resolve("password"), PASSWORD);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public String[] arguments() {
        return new String[] {
            "--kind-thimble.share.port=" + port,
            "--kind-thimble.share.names=127.0.0.1,localhost",
            "--kind-thimble.share.keystore=" + folder.resolve("certificate.p12"),
            "--kind-thimble.share.keystore-password=changeit",
            newPassword()
        };
    }

    /** What has an application take the password up, shared or not. */
    String newPassword() {
        return "--kind-thimble.share.new-password=" + folder.resolve("password");
    }

    public String url() {
        return "https://127.0.0.1:" + port;
    }

    public Path folder() {
        return folder;
    }

    private void remove() {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path one : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(one);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
