package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.LINK;
import static com.microsoft.playwright.options.AriaRole.TABLE;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A barrel is measured and its oval found between two axes that agree; its pictures are drawn as it is. */
@OneShop
class FormTest extends AtTheBench {
    private static String planned(Page page, String name, String unit, Map<String, Object> feature) {
        return PlannedJob.plan(page, name, unit, List.of(feature), List.of()).get(0);
    }

    /** Twice each, at the places in the order of the walk. */
    private static void measure(Page page, String... sizes) {
        assertThat(page.locator("[data-entry]")).isVisible();
        for (String size : sizes) {
            page.keyboard().type(size + "\n");
            assertThat(named(page, BUTTON, "first reading, " + size)).isVisible();
            page.keyboard().type(size + "\n");
            assertThat(page.locator("[data-entry]")).isVisible();
            page.waitForTimeout(150);
        }
    }

    private static double number(Locator element, String attribute) {
        return Double.parseDouble(element.getAttribute(attribute));
    }

    @Test
    void the_offered_axis_shows_an_oval_that_two_did_not_and_the_verdict_turns() {
        Page page = ansasScreen(Chromium.desk());
        String path = planned(
                page,
                "a worn barrel",
                "in",
                PlannedJob.feature(
                        "barrel bore",
                        "bore",
                        "3.2500 +0.0018/0",
                        Map.of(
                                "service", "3.2600",
                                "outOfRound", "0.0020",
                                "steps", "+0.030",
                                "lies", "0-9",
                                "layout", "free",
                                "sections", "top 1; bottom 8",
                                "axes", "thrust 0; cross 90")));
        page.navigate(server().address() + path + "?gauge=18");
        measure(page, "3.2530", "3.2528", "3.2530", "3.2528");
        assertThat(page.getByText("worn, serviceable").first()).isVisible();
        Locator offer = region(page, "A third axis");
        assertThat(offer).containsText("would if the oval lay between them: 45\u00b0 tells");
        page.keyboard().press("v");
        assertThat(offer).hasCount(0);
        assertThat(page.getByText("top, 45\u00b0").first()).isVisible();
        measure(page, "3.2552", "3.2550");

        page.keyboard().press("j");
        assertThat(page.getByTestId("story"))
                .containsText(
                        "Oval by 0.0044 in at the top, the long way across 45\u00b0: past the limit of 0.0020 in.");
        assertThat(page.getByText("form past its limit", new Page.GetByTextOptions().setExact(true))
                        .first())
                .isVisible();
        assertThat(region(page, "Next step")).containsText("Rework to the next size, +0.030 in");

        Locator top = page.getByTestId("round").first();
        assertThat(number(top.getByTestId("long-axis"), "data-degrees")).isBetween(44.0, 46.0);
        // Limits on their true side: a bore wears outward, and lies between new and service here.
        assertThat(number(top.locator("[data-limit=low]"), "r"))
                .isLessThan(number(top.locator("[data-limit=high]"), "r"));
        assertThat(number(top.locator("[data-limit=high]"), "r"))
                .isLessThan(number(top.locator("[data-limit=service]"), "r"));
        nothingWasComplainedOf();
    }

    @Test
    void pictures_lean_as_the_part_does_light_with_the_sheet_and_stand_alone_when_saved() throws Exception {
        Page page = ansasScreen(Chromium.desk());
        String barrel = (String) page.evaluate("""
                async () => {
                  const jobs = (await (await fetch('/api/v1/bench')).json()).jobs;
                  const pump = jobs.find(({ name }) => name === 'Three-throw pump');
                  return `/parts/${pump.plans[0].parts[2].id}/judgement`;
                }""");
        page.navigate(server().address() + barrel);
        Locator thrust = page.getByTestId("side").first();
        assertThat(thrust).hasAttribute("aria-label", Pattern.compile("wide at the top"));
        List<Double> across = IntStream.range(0, 3)
                .mapToObj(i -> number(thrust.locator("circle").nth(2 * i), "cx")
                        - number(thrust.locator("circle").nth(2 * i + 1), "cx"))
                .toList();
        assertThat(across).as("wider toward the top").isSortedAccordingTo((a, b) -> Double.compare(b, a));

        double before = across.get(0);
        named(page, BUTTON, "Magnify more").click();
        assertThat(number(thrust.locator("circle").first(), "cx")
                        - number(thrust.locator("circle").nth(1), "cx"))
                .isGreaterThan(before);

        Locator place = named(page, LINK, "top, thrust");
        place.focus();
        // Both ends in its section, both walls of its axis, and once among the two methods.
        assertThat(page.locator("circle.fill-now")).hasCount(5);

        var saved = page.waitForDownload(
                () -> named(page, BUTTON, "Save as SVG").first().click());
        String svg = Files.readString(saved.path());
        assertThat(svg)
                .startsWith("<svg")
                .contains("xmlns=\"http://www.w3.org/2000/svg\"")
                .contains("stroke=\"rgb(")
                .doesNotContain("class=");
        nothingWasComplainedOf();
    }

