package kindthimble.devices;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Random;

/**
 * Stands in for a kitchen scale: a small program that whoever connects on loopback gets a line from ten times a second, {@code scale g=208.30}. It takes
 * lines too: {@code tare} as any scale, and what hands would do: {@code add 3.2} lays grams onto it, {@code put 141.5} has that on it and nothing else. What
 * has just moved wavers, and comes to rest within a second.
 */
public final class KitchenScale {
    private static final int PORT = 8048;
    private static final int TENTH_MS = 100;
    private static final double MOST_GRAMS = 20_000;
    private static final double REST_MS = 250;
    private static final double WAVERS_SHARE = 0.05;
    private static final double WAVERS_MOST = 4;
    private static final double FINE_BELOW_GRAMS = 20;
    private static final int LONGEST_LINE = 60;

    private final Random random;
    private double load;
    private double tare;
    private double moved;
    private double movedAtMs = Double.NEGATIVE_INFINITY;

    /**
     * @param seed of its wavering
     */
    public KitchenScale(long seed) {
        random = new Random(seed);
    }

    /**
     * Does what a line says; what it does not know it leaves alone.
     *
     * @param atMs when
     */
    public synchronized void take(String line, double atMs) {
        String[] words = line.strip().split(" ");
        if (words[0].equals("tare") && words.length == 1) {
            tare = load;
        } else if (words.length == 2 && isNumber(words[1])) {
            double grams = Math.max(-MOST_GRAMS, Math.min(MOST_GRAMS, Double.parseDouble(words[1])));
            if (words[0].equals("add")) {
                move(load + grams, atMs);
            } else if (words[0].equals("put")) {
                tare = 0;
                move(grams, atMs);
            }
        }
    }

    private static boolean isNumber(String word) {
        return word.matches("-?\\d{1,6}(\\.\\d{1,6})?");
    }

    private void move(double to, double atMs) {
        double is = Math.max(0, Math.min(MOST_GRAMS, to));
        moved = Math.min(WAVERS_MOST, WAVERS_SHARE * Math.abs(is - load) + moved * fading(atMs));
        movedAtMs = atMs;
        load = is;
    }

    private double fading(double atMs) {
        return Math.exp(-Math.max(0, atMs - movedAtMs) / REST_MS);
    }

    /** What it shows: in tenths of a gram, in hundredths below 20 g. */
    public synchronized double shown(double atMs) {
        double wavers = moved * fading(atMs) * random.nextGaussian();
        double is = load - tare + wavers;
        double parts = Math.abs(is) < FINE_BELOW_GRAMS ? 100 : 10;
        double shown = Math.rint(is * parts) / parts;
        return shown == 0 ? 0 : shown;
    }

    /** As it is sent. */
    public String line(double atMs) {
        return String.format(Locale.ROOT, "scale g=%.2f", shown(atMs));
    }

    private void tell(Socket listener) {
        Thread hands = new Thread(() -> listen(listener), "hands");
        hands.setDaemon(true);
        hands.start();
        try (listener;
                OutputStream out = listener.getOutputStream()) {
            while (true) {
                out.write((line(System.nanoTime() / 1e6) + "\n").getBytes(StandardCharsets.UTF_8));
                out.flush();
                Thread.sleep(TENTH_MS);
            }
        } catch (IOException e) {
            // It has heard enough.
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void listen(Socket listener) {
        try {
            BufferedReader lines =
                    new BufferedReader(new InputStreamReader(listener.getInputStream(), StandardCharsets.UTF_8));
            StringBuilder line = new StringBuilder();
            for (int letter = lines.read(); letter >= 0; letter = lines.read()) {
                if (letter == '\n') {
                    take(line.toString(), System.nanoTime() / 1e6);
                    line.setLength(0);
                } else if (line.length() < LONGEST_LINE) {
                    line.append((char) letter);
                }
            }
        } catch (IOException e) {
            // It has said enough.
        }
    }

    /**
     * Serves whoever connects, until its thread is ended or the socket is closed.
     *
     * @param server on loopback
     */
    public void serve(ServerSocket server) {
        try {
            while (!server.isClosed()) {
                Socket listener = server.accept();
                Thread thread = new Thread(() -> tell(listener), "listener");
                thread.setDaemon(true);
                thread.start();
            }
        } catch (IOException e) {
            // It is switched off.
        }
    }

    /**
     * @param args {@code --port 8048 --seed 3}; both may be left out
     * @throws IOException when the port is taken
     */
    public static void main(String[] args) throws IOException {
        int port = PORT;
        long seed = 3;
        for (int i = 0; i + 1 < args.length; i += 2) {
            switch (args[i]) {
                case "--port" -> port = Integer.parseInt(args[i + 1]);
                case "--seed" -> seed = Long.parseLong(args[i + 1]);
                default -> throw new IllegalArgumentException("It takes --port and --seed, and not " + args[i]);
            }
        }
        try (ServerSocket server = new ServerSocket(port, 5, InetAddress.getLoopbackAddress())) {
            System.out.println("kind-thimble: kitchen scale on 127.0.0.1:" + server.getLocalPort());
            new KitchenScale(seed).serve(server);
        }
    }
}
