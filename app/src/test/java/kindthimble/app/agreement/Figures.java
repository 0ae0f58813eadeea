package kindthimble.app.agreement;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.app.testing.RunningApp;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import tools.jackson.databind.JsonNode;

/**
 * What has one meaning has one figure: all that screens and papers of an order say is gathered by what it means, and who says otherwise is named. A new screen is
 * held to it by one line here.
 */
final class Figures {
    /** What is sifted into bowls as well. */
    private static final List<String> SIFTED = List.of("icing sugar");

    private final long order;
    private final Said said;
    private final Papers papers;
    private final CookieFigures cookies;

    Figures(RunningApp app, long order) {
        this.order = order;
        said = new Said(app, order);
        papers = new Papers(app, order);
        cookies = new CookieFigures(said, order, papers);
    }

    /** All that is said of the order. */
    void agree() throws IOException, InterruptedException {
        icing();
        cookies.cookies();
        cookies.clock();
        papers.agree(said.ofOrder("/bench"), said.ofOrder("/mixing"));
        said.says("labels", "bags", papers.labels());
        said.compare();
    }

    /** The same with the list, of which nothing may be taken yet. */
    void agreeWithTheList() throws IOException, InterruptedException {
        icing();
        cookies.cookies();
        cookies.clock();
        papers.agree(said.ofOrder("/bench"), said.ofOrder("/mixing"));
        said.says("labels", "bags", papers.labels());
        list();
        ownShare();
        cookies.cookiePages();
        cookies.times();
        said.compare();
    }

    /** What is mixed, as bowls and as the bench have it. */
    private void icing() {
        JsonNode mixing = said.ofOrder("/mixing");
        Map<String, String> names = new TreeMap<>();
        mixing.get("names")
                .forEach(one ->
                        names.put(one.get("key").asString(), one.get("name").asString()));
        for (JsonNode part : parts(mixing)) {
            mixed(part, names);
        }
        JsonNode bench = said.ofOrder("/bench");
        for (JsonNode step : bench.get("steps")) {
            JsonNode mixed = step.get("mixed");
            if (step.get("doing").asString().equals("BASE")) {
                said.says("bench", "base mixed, g", mixed.get("grams").asDouble());
                step.get("weighed")
                        .forEach(line -> said.says(
                                "bench",
                                "into the base: " + line.get("name").asString(),
                                line.get("grams").asDouble()));
            }
            if (!mixed.isNull()) {
                for (JsonNode dose : doses(mixed.get("tint"))) {
                    said.says(
                            "bench",
                            step.get("name").asString() + " takes of " + dose.get("name"),
                            dose.get("grams").asDouble());
                }
                if (List.of("TINT", "DIVIDE", "LET_DOWN")
                        .contains(mixed.get("doing").asString())) {
                    said.says(
                            "bench",
                            "base in the bowl: " + step.get("name").asString(),
                            mixed.get("grams").asDouble());
                }
                if (mixed.get("doing").asString().equals("THIN")) {
                    said.says(
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
            said.says("in the bags", "finished: " + at, bag.get("filledGrams").asDouble());
            if (List.of("BAG", "BOTTLE").contains(bag.get("vessel").asString())) {
                said.says("in the bags", "bags", bag.get("bags").asInt());
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
            said.says("bowls", "base mixed, g", batch.get("madeGrams").asDouble());
            for (JsonNode line : batch.get("weighed")) {
                said.says(
                        "bowls",
                        "into the base: " + line.get("ingredient").asString(),
                        line.get("grams").asDouble());
            }
        }
        for (JsonNode bowl : pour.get("bowls")) {
            String name = names.get(bowl.get("colour").asString());
            said.says(
                    "bowls",
                    "base in the bowl: " + name,
                    bowl.get("dividedGrams").asDouble());
            for (JsonNode portion : bowl.get("portions")) {
                String at = name + " at " + portion.get("countSeconds").asDouble() + " s, " + portion.get("vessel");
                said.says(
                        "bowls", "finished: " + at, portion.get("finishedGrams").asDouble());
                said.says(
                        "bowls",
                        "thinned: " + name + " at "
                                + portion.get("countSeconds").asDouble() + " s",
                        portion.get("finishedGrams").asDouble());
                if (List.of("BAG", "BOTTLE").contains(portion.get("vessel").asString())) {
                    said.says("bowls", "bags", portion.get("bags").asInt());
                }
            }
        }
        for (JsonNode step : part.get("steps")) {
            if (step.get("colour").isNull()) {
                said.says("order of work", "base mixed, g", step.get("grams").asDouble());
            }
        }
        for (Map.Entry<String, JsonNode> tint : part.get("tints").properties()) {
            for (JsonNode dose : doses(tint.getValue().get("recipe"))) {
                said.says(
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

    /** Icing on its own cookies, as the set and the bowls of the mixing have it. */
    private void ownShare() {
        said.says(
                "set",
                "icing on its cookies",
                said.ofOrder("").at("/plan/own/cookiesGrams").asDouble());
        JsonNode mixing = said.ofOrder("/mixing");
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
                        said.says(
                                "bowls",
                                "icing on its cookies",
                                drink.get("grams").asDouble());
                    }
                }
            }
        }
    }

    /** What goes in of each thing that is weighed, base and doughs and what is sifted in, as the list has it where nothing is taken yet. */
    private void list() throws IOException, InterruptedException {
        JsonNode mixing = said.ofOrder("/mixing");
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
                said.says("sheet", "in all: " + name, wanted.get(name));
                said.says("list", "in all: " + name, line.get("needed").asDouble());
            }
            said.says(
                    "list",
                    "needed: " + name,
                    Math.round(10 * line.get("needed").asDouble()) / 10.0);
        }
        String table = new String(papers.file("shopping.csv"), StandardCharsets.UTF_8);
        for (CSVRecord line : CSVFormat.RFC4180.parse(new StringReader(table)).stream()
                .skip(1)
                .toList()) {
            said.says("table", "needed: " + line.get(1), Double.parseDouble(line.get(3)));
        }
    }
}
