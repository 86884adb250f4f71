package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.ARTICLE;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.LINK;
import static com.microsoft.playwright.options.AriaRole.LIST;
import static com.microsoft.playwright.options.AriaRole.NAVIGATION;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

/** The drawer, as whoever keeps it, whoever drops something, and whoever wants to know what they hold use it. */
class TheDrawerTest extends AtTheBench {
    private static final String BODY_OF_SHAFT_2 = "/parts/2/features/2";

    private static final String BODY_OF_SHAFT_3 = "/parts/3/features/2";

    private Page gauge(Page page, String number) {
        page.navigate(server().address() + "/drawer");
        page.getByRole(LIST, new Page.GetByRoleOptions().setName("Gauges").setExact(true))
                .getByRole(LINK)
                .filter(new Locator.FilterOptions().setHas(page.getByText(number, exactly())))
                .click();
        assertThat(region(page, "State and history")).isVisible();
        return page;
    }

    private static Page.GetByTextOptions exactly() {
        return new Page.GetByTextOptions().setExact(true);
    }

    private static Locator method(Page page, String number) {
        return page.getByRole(
                ARTICLE, new Page.GetByRoleOptions().setName(number).setExact(true));
    }

    private Page choosingFor(Page page, String feature) {
        page.navigate(server().address() + "/plans/1/gauges");
        page.getByRole(NAVIGATION, new Page.GetByRoleOptions().setName("Features"))
                .getByRole(BUTTON)
                .filter(new Locator.FilterOptions().setHasText(feature))
                .click();
        assertThat(region(page, "Gauges for " + feature)).isVisible();
        return page;
    }

    private static Locator fieldOf(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    void a_gauge_is_dropped_and_quarantined_its_readings_are_refused_and_another_is_proposed() {
        Page bench = ansasScreen(Chromium.desk());
        bench.navigate(server().address() + BODY_OF_SHAFT_2);
        Locator inHand = named(bench, BUTTON, "M6, to 0.001 mm");
        assertThat(inHand).isVisible();

        Page drawer = gauge(ansasScreen(Chromium.desk()), "M6");
        fieldOf(drawer, "Why, in your words").fill("off the tailstock, onto its anvil");
        named(drawer, BUTTON, "It was dropped").click();
        assertThat(seen(drawer, "M6 was dropped since its last check")).isVisible();
        // At the bench, too, where it is in hand, and nobody touched anything.
        assertThat(named(bench, LINK, "M6 was dropped since its last check")).isVisible();

        // While the bench still has it in hand it is sent away: what is read meanwhile is refused, and not lost.
        bench.navigate(server().address() + BODY_OF_SHAFT_2 + "?gauge=6");
        assertThat(inHand).isVisible();
        named(drawer, BUTTON, "Quarantine it").click();
        assertThat(drawer.getByRole(AriaRole.MAIN)).containsText("Say why, so that the next one knows.");
        fieldOf(drawer, "Why, in your words").fill("its faces are no longer parallel");
        named(drawer, BUTTON, "Quarantine it").click();
        assertThat(named(drawer, BUTTON, "Back in use")).isVisible();
        bench.keyboard().type("32.220\n");
        assertThat(seen(bench, "M6 is quarantined: its readings are not taken. Take M2 instead"))
                .isVisible();
        // The figure waits where it was typed; in another gauge's unit it keeps its own.
        Locator figure = named(bench, AriaRole.TEXTBOX, "Figure in");
        assertThat(figure).hasValue("32.220");

        // Another is proposed, on the sheet and on the page that weighs them; the picked one says why not.
        bench.navigate(server().address() + BODY_OF_SHAFT_2);
        assertThat(named(bench, BUTTON, "M2, to 0.0001 in")).isVisible();
        assertThat(figure).hasValue("32.220 mm");
        bench.keyboard().press("Escape");
        bench.keyboard().press("g");
        named(bench, BUTTON, "more do not fit here: why").click();
        assertThat(bench.getByRole(AriaRole.DIALOG)
                        .getByRole(BUTTON)
                        .filter(new Locator.FilterOptions().setHasText("M6Outside")))
                .isDisabled();
        bench.keyboard().press("Escape");
        choosingFor(bench, "body Ø 32 h9");
        assertThat(method(bench, "M2")).containsText("proposed, in force");
        bench.getByText("that cannot be put to it, and why").click();
        assertThat(seen(bench, "M6 is quarantined.")).isVisible();

        named(drawer, BUTTON, "Back in use").click();
        assertThat(method(bench, "M6")).containsText("proposed, in force");
        nothingWasComplainedOf();
    }

    @Test
    void a_known_error_that_is_left_is_taken_off_each_reading_and_the_record_shows_both() {
        Page page = gauge(ansasScreen(Chromium.desk()), "M6");
        fieldOf(page, "It shows").fill("25.004");
        named(page, BUTTON, "Keep this look").click();
        assertThat(seen(page, "0.004 mm is taken off each reading while that stands."))
                .isVisible();
        // One that was found off is not proposed while another will do: it is taken all the same.
        page.navigate(server().address() + BODY_OF_SHAFT_2 + "?gauge=" + Gauges.keyOf(page, "M6"));
        assertThat(named(page, BUTTON, "M6, to 0.001 mm")).isVisible();
        page.keyboard().type("32.224\n");
        assertThat(seen(page, "M6 was known to be off by 0.004 mm: 32.224 mm was read"))
                .isVisible();
        assertThat(seen(page, "32.220")).isVisible();

        gauge(page, "M6");
        fieldOf(page, "It shows").fill("25.004");
        fieldOf(page, "Then").selectOption("it was set to zero");
        named(page, BUTTON, "Keep this look").click();
        assertThat(seen(page, "Who has set a gauge to zero looks again")).isVisible();
        fieldOf(page, "Looked at again, it shows").fill("25.000");
        named(page, BUTTON, "Keep this look").click();
        assertThat(page.getByText("is taken off each reading while that stands"))
                .hasCount(0);
        nothingWasComplainedOf();
    }

    @Test
    void what_a_trial_shows_changes_what_is_proposed() {
        Page page = choosingFor(ansasScreen(Chromium.desk()), "body Ø 32 h9");
        assertThat(method(page, "M6")).containsText("proposed, in force");
        page.navigate(server().address() + "/drawer/6/trial");
        assertThat(seen(page, "Read the master, lift the gauge off, read again."))
                .isVisible();
        for (int i = 0; i < 5; i++) {
            page.keyboard().type("25.000\n25.030\n");
        }
        assertThat(seen(page, "You hold ±")).isVisible();
        named(page, BUTTON, "Keep it as Ansa").click();
        assertThat(region(page, "Trials")).containsText("Ansa holds ±");
        choosingFor(page, "body Ø 32 h9");
        assertThat(method(page, "M2")).containsText("proposed, in force");
        assertThat(method(page, "M6")).containsText("with care");
        nothingWasComplainedOf();
    }

    @Test
    @OneShop
    void another_gauge_is_picked_and_its_cost_seen_and_its_uncertainty_opened() {
        Page page = choosingFor(ansasScreen(Chromium.desk()), "shoulder length");
        assertThat(method(page, "C2")).containsText("proposed, in force");
        Locator other = method(page, "C3");
        assertThat(other).containsText("Its calibration has run out: it comes after all that do as well.");
        assertThat(other).containsText("less");
        other.getByRole(BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Pick it"))
                .click();
        assertThat(other).containsText("picked");
        other.getByText("what its U comes of").click();
        assertThat(other.getByRole(LIST)).containsText("what its calibration left unknown");
        page.navigate(server().address() + "/jobs/1");
        assertThat(page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("shoulder length")))
                .isVisible();
        page.navigate(server().address() + "/parts/2/features/4");
        assertThat(named(page, BUTTON, "C3, to 0.01 mm")).isVisible();
        nothingWasComplainedOf();
    }

    @Test
    void a_set_of_four_and_a_caliper_are_added_by_keyboard_in_no_time() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + "/drawer/add");
        Locator kind = fieldOf(page, "It is a");
        assertThat(kind).isVisible();
        Instant began = Instant.now();
        kind.focus();
        var keys = page.keyboard();
        keys.press("Tab");
        keys.press("Tab");
        keys.type("X1");
        keys.press("Tab");
        keys.type("a set of four");
        Locator added = region(page, "What is added");
        assertThat(added).containsText("X4");
        assertThat(added).containsText("Outside micrometer, 3 to 4 in");
        named(page, BUTTON, "Add these 4").press("Enter");
        assertThat(seen(page, "26 gauges")).isVisible();
        assertThat(seen(page, "X4")).isVisible();

