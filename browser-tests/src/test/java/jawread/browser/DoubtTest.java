package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.CHECKBOX;
import static com.microsoft.playwright.options.AriaRole.FIGURE;
import static com.microsoft.playwright.options.AriaRole.HEADING;
import static com.microsoft.playwright.options.AriaRole.LINK;
import static com.microsoft.playwright.options.AriaRole.RADIO;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A misread is seen, named and answered for; a zero found off throws its readings into doubt, and they are answered for. */
class DoubtTest extends AtTheBench {
    /** A job of one feature at one place; answers the path to it. */
    private static String planned(Page page, String kind, String limits, String unit) {
        return PlannedJob.plan(
                        page,
                        "slip " + limits,
                        unit,
                        List.of(PlannedJob.feature("size", kind, limits, Map.of("layout", "one-place"))),
                        List.of())
                .get(0);
    }

    /** A slip as somebody makes it: what is measured, with what, what is typed, and what is said of it. */
    private record Made(
            String kind, String limits, String unit, String gauge, String typed, String said, String shouldBe) {
        static Made outside(String typed, String said) {
            return new Made("outside", "32 h9", "mm", "M6", typed, said, "31.97");
        }
    }

    private static final List<Made> FAMILIES = List.of(
            Made.outside("32.470", "a line too many on the sleeve"),
            Made.outside("31.470", "the half-millimetre line overlooked"),
            Made.outside("36.970", "taken for the"),
            Made.outside("6.970", "the frame left out"),
            Made.outside("56.970", "the frame added twice"),
            Made.outside("1.2587", "inches typed as millimetres"),
            Made.outside("319.70", "the point in the wrong place"),
            Made.outside("13.970", "two digits swapped"),
            new Made("bore", "3.2460 \u00b10.0005", "in", "B1", "3.2540", "added where it is to be taken off", "3.246"),
            new Made("depth", "0.332 \u00b10.002", "in", "D1", "0.457", "the figures in sight read", "0.332"),
            new Made("step", "118.44 \u00b10.01", "mm", "C2", "118.00", "the vernier left out", "118.44"));

    @Test
    void each_family_of_slip_is_named_at_a_place() {
        Page page = ansasScreen(Chromium.desk());
        Gauges.setB1(page, "3.25");
        for (Made made : FAMILIES) {
            String path = planned(page, made.kind(), made.limits(), made.unit());
            page.navigate(server().address() + path + "?gauge=" + Gauges.keyOf(page, made.gauge()));
            assertThat(page.locator("[data-entry]")).isVisible();
            page.keyboard().type(made.typed() + "\n");
            Locator doubt = region(page, "In doubt");
            assertThat(doubt).containsText(made.said());
            assertThat(doubt).containsText("It would then be " + made.shouldBe());
            assertThat(named(page, BUTTON, " was " + made.shouldBe())).isVisible();
        }
        nothingWasComplainedOf();
    }

