package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Each screen, in each theme, by the rules of WCAG 2.2 A and AA. */
class AccessibilityTest extends AtTheBench {
    @ParameterizedTest
    @EnumSource(
            value = ColorScheme.class,
            names = {"LIGHT", "DARK"})
    void every_screen(ColorScheme theme) {
        Page page = chromium().screen(Chromium.desk().setColorScheme(theme));
        page.navigate(server().address());
        assertThat(page.getByText("Who measures?")).isVisible();
        isAccessible(page, "bench, nobody picked");
        page.getByText("Ansa").click();
        assertThat(page.getByText("Who measures?")).hasCount(0);
        isAccessible(page, "bench");

        page.navigate(server().address() + "/parts/3/features/2");
        assertThat(seen(page, "metal left")).isVisible();
        isAccessible(page, "measure");
        for (String key : List.of("c", "x", "g", "?")) {
            page.keyboard().press(key);
            assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.DIALOG))
                    .isVisible();
            isAccessible(page, "measure, card " + key);
            page.keyboard().press("Escape");
            assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.DIALOG))
                    .hasCount(0);
        }
        page.keyboard().type("1..2\n");
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT))
                .isVisible();
        isAccessible(page, "measure, refused");
        page.keyboard().press("Escape");

        page.navigate(server().address() + "/parts/3/features/2?by=scale");
        assertThat(page.getByTestId("face")).isVisible();
        isAccessible(page, "measure by scale");
        page.navigate(server().address() + "/read");
        assertThat(page.getByText("Which of these is in your hand?")).isVisible();
        assertThat(page.getByTestId("face").first()).isVisible();
        isAccessible(page, "choose a scale");
        for (String scale :
                List.of("mic-in-0001?base=2", "dial-mm-002", "bore-dial-in-0001", "stage-in-0001", "feeler")) {
            page.navigate(server().address() + "/read/" + scale);
            assertThat(page.getByTestId("face")).isVisible();
            isAccessible(page, "read " + scale);
        }
        for (String key : List.of("h", "k")) {
            page.keyboard().press(key);
            assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.DIALOG))
                    .isVisible();
            isAccessible(page, "read, card " + key);
            page.keyboard().press("Escape");
        }
        page.navigate(server().address() + "/nowhere");
        assertThat(page.getByText("There is nothing at this address")).isVisible();
        isAccessible(page, "nothing here");
    }

    private static void isAccessible(Page page, String screen) {
        List<Rule> violations = new AxeBuilder(page)
                .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"))
                .analyze()
                .getViolations();
        org.assertj.core.api.Assertions.assertThat(violations)
                .as(screen)
                .extracting(rule -> rule.getId() + ": " + rule.getNodes())
                .isEmpty();
    }
}
