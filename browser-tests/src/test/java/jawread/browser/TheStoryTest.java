package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.DIALOG;
import static com.microsoft.playwright.options.AriaRole.HEADING;
import static com.microsoft.playwright.options.AriaRole.LINK;
import static com.microsoft.playwright.options.AriaRole.SPINBUTTON;
import static com.microsoft.playwright.options.AriaRole.TEXTBOX;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/**
 * A turner measures the body of shaft 2, takes the cut and measures again: by mouse, by keys alone, by touch, and once by
 * what a person who sees nothing is told.
 */
class TheStoryTest extends AtTheBench {
    @AfterEach
    void nothing_was_complained_of() {
        nothingWasComplainedOf();
    }

    /** Not within 400 ms of the touch before: that would be taken for an oily finger's bounce. */
    private static void tap(Page page, Locator button) {
        page.waitForTimeout(450);
        button.tap();
    }

    @Test
    void by_mouse() {
        Page page = ansasScreen(Chromium.desk());
        named(page, LINK, "shaft 2, body Ø 32 h9: not measured").click();
        assertThat(named(page, HEADING, "shaft 2, as found")).isVisible();

        named(page, TEXTBOX, "Figure in mm").fill("32.221");
        named(page, BUTTON, "Enter keep").click();
        assertThat(seen(page, "Lift the gauge off and read again.")).isVisible();

        named(page, BUTTON, "Read by its scale").click();
        Locator scale = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("The scale of M6"));
        Locator drawing = page.getByTestId("face");
        drawing.hover();
        page.mouse().wheel(0, -100);
        assertThat(scale.getByLabel("Thimble", new Locator.GetByLabelOptions().setExact(true)))
                .hasValue("23");
        page.mouse().wheel(0, 100);
        dragDownByOneVernierLine(page, drawing);
        assertThat(region(page, "Sum").getByLabel("Sum")).hasText("32.222");
        assertThat(region(page, "Sum")).containsText("frame25.000");
        assertThat(region(page, "Sum")).containsText("millimetres, 77.000");
        assertThat(region(page, "Sum")).containsText("thimble, 220.220");
        assertThat(region(page, "Sum")).containsText("vernier, 20.002");
        named(page, BUTTON, "Enter keep").click();

        assertThat(seen(page, "metal left")).isVisible();
        assertThat(seen(page, "32.2215 ± 0.00")).isVisible();
        assertThat(seen(page, "1.26856 in")).isVisible();
        assertThat(
                        seen(
                                page,
                                "Take 0.24 mm off the diameter for the middle (0.12 mm a side), 0.24 mm at least. To whole divisions of the dial, 0.01 mm, so that metal is left."))
                .isVisible();
        assertThat(seen(page, "apart 0.001, allowed 0.005")).isVisible();
        isLeftToRight(page);

        // A third, taken unasked, re-opens the place and holds.
        named(page, BUTTON, "Type it instead").click();
        named(page, TEXTBOX, "Figure in mm").fill("32.223");
        named(page, BUTTON, "Enter keep").click();
        assertThat(seen(page, "32.2220 ± 0.00")).isVisible();

        named(page, BUTTON, "Cut taken").click();
        Locator dialog = page.getByRole(DIALOG, new Page.GetByRoleOptions().setName("Cut taken"));
        assertThat(dialog.getByRole(TEXTBOX)).hasValue("0.24");
        dialog.getByRole(TEXTBOX).fill("0.25");
        named(page, BUTTON, "Open the next round").click();
        assertThat(named(page, HEADING, "shaft 2, after cut 1")).isVisible();
        assertThat(seen(page, "Asked 0.250 mm. Measure to see what came off.")).isVisible();

        for (String figure : List.of("31.975", "31.976")) {
            named(page, TEXTBOX, "Figure in mm").fill(figure);
            named(page, BUTTON, "Enter keep").click();
            assertThat(named(page, BUTTON, "reading, " + figure + " mm")).isVisible();
        }
        assertThat(seen(page, "Asked 0.250 mm, took 0.2465 mm.")).isVisible();
        assertThat(seen(page, "This place is in.")).isVisible();

