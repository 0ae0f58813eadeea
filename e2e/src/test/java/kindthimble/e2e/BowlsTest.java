package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static kindthimble.e2e.Hands.labelled;
import static kindthimble.e2e.Hands.press;
import static kindthimble.e2e.Hands.saved;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;

/** From the order to what is mixed, thinned, bagged and bought, on the Bowls and Shelf stations. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class BowlsTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static Locator bowls(Page page) {
        return page.locator("svg g.bowl");
    }

    @Test
    @Order(1)
    void nearTwinIsJoinedWithOnePressAndParted() {
        Page page = BROWSER.open("/orders/1/bowls");
        assertThat(bowls(page)).hasCount(11);
        assertThat(page.getByText("is a near twin of")).isVisible();
        press(page, "Join them").first().click();
        assertThat(bowls(page)).hasCount(10);
        assertThat(page.getByText("Apricot comes out of Marigold's bowl.")).isVisible();
        press(page, "Part them").click();
        assertThat(bowls(page)).hasCount(11);
        saved(page);
        page.context().close();
    }

    @Test
    @Order(2)
    void jarIsUsedUpAndOrdersAreMixedTogetherOrAlone() {
        Page page = BROWSER.open("/orders/1/bowls");
        press(page, "Use it up").click();
        assertThat(page.getByText("62 of it from jars")).isVisible();
        press(page, "Leave it").click();
        assertThat(page.getByText("of it from jars")).hasCount(0);
        page.getByLabel(Pattern.compile("Night train society")).uncheck();
        assertThat(bowls(page)).hasCount(10);
        saved(page);
        page.getByLabel(Pattern.compile("Night train society")).check();
        assertThat(bowls(page)).hasCount(11);
        saved(page);
        page.context().close();
    }

    @Test
    @Order(3)
    void streamsSayWhoDrinksAndTheLadderComesDown() {
        Page page = BROWSER.open("/orders/1/bowls");
        page.locator("g.stream").first().focus();
        assertThat(page.locator(".lit")).containsText("Diamond kite (outline)");
        page.locator("g.bowl").first().press("Enter");
        assertThat(page.getByText("Down the ladder")).isVisible();
        page.getByLabel("never run out of Poppy").check();
        assertThat(page.getByText("runs short 1 in 1,000")).isVisible();
        saved(page);
        press(page, "Order of work").click();
        Locator steps = page.locator("main ol > li:not(.when)");
        assertThat(steps.first()).containsText("Mix");
        assertThat(steps.nth(2)).containsText("tint Coal");
        press(page, "To buy").click();
        assertThat(page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("icing sugar")))
                .containsText("750 g");
        page.context().close();
    }

    @Test
    @Order(4)
    void baseAndFillingAreChosenAndUnreachableOnesSayWhatToDo() {
        Page page = BROWSER.open("/orders/1/bowls");
        labelled(page, "base").selectOption("fresh-whites");
        assertThat(page.locator("dt")
                        .filter(new Locator.FilterOptions().setHasText("egg white"))
                        .first())
                .isVisible();
        assertThat(page.getByText(Pattern.compile("Raw egg white"))).isVisible();
        assertThat(page.getByText(Pattern.compile("Keep the \\d+ yolks"))).isVisible();
        labelled(page, "base").selectOption("dried-egg-white-loose");
        assertThat(page.getByText(Pattern.compile("\\+ .* g sugar")).first()).isVisible();
        labelled(page, "filled by").selectOption("ONE_ICING");
        saved(page);
        labelled(page, "base").selectOption("");
        labelled(page, "filled by").selectOption("");
        saved(page);
        page.context().close();
    }

    @Test
    @Order(5)
    void startedMixingKeepsThePlanAndShowsWhatChanges() {
        Page page = BROWSER.open("/orders/1/bowls");
        press(page, "Start mixing").click();
        assertThat(page.getByText("Nothing has changed since.")).isVisible();
        page.navigate(APP.url() + "/orders/1");
        page.getByLabel("How many Diamond kite").fill("36");
        saved(page);
        page.navigate(APP.url() + "/orders/1/bowls");
        assertThat(page.locator(".since tr").filter(new Locator.FilterOptions().setHasText("base")))
                .containsText(Pattern.compile("[\\d,]+ g\\s*[\\d,]+ g\\s*\\d+ g"));
        // The small bowl is tinted for its own grams.
        Locator more = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Mix more, 1"));
        assertThat(more.locator("li").first())
                .containsText(Pattern.compile(
                        "Poppy\\s+\\d+ g base, Poppy \\d+ drops.*:\\s+\\+ .* water, take .* at piping 50 s \\(tip"));
        press(page, "Keep this addition").click();
        assertThat(more.getByText("Added")).isVisible();
        assertThat(press(page, "Keep this addition")).hasCount(0);
        press(page, "Order of work").click();
        assertThat(page.getByText("g of base more")).isVisible();
        assertThat(page.getByText("Divide off and tint more Poppy")).isVisible();
        press(page, "Pour").click();
        press(page, "Don't keep it").click();
        assertThat(press(page, "Keep this addition")).isVisible();
        assertThat(page.getByText("Kept with it: 24 Diamond kite")).isVisible();
        // A design that is taken off meanwhile keeps its name in the plan that was kept.
        APP.call("DELETE", "/api/orders/1/designs/1", null);
        page.reload();
        press(page, Pattern.compile("^Poppy \\d+ g")).click();
        assertThat(page.locator("aside").getByText("Diamond kite").first()).isVisible();
        APP.post("/api/orders/1/designs/1/restore", null);
        page.reload();
        press(page, "Plan afresh").click();
        assertThat(press(page, "Start mixing")).isVisible();
        page.context().close();
    }

    @Test
    @Order(6)
    void shelfIsCountedAndKeepsJars() {
        Page page = BROWSER.open("/orders/1/shelf");
        assertThat(page.getByText(Pattern.compile("g short")).first()).isVisible();
        page.getByLabel("icing sugar").fill("99999");
        assertThat(page.locator(".lack").first()).hasText("");
        page.getByLabel("icing sugar").fill("-5");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("from 0 to");
        page.getByLabel("icing sugar").fill("99999");
        page.getByLabel("in the jar").fill("45");
        press(page, "Put it on the shelf").click();
        assertThat(page.getByText("Poppy, 45 g at 15 s")).isVisible();
        press(page, "What to do with the jar of Poppy").click();
        page.getByRole(AriaRole.MENUITEM).first().click();
        assertThat(page.getByText("Poppy, 45 g at 15 s")).hasCount(0);
        page.context().close();
    }

    @Test
    @Order(7)
    void ownRecipeIsMadeFromTheHouses() {
        Page page = BROWSER.open("/shop");
        press(page, "Start a new one from this").click();
        assertThat(page.getByLabel("called")).hasValue("Meringue powder of ours");
        labelled(page, "grams").first().fill("500");
        page.getByLabel("orders take").selectOption("meringue-powder-of-ours");
        saved(page);
        page.navigate(APP.url() + "/orders/1/bowls");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Meringue powder of ours")))
                .isVisible();
        page.context().close();
    }

    @Test
    @Order(7)
    void shopHasItsOwnWordsAndPutsARecipeAway() {
        Page page = BROWSER.open("/shop");
        page.getByLabel("word for 50 s").fill("line icing");
        page.getByLabel("word for 50 s").press("Tab");
        saved(page);
        page.getByLabel("look into").selectOption("meringue-powder-of-ours");
        assertThat(press(page, "Put it away")).isDisabled();
        page.getByLabel("orders take").selectOption("meringue-powder");
        press(page, "Put it away").click();
        assertThat(page.getByLabel("look into")).not().containsText("of ours");
        press(page, "Bring it back").click();
        assertThat(page.getByLabel("look into")).containsText("of ours");
        page.navigate(APP.url() + "/orders/1/bowls");
        assertThat(page.locator("g.stream").first()).containsText("line icing 50 s");
        page.context().close();
    }

    /** 24 bowls of two or three bags each: no line of the picture lies on another, and none leaves it. */
    @Test
    @Order(8)
    void pictureOfManyBowlsHasNoOverlaps() {
        String palette = IntStream.range(0, 24)
                .mapToObj(i ->
                        "{\"name\": \"Colour number %d\", \"hex\": \"#%06X\"}".formatted(i, 0x102030 + i * 0x090705))
                .collect(Collectors.joining(","));
        long order = APP.post(
                        "/api/orders",
                        "{\"name\": \"Many\", \"handOver\": \"2026-12-24T10:00\", \"palette\": [" + palette + "]}")
                .body()
                .get("id")
                .asLong();
        for (int i = 0; i < 24; i++) {
            String key = "colour-number-" + i;
            String beads = i % 2 == 0
                    ? ", {\"move\": \"bead border\", \"colour\": \"%s\", \"diameterMm\": 3}".formatted(key)
                    : "";
            APP.post("/api/orders/" + order + "/designs", """
                    {"count": %d, "document": {"format": 2, "name": "Design %d",
                     "cutter": {"shape": {"kind": "round"}, "across": "WIDTH", "sizeMm": 60},
                     "moves": [{"move": "outline", "colour": "%s"}, {"move": "flood", "colour": "%s"}%s]}}
                    """.formatted(1 + 4 * i, i, key, key, beads));
        }
        Page page = BROWSER.open("/orders/" + order + "/bowls");
        assertThat(bowls(page)).hasCount(24);
        assertThat(page.locator("g.stream")).hasCount(60);
        Object overlaps = page.evaluate("""
                () => {
                  const lines = [...document.querySelectorAll('g.stream text, g.bowl text.name')]
                    .map(t => ({ text: t.textContent.trim(), box: t.getBoundingClientRect() })).filter(t => t.text);
                  const svg = document.querySelector('g.stream').ownerSVGElement.getBoundingClientRect();
                  const bad = lines.filter(l => l.box.left < svg.left - 1 || l.box.right > svg.right + 1).map(l => l.text);
                  for (let i = 0; i < lines.length; i++) for (let j = 0; j < i; j++) {
                    const a = lines[i].box, b = lines[j].box;
                    if (Math.min(a.right, b.right) - Math.max(a.left, b.left) > 1
                        && Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 3) bad.push(lines[i].text + ' on ' + lines[j].text);
                  }
                  return bad;
                }""");
        assertEquals(List.of(), overlaps);
        page.context().close();
    }

    @Test
    @Order(9)
    void nothingComplainedOnTheConsole() {
        assertEquals(List.of(), BROWSER.complaints());
    }
}
