package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static kindthimble.e2e.Hands.press;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import kindthimble.app.testing.RunningApp;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** The work itself, pressed step by step. */
class BenchPathTest {
    @RegisterExtension
    @Order(1)
    static final RunningApp APP = RunningApp.withDemoData();

    @RegisterExtension
    @Order(2)
    static final Browser BROWSER = new Browser(APP);

    private static final int MOST_PRESSES = 120;
    private static int ids;

    private static Locator slip(Page page, String name) {
        return page.locator("section[aria-label='" + name + "']");
    }

    private static Locator main(Page page) {
        return page.locator("button[aria-keyshortcuts=Space]");
    }

    /** Presses it, if it is still there: the step may have gone over to the next one. */
    private static void pressMain(Page page) {
        try {
            main(page).click(new Locator.ClickOptions().setTimeout(2_000));
        } catch (TimeoutError gone) {
            assertTrue(slip(page, "Now").isVisible());
        }
    }

    private static JsonNode bench(long order) {
        return APP.get("/api/orders/" + order + "/bench").body();
    }

    /** A small order, baked yesterday. */
    private static long small() {
        JsonNode order = APP.post("/api/orders", """
                        {"name": "Two kites", "client": "", "handOver": "2026-12-05T15:00", "palette": [
                          {"key": "poppy", "name": "Poppy", "hex": "#E4523B"}, {"key": "white", "name": "White", "hex": "#F6F6F0"}]}
                        """).body();
        long id = order.get("id").asLong();
        APP.post("/api/orders/" + id + "/designs", """
                {"count": 2, "document": {"format": 2, "name": "Round", "cutter": {"shape": {"kind": "round"}, "across": "WIDTH", "sizeMm": 70},
                  "moves": [{"move": "outline", "colour": "poppy"}, {"move": "flood", "colour": "poppy"}, {"move": "bead border", "colour": "white", "diameterMm": 3}]}}
                """);
        for (JsonNode step : bench(id).get("steps")) {
            if (List.of("DOUGH", "CUT", "BAKE").contains(step.get("doing").asString())) {
                pressed(id, step.get("key").asString());
            }
        }
        return id;
    }

    private static void pressed(long order, String step) {
        APP.post(
                "/api/orders/" + order + "/bench",
                "[{\"id\": \"b%d\", \"at\": \"2026-12-01T08:00:00Z\", \"device\": \"\", \"what\": \"DONE\", \"step\": \"%s\", \"amount\": 0, \"words\": \"\"}]"
                        .formatted(ids++, step));
    }

