package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.IMG;
import static com.microsoft.playwright.options.AriaRole.REGION;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Each part of the card, by keys and by names alone. */
@OneShop
class CardInThePocketTest extends AtTheBench {
    private Page card(String key) {
        Page page = chromium().screen(Chromium.desk());
        page.navigate(server().address() + "/card");
        assertThat(page.getByRole(AriaRole.LINK)
                        .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Hole distances")))
                .isVisible();
        page.keyboard().press(key);
        return page;
    }

    private static void type(Page page, String text) {
        page.keyboard().press("Control+a");
        page.keyboard().type(text);
    }

    private static com.microsoft.playwright.Locator answer(Page page, String name) {
        return page.getByRole(REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void a_fraction_a_decimal_and_millimetres_are_one_size() {
        Page page = card("i");
        for (String typed : new String[] {"17/32", "0.53125 in", "13.49375"}) {
            type(page, typed);
            assertThat(answer(page, "The same size")).containsText("13.49375");
            assertThat(answer(page, "The same size")).containsText("0.53125");
            assertThat(answer(page, "The same size")).containsText("17/32 in, exactly.");
        }
        BoundingBox size = page.getByTestId("size").boundingBox();
        BoundingBox line = page.locator("[data-line='34']").boundingBox();
        Assertions.assertThat(size.x + size.width / 2).isCloseTo(line.x + line.width / 2, Assertions.within(0.6));
        type(page, "1/3");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("does not divide into 3 parts");
    }

    @Test
    void a_thread_names_its_drill_and_the_picture_shows_what_is_left() {
        Page page = card("t");
        type(page, "M8 x 1.25");
        assertThat(answer(page, "Its drill")).containsText("M8: drill 6.8 mm (0.26772 in), which leaves 74 %");
        assertThat(page.getByRole(IMG, new Page.GetByRoleOptions().setName(Pattern.compile("74 % of its height"))))
                .isVisible();
        type(page, "#8-32");
        assertThat(answer(page, "Its drill")).containsText("#8-32: drill 0.136 in");
        type(page, "M7.3");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Nearest are M7, M8, M6");
        type(page, "M8 x 0");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("A pitch of 0 is none");
    }

    @Test
    void both_zones_of_a_fit_stand_on_their_true_side() {
        Page page = card("f");
        type(page, "40 H7/g6");
        assertThat(answer(page, "What it comes to")).containsText("Clearance from 0.009 mm to 0.05 mm");
        BoundingBox zero = page.getByTestId("zero").boundingBox();
        BoundingBox hole = page.getByTestId("hole").boundingBox();
        BoundingBox shaft = page.getByTestId("shaft").boundingBox();
        double line = zero.y + zero.height / 2;
        Assertions.assertThat(hole.y + hole.height).isCloseTo(line, Assertions.within(3.0));
        Assertions.assertThat(shaft.y).isGreaterThan(line + 4);
        // 25 to 16 micrometres.
        Assertions.assertThat(hole.height / shaft.height).isCloseTo(25.0 / 16, Assertions.within(0.1));
        type(page, "40 H7/s6");
        assertThat(answer(page, "What it comes to")).containsText("Interference from 0.018 mm to 0.059 mm");
        Assertions.assertThat(page.getByTestId("shaft").boundingBox().y)
                .isLessThan(page.getByTestId("hole").boundingBox().y);
        page.getByLabel("Hole, measured").fill("40.010");
        page.getByLabel("Shaft, measured").fill("40.050");
        assertThat(answer(page, "What it comes to")).containsText("These two overlap by 0.04 mm");
        type(page, "");
        page.getByLabel("Size and classes, mm").fill("40 H7/g6");
        page.getByLabel("Shaft", new Page.GetByLabelOptions().setExact(true)).selectOption("k");
        assertThat(page.getByLabel("Size and classes, mm")).hasValue("40 H7/k6");
        page.getByLabel("Hole", new Page.GetByLabelOptions().setExact(true)).selectOption("");
        assertThat(page.getByLabel("Size and classes, mm")).hasValue("40 k6");
        page.getByLabel("Size and classes, mm").fill("40 zc6");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("The letter zc is not in the tables");
    }

    @Test
    void centres_and_lobes_follow_from_what_can_be_measured() {
        Page page = card("h");
        page.getByLabel("A, over the outer edges, mm").fill("50.02");
        page.getByLabel("B, between the inner edges, mm").fill("29.98");
        assertThat(answer(page, "The distance")).containsText("The centres are 40 mm");
        page.keyboard().press("Escape");
        page.keyboard().press("v");
        page.getByLabel("Angle of the V, °").fill("60");
        page.getByLabel("Indicator, largest minus smallest in one turn, mm").fill("0.006");
        assertThat(answer(page, "What it shows")).containsText("3 lobes of 0.0020 mm");
        page.getByLabel("Lobes").first().fill("5");
        assertThat(answer(page, "What it shows")).containsText("A V that sees them: 108°, 90°, 120°.");
    }

    @Test
    void the_round_lies_in_its_v_as_it_would() {
        Page page = chromium().screen(Chromium.desk());
        page.navigate(server().address() + "/card/v-block?lobes=5&angle=60");
        assertThat(page.getByTestId("round")).isVisible();
        String before = page.getByTestId("needle").getAttribute("d");
        page.getByLabel(Pattern.compile("Turn the part")).fill("36");
        assertThat(page.getByText("Turn the part, 36°")).isVisible();
        // Five lobes in a V of 60°: turned from a lobe to a hollow, and the indicator stands still.
        Assertions.assertThat(page.getByTestId("needle").getAttribute("d")).isEqualTo(before);
        page.navigate(server().address() + "/card/v-block?lobes=3&angle=60");
        assertThat(page.getByText("3 lobes in a V")).not().isVisible();
        String three = page.getByTestId("needle").getAttribute("d");
        page.getByLabel(Pattern.compile("Turn the part")).fill("60");
        assertThat(page.getByText("Turn the part, 60°")).isVisible();
        Assertions.assertThat(page.getByTestId("needle").getAttribute("d")).isNotEqualTo(three);
    }

    @Test
    void a_figure_goes_from_the_card_into_a_quick_size_and_into_limits() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + "/card/fits");
        assertThat(page.getByLabel("Size and classes, mm")).isFocused();
        type(page, "25 k6");
        assertThat(page.getByText("25 k6 to quick size")).isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("u");
        assertThat(page.getByLabel("Limits, as on the drawing")).hasValue("25 k6");
        assertThat(page.getByLabel(Pattern.compile("^Figure"))).isFocused();
        page.getByLabel("Limits, as on the drawing").click();
        type(page, "25 n6");
        assertThat(page.getByLabel("Limits, as on the drawing")).hasValue("25 n6");
        page.getByLabel(Pattern.compile("^Figure")).click();
        page.keyboard().type("25.008");
        assertThat(page.getByRole(AriaRole.MAIN)).containsText("in");
        page.navigate(server().address());
        page.getByLabel("Limits, as on the drawing").press("F4");
        assertThat(page.getByLabel("Limits, as on the drawing")).hasValue("25 k6");

        page.navigate(server().address() + "/jobs/1");
        page.getByText("118 ± 0.2").click();
        page.keyboard().press("F4");
        assertThat(page.locator("[role='grid'] input").first()).hasValue("25 k6");
        page.keyboard().press("Escape");
        assertThat(page.getByText("118 ± 0.2")).isVisible();
    }

    @Test
    void a_word_is_found_by_what_it_means() {
        Page page = card("w");
        page.keyboard().type("thinner in the middle");
        assertThat(page.getByText("waist", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(page.getByText("barrel", new Page.GetByTextOptions().setExact(true)))
                .hasCount(0);
        page.keyboard().press("Escape");
        page.keyboard().press("s");
        assertThat(page.getByText("Machine stopped")).isVisible();
    }
}