    @Test
    void a_doubt_is_shown_on_the_drawn_scale_the_walk_goes_on_and_one_key_answers() {
        Page page = ansasScreen(Chromium.desk());
        String path = planned(page, "outside", "32 h9", "mm");
        page.navigate(server().address() + path + "?gauge=" + Gauges.keyOf(page, "M6"));
        assertThat(page.locator("[data-entry]")).isVisible();
        page.keyboard().type("32.470\n");
        assertThat(named(page, FIGURE, "As it was read: 32.470 mm")).isVisible();
        assertThat(named(page, FIGURE, "As it may have stood: 31.970 mm")).isVisible();
        // It takes on a reading meanwhile.
        page.keyboard().type("31.971\n");
        assertThat(named(page, BUTTON, "second reading, 31.971 mm")).isVisible();
        page.keyboard().type("31.971\n");
        assertThat(region(page, "In doubt")).containsText("32.470 mm lies");
        page.keyboard().press("a");
        assertThat(region(page, "In doubt")).hasCount(0);
        assertThat(named(page, BUTTON, "first reading, 32.470 mm, struck: a line too many on the sleeve"))
                .isVisible();
        assertThat(region(page, "So far")).containsText("in");
        // Put right, and kept: the other two keys.
        page.keyboard().type("32.471\n");
        assertThat(region(page, "In doubt")).containsText("32.471 mm lies");
        page.keyboard().press("o");
        assertThat(named(page, BUTTON, "fourth reading, 31.971 mm")).isVisible();
        page.keyboard().type("33.471\n");
        assertThat(region(page, "In doubt")).containsText("33.471 mm lies");
        page.keyboard().press("k");
        assertThat(region(page, "In doubt")).hasCount(0);
        page.navigate(server().address() + "/slips");
        assertThat(page.getByText("Yours, for your eyes")).isVisible();
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ROW))
                .containsText(new String[] {"a line too many"});
        nothingWasComplainedOf();
    }

    @Test
    void a_quick_check_is_one_key_away_and_finds_what_two_repeats_alike_cannot() {
        Page page = ansasScreen(Chromium.desk());
        String path = planned(page, "outside", "33.000 max", "mm");
        page.navigate(server().address() + path + "?gauge=" + Gauges.keyOf(page, "M6"));
        assertThat(page.locator("[data-entry]")).isVisible();
        page.keyboard().press("q");
        assertThat(seen(page, "Quick check with C2")).isVisible();
        page.keyboard().type("31.98\n");
        assertThat(named(page, BUTTON, "quick check, 31.98 mm with C2")).isVisible();
        assertThat(seen(page, "Quick check with C2")).hasCount(0);
        page.keyboard().type("32.470\n32.470\n");
        assertThat(region(page, "In doubt")).containsText("from the quick check: a line too many on the sleeve?");
        // One with the gauge that measured would make the same slip: it lies in the tray with the reason.
        page.keyboard().press("q");
        page.keyboard().press("g");
        page.keyboard().type("M6\n");
        page.keyboard().type("32.470\n");
        assertThat(page.getByText("it would make the same slip again").first()).isVisible();
        nothingWasComplainedOf();
    }

    @Test
    void a_zero_found_off_doubts_exactly_what_was_read_since_in_two_jobs_and_is_answered_for_in_three_ways() {
        Page page = ansasScreen(Chromium.desk());
        String mic = Gauges.keyOf(page, "M6");
        String first = planned(page, "outside", "32 h9", "mm");
        String second = planned(page, "outside", "40 h9", "mm");
        checkOfM6(page, "0", "nothing was done");
        page.navigate(server().address() + first + "?gauge=" + mic);
        assertThat(page.locator("[data-entry]")).isVisible();
        page.keyboard().type("31.970\n31.970\n");
        assertThat(region(page, "So far")).containsText("31.97");
        page.navigate(server().address() + second + "?gauge=" + mic);
        assertThat(page.locator("[data-entry]")).isVisible();
        page.keyboard().type("39.970\n39.970\n");
        assertThat(region(page, "So far")).containsText("39.97");

        // At the end of the job.
        checkOfM6(page, "0.012", "it was set to zero");
        named(page, LINK, "What was read on it before is in doubt").click();
        Locator m6 = region(page, "M6 was found off");
        assertThat(m6).containsText("M6 was found reading 0.012 mm too large by Ansa.");
        assertThat(m6.getByRole(CHECKBOX)).hasCount(4);

        only(m6, 0, 4);
        answer(m6, "Read them again", "its zero had moved");
        assertThat(m6.getByRole(CHECKBOX)).hasCount(3);
        only(m6, 0, 3);
        answer(m6, "Let them stand", "a caliper says the same");
        assertThat(m6.getByRole(CHECKBOX)).hasCount(2);
        m6.getByRole(RADIO, new Locator.GetByRoleOptions().setName(Pattern.compile("known moment")))
                .check();
        m6.getByLabel("Off since").fill("2026-03-01T00:00");
        m6.getByLabel("Why").fill("it was bumped at noon");
        m6.getByRole(BUTTON).click();
        assertThat(m6).hasCount(0);

        page.navigate(server().address() + second);
        assertThat(region(page, "So far")).containsText("39.958");
        page.navigate(server().address() + first);
        assertThat(named(page, BUTTON, "first reading, 31.970 mm, struck: its zero had moved"))
                .isVisible();
        assertThat(seen(page, "Lift the gauge off and read again.")).isVisible();
        nothingWasComplainedOf();
    }

    /** By its page, as found. */
    private void checkOfM6(Page page, String shown, String then) {
        page.navigate(server().address() + "/drawer");
        page.getByRole(LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^M6")))
                .first()
                .click();
        assertThat(named(page, HEADING, "Look at its zero")).isVisible();
        page.getByLabel("On", new Page.GetByLabelOptions().setExact(true)).selectOption("faces");
        page.getByLabel("It shows, from zero").fill(shown);
        page.getByLabel("Then", new Page.GetByLabelOptions().setExact(true))
                .selectOption(new com.microsoft.playwright.options.SelectOption().setLabel(then));
        if (then.contains("set to zero")) {
            page.getByLabel("Looked at again, it shows").fill("0");
        }
        named(page, BUTTON, "Keep this look").click();
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.STATUS)
                        .first())
                .isVisible();
    }

    /** Leaves all but one out. */
    private static void only(Locator off, int one, int of) {
        for (int i = 0; i < of; i++) {
            off.getByRole(CHECKBOX).nth(i).setChecked(i == one);
        }
    }

    private static void answer(Locator off, String way, String why) {
        off.getByRole(RADIO, new Locator.GetByRoleOptions().setName(Pattern.compile(way)))
                .check();
        off.getByLabel("Why").fill(why);
        off.getByRole(BUTTON).click();
    }
}
