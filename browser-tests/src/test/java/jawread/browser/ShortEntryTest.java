package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.DIALOG;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Twenty-four places, three readings each, with as few keys as a hand can press without guessing. */
class ShortEntryTest extends AtTheBench {
    private static final int PLACES = 24;

    @AfterEach
    void nothing_was_complained_of() {
        nothingWasComplainedOf();
    }

    private static final String DECIDE = """
            async ([which, choice]) => {
              const now = (await (await fetch('/api/v1/settings')).json()).find(({ name }) => name === which);
              const answer = await fetch(`/api/v1/settings/${which}`, {
                method: 'PUT', body: JSON.stringify({ choice }),
                headers: { 'Content-Type': 'application/json', 'If-Match': `"${now.edition}"` } });
              if (!answer.ok) throw new Error(await answer.text());
            }""";

    @Test
    void twenty_four_places_three_times_take_fewer_than_three_hundred_keys_and_nothing_is_doubted() {
        Page page = ansasScreen(Chromium.desk());
        page.evaluate(DECIDE, List.of("short-entry", "on"));
        page.evaluate(DECIDE, List.of("repeats", "three-averaged"));
        String sections = IntStream.range(0, PLACES / 2)
                .mapToObj(i -> "s" + i + " " + (i * 5 + 2))
                .collect(java.util.stream.Collectors.joining(", "));
        String journal = PlannedJob.plan(
                        page,
                        "A long journal",
                        "mm",
                        List.of(PlannedJob.feature(
                                "journal",
                                "outside",
                                "32 h9",
                                Map.of("lies", "0-60", "sections", sections, "axes", "thrust 0, cross 90"))),
                        List.of("spindle"))
                .get(0);
        page.navigate(server().address() + journal);
        assertThat(seen(page, "Take the first reading.")).isVisible();

        var walk = new Keys(page);
        for (int reading = 0; reading < 3 * PLACES; reading++) {
            // 31.9 all along, within the spread of a hand.
            String digits = String.valueOf(60 + (reading * 7) % 4);
            walk.type(reading < 3 ? "31.9" + digits : digits);
            if (reading >= 3) {
                assertThat(page.getByText("31.9" + digits).first()).isVisible();
            }
            walk.enter();
            assertThat(page.getByText("not yet judged")).hasCount(0);
        }
        assertThat(walk.pressed).isLessThan(300);
        assertThat(page.getByText("In doubt")).hasCount(0);
        assertThat(page.getByRole(BUTTON, new Page.GetByRoleOptions().setName("reading, 31.9")))
                .hasCount(3);
        page.getByRole(BUTTON, new Page.GetByRoleOptions().setName("third reading, 31.9"))
                .click();
        assertThat(page.getByRole(DIALOG)).containsText("Typed by its last digits");
    }

    /** Counts what a hand presses. */
    private static final class Keys {
        private final Page page;
        private int pressed;

        Keys(Page page) {
            this.page = page;
        }

        void type(String keys) {
            page.keyboard().type(keys);
            pressed += keys.length();
        }

        void enter() {
            page.keyboard().press("Enter");
            pressed++;
        }
    }
}
