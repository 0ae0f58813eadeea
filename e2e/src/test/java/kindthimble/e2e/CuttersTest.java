package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static kindthimble.e2e.Hands.press;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import kindthimble.app.testing.Photos;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Cutters of her own, from path data, a drawing and a photo; photos of drawings; what is found again in the library. */
class CuttersTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static FilePayload photo() throws IOException {
        return new FilePayload("roundel.jpg", "image/jpeg", Photos.discOnPaper());
    }

    private static Locator drawer(Page page, String name) {
        return page.locator("section[aria-label='Cutters of your own'] li")
                .filter(new Locator.FilterOptions()
                        .setHas(page.locator("button[aria-label='What to do with " + name + "']")));
    }

    @Test
    void aCutterOfHerOwnStandsAmongTheOthersAndCanGo() {
        Page page = BROWSER.open("/library");
        page.getByText("A new cutter").click();
        page.getByLabel("or its path data").fill("M0 0H60V40L30 70L0 40Z");
        page.getByLabel("called").fill("Pennant");
        page.getByLabel("wide").fill("66");
        press(page, "Keep it").click();
        Locator pennant = drawer(page, "Pennant");
        assertThat(pennant).containsText("66 mm wide");
        assertThat(pennant).containsText("not used yet");
        pennant.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add a tag to Pennant"))
                .click();
        pennant.getByLabel("A tag for Pennant").fill("spring");
        pennant.getByLabel("A tag for Pennant").press("Enter");
        assertThat(pennant.getByText("spring")).isVisible();
        // Found by its tag, and not by another word.
        page.getByLabel("find a design or a cutter").fill("spri");
        assertThat(pennant).isVisible();
        page.getByLabel("find a design or a cutter").fill("autumn");
        assertThat(page.getByText("No cutter of yours is called that.")).isVisible();

        page.navigate(APP.url() + "/orders/1/cookie/1");
        page.locator("button.shape").click();
        page.getByLabel("find a cutter").fill("penn");
        page.getByRole(AriaRole.DIALOG).getByText("Pennant").click();
        assertThat(page.locator("button.shape")).containsText("Pennant");
        assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();

        page.navigate(APP.url() + "/library");
        assertThat(pennant).containsText("used in 1 design");
        press(page, "What to do with Pennant").click();
        page.getByText("Take it away").click();
        assertThat(pennant).hasCount(0);
        assertEquals(
                "Pennant",
                APP.get("/api/orders/1")
                        .body()
                        .at("/designs/0/document/cutter/shape/called")
                        .asString());
        press(page, "Put it back").click();
        assertThat(pennant).isVisible();
        page.context().close();
    }

    @Test
    void aCutterIsMeasuredOnItsPhoto() throws IOException {
        Page page = BROWSER.open("/library/cutter");
        page.locator("input[type=file]").setInputFiles(photo());
        assertThat(page.getByText("Are these the corners?")).isVisible();
        press(page, "Measure it").click();
        assertThat(page.getByText(Pattern.compile("Measured: (59\\.[789]|60\\.[0123]) mm wide")))
                .isVisible();
        // A corner that is moved away makes it another size.
        Locator corner = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^bottom right corner")));
        for (int i = 0; i < 8; i++) {
            corner.press("Shift+ArrowLeft");
        }
        press(page, "Measure it").click();
        assertThat(page.getByText(Pattern.compile("Measured: 6[3-9]\\."))).isVisible();
        assertThat(page.getByLabel("called")).hasValue("roundel");
        page.context().close();
    }

    @Test
    void whatIsNoCutterIsSaid() {
        Page page = BROWSER.open("/library/cutter");
        page.getByLabel("or its path data").fill("a round one");
        page.getByLabel("called").fill("Words");
        press(page, "Keep it").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("path");
        page.locator("input[type=file]")
                .setInputFiles(new FilePayload(
                        "roof.svg",
                        "image/svg+xml",
                        "<svg viewBox='0 0 40 30'><path d='M0 30L20 0 40 30z'/></svg>"
                                .getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        press(page, "Keep it").click();
        assertThat(drawer(page, "Words")).isVisible();
        page.context().close();
    }

    @Test
    void aPhotoOfADrawingIsStraightenedAndKeepsItsSize() throws IOException {
        Page page = BROWSER.open("/orders/2/drawing");
        page.locator("input[type=file]").setInputFiles(photo());
        press(page, "on a sheet of A4").click();
        assertThat(page.getByText("Are these the corners?")).isVisible();
        press(page, "Straighten and trace").click();
        assertThat(page.getByText("Straightened: it has the size that it has on the paper."))
                .isVisible();
        assertThat(page.getByText("60 mm", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        // Or its size by two points.
        page.getByText("or by two points").click();
        Locator picture = page.locator("svg[aria-label='The drawing as it was read']");
        double side = picture.boundingBox().width;
        picture.click(new Locator.ClickOptions().setPosition(side * 0.1, side / 2));
        picture.click(new Locator.ClickOptions().setPosition(side * 0.9, side / 2));
        page.getByLabel("so far apart").fill("80");
        press(page, "Set it").click();
        assertThat(page.getByText(Pattern.compile("^(99|100|101) mm$"))).isVisible();
        page.context().close();
    }

    @Test
    void oneShapeGetsAColourOfItsOwn() {
        Page page = BROWSER.open("/orders/1/drawing");
        press(page, "lantern").click();
        Locator wet = page.locator("section[aria-label='What each shape becomes'] li")
                .filter(new Locator.FilterOptions().setHasText("wet marks, sink in"));
        assertThat(wet).containsText("3 shapes");
        Locator shapes = page.locator("svg[aria-label='The drawing as it was read'] path");
        shapes.filter(new Locator.FilterOptions().setHasText("lies inside one flooded shape"))
                .first()
                .click();
        assertThat(wet).containsText("only the one pressed");
        wet.locator("select").selectOption("lagoon");
        assertThat(page.locator("section[aria-label='What each shape becomes'] li")
                        .filter(new Locator.FilterOptions().setHasText("wet mark, sinks in")))
                .containsText("1 shape");
        press(page, "Make the design").click();
        // Two of one size were one move; now each has its own colour.
        assertThat(page.locator("[data-move]").filter(new Locator.FilterOptions().setHasText("dot")))
                .hasCount(3);
        page.context().close();
    }
}
