package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static kindthimble.e2e.Hands.press;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** A drawing, and a picture, become designs; designs go out on paper and as files. */
class DrawingTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static Locator row(Page page, String title) {
        return page.locator("section[aria-label='What each shape becomes'] li")
                .filter(new Locator.FilterOptions().setHasText(title));
    }

    @Test
    void aDrawingBecomesADesignAndComesOutAgain() {
        Page page = BROWSER.open("/orders/1/drawing");
        press(page, "lantern").click();
        assertThat(row(page, "raised line")).hasCount(1);
        assertThat(row(page, "wet marks, sink in")).containsText("3 shapes");
        // One press turns the marks into sections of their own.
        row(page, "wet marks, sink in").getByText("fill on top").click();
        assertThat(row(page, "filled on top")).containsText("3 shapes");
        row(page, "filled on top")
                .getByText("wet", new Locator.GetByTextOptions().setExact(true))
                .click();
        page.getByLabel("all of it, high").fill("100");
        assertThat(page.getByText("100 mm")).isVisible();
        // Another file: what is set by hand stays, where the shape is the same.
        row(page, "raised line").getByText("leave out").click();
        page.locator(".compact input")
                .setInputFiles(new FilePayload(
                        "again.svg",
                        "image/svg+xml",
                        APP.text("/drawings/lantern.svg").getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("again.svg")).isVisible();
        assertThat(row(page, "left out")).containsText("1 stroke");
        press(page, "Make the design").click();
        assertThat(page.getByLabel("Name of the design")).hasValue("Again");
        assertThat(page.locator("[data-move]").first()).containsText("drawing");

        JsonNode designs = APP.get("/api/orders/1").body().get("designs");
        JsonNode made = designs.get(designs.size() - 1);
        assertEquals("drawing", made.at("/document/moves/0/move").asString());
        assertTrue(made.at("/cookie/sections").size() >= 3);
        // As a drawing it is as large as the cookie, and its coats as large as what was measured.
        String address = "/api/orders/1/designs/" + made.get("id").asLong();
        String svg = APP.text(address + "/drawing.svg");
        assertTrue(svg.contains("<g id=\"pass-1\">") && svg.contains("mm\""), svg.substring(0, 300));
        // As a document it comes in again, into an order with other colours too.
        String file = APP.text(address + "/design.json");
        JsonNode taken = APP.post("/api/orders/2/design-files", file).body().at("/designs/0");
        assertEquals(
                made.at("/cookie/icedAreaMm2").asDouble(),
                taken.at("/cookie/icedAreaMm2").asDouble(),
                0.01);
        assertEquals(
                422,
                APP.post("/api/orders/2/design-files", "{\"kind\":\"else\"}").status());
        for (String sheet : new String[] {"template.pdf?copies=3&mirrored=true&", "instructions.pdf?", "grid.pdf?"}) {
            byte[] pdf = APP.bytes(
                    "/api/orders/1/print/" + sheet + "design=" + made.get("id").asLong());
            assertTrue(new String(pdf, 0, 5, StandardCharsets.US_ASCII).startsWith("%PDF"), sheet);
        }
        press(page, "print, or save as a file").click();
        assertThat(page.getByText("On paper, at true size")).isVisible();
        page.keyboard().press("Escape");

        // Read again, smaller: the sections keep their names and what was done to them.
        page.getByText("read its drawing again").click();
        press(page, "Put it into the design").click();
        assertThat(page.getByLabel("Name of the design")).hasValue("Again");
        page.context().close();
    }

    @Test
    void aPictureIsTraced() throws IOException {
        BufferedImage image = new BufferedImage(600, 500, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 600, 500);
        g.setColor(new Color(0xD5473F));
        g.fillOval(100, 50, 400, 400);
        g.setColor(new Color(0x23407A));
        g.fillRect(200, 180, 200, 120);
        g.dispose();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(image, "png", png);
        Page page = BROWSER.open("/orders/1/drawing");
        page.locator("input[type=file]").setInputFiles(new FilePayload("disc.png", "image/png", png.toByteArray()));
        assertThat(page.getByText(Pattern.compile("2 shapes, 2 colours"))).isVisible();
        assertThat(page.getByText("The white paper around the drawing is left out."))
                .isVisible();
        press(page, "Make the design").click();
        assertThat(page.getByLabel("Name of the design")).hasValue("Disc");
        page.context().close();
    }

    @Test
    void whatCanNotBeReadGetsASentence() {
        Page page = BROWSER.open("/orders/2/drawing");
        page.locator("input[type=file]")
                .setInputFiles(
                        new FilePayload("x.svg", "image/svg+xml", "no drawing".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
                .containsText("no SVG drawing");
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload("x.png", "image/png", "no picture".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
                .containsText("no picture");
        page.context().close();
    }
}
