package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.GRIDCELL;
import static com.microsoft.playwright.options.AriaRole.HEADING;
import static com.microsoft.playwright.options.AriaRole.LINK;
import static com.microsoft.playwright.options.AriaRole.TEXTBOX;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A plan is changed after it was read against: what was read stays, and is judged by what the plan says now. */
@OneShop
class PlanGoesOnTest extends AtTheBench {
    private static Locator cell(Page page, String column, String feature) {
        return page.getByRole(
                GRIDCELL,
                new Page.GetByRoleOptions().setName(column + " of " + feature).setExact(true));
    }

    private static void retype(Page page, String column, String feature, String text) {
        cell(page, column, feature).dblclick();
        page.keyboard().press("Control+a");
        page.keyboard().type(text + "\n");
    }

    private static void retypeField(Page page, String feature, String field, String text) {
        Locator typed = region(page, feature).getByLabel(field);
        typed.fill(text);
        typed.press("Enter");
    }

    /** A journal of six places, read twice each. */
    private String readJournal(Page page, String job) {
        String journal = PlannedJob.plan(
                        page,
                        job,
                        "mm",
                        List.of(PlannedJob.feature(
                                "journal",
                                "outside",
                                "31.938 / 32.000",
                                Map.of(
                                        "lies", "0-60",
                                        "sections", "left 10, middle 30, right 50",
                                        "axes", "up 0, across 90"))),
                        List.of("shaft"))
                .get(0);
        page.navigate(server().address() + journal);
        assertThat(region(page, "Reading").getByRole(HEADING)).containsText("left");
        for (int place = 1; place <= 6; place++) {
            page.keyboard().type("31.950\n");
            page.keyboard().type("31.951\n");
            holds(page, place);
        }
        assertThat(verdict(page)).isVisible();
        return journal;
    }

    private static Locator verdict(Page page) {
        return region(page, "So far")
                .getByText("in", new Locator.GetByTextOptions().setExact(true))
                .first();
    }

    /** So many places that have their size. */
    private static void holds(Page page, int places) {
        assertThat(region(page, "Places")
                        .getByRole(BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("31\\.950"))))
                .hasCount(places);
    }

    private static void holdsTwelve(Page page) {
        holds(page, 6);
    }

    @Test
    void a_limit_a_name_and_a_taper_limit_change_after_twelve_readings_and_all_of_it_is_taken_back() {
        Page page = ansasScreen(Chromium.desk());
        String journal = readJournal(page, "A typo in the plan");
        holdsTwelve(page);
        Page plan = screenOf("Tilde", Chromium.desk());
        named(plan, LINK, "Plan of A typo in the plan").click();

        // The person who measures has a figure half typed while the limit is changed on another screen.
        page.keyboard().type("31.9");
        retype(plan, "Limits, as on the drawing", "journal", "31.98 / 32.00");
        assertThat(region(page, "So far")).containsText("gone");
        assertThat(seen(page, "Judged by the limits of revision 2")).containsText("12 readings under revision 1");
        assertThat(named(page, TEXTBOX, "Figure in mm")).hasValue("31.9");
        holdsTwelve(page);
        page.keyboard().press("Escape");

        retype(plan, "Feature", "journal", "seal journal");
        assertThat(page.getByText("seal journal").first()).isVisible();
        holdsTwelve(page);
        cell(plan, "Limits, as on the drawing", "seal journal").click();
        retypeField(plan, "seal journal", "Taper", "0.02");
        assertThat(seen(page, "Judged by the limits of revision 2")).isVisible();
        holdsTwelve(page);

        // An old address finds what is in force.
        page.navigate(server().address() + journal);
        holdsTwelve(page);
        assertThat(seen(page, "Judged by the limits of revision 2")).isVisible();

        Locator undo = named(plan, BUTTON, "Undo");
        undo.click();
        assertThat(region(plan, "seal journal").getByLabel("Taper")).hasValue("");
        undo.click();
        assertThat(cell(plan, "Feature", "journal")).isVisible();
        undo.click();
        assertThat(cell(plan, "Limits, as on the drawing", "journal")).hasText("31.938 / 32.000");
        assertThat(verdict(page)).isVisible();
        assertThat(page.getByText("Judged by the limits")).hasCount(0);
        holdsTwelve(page);
        nothingWasComplainedOf();
    }

    @Test
    void a_section_that_is_moved_says_beforehand_what_it_leaves_aside_and_undo_brings_it_back() {
        Page page = ansasScreen(Chromium.desk());
        readJournal(page, "A section moved");
        Page plan = screenOf("Tilde", Chromium.desk());
        named(plan, LINK, "Plan of A section moved").click();
        cell(plan, "Limits, as on the drawing", "journal").click();
        retypeField(plan, "journal", "Sections", "left 12, middle 30, right 50");
        Locator asked = region(plan, "Readings left aside");
        assertThat(asked).containsText("4 readings would no longer count (journal: 4 on 1 part)");
        holdsTwelve(page);
        asked.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Leave the plan as it was"))
                .click();
        assertThat(asked).hasCount(0);
        assertThat(region(plan, "journal").getByLabel("Sections")).hasValue("left 10, middle 30, right 50");

        retypeField(plan, "journal", "Sections", "left 12, middle 30, right 50");
        asked.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Change it, and leave them aside"))
                .click();
        assertThat(seen(page, "4 readings lie aside")).isVisible();
        named(plan, BUTTON, "Undo").click();
        holdsTwelve(page);
        assertThat(page.getByText("lie aside")).hasCount(0);
    }
}
