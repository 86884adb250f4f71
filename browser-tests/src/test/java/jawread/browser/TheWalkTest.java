package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.ARTICLE;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.DIALOG;
import static com.microsoft.playwright.options.AriaRole.HEADING;
import static com.microsoft.playwright.options.AriaRole.LINK;
import static com.microsoft.playwright.options.AriaRole.TABLE;
import static com.microsoft.playwright.options.AriaRole.TEXTBOX;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A worn spindle is measured by keys alone, place after place, through reload and restart, to what it comes to. */
@OneShop
class TheWalkTest extends AtTheBench {
    /** A spindle of three journals that nobody has measured; answers where its upper one is. */
    private static String upperJournal(Page page) {
        List<Map<String, Object>> journals = List.of(
                journal("upper journal", "40-90"),
                journal("middle journal", "310-360"),
                journal("lower journal", "580-630"));
        return PlannedJob.plan(page, "A spindle to measure", "mm", journals, List.of("spindle"))
                .get(0);
    }

    private static Map<String, Object> journal(String name, String lies) {
        return PlannedJob.feature(
                name, "outside", "44 h8", Map.of("lies", lies, "layout", "shaft-journal", "service", "43.90"));
    }

    private static Locator order(Page page) {
        return region(page, "Reading").getByRole(HEADING);
    }

    /** Twice at the place where the walk stands. */
    private static void read(Page page, String figure) {
        page.keyboard().type(figure + "\n" + figure + "\n");
    }