    /** From the first gram to the label, on a phone: whatever dries is touched and found dry. */
    @Test
    void aWholeSmallOrderIsPlayed() {
        long order = small();
        Page page = BROWSER.open("/orders/" + order + "/bench", 390, 844);
        Set<String> seen = new HashSet<>();
        Locator now = slip(page, "Now");
        int presses = 0;
        while (now.getByText("All of it is done").count() == 0) {
            assertTrue(presses++ < MOST_PRESSES, "seen so far: " + seen);
            String title = now.getByRole(AriaRole.HEADING).first().innerText();
            seen.add(title.split(" ")[0]);
            if (now.getByText(Pattern.compile("It will do|It's right")).count() > 0) {
                press(page, Pattern.compile("take out")).click();
            } else if (main(page).count() > 0) {
                pressMain(page);
            } else {
                slip(page, "Drying now")
                        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("skinned")))
                        .first()
                        .click();
            }
            page.waitForTimeout(60);
        }
        assertTrue(seen.containsAll(List.of("Mix", "Tint", "Thin", "Bag", "Ice", "Pack", "Label")), seen::toString);
        assertThat(slip(page, "Next at the bench")).containsText("nothing more");
        // All of it has arrived, and the clock has nothing left of it.
        page.waitForCondition(() -> !page.content().contains("not sent yet"));
        assertEquals(
                "All of it is done.",
                APP.get("/api/orders/" + order + "/clock").body().get("trouble").asString());
    }

    /** The pottery order is half-way: its bag will not reach, and it goes on without the network. */
    @Test
    void itGoesOnWithoutTheNetworkAndTellsOtherDevices() {
        APP.post("/api/orders/3/practice/end", null);
        Page page = BROWSER.open("/orders/3/bench");
        Page other = BROWSER.open("/orders/3/bench");
        assertThat(slip(page, "In the bags")).containsText("short");
        assertThat(slip(page, "Now")).containsText("5 iced, 1 broken");
        page.context().setOffline(true);
        page.keyboard().press("Space");
        page.keyboard().press("Space");
        assertThat(slip(page, "Now")).containsText("7 iced, 1 broken");
        assertThat(page.getByText("2 presses not sent yet")).isVisible();
        assertThat(slip(other, "Now")).containsText("5 iced");
        page.context().setOffline(false);
        assertThat(page.getByText("not sent yet")).hasCount(0);
        // The other device follows by itself: the run belongs to the one that has gone on with it, until that takes it
        // back.
        assertThat(slip(other, "Now").getByRole(AriaRole.HEADING).first()).not().hasText("Ice Tall vase");
        assertThat(slip(other, "Next at the bench")).containsText("at device");
        press(page, "Back").click();
        press(page, "Back").click();
        assertThat(slip(page, "Now")).containsText("5 iced");
        assertThat(slip(other, "Now")).containsText("5 iced");
        Locator weighed = slip(page, "In the bags").getByLabel("weighed now").last();
        weighed.fill("205");
        weighed.press("Tab");
        assertThat(slip(page, "In the bags")).containsText("it reaches");
        assertThat(slip(other, "In the bags")).containsText("it reaches");
        press(page, "Something went wrong").click();
        press(page, "a crater").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Fill it with a drop");
    }

    /** A count, and the next water from above; too thin is said with what brings it back. */
    @Test
    void aLineIsCountedAndTheNextWaterFollows() {
        APP.post("/api/orders/6/practice/end", null);
        for (JsonNode step : bench(6).get("steps")) {
            if (!step.at("/mixed/doing").asString("").equals("THIN")) {
                pressed(6, step.get("key").asString());
            } else {
                break;
            }
        }
        Page page = BROWSER.open("/orders/6/bench");
        slip(page, "Next at the bench")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Thin")))
                .first()
                .click();
        Locator now = slip(page, "Now");
        press(page, Pattern.compile("g are in")).click();
        assertThat(now.locator(".big").first()).not().hasText(Pattern.compile("^0.0"));
        main(page).click();
        assertThat(main(page)).containsText("It has gone");
        page.waitForTimeout(1_200);
        main(page).click();
        assertThat(now).containsText("Too thin");
        press(page, "Back").click();
        assertThat(now).not().containsText("Too thin");
        Locator title = now.getByRole(AriaRole.HEADING).first();
        String before = title.innerText();
        press(page, "Put it off").click();
        assertThat(title).not().hasText(before);
    }

    /** Holds a press down, as a finger does. */
    private static void hold(Page page, Locator button, int ms) {
        button.scrollIntoViewIfNeeded();
        BoundingBox box = button.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.waitForTimeout(ms);
        page.mouse().up();
    }

    /**
     * A small order in the practice kitchen, on a phone: poured onto the scale, dripped, a line drawn, iced by holding; and in the middle of it the
     * application ends and begins again. Nothing of it is lost.
     */
    @Test
    void aSmallOrderIsPlayedInThePracticeKitchen() {
        long order = small();
        APP.post("/api/orders/" + order + "/practice/begin", "{\"seed\": 7}");
        Page page = BROWSER.open("/orders/" + order + "/bench", 390, 844);
        Locator now = slip(page, "Now");
        assertThat(slip(page, "Practice kitchen")).containsText("Scale, icing and hands are played");
        Set<String> done = new HashSet<>();
        boolean isKilled = false;
        for (int presses = 0; now.getByText("All of it is done").count() == 0; presses++) {
            assertTrue(presses < 2 * MOST_PRESSES, "done so far: " + done);
            String title = now.getByRole(AriaRole.HEADING).first().innerText().split(" ")[0];
            Locator pour = now.getByRole(
                    AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^(Pour|Fill the bag)")));
            Locator drip =
                    now.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Drip")));
            Locator ice = now.getByRole(
                    AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Ice cookie")));
            if (ice.count() > 0) {
                if (!isKilled) {
                    APP.restart();
                    isKilled = true;
                }
                hold(page, ice, 4_000);
                done.add("iced");
            } else if (pour.count() > 0 && pour.isEnabled() && done.add("poured " + title)) {
                // Until the scale says that it is enough; held still it is taken by itself.
                int filled = now.locator("li .is:not(:empty)").count();
                hold(page, pour, 4_000);
                Locator onScale = now.locator("section[aria-label='On the scale'] [role=status]");
                for (int taps = 0; taps < 40 && onScale.innerText().contains("to go"); taps++) {
                    hold(page, pour, 300);
                }
                if (title.equals("Mix")) {
                    assertThat(now.locator("li .is:not(:empty)")).hasCount(filled + 1);
                }
            } else if (drip.count() > 0 && title.equals("Tint") && done.add("dripped")) {
                hold(page, drip.first(), 1_000);
                assertThat(now.locator(".count").first()).containsText(Pattern.compile("^ *[23] of"));
            } else if (title.equals("Thin") && done.add("drawn")) {
                main(page).click();
                assertThat(now.getByLabel("The line that was drawn").locator("path"))
                        .hasCount(2);
                page.waitForTimeout(700);
                main(page).click();
                assertThat(now.locator("circle")).hasCount(1);
            } else if (now.getByText(Pattern.compile("It will do|It's right")).count() > 0) {
                press(page, Pattern.compile("take out")).click();
            } else if (main(page).count() > 0) {
                pressMain(page);
            } else if (slip(page, "Drying now").getByText("skinned").count() == 0) {
                throw new AssertionError(page.locator("main").innerText());
            } else {
                slip(page, "Drying now")
                        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("skinned")))
                        .first()
                        .click();
            }
            page.waitForTimeout(60);
        }
        assertTrue(isKilled && done.containsAll(List.of("poured Mix", "dripped", "drawn", "iced")), done::toString);
        page.waitForCondition(() -> !page.content().contains("not sent yet"));
        assertEquals(
                "All of it is done.",
                APP.get("/api/orders/" + order + "/clock").body().get("trouble").asString());
        // Ended, it is as if nothing had been pressed.
        press(page, "End the practice").click();
        press(page, Pattern.compile("take back")).click();
        assertThat(slip(page, "Practice kitchen")).containsText("New at the bench");
        assertThat(now.getByText("All of it is done")).hasCount(0);
    }
}
