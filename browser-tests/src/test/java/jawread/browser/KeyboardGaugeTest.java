package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.TEXTBOX;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A gauge that types what it shows, as a keyboard would, wherever the focus is. */
class KeyboardGaugeTest extends AtTheBench {
    private static final String OUTSIDE_OF_SEAT_9 = "/parts/13/features/8";

    /** Twenty characters a second, as such gauges send. */
    private static final double BETWEEN_CHARACTERS_MS = 50;

    private static final String SIZES_IN_ORDER =
            "async path => (await (await fetch('/api/v1' + path + '/sheet')).json())"
                    + ".rounds.flatMap(({ places }) => places.flatMap(({ readings }) => readings))"
                    + ".sort((one, other) => one.seq - other.seq).map(({ size }) => size.text)";

    private static void send(Page page, String text) {
        page.keyboard().type(text, new Keyboard.TypeOptions().setDelay(BETWEEN_CHARACTERS_MS));
    }

    @Test
    void forty_figures_with_both_line_ends_are_kept_once_each_and_in_their_order() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + OUTSIDE_OF_SEAT_9);
        assertThat(page.getByRole(TEXTBOX, new Page.GetByRoleOptions().setName("Figure in")))
                .isVisible();
        Object before = page.evaluate(SIZES_IN_ORDER, OUTSIDE_OF_SEAT_9);
        List<String> sent = IntStream.range(0, 40)
                .mapToObj(i -> "1.2" + String.format("%03d", 100 + 7 * i))
                .toList();

        sent.forEach(figure -> send(page, figure + "\r\n"));

        page.waitForFunction(
                "async ([path, all]) => (await (" + SIZES_IN_ORDER + ")(path)).length >= all",
                List.of(OUTSIDE_OF_SEAT_9, ((List<?>) before).size() + 40));
        List<?> kept = (List<?>) page.evaluate(SIZES_IN_ORDER, OUTSIDE_OF_SEAT_9);
        assertThat(kept.subList(((List<?>) before).size(), kept.size())).isEqualTo(sent);
        nothingWasComplainedOf();
    }

    @Test
    @OneShop
    void forty_characters_of_nonsense_are_refused_with_a_sentence_and_the_next_figure_is_taken() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + OUTSIDE_OF_SEAT_9);
        var figure = page.getByRole(TEXTBOX, new Page.GetByRoleOptions().setName("Figure in"));
        assertThat(figure).isVisible();

        send(page, "0".repeat(5) + "#?!~%;:*".repeat(4) + "...\r\n");

        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT)
                        .first())
                .not()
                .isEmpty();
        page.keyboard().press("Escape");
        assertThat(figure).hasValue("");
        send(page, "1.2001\r\n");
        assertThat(page.getByText("1.2001").first()).isVisible();
        nothingWasComplainedOf();
    }

    @Test
    void what_a_gauge_puts_around_its_figures_presses_nothing_on_any_screen() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + "/settings");
        var around = page.getByLabel("Gauges that type put around a figure");
        around.fill("M6 D= mm");
        around.press("Enter");
        assertThat(page.getByText("chosen by Ansa").first()).isVisible();

        for (String path : List.of("/", "/doubts", "/drawer")) {
            page.navigate(server().address() + path);
            assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.MAIN))
                    .isVisible();
            assertThat(page.getByText("Ansa").first()).isVisible();
            String before = page.url();
            page.evaluate("() => document.activeElement instanceof HTMLElement && document.activeElement.blur()");
            send(page, "D=31.962mm\r\n");
            assertThat(page.getByLabel("Figures that nothing waited for")).containsText("31.962");
            assertThat(page.url()).as(path).isEqualTo(before);
            page.getByLabel("31.962mm: seen to").first().click();
        }
        page.navigate(server().address() + "/parts/2/features/2");
        assertThat(page.getByLabel("Figure in mm")).isVisible();
        send(page, "D=31.962mm\r\n");
        assertThat(page.getByText("31.962").first()).isVisible();
    }
}
