package kindthimble.app.testing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Requests as no page would send them: to every address of the description, with bodies that were right until something in them changed. */
public final class Mutations {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** In place of any value, as JSON. */
    private static final List<String> ODD_VALUES = List.of(
            "null",
            "\"\"",
            "\"\\u0000\"",
            "\"a\\u0000b\"",
            "\"\\ud800\"",
            "\"x\\udfff\"",
            "\"\\u0007\\u001b[31m\"",
            "\"\\u202e=1+1\"",
            "\"=HYPERLINK(1)\"",
            "\"" + "x".repeat(100_000) + "\"",
            "\"" + "\\u20ac".repeat(3_000) + "\"",
            "0",
            "-1",
            "1e308",
            "-1e308",
            "1e-320",
            "1e999",
            "9223372036854775807",
            "9223372036854775808",
            "99999999999999999999999999999999999999999",
            "2147483648",
            "0.1",
            "1.5",
            "true",
            "[]",
            "{}",
            "[[[[[[[[[[null]]]]]]]]]]",
            "{\"move\":\"flood\"}",
            "{\"kind\":\"own outline\",\"path\":\"M0 0L1e9 1e9L0 1Z\"}",
            "\"NaN\"",
            "\"9999-99-99T99:99:99\"",
            "\"+999999999-12-31T23:59:59\"",
            "\"0000-01-01T00:00:00\"",
            "\"#GGGGGG\"",
            "\"M0 0A\"",
            "\"a-odd a-even a1 a1 a1\"",
            "[null]",
            "[1,2,3]");

    private static final List<String> ODD_IDS = List.of(
            "0",
            "-1",
            "9223372036854775807",
            "9223372036854775808",
            "99999999999999999999",
            "1.0",
            "x",
            "%00",
            "1%00",
            "%20",
            "%ED%A0%80",
            "..",
            "%2e%2e",
            "1;a=b",
            "null",
            "%F0%9F%8D%AA",
            "a".repeat(300));

    private final Random random;
    private final RunningApp app;
    private final List<Route> routes = new ArrayList<>();

    private record Route(String method, String path, String body) {}

    /**
     * A request.
     *
     * @param method as in HTTP
     * @param path with its numbers
     * @param body as text; null for none
     */
    public record Request(String method, String path, String body) {
        @Override
        public String toString() {
            String text = body == null ? "" : body;
            return method + " " + path + " " + text.substring(0, Math.min(600, text.length()));
        }
    }

