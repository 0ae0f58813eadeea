package kindthimble.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;

/** Counts what her hands do: each press, each key that is a press of its own, and each field that is written into. */
final class Counted {
    private final Page page;
    private int presses;

    Counted(Page page) {
        this.page = page;
    }

    int presses() {
        return presses;
    }

    void press(Locator what) {
        what.click();
        presses++;
    }

    /** Presses at shares of the width and the height of something. */
    void press(Locator what, double right, double down) {
        what.scrollIntoViewIfNeeded();
        BoundingBox box = what.boundingBox();
        page.mouse().click(box.x + right * box.width, box.y + down * box.height);
        presses++;
    }

    /** Draws along some points of the page, in one go. */
    void drag(double[][] way) {
        page.mouse().move(way[0][0], way[0][1]);
        page.mouse().down();
        for (double[] at : way) {
            page.mouse().move(at[0], at[1]);
        }
        page.mouse().up();
        presses++;
    }

    void key(String key) {
        page.keyboard().press(key);
        presses++;
    }

    void pick(Locator list, String label) {
        list.selectOption(label);
        presses++;
    }

    /** Writes where the focus is already, or goes there first. */
    void write(Locator field, String text) {
        assertThat(field).isVisible();
        boolean isThere = (Boolean) field.evaluate("field => document.activeElement === field");
        if (!isThere) {
            field.click();
            presses++;
        }
        page.keyboard().type(text);
        presses++;
    }
}
