package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.ALERT;
import static com.microsoft.playwright.options.AriaRole.ARTICLE;
import static com.microsoft.playwright.options.AriaRole.HEADING;
import static com.microsoft.playwright.options.AriaRole.REGION;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A learner who makes every slip of the catalogue on purpose, by keys alone, and is told each. */
class PracticeTest extends AtTheBench {
    private static final String INCH_MICROMETER = "mic-in-0001";

    /** What is in front of the learner, what it really reads, and what a slip would make of it. */
    private static final String SLIPPED = """
            async ([id, slip]) => {
              const get = async (path) => (await fetch('/api/v1' + path)).json();
              const { item } = await get('/practice/sets/' + id);
              const parts = Object.entries(item.counts)
                .map(([name, count]) => name + '=' + (name === 'sense' && count > 0 ? '%2B' : '') + count).join(';');
              const here = await get(`/scales/${item.scale}/reading?base=${encodeURIComponent(item.base)}&parts=${parts}`);
              const size = Number(here.size.text);
              const base = Number(item.base.split(' ')[0]);
              const swapped = () => {
                for (let i = here.size.text.length - 1; i > 0; i--) {
                  const [a, b] = [here.size.text[i - 1], here.size.text[i]];
                  if (a !== b && a !== '.' && b !== '.') {
                    return here.size.text.slice(0, i - 1) + b + a + here.size.text.slice(i + 1);
                  }
                }
              };
              const typed = {
                'unit': [here.size.other.split(' ')[0], 'other unit'],
                'decimal-place': [(size * 10).toFixed(6), 'point in the wrong place'],
                'swapped-digits': [swapped(), 'two digits swapped'],
                'other-base': [(size + 1).toFixed(6), 'another rod'],
                'tenth': [(base + (size - base) * 39.37).toFixed(9), 'a tenth taken for a thou'],
              }[slip];
              const seen = here.misreads.find((each) => each.slip === slip);
              return { right: here.size.text, typed: typed ? typed[0] : seen.size.text, words: typed ? typed[1] : seen.words };
            }""";

    @AfterEach
    void nothing_was_complained_of() {
        nothingWasComplainedOf();
    }

    private void begin(Page page, String query) {
        page.navigate(server().address() + "/practice/new?" + query);
        page.waitForURL("**/practice/sets/*");
        assertThat(page.getByText("1 of ").first()).isVisible();
    }

    @SuppressWarnings("unchecked")
    private static Map<String, String> slipped(Page page, String slip) {
        String id = page.url().substring(page.url().lastIndexOf('/') + 1);
        return (Map<String, String>) page.evaluate(SLIPPED, List.of(id, slip));
    }

    @Test
    void each_slip_of_the_catalogue_gets_its_name_and_its_drawing() {
        Page page = ansasScreen(Chromium.desk());
        Map<String, List<String>> slips = Map.of(
                INCH_MICROMETER,
                List.of(
                        "next-line",
                        "missed-line",
                        "wrong-figure",
                        "base-forgotten",
                        "base-twice",
                        "other-base",
                        "fine-left-out",
                        "unit",
                        "decimal-place"),
                "mic-mm-001",
                List.of("missed-half", "swapped-digits"),
                "vernier-mm-005",
                List.of("slide-edge", "fine-figure"),
                "depth-in-001",
                List.of("reversed", "thimble-mirrored"),
                "bore-dial-mm-0001",
                List.of("sense-flipped", "graduation-value", "tenth"),
                "dial-in-001-wide",
                List.of("lost-turn"));
        slips.forEach((scale, all) -> all.forEach(slip -> {
            begin(page, "scale=" + scale + "&only=" + slip + "&items=1&seed=4");
            Map<String, String> wrong = slipped(page, slip);
            page.keyboard().type(wrong.get("typed"));
            page.keyboard().press("Enter");
            assertThat(page.getByRole(ALERT)).containsText(wrong.get("words"));
            assertThat(page.getByRole(ALERT)).containsText(wrong.get("right"));
            assertThat(page.getByTestId("face").first()).isVisible();
            page.keyboard().press("Enter");
            assertThat(seen(page, "0 of 1 right")).isVisible();
        }));
        page.navigate(server().address() + "/practice");
        assertThat(page.getByRole(REGION, new Page.GetByRoleOptions().setName("Next")))
                .containsText("missed 1 of 1");
    }

    @Test
    void a_right_answer_goes_on_with_one_enter_and_what_is_half_typed_counts_for_nothing() {
        Page page = ansasScreen(Chromium.desk());
        begin(page, "scale=" + INCH_MICROMETER + "&level=vernier&items=2&seed=9");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(ALERT)).containsText("Nothing is typed yet");
        page.keyboard().type("6 2");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(ALERT)).containsText("figure");
        page.getByLabel("Your reading, in").fill("");
        page.keyboard().type(slipped(page, "next-line").get("right"));
        page.keyboard().press("Enter");
        assertThat(page.getByText("2 of 2")).isVisible();
        assertThat(seen(page, "Right: ")).isVisible();
        // It is where it was after a reload.
        page.reload();
        assertThat(page.getByText("2 of 2")).isVisible();
        page.getByLabel("Your reading, in").fill(slipped(page, "next-line").get("right"));
        page.keyboard().press("Enter");
        assertThat(seen(page, "All 2 right")).isVisible();
    }

    @Test
    void the_first_lesson_is_left_taken_up_and_ends_in_ten_items() {
        Page page = ansasScreen(Chromium.phone());
        page.navigate(server().address() + "/practice/lesson");
        assertThat(page.getByRole(HEADING, new Page.GetByRoleOptions().setName("How a gauge is read")))
                .isVisible();
        page.keyboard().press("i");
        assertThat(page.getByRole(ARTICLE)).containsText("The trade says");
        page.keyboard().press("Enter");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(ARTICLE)).containsText("3 of 9");
        page.waitForCondition(() -> Integer.valueOf(2)
                .equals(page.evaluate("async () => (await (await fetch('/api/v1/practice')).json()).lesson?.step")));
        page.reload();
        assertThat(page.getByRole(ARTICLE)).containsText("Coarse first");
        for (int step = 3; step <= 9; step++) {
            page.keyboard().press("Enter");
        }
        assertThat(page.getByRole(HEADING, new Page.GetByRoleOptions().setName("Now read ten yourself")))
                .isVisible();
        page.keyboard().press("Enter");
        page.waitForURL("**/practice/sets/*");
        assertThat(page.getByText("1 of 10")).isVisible();
        assertThat(page.getByLabel("Your reading, in")).isFocused();
    }
}
