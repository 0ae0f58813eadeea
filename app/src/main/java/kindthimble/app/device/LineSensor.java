package kindthimble.app.device;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** A sensor on loopback that sends lines such as {@code room t=21.3 rh=47.5}. */
@Component
class LineSensor implements RoomAir {
    private static final Pattern LINE = Pattern.compile("room t=(-?\\d{1,3}(?:\\.\\d+)?) rh=(\\d{1,3}(?:\\.\\d+)?)");
    private static final int WAIT_MS = 2_000;
    private static final int LONGEST_LINE = 200;

    private final int port;

    LineSensor(@Value("${kind-thimble.room-sensor-port:8047}") int port) {
        this.port = port;
    }

    @Override
    public Optional<Air> read() {
        try (Socket socket = new Socket()) {
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), WAIT_MS);
            socket.setSoTimeout(WAIT_MS);
            BufferedReader lines =
                    new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
            return understood(line(lines));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** A line, and no more of it than one should be long. */
    private static String line(BufferedReader lines) throws IOException {
        StringBuilder line = new StringBuilder();
        int letter = lines.read();
        while (letter >= 0 && letter != '\n' && line.length() < LONGEST_LINE) {
            line.append((char) letter);
            letter = lines.read();
        }
        return line.toString().strip();
    }

    static Optional<Air> understood(String line) {
        Matcher said = LINE.matcher(line);
        return said.matches()
                ? Optional.of(new Air(Double.parseDouble(said.group(1)), Double.parseDouble(said.group(2))))
                : Optional.empty();
    }
}