        named(page, LINK, "Add gauges").click();
        fieldOf(page, "It is a").selectOption("vernier caliper");
        fieldOf(page, "Number on it").fill("X4");
        named(page, BUTTON, "Add it").click();
        assertThat(seen(page, "X4 is on a gauge or a master already")).isVisible();
        fieldOf(page, "Number on it").fill("X5");
        named(page, BUTTON, "Add it").click();
        assertThat(seen(page, "27 gauges")).isVisible();
        org.assertj.core.api.Assertions.assertThat(Duration.between(began, Instant.now()))
                .isLessThan(Duration.ofMinutes(1));
        nothingWasComplainedOf();
    }

    @Test
    @OneShop
    void a_technique_card_is_one_touch_from_wherever_the_gauge_is_named() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + BODY_OF_SHAFT_3);
        named(page, LINK, "how it is held").click();
        assertThat(method(page, "Outside micrometer")).containsText("seek the smallest");
        page.goBack();
        assertThat(named(page, BUTTON, "M6, to 0.001 mm")).isVisible();
        gauge(page, "B1");
        named(page, LINK, "How it is held and read").click();
        assertThat(method(page, "Dial bore gauge")).containsText("that is the smallest, and the size");
        nothingWasComplainedOf();
    }

    @Test
    void three_people_study_one_micrometer() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + "/drawer/study");
        fieldOf(page, "Called").fill("three bars");
        fieldOf(page, "Gauge").selectOption("M6, Outside micrometer, 25 to 50 mm");
        fieldOf(page, "Tolerance, its whole width").fill("0.05");
        fieldOf(page, "Parts").selectOption("three");
        String[] about = {"25.00", "25.01", "25.02"};
        for (int part = 0; part < 3; part++) {
            for (String person : new String[] {"Ansa", "Bero"}) {
                for (int reading = 1; reading <= 2; reading++) {
                    fieldOf(page, "Part " + (part + 1) + ", " + person + ", reading " + reading)
                            .fill(about[part] + (person.equals("Bero") ? reading : 0));
                }
            }
        }
        assertThat(seen(page, "of a tolerance of 0.05 mm")).isVisible();
        named(page, BUTTON, "Keep the study").click();
        assertThat(region(page, "Trials")).containsText("three bars");
        nothingWasComplainedOf();
    }
}
