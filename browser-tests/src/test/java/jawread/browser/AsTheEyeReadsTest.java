package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.ALERT;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.SPINBUTTON;
import static com.microsoft.playwright.options.AriaRole.TEXTBOX;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A scale given as the eye takes it, and nothing kept that was not read. */
@OneShop
class AsTheEyeReadsTest extends AtTheBench {
    @AfterEach
    void nothing_was_complained_of() {
        nothingWasComplainedOf();
    }

    private Page walk(String query) {
        Page page = ansasScreen(Chromium.desk().setReducedMotion(ReducedMotion.REDUCE));
        page.navigate(server().address() + query);
        return page;
    }

    private static Locator sum(Page page) {
        return region(page, "Sum").getByLabel("Sum");
    }

    @Test
    void an_untouched_scale_is_never_kept_and_the_same_again_is_one_key() {
        Page page = walk("/parts/2/features/2?by=scale");
        assertThat(named(page, SPINBUTTON, "Millimetres passed")).isFocused();
        page.keyboard().press("Enter");
        assertThat(region(page, "Readings here")).hasCount(0);

        // Look by look, with blanks between: the drawing follows.
        page.keyboard().type("6 1 41 6\n");
        assertThat(sum(page)).hasText("31.916");
        page.keyboard().press("Enter");
        assertThat(named(page, BUTTON, "first reading, 31.916 mm")).isVisible();
        assertThat(seen(page, "Nothing is kept that was not read")).isVisible();
        page.keyboard().press("Enter");
        page.keyboard().press("Enter");
        assertThat(named(page, BUTTON, "second reading, 31.916 mm")).hasCount(0);

        page.keyboard().press("=");
        assertThat(named(page, BUTTON, "second reading, 31.916 mm")).isVisible();
        assertThat(page.locator("[aria-live=polite]")).containsText("The same again. 31.916 mm kept");

        // Arrows turn the look that has the focus, wherever the hand was last, and never leave the feature.
        named(page, BUTTON, "second reading, 31.916 mm").focus();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        assertThat(page).hasURL(java.util.regex.Pattern.compile(".*/parts/2/features/2\\?.*"));
    }

    @Test
    void looks_typed_with_blanks_are_a_reading_and_a_wrong_count_names_them() {
        Page page = walk("/parts/2/features/3");
        Locator figure = named(page, TEXTBOX, "Figure in mm");
        figure.fill("0 0 3");
        figure.press("Enter");
        assertThat(page.getByRole(ALERT))
                .hasText(
                        "Typed look by look this scale has 4: millimetres passed, half line in sight, thimble, vernier. 3 were typed.");
        // Refused, it is selected: what is typed next replaces it.
        page.keyboard().type("0 0 0 7\n");
        assertThat(named(page, BUTTON, "first reading, 25.007 mm")).isVisible();
        named(page, BUTTON, "first reading, 25.007 mm").click();
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.DIALOG))
                .containsText("no half line");
    }

    @Test
    void beside_a_figure_the_scale_stands_as_it_must_look_and_is_opened_where_it_does_not() {
        Page page = walk("/parts/2/features/1");
        assertThat(seen(page, "Take the first reading.")).isVisible();
        page.keyboard().type("25.51");
        Locator echo = page.getByLabel("The scale as it must look for 25.510 mm");
        assertThat(echo).containsText("The half line must be in sight.");
        page.keyboard().press("Enter");
        assertThat(named(page, BUTTON, "first reading, 25.51 mm")).isVisible();
        assertThat(echo).isVisible();
        page.keyboard().press("l");
        assertThat(sum(page)).hasText("25.510");
        assertThat(seen(page, "that is then kept in place of")).isVisible();
        page.keyboard().type("0 0 1 0\n");
        assertThat(sum(page)).hasText("25.010");
        page.keyboard().press("Enter");
        assertThat(named(page, BUTTON, "first reading, 25.51 mm, struck: misread"))
                .isVisible();
        assertThat(region(page, "Readings here")).containsText("25.010");

        page.keyboard().press("s");
        echo = page.getByLabel("The scale as it must look for 25.010 mm");
        assertThat(echo).isVisible();
        named(page, BUTTON, "put away").click();
        assertThat(echo).hasCount(0);
    }
}
