package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.DIALOG;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Each screen by the rules of WCAG 2.2 A and AA; dim by those on contrast, for nothing else differs. */
@OneShop
class AccessibilityTest extends AtTheBench {
    @Test
    void the_bench() {
        Page page = chromium().screen(Chromium.desk());
        page.navigate(server().address());
        assertThat(page.getByText("Who measures?")).isVisible();
        isAccessible(page, "bench, nobody picked");
        page.getByText("Ansa").click();
        assertThat(page.getByText("Who measures?")).hasCount(0);
        isAccessible(page, "bench");
        page.getByLabel("Limits, as on the drawing").fill("25 k6");
        page.getByLabel("Figure, mm").fill("25.03");
        assertThat(page.getByText("keep into a new job")).isVisible();
        isAccessible(page, "quick size");
        page.navigate(server().address() + "/nowhere");
        assertThat(page.getByText("There is nothing at this address")).isVisible();
        isAccessible(page, "nothing here");
    }

    @Test
    void measuring() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + "/parts/3/features/2");
        assertThat(seen(page, "metal left")).isVisible();
        isAccessible(page, "measure");
        for (String key : List.of("c", "x", "g", "p", "?")) {
            page.keyboard().press(key);
            assertThat(page.getByRole(DIALOG)).isVisible();
            isAccessible(page, "measure, card " + key);
            page.keyboard().press("Escape");
            assertThat(page.getByRole(DIALOG)).hasCount(0);
        }
        page.keyboard().type("1..2\n");
        assertThat(page.getByRole(AriaRole.ALERT)).isVisible();
        isAccessible(page, "measure, refused");
        page.keyboard().press("Escape");

        page.navigate(server().address() + "/parts/3/features/2?by=scale");
        assertThat(page.getByTestId("face")).isVisible();
        isAccessible(page, "measure by scale");
        page.navigate(server().address() + "/parts/26/features/30");
        assertThat(seen(page, "worn, serviceable")).isVisible();
        isAccessible(page, "measure, many places");
    }

    @Test
    void reading_a_scale() {
        Page page = ansasScreen(Chromium.desk());
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
            assertThat(page.getByRole(DIALOG)).isVisible();
            isAccessible(page, "read, card " + key);
            page.keyboard().press("Escape");
        }
    }

    @Test
    void what_parts_come_to() {
        Page page = ansasScreen(Chromium.desk());
        for (int part : List.of(1, 25, 26)) {
            page.navigate(server().address() + "/parts/" + part + "/judgement");
            assertThat(page.getByRole(AriaRole.ARTICLE).first()).isVisible();
            page.getByText("the rule, and what U comes of").first().click();
            isAccessible(page, "judgement of part " + part);
        }
        each(
                page,
                "/parts/23/judgement",
                "/parts/18/features/21/over-time",
                "/jobs/5/pairing?least=0.0030&most=0.0060");
    }

    @Test
    void planning() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + "/jobs");
        assertThat(page.getByText("A new job")).isVisible();
        isAccessible(page, "jobs");
        each(page, "/jobs/bring-in", "/jobs/2/bring-in");
        for (int job : new int[] {1, 3, 5}) {
            page.navigate(server().address() + "/jobs/" + job);
            assertThat(page.getByTestId("part")).isVisible();
            page.locator("[data-column='2']").first().click();
            isAccessible(page, "plan of job " + job);
        }
        page.locator("[data-column='2']").first().dblclick();
        isAccessible(page, "plan, a field open");
        page.keyboard().press("Escape");
        for (String button : List.of("Head of the job", "Paste rows", "another kind of part")) {
            page.getByRole(BUTTON, new Page.GetByRoleOptions().setName(button)).click();
            assertThat(page.getByRole(DIALOG)).isVisible();
            isAccessible(page, "plan, " + button);
            page.keyboard().press("Escape");
            assertThat(page.getByRole(DIALOG)).hasCount(0);
        }
        page.navigate(server().address() + "/parts/17/ready");
        assertThat(page.getByText("make ready").first()).isVisible();
        isAccessible(page, "make ready");
        page.navigate(server().address() + "/plans/1/gauges");
        assertThat(page.getByText("what its U comes of").first()).isVisible();
        page.getByText("what its U comes of").first().click();
        isAccessible(page, "choosing");
    }

    @Test
    void setting_doubting_and_the_card() {
        Page page = ansasScreen(Chromium.desk());
        each(
                page,
                "/drawer/18/set?wanted=3.2509",
                "/card/blocks?set=mm-88&size=41.125",
                "/card",
                "/card/inch?text=13.5",
                "/card/threads?text=M8",
                "/card/fits?text=40 H7/g6&hole=40.010",
                "/card/holes?a=50.02&b=29.98",
                "/card/v-block?spread=0.006",
                "/card/words",
                "/card/schools",
                "/card/feelers",
                "/doubts",
                "/slips",
                "/card/twenty");
        page.navigate(server().address() + "/settings");
        assertThat(page.getByText("Name of the shop")).isVisible();
        isAccessible(page, "settings");
    }

    @Test
    void the_drawer() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + "/drawer");
        assertThat(page.getByText("Add gauges")).isVisible();
        isAccessible(page, "drawer");
        page.getByRole(BUTTON, new Page.GetByRoleOptions().setName("Add a master"))
                .click();
        assertThat(page.getByRole(DIALOG)).isVisible();
        isAccessible(page, "drawer, a master");
        page.keyboard().press("Escape");
        for (int gauge : new int[] {6, 16, 18}) {
            page.navigate(server().address() + "/drawer/" + gauge);
            assertThat(page.getByText("State and history")).isVisible();
            isAccessible(page, "gauge " + gauge);
        }
        for (String button : List.of("Calibrated", "Describe it anew")) {
            page.getByRole(BUTTON, new Page.GetByRoleOptions().setName(button)).click();
            assertThat(page.getByRole(DIALOG)).isVisible();
            isAccessible(page, "gauge, " + button);
            page.keyboard().press("Escape");
        }
        each(page, "/drawer/add", "/drawer/6/trial", "/drawer/study", "/technique");
        page.navigate(server().address() + "/technique/dial-caliper");
        assertThat(page.getByText("Caliper, inside")).isVisible();
        isAccessible(page, "technique");
    }

    private void each(Page page, String... paths) {
        for (String path : paths) {
            page.navigate(server().address() + path);
            assertThat(page.getByRole(AriaRole.MAIN)).not().isEmpty();
            isAccessible(page, path);
        }
    }

    /** In the light as it stands; then the same screen turned dim, where only tones differ. */
    private static void isAccessible(Page page, String screen) {
        breaksNothing(screen, axe(page).withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa")));
        page.evaluate("document.documentElement.dataset.theme = 'dim'");
        breaksNothing(screen + ", dim", axe(page).withRules(List.of("color-contrast")));
        page.evaluate("document.documentElement.dataset.theme = 'light'");
    }

    /** No page of ours has frames, for which it would else open another page each time; what is in order is not listed. */
    private static AxeBuilder axe(Page page) {
        var violationsOnly = new AxeRunOptions();
        violationsOnly.setResultTypes(List.of("violations"));
        return new AxeBuilder(page).options(violationsOnly).setLegacyMode(true);
    }

    private static void breaksNothing(String screen, AxeBuilder axe) {
        List<Rule> violations = axe.analyze().getViolations();
        org.assertj.core.api.Assertions.assertThat(violations)
                .as(screen)
                .extracting(rule -> rule.getId() + ": " + rule.getNodes())
                .isEmpty();
    }
}