    @Test
    void a_case_entered_by_hand_comes_to_the_figures_that_were_reckoned_independently() {
        Page page = ansasScreen(Chromium.desk());
        String path = planned(
                page,
                "a shaft across three axes",
                "mm",
                PlannedJob.feature(
                        "journal",
                        "outside",
                        "25.200 +0.1/-0.1",
                        Map.of(
                                "lies", "0-25",
                                "layout", "free",
                                "sections", "left 5; right 20",
                                "axes", "a 0; b 90; c 45")));
        page.navigate(server().address() + path + "?gauge=6");
        measure(page, "25.221", "25.233", "25.205", "25.249", "25.222", "25.239");
        page.keyboard().press("j");
        assertThat(page.getByTestId("story")).isVisible();
        page.getByText("Its figures of form").click();
        String figures = page.getByRole(TABLE).first().innerText().replaceAll("\\s+", " ");
        // Out of round 17 and 16 \u00b5m, ellipses 24.083 and 16.492 \u00b5m, tapers 12, 44 and 17 \u00b5m.
        assertThat(figures)
                .contains("out of round left 0.017 mm")
                .contains("ellipse that fits left 0.0241 mm")
                .contains("out of round right 0.016 mm")
                .contains("ellipse that fits right 0.0165 mm")
                .contains("taper a 0.012 mm")
                .contains("taper b 0.044 mm")
                .contains("taper c 0.017 mm")
                .contains("whole spread 0.044 mm");
        assertThat(number(page.getByTestId("long-axis").first(), "data-degrees"))
                .isBetween(24.18, 24.19);
        assertThat(number(page.getByTestId("long-axis").nth(1), "data-degrees")).isBetween(97.01, 97.02);
        assertThat(page.getByTestId("side").nth(1))
                .hasAttribute("aria-label", Pattern.compile("slope is 2.93 \u00b5m per mm"));
    }

    @Test
    void parts_are_paired_and_a_choice_by_hand_is_told_what_it_costs() {
        Page page = ansasScreen(Chromium.desk());
        List<String> bores = PlannedJob.plan(
                page,
                "barrels and plungers",
                "in",
                List.of(
                        PlannedJob.feature("bore", "bore", "3.2500 +0.0018/0", Map.of("layout", "one-place")),
                        PlannedJob.feature("plunger", "outside", "3.2470 -0.0012", Map.of("layout", "one-place"))),
                List.of("first", "second"));
        String[] sizes = {"3.2508", "3.2463", "3.2515", "3.2466"};
        for (int i = 0; i < sizes.length; i++) {
            page.navigate(server().address() + bores.get(i) + "?gauge=" + (i % 2 == 0 ? "18" : "4"));
            measure(page, sizes[i]);
        }
        String job = (String) page.evaluate("""
                async () => (await (await fetch('/api/v1/bench')).json()).jobs
                  .find(({ name }) => name === 'barrels and plungers').id.toString()""");
        page.navigate(server().address() + "/jobs/" + job + "/pairing");
        page.getByLabel("Clearance at the least, in").fill("0.0030");
        page.getByLabel("and at the most, in").fill("0.0060");
        page.keyboard().press("Enter");
        assertThat(page.getByTestId("pairs-said")).containsText("2 pairs of 2 insides and 2 outsides");
        page.getByText("Change it by hand").click();
        page.getByLabel("first with").selectOption("nothing");
        assertThat(page.getByTestId("pairs-said")).containsText("Inside the window: 1, of 2 that could be.");
        page.reload();
        assertThat(page.getByTestId("pairs-said")).containsText("of 2 that could be");
        nothingWasComplainedOf();
    }

    @Test
    void a_journal_over_its_inspections_says_when_it_meets_its_limit() {
        Page page = ansasScreen(Chromium.desk());
        String lower = (String) page.evaluate("""
                async () => {
                  const jobs = (await (await fetch('/api/v1/bench')).json()).jobs;
                  const { parts } = jobs.find(({ name }) => name === 'Sluice spindle').plans[0];
                  const feature = parts[0].features.find(({ name }) => name === 'lower journal');
                  return `/parts/${parts[0].id}/features/${feature.id}/over-time`;
                }""");
        page.navigate(server().address() + lower);
        assertThat(page.getByTestId("forecast")).containsText("It meets 43.900 mm at");
        assertThat(page.getByTestId("over-time").first().locator("circle")).hasCount(3);
        named(page, BUTTON, "by days").click();
        assertThat(page.getByTestId("forecast")).containsText("at day");
        nothingWasComplainedOf();
    }
}
