package kindthimble.app.testing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Requests as no page would send them: to every address of the description, with bodies that were right until something in them changed. */
public final class Mutations {
    private static final JsonMapper JSON = JsonMapper.builder().build();

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

    private static final List<String> ODD_QUERIES = List.of(
            "text=%ff",
            "%ff=1", "text=%00", "a=%F0%9F", "page=9223372036854775807", "page=-1", "seed=x", "after=%20", "&&=&");

    /** Places where nothing is, or not what is sent. */
    private static final List<String> ODD_PLACES = List.of(
            "/",
            "//",
            "///",
            "",
            "~",
            "/~",
            "/~2",
            "/details",
            "/details/",
            "//details",
            "/details//name",
            "/designs",
            "/designs//count",
            "/designs/-",
            "/designs/0",
            "/details/palette/-1",
            "/details/palette/99999999999999999999",
            "/details/palette/1e3",
            "/details/clock/\\u0000",
            "/settings",
            "/settings/habits/",
            "/settings/habits//mean",
            "/stock/",
            "/stock//",
            "/gels//bottle",
            "/recipes/-",
            "/id",
            "/revision",
            "/tray",
            "/jars/1/removed",
            "/mixing");

    private static final List<String> PLACES = List.of(
            "/details/name",
            "/details/handOver",
            "/details/palette",
            "/details/floodSeconds",
            "/details/clock",
            "/settings/habits/MARGIN_MM/mean",
            "/settings/tips",
            "/settings/words",
            "/settings/working/own",
            "/settings/doughs",
            "/stock/sugar",
            "/recipes/meringue-powder/ingredients/0/grams");

    private final Random random;
    private final OddJson json;
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
        this.json = new OddJson(random);
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
        if (route.method().equals("GET") && random.nextInt(6) == 0) {
            path += "?" + pick(ODD_QUERIES);
        }
        if (route.body().equals("Patch")) {
            return new Request(route.method(), path, patch(path));
        }
        if (route.body().isEmpty()) {
            return new Request(route.method(), path, random.nextInt(8) == 0 ? "{}" : null);
        }
        JsonNode right = right(route.body(), order);
        return new Request(route.method(), path, right == null ? "{}" : json.changed(right));
    }

    /** Of an order or of the shop: places that are there, and places that are not, with what does not belong there. */
    private String patch(String path) {
        JsonNode now = app.get(path).body();
        ObjectNode edit = JSON.createObjectNode();
        edit.put("path", pick(random.nextInt(3) > 0 ? ODD_PLACES : PLACES));
        if (random.nextInt(6) > 0) {
            edit.put("now", "@odd@");
        }
        ObjectNode patch = JSON.createObjectNode();
        patch.put("revision", now == null ? 0 : now.path("revision").asLong());
        patch.putNull("gesture");
        patch.putArray("edits").add(edit);
        return random.nextInt(8) == 0 ? json.changed(patch) : patch.toString().replace("\"@odd@\"", json.value());
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

    private String pick(List<String> list) {
        return list.get(random.nextInt(list.size()));
    }
}
