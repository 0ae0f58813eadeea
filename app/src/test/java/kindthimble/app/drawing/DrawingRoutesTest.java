package kindthimble.app.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import kindthimble.core.geometry.PathTrack;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Drawings by their addresses: what is read of one, what is made of it, and what goes out again. */
class DrawingRoutesTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static final String SVG = "image/svg+xml";
    private static final double DOTS_A_MM = 24;
    private static final String FLAG =
            "<svg viewBox='0 0 90 60'><path fill='#C8443A' d='M0 0h90v60H0z'/><circle cx='45' cy='30' r='20' fill='#F4F1E8'/></svg>";

    private static JsonNode preview(String svg, double heightMm) {
        Answer read =
                APP.send("/api/cookies/svg-preview?heightMm=" + heightMm, SVG, svg.getBytes(StandardCharsets.UTF_8));
        assertEquals(200, read.status(), () -> read.body().toString());
        return read.body();
    }

    private static double area(JsonNode preview, String hex) {
        for (JsonNode colour : preview.get("colours")) {
            if (colour.get("colour").asString().equalsIgnoreCase(hex)) {
                return colour.get("areaMm2").asDouble();
            }
        }
        return 0;
    }

    @Test
    void aDrawingIsReadAtTheHeightThatIsAskedFor() {
        JsonNode flag = preview(FLAG, 30);
        assertEquals(45, flag.get("widthMm").asDouble(), 1e-9);
        assertEquals(Math.PI * 100, area(flag, "#F4F1E8"), 0.3);
        assertEquals(30 * 45 - Math.PI * 100, area(flag, "#C8443A"), 0.3);
        Answer outline = APP.send("/api/cookies/svg-outline?heightMm=30", SVG, FLAG.getBytes(StandardCharsets.UTF_8));
        assertEquals(45, outline.body().get("widthMm").asDouble(), 0.01);
        for (String height : new String[] {"0", "-3", "tall", "NaN", "1e9"}) {
            Answer refused =
                    APP.send("/api/cookies/svg-preview?heightMm=" + height, SVG, FLAG.getBytes(StandardCharsets.UTF_8));
            assertEquals(422, refused.status(), height);
        }
    }

    @Test
    void aDesignIsMadeOfItAndReadAgainWithItsNumbers() {
        String body = """
                {"file": "%s", "heightMm": 60, "name": "Flag", "count": 6, "edge": "OUTERMOST", "marginMm": 0,
                 "taken": [], "colours": []}""".formatted(FLAG);
        Answer made = APP.post("/api/orders/2/drawn-designs", body);
        assertEquals(201, made.status(), () -> made.body().toString());
        JsonNode design =
                made.body().at("/designs/" + (made.body().get("designs").size() - 1));
        assertEquals("Flag", design.at("/document/name").asString());
        assertEquals(90, design.at("/document/cutter/sizeMm").asDouble(), 0.01);
        Answer again =
                APP.post("/api/orders/2/drawn-designs/" + design.get("id").asLong(), body.replace("r='20'", "r='21'"));
        assertEquals(200, again.status(), () -> again.body().toString());
        assertEquals(
                design.at("/document/moves").size(), again.body().get("moves").size(), "the same sections, one larger");
        assertFalse(design.at("/document/moves/0").equals(again.body().at("/moves/0")));
    }

    /** What goes out as SVG is read again with the areas that the design's picture has, painted by Java's own tools. */
    @Test
    void whatGoesOutComesInWithTheSameAreas() {
        JsonNode order = APP.get("/api/orders/1").body();
        Map<String, String> hexes = new HashMap<>();
        order.at("/details/palette")
                .forEach(colour -> hexes.put(
                        colour.get("key").asString(), colour.get("hex").asString()));
        int compared = 0;
        for (JsonNode design : order.get("designs")) {
            long id = design.get("id").asLong();
            String svg = APP.text("/api/orders/1/designs/" + id + "/drawing.svg");
            String height = svg.replaceAll("(?s).*?height=\"([0-9.]+)mm.*", "$1");
            JsonNode read = preview(svg, Double.parseDouble(height));
            Map<String, Double> painted = painted(design.get("cookie"), hexes);
            double all = painted.values().stream().mapToDouble(mm2 -> mm2).sum();
            painted.forEach((hex, mm2) ->
                    assertEquals(mm2, area(read, hex), 0.001 * all, hex + " of " + design.at("/document/name")));
            compared += painted.size();
        }
        assertTrue(compared > 15, "only " + compared + " colours");
    }

    private static Map<String, Double> painted(JsonNode cookie, Map<String, String> hexes) {
        int side = (int) (140 * DOTS_A_MM);
        BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.translate(side / 2.0, side / 2.0);
        g.scale(DOTS_A_MM, DOTS_A_MM);
        cookie.get("layers").forEach(layer -> {
            boolean isDough = layer.get("role").asString().equals("DOUGH");
            g.setColor(Color.decode(
                    isDough ? "#DDB98A" : hexes.get(layer.get("colour").asString())));
            Path2D path = path(layer.get("path").asString());
            JsonNode at = layer.get("at");
            if (at != null && !at.isNull()) {
                AffineTransform to = AffineTransform.getTranslateInstance(
                        at.get("x").asDouble(), at.get("y").asDouble());
                to.rotate(Math.toRadians(at.get("turnDegrees").asDouble()));
                path.transform(to);
            }
            if (layer.get("strokeMm").isNull()) {
                g.fill(path);
            } else {
                g.setStroke(new BasicStroke(
                        (float) layer.get("strokeMm").asDouble(), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
                g.draw(path);
            }
        });
        Map<String, Double> areas = new HashMap<>();
        for (int dot : image.getRGB(0, 0, side, side, null, 0, side)) {
            if (dot >>> 24 == 255) {
                areas.merge("#%06X".formatted(dot & 0xFFFFFF), 1 / DOTS_A_MM / DOTS_A_MM, Double::sum);
            }
        }
        return areas;
    }

    private static Path2D path(String data) {
        Path2D path = PathTrack.of(data);
        path.setWindingRule(Path2D.WIND_EVEN_ODD);
        return path;
    }

    @Test
    void aDesignSavedAsAFileComesInToAnotherOrder() {
        JsonNode first = APP.get("/api/orders/1").body().at("/designs/0");
        String file = APP.text("/api/orders/1/designs/" + first.get("id").asLong() + "/design.json");
        Answer taken = APP.post("/api/orders/2/design-files", file);
        assertEquals(201, taken.status(), () -> taken.body().toString());
        JsonNode designs = taken.body().get("designs");
        JsonNode last = designs.get(designs.size() - 1);
        assertEquals(first.at("/document/name"), last.at("/document/name"));
        assertEquals(
                first.at("/cookie/gramsEach").asDouble(),
                last.at("/cookie/gramsEach").asDouble(),
                1e-9);
        assertEquals(
                422,
                APP.post("/api/orders/2/design-files", "{\"kind\": \"a cake\"}").status());
    }
}
