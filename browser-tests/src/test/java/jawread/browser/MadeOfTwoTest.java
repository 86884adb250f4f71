package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.ALERT;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.DIALOG;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** The distance of two holes from their edges, by keys alone. */
class MadeOfTwoTest extends AtTheBench {
    @AfterEach
    void nothing_was_complained_of() {
        nothingWasComplainedOf();
    }

    @Test
    void two_holes_are_measured_over_their_edges_and_the_wrong_edge_first_is_given_back() {
        Page page = ansasScreen(Chromium.desk());
        String holes = PlannedJob.plan(
                        page,
                        "A link",
                        "mm",
                        List.of(PlannedJob.feature(
                                "pitch of the holes", "centre-distance", "40 +-0.1", Map.of("layout", "one-place"))),
                        List.of("link"))
                .get(0);
        page.navigate(server().address() + holes);
        assertThat(seen(page, "Take the first reading.")).isVisible();
        page.keyboard().press("h");
        assertThat(page.getByLabel("over the outer edges, mm")).isFocused();

        page.keyboard().type("30.00\n50.02\n");
        assertThat(page.getByRole(ALERT)).containsText("A goes over the outer edges and is the larger one");
        assertThat(page.getByLabel("between the inner edges, mm")).hasValue("50.02");
        page.keyboard().press("Escape");
        // Enter on an empty figure keeps nothing.
        page.keyboard().type("50.02\n\n30.00\n");
        assertThat(page.getByRole(BUTTON, new Page.GetByRoleOptions().setName("first reading, 40.01")))
                .isVisible();
        page.keyboard().type("50.02\n30.00\n");
        assertThat(seen(page, "in")).isVisible();

        // The next time it is measured so by itself, with the gauges of before.
        page.reload();
        assertThat(page.getByLabel("over the outer edges, mm")).isVisible();
        page.getByRole(BUTTON, new Page.GetByRoleOptions().setName("first reading, 40.01"))
                .click();
        assertThat(page.getByRole(DIALOG)).containsText("over the outer edges");
        assertThat(page.getByRole(DIALOG)).containsText("50.02");
    }
}
