package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.GROUP;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A phone in one hand: the thumb is on the keys, and what it must know stands in sight. */
class InOneHandTest extends AtTheBench {
    private static final int HEIGHT = 844;

    @AfterEach
    void nothing_was_complained_of() {
        nothingWasComplainedOf();
    }

    private Page atAJournal() {
        Page page = ansasScreen(Chromium.phone());
        String journal = PlannedJob.plan(
                        page,
                        "By thumb",
                        "mm",
                        List.of(PlannedJob.feature(
                                "journal",
                                "outside",
                                "32 h9",
                                Map.of("lies", "0-60", "sections", "a 5, b 30, c 55", "axes", "thrust 0"))),
                        List.of("spindle"))
                .get(0);
        page.setViewportSize(390, HEIGHT);
        page.navigate(server().address() + journal + "?gauge=" + Gauges.keyOf(page, "M6"));
        assertThat(seen(page, "Take the first reading.")).isVisible();
        return page;
    }

    private static void tapFigure(Page page, String figure) {
        Locator keypad = page.getByRole(GROUP, new Page.GetByRoleOptions().setName("Keypad"));
        figure.chars()
                .forEach(digit -> keypad.getByRole(
                                BUTTON,
                                new Locator.GetByRoleOptions()
                                        .setName(digit == '.' ? "point" : Character.toString(digit))
                                        .setExact(true))
                        .tap());
        named(page, BUTTON, "Enter keep").tap();
    }

    private static void isInSight(Locator what) {
        assertThat(what).isVisible();
        BoundingBox box = what.boundingBox();
        assertThat(box.y).isNotNegative();
        assertThat(box.y + box.height).isLessThanOrEqualTo(HEIGHT);
    }

    @Test
    void three_places_by_thumb_with_no_scrolling() {
        Page page = atAJournal();
        for (String place : List.of("31.970", "31.971", "31.972")) {
            for (int reading = 0; reading < 2; reading++) {
                tapFigure(page, place);
                assertThat(page.getByText("not yet judged")).hasCount(0);
                assertThat(page.evaluate("scrollY")).isEqualTo(0);
            }
        }
        Object sizes = page.evaluate("""
                async () => {
                  const [, , part, , feature] = location.pathname.split('/');
                  const sheet = await (await fetch(`/api/v1/parts/${part}/features/${feature}/sheet`)).json();
                  return sheet.rounds[0].places.map(({ readings }) => readings.map(({ size }) => size.text).join(' ')).join('; ');
                }""");
        assertThat(sizes).isEqualTo("31.970 31.970; 31.971 31.971; 31.972 31.972");
    }

    @Test
    void a_doubt_its_answers_and_the_gauge_stand_above_the_keys() {
        Page page = atAJournal();
        tapFigure(page, "32.470");
        Locator doubt = page.getByRole(GROUP, new Page.GetByRoleOptions().setName("32.470 in doubt"));
        isInSight(region(page, "In doubt").getByText("32.470 mm lies 0.501 mm from the middle of its limits"));
        for (String answer : List.of("Strike 32.470, read again", "32.470 was 31.970", "Keep 32.470")) {
            isInSight(doubt.getByRole(BUTTON, new Locator.GetByRoleOptions().setName(answer)));
        }
        isInSight(named(page, BUTTON, "M6, to 0.001 mm"));
        isInSight(page.getByRole(GROUP, new Page.GetByRoleOptions().setName("Keypad")));
        isInSight(named(page, BUTTON, "Enter keep"));
        doubt.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Strike 32.470"))
                .tap();
        assertThat(doubt).hasCount(0);
        assertThat(named(page, BUTTON, "first reading, 32.470 mm, struck")).isVisible();
    }
}