        named(page, BUTTON, "second reading, 31.976 mm").click();
        named(page, BUTTON, "misread").click();
        assertThat(named(page, BUTTON, "second reading, 31.976 mm, struck: misread"))
                .isVisible();
        assertThat(seen(page, "Lift the gauge off and read again.")).isVisible();
    }

    /** One vernier line is 0.001 mm: at M6's size on the screen a little more than a pixel. */
    private static void dragDownByOneVernierLine(Page page, Locator drawing) {
        var box = drawing.boundingBox();
        double perPixel = 284 / box.height;
        double step = 94 * 2 * Math.PI / 500;
        double x = box.x + box.width - 60;
        page.mouse().move(x, box.y + 100);
        page.mouse().down();
        page.mouse().move(x, box.y + 100 + step / perPixel);
        page.mouse().up();
    }

    /** The window: low limit, high limit, then the value, for metal is left above. */
    private static void isLeftToRight(Page page) {
        Locator window = page.getByTestId("window");
        double low = window.getByText("31.938").boundingBox().x;
        double high = window.getByText("32.000").boundingBox().x;
        double value = window.getByText("32.2215").boundingBox().x;
        org.assertj.core.api.Assertions.assertThat(List.of(low, high, value)).isSorted();
    }

    @Test
    void by_keys_alone() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + "/parts/2/features/2");
        assertThat(named(page, HEADING, "shaft 2, as found")).isVisible();
        // Enter on an empty entry does nothing, for some gauges send two line ends; the first figure opens it.
        page.keyboard().press("Enter");
        page.keyboard().type("32.221\n\n");
        page.keyboard().type("32,220");
        page.keyboard().press("Tab");
        assertThat(seen(page, "metal left")).isVisible();
        assertThat(seen(page, "32.2205 ± 0.00")).isVisible();

        page.keyboard().press("s");
        // The keys are the scale's own at once, and go on to the next look.
        assertThat(named(page, SPINBUTTON, "Millimetres passed")).isFocused();
        page.keyboard().press("ArrowUp");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        assertThat(named(page, SPINBUTTON, "Thimble")).isFocused();
        page.keyboard().press("PageUp");
        page.keyboard().press("PageDown");
        named(page, SPINBUTTON, "Vernier").focus();
        page.keyboard().type("1");
        page.keyboard().press("Enter");
        assertThat(region(page, "Sum").getByLabel("Sum")).hasText("32.221");
        page.keyboard().press("Enter");
        assertThat(named(page, BUTTON, "third reading, 32.221 mm")).isVisible();

        page.keyboard().press("c");
        assertThat(page.getByRole(DIALOG)).isVisible();
        page.keyboard().type("0,25");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(DIALOG)).hasCount(0);
        assertThat(named(page, HEADING, "shaft 2, after cut 1")).isVisible();

        // Still on the drawn scale, and in the field of its vernier: a figure with a point is no count, and opens the
        // entry.
        page.keyboard().type("31.970\n31.971\n");
        assertThat(seen(page, "This place is in.")).isVisible();
        page.keyboard().press("x");
        assertThat(page.getByRole(DIALOG)).isVisible();
        // A gauge that sends a figure meanwhile strikes nothing: its figure is a reading.
        page.keyboard().type("31.972\n");
        assertThat(named(page, BUTTON, "third reading, 31.972 mm")).isVisible();
        assertThat(page.getByRole(DIALOG)).hasCount(0);
        named(page, BUTTON, "second reading, 31.971 mm").click();
        assertThat(page.getByRole(DIALOG)).isVisible();
        page.keyboard().press("d");
        assertThat(named(page, BUTTON, "second reading, 31.971 mm, struck: dirt"))
                .isVisible();
        assertThat(page.getByRole(DIALOG)).hasCount(0);

        page.keyboard().press("?");
        assertThat(named(page, DIALOG, "Keys and marks")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByRole(DIALOG)).hasCount(0);
        page.keyboard().press("ArrowRight");
        assertThat(named(page, HEADING, "shaft 3, after cut 1")).isVisible();
        page.keyboard().press("ArrowUp");
        assertThat(named(page, HEADING, "shaft 3, as found")).isVisible();
    }

    @Test
    void by_touch_on_a_phone() {
        Page page = ansasScreen(Chromium.phone());
        named(page, LINK, "shaft 2, body Ø 32 h9: not measured").tap();
        tapFigure(page, "32.221");
        assertThat(seen(page, "Lift the gauge off and read again.")).isVisible();
        tapFigure(page, "32.220");
        assertThat(seen(page, "metal left")).isVisible();

        tap(page, named(page, BUTTON, "Read by its scale"));
        tap(page, named(page, BUTTON, "Vernier, one more"));
        tap(page, named(page, BUTTON, "Vernier, one more"));
        assertThat(region(page, "Sum").getByLabel("Sum")).hasText("32.222");
        tap(page, named(page, BUTTON, "Enter keep"));
        assertThat(named(page, BUTTON, "third reading, 32.222 mm")).isVisible();
        isNowhereWiderThanTheScreen(page);

        tap(page, named(page, BUTTON, "Cut taken"));
        tap(page, named(page, BUTTON, "Open the next round"));
        assertThat(named(page, HEADING, "shaft 2, after cut 1")).isVisible();
        tap(page, named(page, BUTTON, "Type it instead"));
        tapFigure(page, "31.970");
        tapFigure(page, "31.970");
        assertThat(seen(page, "This place is in.")).isVisible();
        tap(page, named(page, BUTTON, "second reading, 31.970 mm"));
        tap(page, named(page, BUTTON, "slipped"));
        assertThat(named(page, BUTTON, "second reading, 31.970 mm, struck: slipped"))
                .isVisible();
        isNowhereWiderThanTheScreen(page);
    }

    private static void tapFigure(Page page, String figure) {
        figure.chars()
                .forEach(digit -> named(page, BUTTON, digit == '.' ? "point" : Character.toString(digit))
                        .and(page.locator("[role=group] button"))
                        .tap());
        tap(page, named(page, BUTTON, "Enter keep"));
        assertThat(named(page, BUTTON, "reading, " + figure + " mm").last()).isVisible();
    }

    private static void isNowhereWiderThanTheScreen(Page page) {
        Object wider = page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
        org.assertj.core.api.Assertions.assertThat(((Number) wider).intValue()).isZero();
    }

    /** Nothing here looks at a colour, a place on the screen or a drawing: roles, names, and what is said aloud. */
    @Test
    void by_roles_and_names_only() {
        Page page = chromium().screen(Chromium.desk());
        page.navigate(server().address());
        assertThat(named(page, HEADING, "Who measures?")).isVisible();
        named(page, BUTTON, "Bero repairs").click();
        named(page, LINK, "shaft 2, body Ø 32 h9: not measured").click();
        Locator said = page.locator("[aria-live=polite]");
        assertThat(said).hasCount(1);
        assertThat(said).hasText("body Ø 32 h9, as found: nothing read yet.");

        Locator figure = named(page, TEXTBOX, "Figure in mm");
        figure.fill("32.22.1");
        figure.press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("more than one point or comma");
        assertThat(figure).hasValue("32.22.1");
        figure.fill("32.221");
        figure.press("Enter");
        assertThat(said).hasText("32.221 mm kept at middle, reading 1. Lift the gauge off and read again.");

        named(page, BUTTON, "Read by its scale").click();
        Locator scale = named(page, AriaRole.GROUP, "The scale of M6, Outside micrometer, 25 to 50 mm");
        assertThat(scale.getByRole(SPINBUTTON)).hasCount(4);
        Locator half = scale.getByRole(SPINBUTTON, new Locator.GetByRoleOptions().setName("Half line in sight"));
        assertThat(half).hasAttribute("aria-valuetext", "no");
        half.press("ArrowUp");
        assertThat(half).hasAttribute("aria-valuetext", "yes");
        half.press("ArrowDown");
        half.press("Enter");
        assertThat(said)
                .hasText(
                        Pattern.compile(
                                "^32\\.221 mm kept at middle, reading 2\\. Size 32\\.2210 mm: metal left\\. Take 0\\.24 mm off the diameter.*"));

        named(page, BUTTON, "Cut taken").click();
        Locator dialog = named(page, DIALOG, "Cut taken");
        dialog.getByRole(TEXTBOX, new Locator.GetByRoleOptions().setName("Set out to take off the diameter, mm"))
                .fill("0.25");
        dialog.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Open the next round"))
                .click();
        assertThat(said).hasText("body Ø 32 h9, after cut 1: nothing read yet.");

        named(page, BUTTON, "Type it instead").click();
        for (String typed : List.of("31.970", "31.970")) {
            figure.fill(typed);
            figure.press("Enter");
            assertThat(figure).hasValue("");
        }
        assertThat(said).containsText("Size 31.9700 mm: in.");
        named(page, BUTTON, "first reading, 31.970 mm").click();
        named(page, DIALOG, "31.970 mm")
                .getByRole(BUTTON, new Locator.GetByRoleOptions().setName("moved while reading"))
                .click();
        assertThat(said).hasText("31.970 mm at middle is struck. Lift the gauge off and read again.");
        assertThat(named(page, BUTTON, "first reading, 31.970 mm, struck: moved while reading"))
                .isVisible();
    }
}
