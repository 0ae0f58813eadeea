package kindthimble.app.agreement;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import kindthimble.app.testing.RunningApp;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/**
 * What has one meaning has one figure: all that screens and papers of an order say is gathered by what it means, and who says otherwise is named. A new screen is
 * held to it by one line here.
 */
class OneFigureTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static final double SAME = 1e-6;

    /** By meaning, what each says of it. */
    private final Map<String, Map<String, Double>> said = new TreeMap<>();

    private void says(String who, String meaning, double figure) {
        said.computeIfAbsent(meaning, m -> new LinkedHashMap<>()).merge(who, figure, Double::sum);
    }

    @Test
    void ordersAsTheyArePlanned() throws IOException, InterruptedException {
        for (long order = 1; order <= 6; order++) {
            agree(order);
        }
    }

    /** Mixing has begun, and then a design is wanted more often: what is mixed stays one thing for all. */
    @Test
    void anOrderWhoseMixingHasBegun() throws IOException, InterruptedException {
        assertEquals(200, APP.post("/api/orders/4/mixing/start", null).status());
        agree(4);
        JsonNode design = APP.get("/api/orders/4").body().at("/designs/0");
        APP.change(
                "/api/orders/4",
                "/designs/" + design.get("id").asLong() + "/count",
                design.get("count").asInt() + 12);
        said.clear();
        icing(4);
        compare(4);
    }

    private void agree(long order) throws IOException, InterruptedException {
        said.clear();
        icing(order);
        cookies(order);
        papers(order);
        compare(order);
    }

    private void compare(long order) {
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

    private static JsonNode get(String path) {
        return APP.get(path).body();
    }

    /** What is mixed, as bowls and as the bench have it. */
    private void icing(long order) {
        JsonNode mixing = get("/api/orders/" + order + "/mixing");
        Map<String, String> names = new TreeMap<>();
        mixing.get("names")
                .forEach(one ->
                        names.put(one.get("key").asString(), one.get("name").asString()));
        JsonNode pour = mixing.at("/pour/pour");
        for (JsonNode batch : pour.get("batches")) {
            says("bowls", "base mixed, g", batch.get("madeGrams").asDouble());
            for (JsonNode line : batch.get("weighed")) {
                says(
                        "bowls",
                        "into the base: " + line.get("ingredient").asString(),
                        line.get("grams").asDouble());
            }
        }
        for (JsonNode bowl : pour.get("bowls")) {
            String name = names.get(bowl.get("colour").asString());
            for (JsonNode portion : bowl.get("portions")) {
                String at = name + " at " + portion.get("countSeconds").asDouble() + " s, " + portion.get("vessel");
                says("bowls", "finished: " + at, portion.get("finishedGrams").asDouble());
                if (List.of("BAG", "BOTTLE").contains(portion.get("vessel").asString())) {
                    says("bowls", "bags", portion.get("bags").asInt());
                }
            }
        }
        for (JsonNode step : mixing.get("steps")) {
            if (step.get("colour").isNull()) {
                says("order of work", "base mixed, g", step.get("grams").asDouble());
            }
        }
        for (Map.Entry<String, JsonNode> tint : mixing.get("tints").properties()) {
            for (JsonNode dose : doses(tint.getValue().get("recipe"))) {
                says(
                        "bowls",
                        names.get(tint.getKey()) + " takes of " + dose.get("name"),
                        dose.get("grams").asDouble());
            }
        }
        JsonNode bench = get("/api/orders/" + order + "/bench");
        for (JsonNode step : bench.get("steps")) {
            JsonNode mixed = step.get("mixed");
            if (step.get("doing").asString().equals("BASE")) {
                says("bench", "base mixed, g", mixed.get("grams").asDouble());
                step.get("weighed")
                        .forEach(line -> says(
                                "bench",
                                "into the base: " + line.get("name").asString(),
                                line.get("grams").asDouble()));
            }
            if (!mixed.isNull()) {
                for (JsonNode dose : doses(mixed.get("tint"))) {
                    says(
                            "bench",
                            step.get("name").asString() + " takes of " + dose.get("name"),
                            dose.get("grams").asDouble());
                }
                if (mixed.get("doing").asString().equals("THIN")) {
                    JsonNode bag = bag(bench, step, mixed);
                    says(
                            "bench",
                            "finished: " + step.get("name").asString() + " at "
                                    + mixed.get("countSeconds").asDouble() + " s, " + bag.get("vessel"),
                            mixed.get("grams").asDouble());
                }
            }
        }
        for (JsonNode bag : bench.get("bags")) {
            String at = bag.get("name").asString() + " at "
                    + bag.get("countSeconds").asDouble() + " s, " + bag.get("vessel");
            says(
                    "in the bags",
                    "finished: " + at,
                    bag.get("bags").asInt() * bag.get("fullGrams").asDouble());
            if (List.of("BAG", "BOTTLE").contains(bag.get("vessel").asString())) {
                says("in the bags", "bags", bag.get("bags").asInt());
            }
        }
    }

    private static List<JsonNode> doses(JsonNode recipe) {
        List<JsonNode> doses = new ArrayList<>();
        if (recipe != null && !recipe.isNull()) {
            recipe.get("doses").forEach(doses::add);
        }
        return doses;
    }

    private static JsonNode bag(JsonNode bench, JsonNode step, JsonNode mixed) {
        for (JsonNode bag : bench.get("bags")) {
            if (bag.get("name").equals(step.get("name"))
                    && Math.abs(bag.get("countSeconds").asDouble()
                                    - mixed.get("countSeconds").asDouble())
                            < 1e-9
                    && Math.abs(portion(bench, bag) - mixed.get("grams").asDouble()) < 1e-6) {
                return bag;
            }
        }
        throw new AssertionError("no bag for " + step);
    }

    /** Grams of all bags of a portion, those with other tips too. */
    private static double portion(JsonNode bench, JsonNode of) {
        double grams = 0;
        for (JsonNode bag : bench.get("bags")) {
            if (List.of("name", "countSeconds", "vessel").stream()
                    .allMatch(is -> bag.get(is).equals(of.get(is)))) {
                grams += bag.get("bags").asInt() * bag.get("fullGrams").asDouble();
            }
        }
        return grams;
    }

    /** What is cut, baked, iced and packed. */
    private void cookies(long order) {
        JsonNode view = get("/api/orders/" + order);
        JsonNode share = view.at("/plan/own");
        JsonNode baking = get("/api/orders/" + order + "/baking");
        JsonNode dough = baking.at("/dough/dough");
        says("set", "dough, g", share.at("/dough/dough/grams").asDouble());
        says("baking", "dough, g", dough.get("grams").asDouble());
        says("set", "pieces of dough", share.at("/dough/dough/pieces").asInt());
        dough.get("weighed")
                .forEach(line -> says(
                        "baking",
                        "into the dough: " + line.get("ingredient").asString(),
                        line.get("grams").asDouble()));
        for (JsonNode one : baking.get("designs")) {
            says(
                    "baking",
                    "pieces of dough",
                    one.get("iced").asInt() + one.get("bare").asInt());
        }
        says(
                "set",
                "iced, spares with them",
                share.get("cookies").asInt() + share.get("spares").asInt());
        for (JsonNode step : get("/api/orders/" + order + "/bench").get("steps")) {
            switch (step.get("doing").asString()) {
                case "DOUGH" ->
                    step.get("weighed")
                            .forEach(line -> says(
                                    "bench",
                                    "into the dough: " + line.get("name").asString(),
                                    line.get("grams").asDouble()));
                case "CUT" ->
                    says("bench", "pieces of dough", step.get("cookies").asInt());
                case "PACK" -> {
                    says("bench", "iced, spares with them", step.get("cookies").asInt());
                    says("bench", "cookie bags", step.at("/packaging/0/pieces").asInt());
                }
                case "LABEL" ->
                    step.get("packaging")
                            .forEach(one -> says(
                                    "bench",
                                    one.get("name").asString(),
                                    one.get("pieces").asInt()));
                default -> {
                    // Told above, or of no figure that stands elsewhere.
                }
            }
        }
        // Of orders that are mixed together the list is one; what each takes of it is at its own bench.
        TreeSet<Long> mixed = new TreeSet<>();
        get("/api/orders/" + order + "/mixing")
                .at("/pour/designs")
                .forEach(one -> mixed.add(one.get("order").asLong()));
        if (mixed.size() == 1) {
            for (JsonNode line : get("/api/orders/" + order + "/mixing").get("shopping")) {
                String name = line.get("name").asString();
                if (List.of("cookie bags", "boxes", "tags").contains(name) && said.containsKey(name)) {
                    says("list", name, line.get("needed").asDouble());
                }
            }
        }
    }

    /** A label for each bag; on the sheet each bowl as the screen has it. */
    private void papers(long order) throws IOException, InterruptedException {
        String labels = text(order, "bag-labels.pdf?sheet=LABELS_21");
        says("labels", "bags", labels.split("the only bag|bag \\d+ of \\d+", -1).length - 1.0);
        String sheet = text(order, "mixing-sheet.pdf");
        JsonNode mixing = get("/api/orders/" + order + "/mixing");
        for (JsonNode name : mixing.get("names")) {
            for (JsonNode bowl : mixing.at("/pour/pour/bowls")) {
                if (bowl.get("colour").equals(name.get("key"))) {
                    assertTrue(sheet.contains(name.get("name").asString()), () -> name + " is not on the sheet");
                }
            }
        }
        for (JsonNode batch : mixing.at("/pour/pour/batches")) {
            for (JsonNode line : batch.get("weighed")) {
                assertTrue(sheet.contains(line.get("ingredient").asString()), () -> line + " is not on the sheet");
            }
        }
    }

    private static String text(long order, String paper) throws IOException, InterruptedException {
        byte[] pdf = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(APP.url() + "/api/orders/" + order + "/print/" + paper))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
        try (PDDocument read = Loader.loadPDF(pdf)) {
            return new PDFTextStripper()
                    .getText(read)
                    .lines()
                    .map(String::strip)
                    .collect(Collectors.joining("\n"));
        }
    }
}
