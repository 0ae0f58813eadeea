package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.util.stream.Collectors.joining;
import static kindthimble.e2e.Hands.labelled;
import static kindthimble.e2e.Hands.press;
import static kindthimble.e2e.Hands.saved;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;

/** From a colour that is wanted to the drops in its bowl, on Set, Bowls and Shelf. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class TintTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static Locator bowl(Page page, String name) {
        return page.locator("svg g.bowl").filter(new Locator.FilterOptions().setHasText(name));
    }

    private static Locator slip(Page page, String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    @Order(1)
    void aBowlOpensItsSlipWithDropsWeightAndCost() {
        Page page = BROWSER.open("/orders/1/bowls");
        bowl(page, "Poppy").click();
        Locator poppy = slip(page, "Poppy");
        assertThat(poppy.getByText(Pattern.compile("^Poppy \\d\\.\\d\\d g \\(\\d+ drops\\)$")))
                .isVisible();
        assertThat(poppy.getByText(Pattern.compile("g of gel, 0\\.6\\d % · costs €0\\.\\d\\d"))
                        .first())
                .isVisible();
        assertThat(poppy.getByText("red deepens most")).isVisible();
        poppy.getByText("Other ways").click();
        assertThat(poppy.getByText(Pattern.compile("away ·")).first()).isVisible();
        press(page, Pattern.compile("compare, large")).click();
        Locator left = page.getByLabel("Left");
        left.selectOption(left.locator("option").allInnerTexts().stream()
                .filter(text -> text.startsWith("just mixed"))
                .findFirst()
                .orElseThrow());
        press(page, "Close").click();
        bowl(page, "White").click();
        assertThat(slip(page, "White").getByText("Leave it untinted.")).isVisible();
        bowl(page, "Glow green").click();
        assertThat(slip(page, "Glow green").getByText("These gels don't reach it"))
                .isVisible();
        press(page, "Take the nearest").click();
        assertThat(slip(page, "Glow green").getByText("no eye tells them apart"))
                .isVisible();
        press(page, "Order of work").click();
        assertThat(page.getByText(Pattern.compile(
                        "Divide off and tint Poppy: \\d+ g of base, Poppy \\d\\.\\d\\d g \\(\\d+ drops\\)")))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("Divide off White: .* left untinted")))
                .isVisible();
        press(page, "To buy").click();
        assertThat(page.getByRole(AriaRole.ROWHEADER, new Page.GetByRoleOptions().setName("Navy gel")))
                .isVisible();
        page.context().close();
    }

    @Test
    @Order(2)
    void aShadeIsLetDownFromItsMotherBowlOrTintedOnItsOwn() {
        Page page = BROWSER.open("/orders/1/bowls");
        assertThat(page.locator("g.family")).hasCount(1);
        bowl(page, "Haze").click();
        Locator haze = slip(page, "Haze");
        assertThat(haze.getByText(Pattern.compile("Weigh 5\\.\\d g of Navy ink and 3\\d g of white")))
                .isVisible();
        haze.getByText("Tint it on its own instead").click();
        assertThat(page.locator("g.family")).hasCount(0);
        assertThat(haze.getByText(Pattern.compile("for 4\\d g of base"))).isVisible();
        press(page, "Let it down").click();
        assertThat(page.locator("g.family")).hasCount(1);
        saved(page);
        page.context().close();
    }

    @Test
    @Order(3)
    void aSwatchMovesItsGelAndTheRecipesFollow() {
        Page page = BROWSER.open("/orders/1/shelf");
        press(page, Pattern.compile("^Poppy \\d+ drops")).click();
        Locator gel = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Poppy"));
        gel.getByLabel("drops", new Locator.GetByLabelOptions().setExact(true)).fill("8");
        gel.getByLabel("in base").fill("100");
        gel.getByLabel("seen when dry", new Locator.GetByLabelOptions().setExact(true))
                .fill("#F7958E");
        gel.getByText("Keep this swatch").click();
        // #F7958E is what 2 drops give: the bottle is a quarter as strong, and the order needs four times as much.
        assertThat(gel.getByText(Pattern.compile("One swatch says it is 2\\d % as strong")))
                .isVisible();
        press(page, "Close").click();
        assertThat(page.getByText(Pattern.compile("\\d+ drops short"))).isVisible();
        press(page, Pattern.compile("^Poppy \\d+ drops")).click();
        gel.getByLabel("seen when dry", new Locator.GetByLabelOptions().setExact(true))
                .fill("purple");
        gel.getByText("Keep this swatch").click();
        assertThat(gel.getByText("Write a colour as #")).isVisible();
        gel.getByText("Take it out").click();
        assertThat(gel.getByText("Tint a spoonful")).isVisible();
        page.context().close();
    }

    @Test
    @Order(4)
    void aNewGelIsAddedAndTakenOffAndPutBack() {
        Page page = BROWSER.open("/orders/1/shelf");
        press(page, "Add a gel").click();
        press(page, "Add it").click();
        assertThat(page.getByText("Give the gel a name")).isVisible();
        page.getByLabel("name on the label").fill("Bright white");
        page.getByLabel("reference gel").selectOption("whitener");
        press(page, "Add it").click();
        press(page, Pattern.compile("^Bright white \\d+ drops")).click();
        press(page, "Take it off the shelf").click();
        assertThat(press(page, Pattern.compile("^Bright white \\d+ drops"))).hasCount(0);
        press(page, "Put it back").click();
        assertThat(press(page, Pattern.compile("^Bright white \\d+ drops"))).isVisible();
        // White with whitener in it: the whitest white is no longer out of reach.
        page.navigate(APP.url() + "/orders/1");
        press(page, Pattern.compile("^White")).click();
        labelled(page, "Colour").fill("#FFFFFF");
        saved(page);
        page.navigate(APP.url() + "/orders/1/bowls");
        press(page, Pattern.compile("^White \\d+ g")).click();
        assertThat(slip(page, "White")
                        .getByText(Pattern.compile("Bright white (\\d+ drops|\\d\\.\\d\\d g)"))
                        .first())
                .isVisible();
        page.context().close();
    }

    @Test
    @Order(5)
    void aColourIsChosenFromTheWheelByNameFromAPictureAndFromAPastBowl() {
        Page page = BROWSER.open("/orders/1");
        press(page, "Add a colour").click();
        Locator hex = labelled(page, "Colour");
        press(page, "Choose…").click();
        Locator places = page.locator("dialog svg path");
        assertThat(places.first()).isVisible();
        assertTrue(places.count() > 40);
        places.nth(30).click();
        String first = hex.inputValue();
        assertNotEquals("#BFE9F3", first);
        press(page, "Choose…").click();
        press(page, "By name").click();
        page.getByLabel(Pattern.compile("^A name")).fill("Dark sea green");
        press(page, "Take it").click();
        assertThat(hex).hasValue("#8FBC8F");
        assertThat(labelled(page, "Name")).hasValue("Dark sea green");
        press(page, "Choose…").click();
        press(page, "From a picture").click();
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' width='80' height='60'>"
                + "<rect width='80' height='60' fill='#3366cc'/></svg>";
        page.getByLabel("A drawing or a photo")
                .setInputFiles(new FilePayload("a.svg", "image/svg+xml", svg.getBytes(StandardCharsets.UTF_8)));
        page.locator("dialog canvas").click();
        assertThat(hex).hasValue("#3366CC");
        press(page, "Choose…").click();
        press(page, "From a picture").click();
        page.getByLabel("A drawing or a photo")
                .setInputFiles(new FilePayload("a.png", "image/png", "nothing".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("This is no picture")).isVisible();
        press(page, "A past bowl").click();
        press(page, Pattern.compile("Plum")).click();
        assertThat(hex).hasValue("#8A64A6");
        saved(page);
        page.reload();
        assertThat(page.getByText("Dark sea green")).isVisible();
        page.context().close();
    }

    @Test
    @Order(6)
    void aPaletteGoesOutAndComesInAndIsLookedAtWithOtherEyes() throws IOException {
        Page page = BROWSER.open("/orders/1");
        press(page, "More about the palette").click();
        Download file =
                page.waitForDownload(() -> page.getByText("Palette as .gpl").click());
        String gpl = Files.readString(file.path());
        assertTrue(gpl.startsWith("GIMP Palette"), gpl);
        // Red becomes a brown, and gold an olive: side by side on the kite, some eyes see one colour.
        String changed = gpl.replace("213  71  63\tPoppy", "192  86  47\tPoppy")
                .replace("255 177  78\tMarigold", "122 122  32\tMarigold");
        assertNotEquals(gpl, changed);
        page.getByLabel("take one in")
                .setInputFiles(new FilePayload("p.gpl", "text/plain", changed.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("colours read: 0 new")).isVisible();
        // A file of more colours than a palette has room for: what fits is taken, and what doesn't is said.
        String many = IntStream.range(0, 60)
                .mapToObj(i -> "%d 99 120\tHue %d%n".formatted(i, i))
                .collect(joining());
        page.getByLabel("take one in")
                .setInputFiles(new FilePayload(
                        "many.gpl", "text/plain", ("GIMP Palette\n" + many).getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText(
                        Pattern.compile("60 colours read: \\d+ new, 0 of a name that was there; \\d+ left out")))
                .isVisible();
        saved(page);
        press(page, "Can it be seen?").click();
        assertThat(page.getByText("is hard to tell apart with deuteranopia").first())
                .isVisible();
        page.getByLabel("take one in")
                .setInputFiles(new FilePayload("p.txt", "text/plain", "hello".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("This is no palette")).isVisible();
        saved(page);
        assertEquals(List.of(), BROWSER.complaints());
        page.context().close();
    }

    /** Brown by cocoa: chosen in the palette, stirred in on Bowls, and no drops are counted for it. */
    @Test
    @Order(20)
    void aFlavourIsChosenWithTheColourAndStirredIntoItsBowl() {
        Page page = BROWSER.open("/orders/1");
        press(page, Pattern.compile("^Marigold")).click();
        page.locator("[data-place$='/flavour'] select").selectOption("Cocoa");
        page.locator("[data-place$='/flavour/percent'] input").fill("10");
        saved(page);
        page.navigate(APP.url() + "/orders/1/bowls");
        bowl(page, "Marigold").first().click();
        Locator marigold = slip(page, "Marigold");
        assertThat(marigold.getByText(Pattern.compile("Stir in \\d+\\.\\d g Cocoa, which makes the colour")))
                .isVisible();
        assertEquals(0, marigold.getByText("Other ways").count());
        press(page, "Order of work").click();
        assertThat(page.getByText(Pattern.compile("Stir in \\d+\\.\\d g Cocoa: Marigold")))
                .isVisible();
        press(page, "To buy").click();
        assertThat(page.getByRole(AriaRole.ROWHEADER, new Page.GetByRoleOptions().setName("Cocoa")))
                .isVisible();
        page.context().close();
    }
}
