package kindthimble.app.testing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.json.JsonMapper;

/** Designs that nobody could ice and that take long to measure: small to send, large to work out. */
public final class Hostile {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Random random;

    public Hostile(long seed) {
        random = new Random(seed);
    }

    /** A new design with its count, as it is sent. */
    public String next() {
        int n = 50 + random.nextInt(900);
        return switch (random.nextInt(10)) {
            case 0 -> own(star(n));
            case 1 -> own(comb(n / 3 + 10));
            case 2 -> own(curves(n));
            case 3 -> own(scribble(n));
            case 4 ->
                round(many(Map.of(
                        "move",
                        "raised lines",
                        "colour",
                        "white",
                        "pieces",
                        60,
                        "tiltDegrees",
                        random.nextInt(90),
                        "form",
                        "WAVY")));
            case 5 -> round(many(Map.of("move", "dot", "colour", "white", "pieces", 200, "diameterMm", 1)));
            case 6 ->
                round(many(Map.of(
                        "move",
                        "writing",
                        "colour",
                        "white",
                        "heightMm",
                        3,
                        "text",
                        "Wonderful kite festival by the long sea")));
            case 7 -> round(many(Map.of("move", "bead border", "colour", "white", "diameterMm", 0.8)));
            case 8 ->
                round(List.of(Map.of("move", "letters", "key", "a", "heightPercent", 20, "text", "K".repeat(10_000))));
            default -> checks();
        };
    }

    private List<Map<String, Object>> many(Map<String, Object> move) {
        List<Map<String, Object>> moves = new ArrayList<>();
        moves.add(Map.of("move", "flood", "colour", "white"));
        for (int i = 0; i < 199; i++) {
            moves.add(move);
        }
        return moves;
    }

    private String checks() {
        List<Map<String, Object>> moves = new ArrayList<>();
        moves.add(Map.of("move", "checks", "key", "a", "pieces", 14));
        for (int i = 0; i < 190; i++) {
            moves.add(
                    Map.of("move", "flood", "colour", "white", "on", "a-odd", "seam", i % 2 == 0 ? "FLOW" : "CREASE"));
        }
        return design(Map.of("kind", "square"), moves);
    }

    private String own(String path) {
        return design(
                Map.of("kind", "own outline", "path", path),
                List.of(
                        Map.of("move", "outline", "colour", "white"),
                        Map.of("move", "flood", "colour", "white"),
                        Map.of("move", "dot", "colour", "poppy", "pieces", 100, "diameterMm", 1),
                        Map.of("move", "bead border", "colour", "white", "diameterMm", 1)));
    }

    private String round(List<Map<String, Object>> moves) {
        return design(Map.of("kind", "round"), moves);
    }

    private static String design(Map<String, Object> shape, List<Map<String, Object>> moves) {
        return JSON.writeValueAsString(Map.of(
                "count",
                1,
                "document",
                Map.of(
                        "format",
                        1,
                        "name",
                        "Kite",
                        "cutter",
                        Map.of("shape", shape, "across", "WIDTH", "sizeMm", 90),
                        "moves",
                        moves)));
    }

    private static String star(int points) {
        StringBuilder path = new StringBuilder();
        for (int i = 0; i < points; i++) {
            double angle = 2 * Math.PI * i * (points / 2) / points;
            path.append(i == 0 ? 'M' : 'L')
                    .append(whole(1000 * Math.cos(angle)))
                    .append(' ')
                    .append(whole(1000 * Math.sin(angle)));
        }
        return path.append('Z').toString();
    }

    private static String comb(int teeth) {
        StringBuilder path = new StringBuilder("M0 0");
        for (int i = 0; i < teeth; i++) {
            path.append("V99H").append(2 * i + 1).append("V9H").append(2 * i + 2);
        }
        return path.append("V0Z").toString();
    }

    private static String curves(int curves) {
        StringBuilder path = new StringBuilder("M500 0");
        for (int i = 1; i <= curves; i++) {
            double to = 2 * Math.PI * i / curves;
            double by = to - Math.PI / curves;
            path.append('Q').append(whole(600 * Math.cos(by))).append(' ').append(whole(600 * Math.sin(by)));
            path.append(' ').append(whole(500 * Math.cos(to))).append(' ').append(whole(500 * Math.sin(to)));
        }
        return path.append('Z').toString();
    }

    private String scribble(int points) {
        StringBuilder path = new StringBuilder("M0 0");
        for (int i = 0; i < points; i++) {
            path.append("L").append(random.nextInt(1000)).append(' ').append(random.nextInt(1000));
        }
        return path.append('Z').toString();
    }

    private static String whole(double number) {
        return String.format(Locale.ROOT, "%.0f", number);
    }
}