    private static void cell(Page page, String place, String holds) {
        assertThat(region(page, "Places")
                        .getByRole(BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + place + ": "))))
                .containsText(holds);
    }

    @Test
    void by_keys_alone_place_after_place_through_reload_and_restart_to_what_it_comes_to() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + upperJournal(page));
        List<String> places = order(page, 4);
        read(page, "43.930");
        assertThat(order(page)).containsText(places.get(1));
        cell(page, places.get(0), "43.930");

        // In the middle of a place: nothing is lost, and the walk stands where it stood.
        page.keyboard().type("43.931\n");
        assertThat(seen(page, "Lift the gauge off and read again.")).isVisible();
        page.keyboard().type("43.9");
        page.reload();
        assertThat(named(page, TEXTBOX, "Figure in mm")).hasValue("43.9");
        assertThat(order(page)).containsText(places.get(1));
        server().kill();
        server().startAgain();
        page.keyboard().type("31\n");
        cell(page, places.get(1), "43.931");
        assertThat(order(page)).containsText(places.get(2));

        // Passed over, for a reason; another place is gone to by hand, and the walk goes on where it stood.
        page.keyboard().press("p");
        named(page, TEXTBOX, "A note, or why it is passed over").fill("under the collar");
        named(page, DIALOG, "upper journal")
                .getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Pass it over"))
                .click();
        assertThat(order(page)).containsText(places.get(3));
        cell(page, places.get(2), "passed over");
        page.keyboard().press("PageUp");
        assertThat(order(page)).containsText(places.get(2));
        assertThat(seen(page, "Passed over: under the collar.")).isVisible();
        page.keyboard().press("PageDown");
        read(page, "43.929");
        cell(page, places.get(3), "43.929");
        assertThat(region(page, "Where").getByRole(LINK).first()).isVisible();

        // The last is taken again in one key: struck, and asked for anew.
        page.keyboard().press("t");
        assertThat(named(page, BUTTON, "second reading, 43.929 mm, struck: slipped, taken again"))
                .isVisible();
        assertThat(seen(page, "Lift the gauge off and read again.")).isVisible();
        page.keyboard().type("43.930\n");
        assertThat(seen(page, "worn, serviceable")).isVisible();

        page.keyboard().press("ArrowDown");
        assertThat(named(page, HEADING, "middle journal")).isVisible();
        for (String ignored : order(page, 4)) {
            read(page, "43.975");
        }
        assertThat(seen(page, "as new")).isVisible();
        page.keyboard().press("ArrowDown");
        assertThat(named(page, HEADING, "lower journal")).isVisible();
        for (String ignored : order(page, 4)) {
            read(page, "43.880");
        }
        assertThat(seen(page, "beyond service")).isVisible();

        page.keyboard().press("j");
        assertThat(named(page, HEADING, "lower journal: beyond service")).isVisible();
        assertThat(seen(page, "Replace it: lower journal cannot be saved by cutting"))
                .isVisible();
        assertThat(page.getByRole(ARTICLE).nth(1).getByRole(HEADING)).containsText("upper journal: not measured");
        itOpensToItsReadingsAndWhatIsKnown(page);
        isOverruled(page);
    }

    /** So many places there are, in the order of the walk. */
    private static List<String> order(Page page, int places) {
        Locator all = region(page, "Places").getByRole(BUTTON);
        assertThat(all).hasCount(places);
        String path = java.net.URI.create(page.url()).getPath();
        Object names = page.evaluate(
                "async path => (await (await fetch('/api/v1' + path + '/sheet')).json()).rounds[0].places.map(({ name }) => name)",
                path);
        return ((List<?>) names).stream().map(Object::toString).toList();
    }

    private static void itOpensToItsReadingsAndWhatIsKnown(Page page) {
        Locator first = page.getByRole(ARTICLE).first();
        first.getByText("the rule, and what U comes of").first().click();
        assertThat(first.getByText("43.880 mm").first()).isVisible();
        assertThat(first.getByText(Pattern.compile("1\\.645 u")).first()).isVisible();
        assertThat(first.getByRole(
                                com.microsoft.playwright.options.AriaRole.LIST,
                                new Locator.GetByRoleOptions().setName("What it comes of"))
                        .first())
                .containsText("%");
    }

    private static void isOverruled(Page page) {
        named(page, BUTTON, "Decide otherwise, with a reason").click();
        page.getByLabel("Why: it stays beside the rule").fill("the collar is bored to it, checked with a plug");
        named(page, BUTTON, "Decide so").click();
        assertThat(region(page, "Next step")).containsText("Ansa decided otherwise: use. the collar is bored to it");
        assertThat(region(page, "Next step")).containsText("Replace it");
        page.reload();
        assertThat(region(page, "Next step")).containsText("Ansa decided otherwise: use.");
    }

    @Test
    void two_swapped_readings_are_put_right_and_the_history_of_a_place_says_so() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + upperJournal(page));
        List<String> places = order(page, 4);
        read(page, "43.930");
        read(page, "43.970");
        cell(page, places.get(1), "43.970");
        page.keyboard().press("PageUp");
        page.keyboard().press("PageUp");
        assertThat(order(page)).containsText(places.get(0));
        named(page, BUTTON, "second reading, 43.930 mm").click();
        region(page, "Swapped")
                .getByRole(BUTTON, new Locator.GetByRoleOptions().setName(places.get(1) + " 43.970"))
                .first()
                .click();
        assertThat(named(page, BUTTON, "reading, 43.970 mm")).isVisible();
        page.keyboard().press("p");
        assertThat(named(page, DIALOG, "upper journal"))
                .containsText("Put right: it was taken down at " + places.get(1));
        nothingWasComplainedOf();
    }

    /** Nothing here looks at a colour, a place on the screen or a drawing: roles, names, and what is said aloud. */
    @Test
    void by_roles_and_names_only_from_place_to_place_to_what_it_comes_to() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + upperJournal(page));
        Locator said = page.locator("[aria-live=polite]");
        assertThat(said).hasText("upper journal, as found: nothing read yet.");
        List<String> places = order(page, 4);
        Locator figure = named(page, TEXTBOX, "Figure in mm");
        for (String place : places) {
            assertThat(page.getByRole(TABLE)
                            .getByRole(BUTTON, new Locator.GetByRoleOptions().setName(place + ": not measured")))
                    .hasAttribute("aria-current", "step");
            figure.fill("43.930");
            figure.press("Enter");
            assertThat(said).hasText("43.930 mm kept at " + place + ", reading 1. Lift the gauge off and read again.");
            figure.fill("43.931");
            figure.press("Enter");
            assertThat(said)
                    .containsText("43.931 mm kept at " + place + ", reading 2. Size 43.9305 mm: worn, serviceable.");
            assertThat(said).containsText("% of the wear is used");
        }
        page.getByRole(
                        com.microsoft.playwright.options.AriaRole.NAVIGATION,
                        new Page.GetByRoleOptions().setName("Pages of A spindle to measure"))
                .getByRole(LINK, new Locator.GetByRoleOptions().setName("Judgement"))
                .click();
        assertThat(said).hasText(Pattern.compile("^spindle: not measured\\. Not all is measured yet: .*"));
        Locator upper =
                page.getByRole(ARTICLE, new Page.GetByRoleOptions().setName("upper journal: worn, serviceable"));
        Locator rest =
                upper.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("its pictures, figures and places"));
        rest.click();
        assertThat(upper).containsText("43.9305 ± 0.0");
        assertThat(rest).hasAttribute("aria-expanded", "true");
        assertThat(rest).isFocused();
        nothingWasComplainedOf();
    }

    @Test
    void keys_are_changed_a_pedal_keeps_letters_are_off_and_figures_are_spoken_back() {
        Page page = ansasScreen(Chromium.desk());
        page.addInitScript("""
                globalThis.spoken = [];
                speechSynthesis.speak = ({ text }) => globalThis.spoken.push(text);
                """);
        page.navigate(server().address() + upperJournal(page));
        assertThat(region(page, "Places").getByRole(BUTTON)).hasCount(4);
        page.keyboard().press("?");
        Locator help = named(page, DIALOG, "Keys and marks");
        help.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("a pedal: ends the entry, as Enter does: no key"))
                .click();
        page.keyboard().press("b");
        help.getByRole(
                        BUTTON,
                        new Locator.GetByRoleOptions().setName("this place: its history, a note, pass it over: p"))
                .click();
        page.keyboard().press("h");
        named(page, BUTTON, "Figures are not spoken back").click();
        page.keyboard().press("Escape");

        page.keyboard().type("43.930b");
        assertThat(named(page, BUTTON, "first reading, 43.930 mm")).isVisible();
        page.waitForFunction("globalThis.spoken.at(-1) === '4 3 point 9 3 0'");
        page.keyboard().press("p");
        assertThat(page.getByRole(DIALOG)).hasCount(0);
        page.keyboard().press("h");
        assertThat(named(page, DIALOG, "upper journal")).isVisible();
        page.keyboard().press("Escape");

        page.reload();
        assertThat(region(page, "Places").getByRole(BUTTON)).hasCount(4);
        page.keyboard().press("?");
        named(page, BUTTON, "Letters are on").click();
        page.keyboard().press("Escape");
        page.keyboard().press("h");
        page.keyboard().press("x");
        assertThat(page.getByRole(DIALOG)).hasCount(0);
        nothingWasComplainedOf();
    }

    @Test
    void a_figure_that_comes_while_nothing_waits_lies_in_the_tray_until_it_is_read_in() {
        Page page = ansasScreen(Chromium.desk());
        String walk = upperJournal(page);
        page.navigate(server().address() + walk.replaceAll("/features/.*", "/judgement"));
        assertThat(named(page, HEADING, "spindle")).isVisible();
        page.keyboard().type("43.930\r\n");
        assertThat(region(page, "Figures that nothing waited for")).containsText("43.930");
        page.reload();
        assertThat(region(page, "Figures that nothing waited for")).containsText("43.930");
        page.navigate(server().address() + walk);
        region(page, "Tray")
                .getByRole(BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Read it in at ")))
                .click();
        assertThat(named(page, BUTTON, "first reading, 43.930 mm")).isVisible();
        assertThat(region(page, "Figures that nothing waited for")).hasCount(0);
        nothingWasComplainedOf();
    }

    @Test
    void one_larger_than_it_can_be_is_stopped_and_explained() {
        Page page = screenOf("Bero", Chromium.desk());
        page.navigate(server().address());
        page.getByText("7 parts").click();
        named(page, LINK, "plunger 1, plunger: wrong way").click();
        assertThat(seen(page, "wrong way")).isVisible();
        assertThat(seen(page, "larger than a new one can be, and wear takes metal off"))
                .isVisible();
        assertThat(seen(page, "This cannot be: look at the zero, then read again with another gauge."))
                .isVisible();
        named(page, LINK, "Judgement").click();
        assertThat(seen(page, "Measure again, with another gauge: plunger.")).isVisible();
        nothingWasComplainedOf();
    }

    @Test
    void a_hole_lies_between_the_pin_that_goes_and_the_one_that_does_not() {
        Page page = ansasScreen(Chromium.desk());
        Object id = page.evaluate("""
                async () => {
                  const typed = Object.fromEntries(
                    ['base', 'rods', 'spread', 'reach', 'allowedSteps', 'scale'].map((name) => [name, '']));
                  const answer = await fetch('/api/v1/drawer/gauges', {
                    method: 'POST', headers: { 'Content-Type': 'application/json' },
                    body: JSON.stringify({ gauges: [{ ...typed, shopNumber: 'G1', name: 'Pins, 10 to 20 mm', kind: 'pins',
                      unit: 'mm', step: '0.01', error: '0.001', rangeLow: '10', rangeHigh: '20', switchable: false,
                      readers: [] }] }) });
                  if (!answer.ok) throw new Error(await answer.text());
                  return (await (await fetch('/api/v1/gauges')).json()).find((each) => each.shopNumber === 'G1').key;
                }""");
        page.navigate(server().address() + "/parts/2/features/6?gauge=" + id);
        assertThat(named(page, TEXTBOX, "Pin that goes, mm")).isVisible();
        page.keyboard().type("16.00\n");
        assertThat(seen(page, "goes. Now the smallest that does not.")).isVisible();
        page.keyboard().type("16.00\n");
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.ALERT)
                        .first())
                .containsText("The pin that stops is larger than the one that goes.");
        page.keyboard().press("Escape");
        page.keyboard().type("16.00\n16.01\n");
        assertThat(seen(page, "This place is in.")).isVisible();
        assertThat(seen(page, "16.005")).isVisible();
        named(page, BUTTON, "first reading, 16.005").click();
        assertThat(page.getByRole(DIALOG)).containsText("The pin of 16 mm goes, that of 16.01 mm does not.");

        nothingWasComplainedOf();
    }

    @Test
    void on_paper_it_is_a_simple_sheet() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + "/parts/26/judgement");
        assertThat(named(page, HEADING, "plunger: worn, serviceable")).isVisible();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.PRINT));
        assertThat(page.getByText("Three-throw pump: plunger 2 P2")).isVisible();
        assertThat(page.getByText("Demonstration: everything in it is made up."))
                .isVisible();
        assertThat(named(page, BUTTON, "Print it as a sheet")).isHidden();
        assertThat(named(page, BUTTON, "Decide otherwise, with a reason")).isHidden();
        assertThat(page.getByText("3.24295 ± 0.0003").first()).isVisible();
        nothingWasComplainedOf();
    }
}
