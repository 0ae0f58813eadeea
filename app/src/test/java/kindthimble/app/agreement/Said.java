package kindthimble.app.agreement;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.app.testing.RunningApp;
import tools.jackson.databind.JsonNode;

/** What screens and papers of an order say, by what it means; what they answer is asked for once. */
final class Said {
    private static final double SAME = 1e-6;

    private final RunningApp app;
    private final long order;
    private final Map<String, JsonNode> answers = new TreeMap<>();

    /** By meaning, what each says of it. */
    private final Map<String, Map<String, Double>> said = new TreeMap<>();

    Said(RunningApp app, long order) {
        this.app = app;
        this.order = order;
    }

    void says(String who, String meaning, double figure) {
        said.computeIfAbsent(meaning, m -> new LinkedHashMap<>()).merge(who, figure, Double::sum);
    }

    JsonNode get(String path) {
        return answers.computeIfAbsent(path, asked -> app.get(asked).body());
    }

    void compare() {
        assertTrue(said.size() >= 10, said::toString);
        List<String> unlike = new ArrayList<>();
        said.forEach((meaning, figures) -> {
            double first = figures.values().iterator().next();
            if (figures.values().stream()
                    .anyMatch(one -> Math.abs(one - first) > SAME * Math.max(1, Math.abs(first)))) {
                unlike.add(meaning + ": " + figures);
            }
        });
        assertTrue(unlike.isEmpty(), () -> "order " + order + "\n" + String.join("\n", unlike));
        long alone = said.values().stream().filter(one -> one.size() < 2).count();
        assertTrue(alone * 3 < said.size(), () -> "most figures stand in several places: " + said);
    }

    /** Of its own page: the same with the address of the order before it. */
    JsonNode ofOrder(String path) {
        return get("/api/orders/" + order + path);
    }

    boolean isSaid(String meaning) {
        return said.containsKey(meaning);
    }

    /** What one of them says, by meanings that begin so. */
    List<Double> figures(String who, String begin) {
        return said.entrySet().stream()
                .filter(one -> one.getKey().startsWith(begin))
                .map(one -> one.getValue().get(who))
                .toList();
    }
}
