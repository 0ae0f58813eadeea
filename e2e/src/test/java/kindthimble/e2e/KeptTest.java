package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static kindthimble.e2e.Hands.labelled;
import static kindthimble.e2e.Hands.press;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import java.util.regex.Pattern;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What is typed and pressed is kept: over a reload, without a network, beside other hands; and the header says how it stands. */
class KeptTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static final int TIMES = 6;
    private static final int PRESSES = 7;

    private static Locator state(Page page) {
        return page.locator(".saved-state");
    }

    /** The time of the hand-over. */
    private static Locator at(Page page) {
        return page.locator(".when input").nth(1);
    }

    private static int stored() {
        return APP.get("/api/orders/1").body().at("/designs/0/count").asInt();
    }

    /** Seven presses in an instant, and the page is opened anew before any of them can have arrived. */
    @Test
    void pressesInAnInstantOutliveAReload() {
        Page page = BROWSER.open("/orders/1");
        for (int time = 0; time < TIMES; time++) {
            Locator tile = page.locator("[data-tile]").first();
            assertThat(tile).isVisible();
            assertThat(state(page)).hasText("saved");
            int before = stored();
            tile.focus();
            for (int i = 0; i < PRESSES; i++) {
                page.keyboard().press("+");
            }
            page.reload();
            assertThat(page.locator(".tile input").first()).hasValue(Integer.toString(before + PRESSES));
            assertThat(state(page)).hasText("saved");
            assertEquals(before + PRESSES, stored());
            assertThat(page.locator(".conflict")).hasCount(0);
        }
    }

    @Test
    void aTimeThatIsNoneStaysAsItWasTypedBesideItsSentence() {
        Page page = BROWSER.open("/orders/2");
        Locator time = at(page);
        String before = time.inputValue();
        time.fill("25:99");
        time.press("Tab");
        assertThat(state(page)).hasText("1 thing not saved");
        page.reload();
        assertThat(at(page)).hasValue("25:99");
        assertThat(page.getByRole(AriaRole.ALERT)).hasText("Write a time such as 10:00.");
        assertThat(state(page)).hasText("1 thing not saved");
        state(page).getByRole(AriaRole.BUTTON).click();
        assertThat(at(page)).isFocused();
        page.keyboard().type("11:30");
        page.keyboard().press("Tab");
        assertThat(state(page)).hasText("saved");
        assertEquals(
                "11:30",
                APP.get("/api/orders/2")
                        .body()
                        .at("/details/handOver")
                        .asString()
                        .substring(11, 16));
        at(page).fill(before);
        page.keyboard().press("Tab");
        assertThat(state(page)).hasText("saved");
    }

    /** Edits of a move that was added a moment ago, while another device adds and edits in another design of the order: all of them stay. */
    @Test
    void editsOfANewMoveOutliveAnotherDevice() {
        JsonNode designs = APP.get("/api/orders/1").body().get("designs");
        long one = designs.at("/2/id").asLong();
        long other = designs.at("/3/id").asLong();
        Page tablet = BROWSER.open("/orders/1/cookie/" + one);
        Page laptop = BROWSER.open("/orders/1/cookie/" + other);
        for (int time = 1; time <= TIMES; time++) {
            for (Page page : List.of(tablet, laptop)) {
                page.locator("[data-add-move] .chip").getByText("dot", EXACTLY).click();
            }
            for (Page page : List.of(tablet, laptop, tablet, laptop)) {
                boolean first = ofMove(page, "exactly").inputValue().isEmpty();
                ofMove(page, first ? "exactly" : "count").fill(first ? "2." + time : "1" + time);
            }
            for (Page page : List.of(tablet, laptop)) {
                page.keyboard().press("Tab");
                assertThat(state(page)).hasText("saved");
            }
            for (int design = 2; design < 4; design++) {
                JsonNode moves = APP.get("/api/orders/1").body().at("/designs/" + design + "/document/moves");
                JsonNode last = moves.get(moves.size() - 1);
                assertEquals("dot", last.get("move").asString(), moves::toString);
                assertEquals(
                        Double.parseDouble("2." + time), last.path("diameterMm").asDouble(), moves::toString);
                assertEquals(10 + time, last.path("countSeconds").asDouble(), moves::toString);
            }
        }
        tablet.context().close();
        laptop.context().close();
    }

    private static final Locator.GetByTextOptions EXACTLY = new Locator.GetByTextOptions().setExact(true);

    /** A field of the open move. */
    private static Locator ofMove(Page page, String label) {
        return page.locator("aside .form .field:has(.label:text-is('" + label + "'))")
                .locator("input")
                .first();
    }

    /** The header tells of the bench as of every other station: what was pressed there and did not arrive is not saved. */
    @Test
    void theHeaderOfTheBenchSaysWhatHasNotArrived() {
        APP.post("/api/orders/3/practice/end", null);
        Page page = BROWSER.open("/orders/3/bench");
        assertThat(press(page, Pattern.compile("^Next cookie"))).isVisible();
        page.context().setOffline(true);
        page.keyboard().press("Space");
        assertThat(state(page)).hasText("kept here, not sent yet");
        page.context().setOffline(false);
        assertThat(state(page)).hasText("saved");
        press(page, "Back").click();
        assertThat(state(page)).hasText("saved");
    }

    /** Who picks up what other hands have begun is told so, and nothing is ended or iced in it before she says that she goes on. */
    @Test
    void whatAnotherDeviceHasBegunIsAskedAboutFirst() {
        APP.post("/api/orders/3/practice/end", null);
        Page tablet = BROWSER.open("/orders/3/bench");
        // The line on which it hears of others opens late.
        Page phone = BROWSER.open("/nowhere", 390, 844);
        AtomicReference<Route> line = new AtomicReference<>();
        phone.route("**/api/live", line::set);
        phone.navigate(APP.url() + "/orders/3/bench");
        assertThat(press(phone, Pattern.compile("^Next cookie"))).isVisible();
        String device = labelled(tablet, "This device is called").inputValue();
        press(tablet, Pattern.compile("^Next cookie")).click();
        assertThat(state(tablet)).hasText("saved");
        line.get().resume();
        Locator next = phone.locator("section[aria-label='Next at the bench']");
        assertThat(next).containsText("at " + device);
        long before = iced();
        next.getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("at " + device))
                .click();
        Locator now = phone.locator("section[aria-label='Now']");
        assertThat(now).containsText(device + " has begun this");
        phone.keyboard().press("Space");
        assertThat(press(phone, Pattern.compile("^Next cookie"))).isVisible();
        assertEquals(before, iced(), "the first press only says that she goes on with it");
        press(phone, Pattern.compile("^Next cookie")).click();
        assertThat(now).containsText("7 iced");
        assertThat(now).containsText("iced on");
        press(phone, "Back").click();
        press(phone, "Back").click();
        assertThat(press(tablet, Pattern.compile("^Next cookie"))).isVisible();
        press(tablet, "Back").click();
        assertEquals(
                List.of(),
                BROWSER.complaints().stream()
                        .filter(complaint -> !complaint.contains("INTERNET_DISCONNECTED"))
                        .toList());
    }

    private static long iced() {
        long iced = 0;
        for (JsonNode event : APP.get("/api/orders/3/bench").body().get("pressed")) {
            iced += event.get("what").asString().equals("ICED") ? 1 : 0;
        }
        return iced;
    }
}
