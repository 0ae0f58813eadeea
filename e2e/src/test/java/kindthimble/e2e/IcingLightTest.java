package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.Media;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import kindthimble.app.testing.RunningApp;
import kindthimble.core.colour.Lab;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Colour is judged on the drawing: where icing is flat it has its own colour, and the light is at its edges. */
class IcingLightTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static final double ALIKE = 2;
    private static final int ROSETTE = 3;

    private static JsonNode order() {
        return APP.get("/api/orders/1").body();
    }

    /** The colour at a place of the cookie, in mm. */
    private static Lab at(Page page, BufferedImage shot, double x, double y) {
        List<?> point = (List<?>) page.evaluate(
                "([x, y]) => { const svg = document.querySelector('main svg[role=group]');"
                        + " const p = new DOMPoint(x, y).matrixTransform(svg.getScreenCTM()); return [p.x, p.y]; }",
                List.of(x, y));
        int rgb = shot.getRGB((int) Math.round(((Number) point.get(0)).doubleValue()), (int)
                Math.round(((Number) point.get(1)).doubleValue()));
        return Lab.ofHex("#%06X".formatted(rgb & 0xFFFFFF));
    }

    private static BufferedImage shot(Page page) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(page.screenshot()));
    }

    /** By section of the cookie, the key of the colour that it is coated with: a1 and a3, a2, a4. */
    private static Map<String, String> coats() {
        return Map.of("a1", "lagoon", "a2", "haze", "a3", "lagoon");
    }

    @Test
    void aFlatPartHasTheIcingsOwnColourAndTheRimIsLit() throws IOException {
        JsonNode design = order().at("/designs/" + ROSETTE);
        Map<String, String> hexes = new HashMap<>();
        order().at("/details/palette")
                .forEach(one ->
                        hexes.put(one.get("key").asString(), one.get("hex").asString()));
        Page page = BROWSER.open("/orders/1/cookie/" + design.get("id").asLong());
        Locator drawing = page.locator("main svg[role=group]");
        assertThat(drawing).isVisible();
        page.mouse().move(2, 2);
        BufferedImage shot = shot(page);
        List<String> unlike = new ArrayList<>();
        for (JsonNode section : design.at("/cookie/sections")) {
            String coat = coats().get(section.get("name").asString());
            if (coat != null) {
                Lab own = Lab.ofHex(hexes.get(coat));
                Lab seen = at(
                        page,
                        shot,
                        section.at("/at/x").asDouble(),
                        section.at("/at/y").asDouble());
                if (own.differenceTo(seen) > ALIKE) {
                    unlike.add(section.get("name") + ": " + own.differenceTo(seen));
                }
            }
        }
        assertEquals(List.of(), unlike);
        // Straight down from the middle, from what is flat to the edge: the coat is darker where it falls off, turned
        // away from the light.
        double bottom = design.at("/cookie/box/y").asDouble()
                + design.at("/cookie/box/heightMm").asDouble();
        double darkest = 100;
        for (double in = 2.2; in < 5; in += 0.2) {
            darkest = Math.min(darkest, at(page, shot, 5, bottom - in).l());
        }
        Lab lagoon = Lab.ofHex(hexes.get("lagoon"));
        assertTrue(darkest < lagoon.l() - 4, darkest + " of " + lagoon.l());
        page.close();
    }

    /** On paper, and where colours are forced, the drawing is flat. */
    @Test
    void onPaperItIsFlat() {
        Page page = BROWSER.open(
                "/orders/1/cookie/" + order().at("/designs/" + ROSETTE + "/id").asLong());
        Locator coat = page.locator("main svg[role=group] g.lit-soft").first();
        assertThat(coat).isVisible();
        assertTrue(filter(coat).contains("icing-soft"), filter(coat));
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertEquals("none", filter(coat));
        page.close();
    }

    private static String filter(Locator of) {
        return (String) of.evaluate("element => getComputedStyle(element).filter");
    }
}