    public Mutations(RunningApp app, long seed) {
        this.app = app;
        this.random = new Random(seed);
        JsonNode described = app.get("/api/openapi").body();
        described
                .get("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(method -> routes.add(new Route(
                                method.getKey().toUpperCase(java.util.Locale.ROOT),
                                path.getKey(),
                                method.getValue()
                                        .at("/requestBody/content/application~1json/schema/$ref")
                                        .asString()
                                        .replaceFirst(".*/", "")))));
        for (String file : List.of("palette.gpl", "palette.json", "print/mixing-sheet.pdf", "print/shopping.csv")) {
            routes.add(new Route("GET", "/api/orders/{order}/" + file, ""));
        }
    }

    /** The next one. */
    public Request next() {
        Route route = routes.get(random.nextInt(routes.size()));
        JsonNode week = app.get("/api/week").body().get("orders");
        JsonNode order = week.isEmpty() ? null : week.get(random.nextInt(week.size()));
        String path = route.path();
        boolean odd = random.nextInt(5) == 0;
        while (path.contains("{")) {
            String name = path.replaceFirst(".*?\\{(\\w+)}.*", "$1");
            path = path.replaceFirst("\\{\\w+}", odd ? pick(ODD_IDS) : usual(name, order));
        }
        if (route.body().isEmpty()) {
            return new Request(route.method(), path, random.nextInt(8) == 0 ? "{}" : null);
        }
        JsonNode right = right(route.body(), order);
        return new Request(route.method(), path, right == null ? "{}" : changed(right));
    }

    private String usual(String name, JsonNode order) {
        return switch (name) {
            case "order" -> order == null ? "1" : order.get("id").asString();
            case "design" ->
                order == null || order.get("designs").isEmpty()
                        ? "1"
                        : order.get("designs")
                                .get(random.nextInt(order.get("designs").size()))
                                .get("id")
                                .asString();
            case "gel" -> pick(List.of("leaf", "poppy", "sky"));
            case "recipe" -> pick(List.of("meringue-powder", "fresh-whites"));
            default -> Integer.toString(1 + random.nextInt(3));
        };
    }

    /** A body that would be taken. */
    private JsonNode right(String schema, JsonNode order) {
        JsonNode design = order == null || order.get("designs").isEmpty()
                ? null
                : order.get("designs").get(random.nextInt(order.get("designs").size()));
        ObjectNode body = JSON.createObjectNode();
        switch (schema) {
            case "ShopView":
                return app.get("/api/shop").body();
            case "OrderDetails":
                return order == null ? null : order.get("details");
            case "OrderChange":
                return order == null
                        ? null
                        : body.set("version", order.get("version")).isNull()
                                ? null
                                : body.set("details", order.get("details")).isNull() ? null : body;
            case "NewDesign", "DesignChange", "Kept":
                if (design == null) {
                    return null;
                }
                body.put("count", 3);
                body.set("document", design.get("document"));
                if (schema.equals("DesignChange")) {
                    body.set("version", design.get("version"));
                }
                if (schema.equals("Kept")) {
                    body.remove("count");
                    body.remove("document");
                    body.set("design", design.get("id"));
                }
                return body;
            case "RecipeDraft":
                JsonNode recipes = app.get("/api/recipes").body();
                return recipes.isArray()
                        ? recipes.get(0)
                        : recipes.get("recipes") == null
                                ? body
                                : recipes.get("recipes").get(0);
            default:
                return JSON.valueToTree(EXAMPLES.getOrDefault(schema, Map.of()));
        }
    }

    private static final Map<String, Object> EXAMPLES = Map.of(
            "Counted", Map.of("name", "bags", "amount", 12),
            "DesignsInOrder", Map.of("designs", List.of(1, 2)),
            "Bottle", Map.of("name", "Sky", "dropsLeft", 30, "bottleDrops", 350, "price", 4.2),
            "TintWanted", Map.of("hex", "#AFE079", "grams", 120, "mostGels", 3),
            "Jar",
                    Map.of(
                            "name",
                            "White",
                            "hex",
                            "#FFFFFF",
                            "grams",
                            60,
                            "countSeconds",
                            15,
                            "recipe",
                            "meringue-powder",
                            "goodUntil",
                            "2026-12-20"),
            "Wanted", Map.of("order", 1, "count", 3, "colours", Map.of("main", "poppy")),
            "NewGel",
                    Map.of(
                            "bottle", Map.of("name", "Plum", "dropsLeft", 30, "bottleDrops", 350),
                            "swatch", Map.of("drops", 3, "grams", 50, "hex", "#AF6079")),
            "SwatchNote", Map.of("drops", 3, "grams", 50, "hex", "#AFE079"),
            "PaletteText", Map.of("text", "GIMP Palette\nName: a\n#\n255 0 0 Red\n"));

    private String changed(JsonNode right) {
        JsonNode copy = right.deepCopy();
        String odd = null;
        int changes = 1 + random.nextInt(2);
        for (int i = 0; i < changes; i++) {
            List<JsonNode> holders = new ArrayList<>();
            collect(copy, holders);
            if (holders.isEmpty()) {
                return pick(ODD_VALUES);
            }
            JsonNode holder = holders.get(random.nextInt(holders.size()));
            odd = pick(ODD_VALUES);
            // A mark that is replaced in the text: some odd values can't be held by a tree.
            if (holder instanceof ObjectNode object && !object.isEmpty()) {
                List<String> names = new ArrayList<>(object.propertyNames());
                String name = names.get(random.nextInt(names.size()));
                switch (random.nextInt(6)) {
                    case 0 -> object.remove(name);
                    case 1 -> object.put("more", 1);
                    default -> object.put(name, "@odd@");
                }
            } else if (holder instanceof ArrayNode array) {
                if (random.nextInt(3) == 0 && !array.isEmpty()) {
                    JsonNode again = array.get(0);
                    for (int n = 0; n < 300; n++) {
                        array.add(again);
                    }
                } else {
                    array.add("@odd@");
                }
            }
        }
        String text = copy.toString().replace("\"@odd@\"", odd);
        return switch (random.nextInt(25)) {
            case 0 -> text.substring(0, text.length() / 2);
            case 1 -> "[".repeat(5_000);
            case 2 -> "{\"a\":".repeat(500);
            case 3 -> text + text;
            default -> text;
        };
    }

    private static void collect(JsonNode node, List<JsonNode> holders) {
        if (node.isContainer()) {
            holders.add(node);
            node.forEach(child -> collect(child, holders));
        }
    }

    private String pick(List<String> list) {
        return list.get(random.nextInt(list.size()));
    }
}
