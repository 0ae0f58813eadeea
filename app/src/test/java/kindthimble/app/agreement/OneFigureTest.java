package kindthimble.app.agreement;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Instant;
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

    /** What is sifted into bowls as well. */
    private static final List<String> SIFTED = List.of("icing sugar");

    private int presses;

    /** By meaning, what each says of it. */
    private final Map<String, Map<String, Double>> said = new TreeMap<>();

    private void says(String who, String meaning, double figure) {
        said.computeIfAbsent(meaning, m -> new LinkedHashMap<>()).merge(who, figure, Double::sum);
    }

    @Test
    void ordersAsTheyArePlanned() throws IOException, InterruptedException {
        for (long order = 1; order <= 6; order++) {
            agree(order);
            list(order);
            compare(order);
        }
    }

    /** Mixing has begun, and then a design is wanted more often, and another one less: what is mixed, and mixed more, stays one thing for all. */
    @Test
    void anOrderWhoseMixingHasBegunAndThatIsChangedThen() throws IOException, InterruptedException {
        assertEquals(200, APP.post("/api/orders/4/mixing/start", null).status());
        agree(4);
        count(4, 0, 36);
        agree(4);
        assertEquals(1, get("/api/orders/4/mixing").get("additions").size());
        assertEquals(200, APP.post("/api/orders/4/mixing/more", null).status());
        count(4, 0, 12);
        agree(4);
        assertEquals(2, get("/api/orders/4/mixing").get("additions").size());
        count(4, 0, -40);
        agree(4);
    }

    /** An order whose cookies are half iced out of a bag that was topped up. */
    @Test
    void anOrderThatIsHalfIced() throws IOException, InterruptedException {
        JsonNode bench = get("/api/orders/5/bench");
        for (JsonNode step : bench.get("steps")) {
            if (List.of("DOUGH", "BASE", "BOWL").contains(step.get("doing").asString())) {
                press(5, "DONE", step, 0, "");
            } else if (step.get("doing").asString().equals("ICE")) {
                for (int cookie = 1; cookie <= step.get("cookies").asInt() / 2; cookie++) {
                    press(5, "ICED", step, cookie, "");
                }
                press(5, "ADDED", step, 40, step.at("/bags/0/key").asString());
            }
        }
        agree(5);
        count(5, 0, 24);
        agree(5);
    }

    /** Two orders out of common bowls, one colour joined into another, and a jar that fits one of them. */
    @Test
    void ordersThatAreJoined() throws IOException, InterruptedException {
        assertEquals(200, APP.post("/api/orders/6/mixing/with/3", null).status());
        agree(6);
        agree(3);
        JsonNode bowl = get("/api/orders/6/mixing").at("/pour/colours/0");
        assertEquals(
                201,
                APP.post(
                                "/api/shelf/jars",
                                "{\"name\": \"%s\", \"hex\": \"%s\", \"grams\": 40, \"countSeconds\": 20, \"recipe\": \"%s\", \"goodUntil\": \"2031-01-01\"}"
                                        .formatted(
                                                bowl.get("name").asString(),
                                                bowl.get("hex").asString(),
                                                get("/api/orders/6/mixing")
                                                        .at("/pour/recipeKey")
                                                        .asString()))
                        .status());
        JsonNode jar = get("/api/orders/6/mixing").at("/jars/0/jar/id");
        assertEquals(200, APP.post("/api/orders/6/mixing/jars/" + jar, null).status());
        assertTrue(
                get("/api/orders/6/mixing").at("/pour/pour/balance/jarsGrams").asDouble() > 0);
        agree(6);
        agree(3);
        assertEquals(200, APP.post("/api/orders/6/mixing/start", null).status());
        count(3, 0, 24);
        agree(6);
        agree(3);
    }

    private static void count(long order, int design, int more) {
        JsonNode one = get("/api/orders/" + order).at("/designs/" + design);
        assertEquals(
                200,
                APP.change(
                                "/api/orders/" + order,
                                "/designs/" + one.get("id").asLong() + "/count",
                                one.get("count").asInt() + more)
                        .status());
    }

    private void press(long order, String what, JsonNode step, double amount, String words) {
        assertEquals(
                200,
                APP.post(
                                "/api/orders/" + order + "/bench",
                                "[{\"id\": \"agreed-%d\", \"at\": \"%s\", \"device\": \"\", \"what\": \"%s\", \"step\": \"%s\", \"amount\": %s, \"words\": \"%s\"}]"
                                        .formatted(
                                                ++presses,
                                                Instant.now(),
                                                what,
                                                step.get("key").asString(),
                                                amount,
                                                words))
                        .status());
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
        for (JsonNode part : parts(mixing)) {
            mixed(part, names);
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
                if (List.of("TINT", "DIVIDE", "LET_DOWN")
                        .contains(mixed.get("doing").asString())) {
                    says(
                            "bench",
                            "base in the bowl: " + step.get("name").asString(),
                            mixed.get("grams").asDouble());
                }
                if (mixed.get("doing").asString().equals("THIN")) {
                    says(
                            "bench",
                            "thinned: " + step.get("name").asString() + " at "
                                    + mixed.get("countSeconds").asDouble() + " s",
                            mixed.get("grams").asDouble());
                }
            }
        }
        for (JsonNode bag : bench.get("bags")) {
            String at = bag.get("name").asString() + " at "
                    + bag.get("countSeconds").asDouble() + " s, " + bag.get("vessel");
            says("in the bags", "finished: " + at, bag.get("filledGrams").asDouble());
            if (List.of("BAG", "BOTTLE").contains(bag.get("vessel").asString())) {
                says("in the bags", "bags", bag.get("bags").asInt());
            }
        }
    }

    /** What is mixed: the plan, and what is mixed more since it was begun. */
    private static List<JsonNode> parts(JsonNode mixing) {
        List<JsonNode> parts = new ArrayList<>(List.of(mixing));
        mixing.get("additions").forEach(parts::add);
        return parts;
    }

    private void mixed(JsonNode part, Map<String, String> names) {
        JsonNode pour = part.at("/pour/pour");
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
            says("bowls", "base in the bowl: " + name, bowl.get("dividedGrams").asDouble());
            for (JsonNode portion : bowl.get("portions")) {
                String at = name + " at " + portion.get("countSeconds").asDouble() + " s, " + portion.get("vessel");
                says("bowls", "finished: " + at, portion.get("finishedGrams").asDouble());
                says(
                        "bowls",
                        "thinned: " + name + " at "
                                + portion.get("countSeconds").asDouble() + " s",
                        portion.get("finishedGrams").asDouble());
                if (List.of("BAG", "BOTTLE").contains(portion.get("vessel").asString())) {
                    says("bowls", "bags", portion.get("bags").asInt());
                }
            }
        }
        for (JsonNode step : part.get("steps")) {
            if (step.get("colour").isNull()) {
                says("order of work", "base mixed, g", step.get("grams").asDouble());
            }
        }
        for (Map.Entry<String, JsonNode> tint : part.get("tints").properties()) {
            for (JsonNode dose : doses(tint.getValue().get("recipe"))) {
                says(
                        "bowls",
                        names.get(tint.getKey()) + " takes of " + dose.get("name"),
                        dose.get("grams").asDouble());
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

    /** What is cut, baked, iced and packed. */
    private void cookies(long order) {
        JsonNode view = get("/api/orders/" + order);
        JsonNode share = view.at("/plan/own");
        JsonNode baking = get("/api/orders/" + order + "/baking");
        JsonNode dough = baking.at("/dough/dough");
        says("set", "dough, g", share.at("/dough/dough/grams").asDouble());
        says("baking", "dough, g", dough.get("grams").asDouble());
        says("set", "pieces of dough", share.at("/dough/dough/pieces").asInt());
        for (JsonNode making : get("/api/orders/" + order + "/mixing").get("doughs")) {
            if (making.get("order").asLong() == order) {
                making.at("/dough/weighed")
                        .forEach(line -> says(
                                "sheet",
                                "into the dough: " + line.get("ingredient").asString(),
                                line.get("grams").asDouble()));
            }
        }
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
        says("labels", "bags", labels.split("the only bag|one bag more|bag \\d+ of \\d+", -1).length - 1.0);
        String sheet = text(order, "mixing-sheet.pdf");
        JsonNode mixing = get("/api/orders/" + order + "/mixing");
        for (JsonNode part : parts(mixing)) {
            for (JsonNode name : mixing.get("names")) {
                for (JsonNode bowl : part.at("/pour/pour/bowls")) {
                    if (bowl.get("colour").equals(name.get("key"))) {
                        String more = part.path("number").asInt() > 0 ? "More " : "";
                        assertTrue(
                                sheet.contains(more + name.get("name").asString()),
                                () -> name + " is not on the sheet");
                    }
                }
            }
            for (JsonNode batch : part.at("/pour/pour/batches")) {
                for (JsonNode line : batch.get("weighed")) {
                    assertTrue(sheet.contains(line.get("ingredient").asString()), () -> line + " is not on the sheet");
                }
            }
        }
    }

    /** What goes in of each thing that is weighed, base and doughs and what is sifted in, as the list has it where nothing is taken yet. */
    private void list(long order) {
        JsonNode mixing = get("/api/orders/" + order + "/mixing");
        Map<String, Double> wanted = new TreeMap<>();
        for (JsonNode part : parts(mixing)) {
            for (JsonNode batch : part.at("/pour/pour/batches")) {
                batch.get("weighed")
                        .forEach(line -> wanted.merge(
                                line.get("ingredient").asString(),
                                line.get("grams").asDouble(),
                                Double::sum));
            }
        }
        for (JsonNode making : mixing.get("doughs")) {
            making.at("/dough/weighed")
                    .forEach(line -> wanted.merge(
                            line.get("ingredient").asString(), line.get("grams").asDouble(), Double::sum));
        }
        for (JsonNode line : mixing.get("shopping")) {
            String name = line.get("name").asString();
            if (wanted.containsKey(name) && !SIFTED.contains(name)) {
                says("sheet", "in all: " + name, wanted.get(name));
                says("list", "in all: " + name, line.get("needed").asDouble());
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
