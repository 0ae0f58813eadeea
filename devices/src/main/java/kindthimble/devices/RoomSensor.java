package kindthimble.devices;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Locale;
import java.util.Random;

/**
 * Stands in for a sensor of the room's air: a small program that whoever connects on loopback gets a line from each second,
 * {@code room t=21.3 rh=47.5}, with days of weather: warmer by day than by night, and now and then a day that is damp.
 */
public final class RoomSensor {
    private static final int PORT = 8047;
    private static final int SECOND_MS = 1_000;
    private static final double DAY_SECONDS = 86_400;
    private static final double MEAN_CELSIUS = 20.5;
    private static final double SWING_CELSIUS = 1.5;
    private static final double MEAN_HUMIDITY = 47;
    private static final double DAMP_BY = 16;
    private static final double WARMEST_AT = 15.0 / 24;

    private final long seed;

    /**
     * @param seed of its weather: the same seed has the same days
     */
    public RoomSensor(long seed) {
        this.seed = seed;
    }

    /**
     * @param celsius of the air
     * @param humidityPercent of it
     */
    public record Air(double celsius, double humidityPercent) {
        /** As it is sent. */
        public String line() {
            return String.format(Locale.ROOT, "room t=%.1f rh=%.1f", celsius, humidityPercent);
        }
    }

    /** The air at a time. Between one noon and the next it changes gently. */
    public Air at(Instant time) {
        double days = time.getEpochSecond() / DAY_SECONDS;
        long day = (long) Math.floor(days);
        double share = days - day;
        double smooth = share * share * (3 - 2 * share);
        double damp = dampness(day) * (1 - smooth) + dampness(day + 1) * smooth;
        double swing = Math.cos(2 * Math.PI * (share - WARMEST_AT));
        return new Air(MEAN_CELSIUS + SWING_CELSIUS * swing, MEAN_HUMIDITY + DAMP_BY * damp - 2 * swing);
    }

    /** How damp a day is: mostly between -0.3 and 0.3, one in five about 1. */
    private double dampness(long day) {
        Random random = new Random(seed * 1_000_003 + day);
        random.nextInt();
        boolean isDamp = random.nextInt(5) == 0;
        double little = 0.6 * random.nextDouble() - 0.3;
        return isDamp ? 1 + little / 2 : little;
    }

    private void tell(Socket listener) {
        try (listener;
                OutputStream out = listener.getOutputStream()) {
            while (true) {
                out.write((at(Instant.now()).line() + "\n").getBytes(StandardCharsets.UTF_8));
                out.flush();
                Thread.sleep(SECOND_MS);
            }
        } catch (IOException e) {
            // It has heard enough.
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /**
     * @param args {@code --port 8047 --seed 3}; both may be left out
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
        RoomSensor sensor = new RoomSensor(seed);
        try (ServerSocket server = new ServerSocket(port, 5, InetAddress.getLoopbackAddress())) {
            System.out.println("kind-thimble: room sensor on 127.0.0.1:" + server.getLocalPort());
            while (true) {
                Socket listener = server.accept();
                Thread thread = new Thread(() -> sensor.tell(listener), "listener");
                thread.setDaemon(true);
                thread.start();
            }
        }
    }
}
