package kindthimble.app.agreement;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import kindthimble.app.testing.RunningApp;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import tools.jackson.databind.JsonNode;

/**
 * What has one meaning has one figure: all that screens and papers of an order say is gathered by what it means, and who says otherwise is named. A new screen is
 * held to it by one line here.
 */
final class Figures {
    private static final double SAME = 1e-6;

    /** What is sifted into bowls as well. */
    private static final List<String> SIFTED = List.of("icing sugar");

    private final RunningApp app;
    private final long order;
    private final Papers papers;
    private final Map<String, JsonNode> answers = new TreeMap<>();

    /** By meaning, what each says of it. */
    private final Map<String, Map<String, Double>> said = new TreeMap<>();

    Figures(RunningApp app, long order) {
        this.app = app;
        this.order = order;
        papers = new Papers(app, order);
    }

    /** All that is said of the order. */
    void agree() throws IOException, InterruptedException {
        icing();
        cookies();
        clock();
        papers.agree(get("/api/orders/" + order + "/bench"), get("/api/orders/" + order + "/mixing"));
        says("labels", "bags", papers.labels());
        compare();
    }

    /** The same with the list, of which nothing may be taken yet. */
    void agreeWithTheList() throws IOException, InterruptedException {
        icing();
        cookies();
        clock();
        papers.agree(get("/api/orders/" + order + "/bench"), get("/api/orders/" + order + "/mixing"));
        says("labels", "bags", papers.labels());
        list();
        ownShare();
        compare();
    }

    private void says(String who, String meaning, double figure) {
        said.computeIfAbsent(meaning, m -> new LinkedHashMap<>()).merge(who, figure, Double::sum);
    }

    private JsonNode get(String path) {
        return answers.computeIfAbsent(path, asked -> app.get(asked).body());
    }

    private void compare() {
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

    /** What is mixed, as bowls and as the bench have it. */
    private void icing() {
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
    static List<JsonNode> parts(JsonNode mixing) {
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
    private void cookies() {
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

    /** What the clock has of it, where nothing is done yet: what is done is off the clock. */
    private void clock() {
        JsonNode rows = get("/api/orders/" + order + "/clock").get("rows");
        boolean isWhole = false;
        boolean isToBeMixed =
                get("/api/orders/" + order + "/bench").get("pressed").isEmpty();
        for (JsonNode row : rows) {
            for (JsonNode run : row.get("runs")) {
                boolean isOfPlan = run.get("addition").asInt() == 0;
                isWhole |= isOfPlan && run.get("doing").asString().equals("DOUGH");
            }
        }
        if (!isWhole) {
            return;
        }
        for (JsonNode row : rows) {
            for (JsonNode run : row.get("runs")) {
                int cookies = run.get("cookies").asInt();
                switch (run.get("doing").asString()) {
                    case "CUT" -> says("clock", "pieces of dough", cookies);
                    case "PACK" -> says("clock", "iced, spares with them", cookies);
                    case "BOWL" -> says("clock", "bowls", isToBeMixed ? 1 : 0);
                    default -> {
                        // Of no figure that stands elsewhere.
                    }
                }
            }
        }
        for (JsonNode part : parts(get("/api/orders/" + order + "/mixing"))) {
            says("bowls", "bowls", isToBeMixed ? part.at("/pour/pour/bowls").size() : 0);
        }
    }

    /** Icing on its own cookies, as the set and the bowls of the mixing have it. */
    private void ownShare() {
        says(
                "set",
                "icing on its cookies",
                get("/api/orders/" + order).at("/plan/own/cookiesGrams").asDouble());
        JsonNode mixing = get("/api/orders/" + order + "/mixing");
        List<String> own = new ArrayList<>();
        for (JsonNode design : mixing.at("/pour/designs")) {
            if (design.get("order").asLong() == order) {
                own.add(design.get("design").asString());
            }
        }
        for (JsonNode bowl : mixing.at("/pour/pour/bowls")) {
            for (JsonNode portion : bowl.get("portions")) {
                for (JsonNode drink : portion.get("drinks")) {
                    if (own.contains(drink.get("design").asString())) {
                        says("bowls", "icing on its cookies", drink.get("grams").asDouble());
                    }
                }
            }
        }
    }

    /** What goes in of each thing that is weighed, base and doughs and what is sifted in, as the list has it where nothing is taken yet. */
    private void list() throws IOException, InterruptedException {
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
            says("list", "needed: " + name, Math.round(10 * line.get("needed").asDouble()) / 10.0);
        }
        String table = new String(papers.file("shopping.csv"), StandardCharsets.UTF_8);
        for (CSVRecord line : CSVFormat.RFC4180.parse(new StringReader(table)).stream()
                .skip(1)
                .toList()) {
            says("table", "needed: " + line.get(1), Double.parseDouble(line.get(3)));
        }
    }
}
