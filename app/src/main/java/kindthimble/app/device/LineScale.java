package kindthimble.app.device;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import kindthimble.core.bench.HeldStill;

/**
 * A scale on loopback that sends lines such as {@code scale g=208.3} several times a second, and takes {@code tare}. It is listened to while somebody asks
 * for it, and some seconds longer.
 */
final class LineScale implements Scale, ScalePan {
    private static final Pattern LINE = Pattern.compile("scale g=(-?\\d{1,6}(?:\\.\\d{1,3})?)");
    private static final int CONNECT_MS = 300;
    private static final int SILENT_MS = 1_500;
    private static final double UNUSED_MS = 15_000;
    private static final double TRIED_MS = 2_000;
    private static final int FIRST_LINE_MS = 250;
    private static final int LONGEST_LINE = 200;
    private static final double NANOS_IN_MS = 1e6;

    private final int port;
    private final HeldStill still = new HeldStill();
    private Socket socket;
    private double grams;
    private double readAtMs = Double.NEGATIVE_INFINITY;
    private double askedAtMs = Double.NEGATIVE_INFINITY;
    private double triedAtMs = Double.NEGATIVE_INFINITY;

    LineScale(int port) {
        this.port = port;
    }

    private static double now() {
        return System.nanoTime() / NANOS_IN_MS;
    }

    @Override
    public synchronized Optional<Reading> read() {
        askedAtMs = now();
        boolean wasThere = socket != null;
        if (isThere() && !wasThere) {
            awaitFirstLine();
        }
        return socket != null && now() - readAtMs <= SILENT_MS
                ? Optional.of(new Reading(grams, still.isHeld()))
                : Optional.empty();
    }

    @Override
    public synchronized boolean tare() {
        still.forget();
        return say("tare");
    }

    @Override
    public synchronized boolean add(double more) {
        still.forget();
        return say(String.format(Locale.ROOT, "add %.4f", more));
    }

    @Override
    public synchronized boolean put(double all) {
        still.forget();
        return say(String.format(Locale.ROOT, "put %.4f", all));
    }

    private void awaitFirstLine() {
        try {
            wait(FIRST_LINE_MS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private boolean say(String line) {
        askedAtMs = now();
        if (!isThere()) {
            return false;
        }
        try {
            socket.getOutputStream().write((line + "\n").getBytes(StandardCharsets.UTF_8));
            return true;
        } catch (IOException e) {
            hangUp();
            return false;
        }
    }

    /** Whether a scale is listened to; where none is, one is looked for, but not at every breath. */
    private boolean isThere() {
        if (socket == null && now() - triedAtMs > TRIED_MS) {
            triedAtMs = now();
            Socket found = new Socket();
            try {
                found.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), CONNECT_MS);
                found.setSoTimeout(SILENT_MS);
                socket = found;
                Thread listener = new Thread(() -> listen(found), "scale");
                listener.setDaemon(true);
                listener.start();
            } catch (IOException e) {
                close(found);
            }
        }
        return socket != null;
    }

    private void listen(Socket from) {
        try (from) {
            BufferedReader lines =
                    new BufferedReader(new InputStreamReader(from.getInputStream(), StandardCharsets.UTF_8));
            StringBuilder line = new StringBuilder();
            for (int letter = lines.read(); letter >= 0 && isWanted(); letter = lines.read()) {
                if (letter == '\n') {
                    understood(line.toString().strip()).ifPresent(this::take);
                    line.setLength(0);
                } else if (line.length() < LONGEST_LINE) {
                    line.append((char) letter);
                }
            }
        } catch (IOException e) {
            // It is switched off, or silent.
        }
        gone(from);
    }

    static OptionalDouble understood(String line) {
        Matcher said = LINE.matcher(line);
        return said.matches() ? OptionalDouble.of(Double.parseDouble(said.group(1))) : OptionalDouble.empty();
    }

    private synchronized boolean isWanted() {
        return now() - askedAtMs <= UNUSED_MS;
    }

    private synchronized void take(double read) {
        grams = read;
        readAtMs = now();
        still.read(readAtMs, read);
        notifyAll();
    }

    private synchronized void gone(Socket from) {
        if (socket == from) {
            socket = null;
            still.forget();
        }
    }

    private void hangUp() {
        if (socket != null) {
            close(socket);
            socket = null;
        }
    }

    private static void close(Socket socket) {
        try {
            socket.close();
        } catch (IOException e) {
            // It is closed, then.
        }
    }

    /** Lets go of it. */
    synchronized void close() {
        hangUp();
    }
}
