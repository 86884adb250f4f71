package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.ALERT;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.DIALOG;
import static com.microsoft.playwright.options.AriaRole.GROUP;
import static com.microsoft.playwright.options.AriaRole.HEADING;
import static com.microsoft.playwright.options.AriaRole.LINK;
import static com.microsoft.playwright.options.AriaRole.SPINBUTTON;
import static com.microsoft.playwright.options.AriaRole.STATUS;
import static com.microsoft.playwright.options.AriaRole.TEXTBOX;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A learner reads a scale with no job at hand, sets one to a size, and keeps what was read in a job after all. */
@OneShop
class ReadAScaleTest extends AtTheBench {
    @AfterEach
    void nothing_was_complained_of() {
        nothingWasComplainedOf();
    }

    private static Locator sum(Page page) {
        return page.getByRole(STATUS, new Page.GetByRoleOptions().setName("Sum").setExact(true));
    }

    private Page reader(String path) {
        Page page = ansasScreen(Chromium.desk().setReducedMotion(ReducedMotion.REDUCE));
        page.navigate(server().address() + "/read/" + path);
        assertThat(page.getByTestId("face")).isVisible();
        return page;
    }

    @Test
    void a_face_is_found_by_its_picture_and_read_by_keys() {
        Page page = ansasScreen(Chromium.desk());
        named(page, LINK, "Read a scale").click();
        named(page, LINK, "Outside micrometer, to 0.0001 in").click();
        assertThat(named(page, HEADING, "Outside micrometer, to 0.0001 in")).isVisible();

        Locator frame = named(page, TEXTBOX, "frame");
        frame.fill("two");
        frame.press("Enter");
        assertThat(page.getByRole(ALERT)).containsText("“two” is no figure.");
        assertThat(frame).hasValue("0");
        frame.fill("2");
        frame.press("Enter");
        assertThat(page.getByRole(ALERT)).hasCount(0);
        for (List<String> part : List.of(
                List.of("Last figure passed", "7"),
                List.of("Short lines after it", "3"),
                List.of("Thimble", "22"),
                List.of("Vernier", "3"))) {
            named(page, SPINBUTTON, part.get(0)).fill(part.get(1));
            named(page, SPINBUTTON, part.get(0)).press("Tab");
        }
        assertThat(sum(page)).hasText("2.7973");
        assertThat(seen(page, "in, or 71.0514 mm")).isVisible();
        assertThat(seen(page, "nearest fraction 2 51/64 in, 0.0004 in under")).isVisible();
        assertThat(page.locator("[aria-live=polite]"))
                .hasText("2.7973 inches: frame 2, figure 7, lines 3, thimble 22, vernier 3.");
        assertThat(page.getByLabel("Look out")).containsText("does not count yet");
        Locator misreads = region(page, "Often misread as");
        assertThat(misreads.getByRole(com.microsoft.playwright.options.AriaRole.LISTITEM)
                        .first())
                .hasText("2.8223a line too many on the sleeveA caliper says 2.797 in.");

        // The address opens just this, at another screen too.
        assertThat(page).hasURL(Pattern.compile("(?=.*base=2)(?=.*parts=sleeve%3D31).*"));
        Page other = chromium().screen(Chromium.phone());
        other.navigate(page.url());
        assertThat(sum(other)).hasText("2.7973");
    }

    @Test
    void it_turns_by_keys_wheel_drag_and_counts_and_stops_at_its_ends() {
        Page page = reader("mic-mm-001?parts=sleeve%3D36;thimble%3D49");
        page.keyboard().press("ArrowUp");
        assertThat(sum(page)).hasText("18.50");
        page.keyboard().press("PageDown");
        assertThat(sum(page)).hasText("18.00");
        Locator face = page.getByTestId("face");
        face.hover();
        page.mouse().wheel(0, -100);
        assertThat(sum(page)).hasText("18.01");
        page.keyboard().down("Shift");
        page.mouse().wheel(0, -100);
        page.keyboard().up("Shift");
        assertThat(sum(page)).hasText("18.011");
        assertThat(seen(page, "judged between two lines")).isVisible();
        BoundingBox box = face.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse()
                .move(
                        box.x + box.width / 2,
                        box.y + box.height / 2 + 60,
                        new com.microsoft.playwright.Mouse.MoveOptions().setSteps(6));
        page.mouse().up();
        assertThat(named(page, SPINBUTTON, "Thimble")).not().hasAttribute("aria-valuenow", "1.1");
        for (int turn = 0; turn < 60; turn++) {
            page.keyboard().press("PageUp");
        }
        assertThat(sum(page)).hasText("25.00");
        named(page, SPINBUTTON, "Thimble").fill("77");
        named(page, SPINBUTTON, "Thimble").press("Enter");
        assertThat(page.getByRole(ALERT)).hasText("“77” is not on it: it has 0 to 49, a tenth at the finest.");
    }

    @Test
    void a_wanted_size_is_set_and_said_in_order_with_its_neighbours_when_it_lies_between() {
        Page page = reader("mic-in-0001?base=2");
        page.keyboard().press("s");
        page.keyboard().type("2.3686\n");
        assertThat(sum(page)).hasText("2.3686");
        assertThat(seen(page, "Pass 2.3 (the sleeve’s 3), two more lines, thimble 18, vernier 6 lined up."))
                .isVisible();
        Locator wanted = named(page, TEXTBOX, "Set it to a size");
        wanted.fill("60.163mm");
        wanted.press("Enter");
        assertThat(seen(page, "lies between two lines")).isVisible();
        named(page, BUTTON, "2.3687").click();
        assertThat(sum(page)).hasText("2.3687");
        wanted.fill("3.5");
        wanted.press("Enter");
        assertThat(seen(page, "3.5 in is above this gauge: it ends at 3 in.")).isVisible();
    }

    /** One after the other on one screen: none of them keeps anything. */
    @Test
    void each_family_has_its_own_way_of_being_read() {
        Page page = reader("dial-mm-002?parts=beam%3D31;dial%3D60");
        aBeamLineAndANeedleThatCannotBothBe(page);
        aStageReadsADistance(page);
        leavesAddUp(page);
        aComparatorsSenseIsLookedAtAndNeverAssumed(page);
        howItIsReadIsOneKeyAway(page);
    }

    private void aComparatorsSenseIsLookedAtAndNeverAssumed(Page page) {
        page.navigate(server().address() + "/read/bore-dial-mm-0001?base=120&parts=needle%3D-7");
        assertThat(seen(page, "if a larger bore drives it clockwise: look first"))
                .isVisible();
        Locator wanted = named(page, TEXTBOX, "Set it to a size");
        wanted.fill("120.005");
        wanted.press("Enter");
        assertThat(seen(page, "Say first which way a larger bore drives the needle"))
                .isVisible();
        page.keyboard().press("Escape");
        page.keyboard().press("k");
        assertThat(page.getByRole(DIALOG)).containsText("Say first which way");
        page.keyboard().press("Escape");
        named(page, BUTTON, "− back").click();
        assertThat(sum(page)).hasText("120.007");
        wanted.fill("120.005");
        wanted.press("Enter");
        assertThat(named(page, SPINBUTTON, "Needle")).hasAttribute("aria-valuenow", "-5");
    }

    private void aBeamLineAndANeedleThatCannotBothBe(Page page) {
        type(page, "Needle", "10");
        assertThat(page.getByRole(ALERT)).containsText("Lines that would agree: 32, 30.");
        assertThat(sum(page)).hasText("31.20");
        type(page, "Needle", "63");
        assertThat(page.getByRole(ALERT)).hasCount(0);
        assertThat(sum(page)).hasText("31.26");
    }

    private void aStageReadsADistance(Page page) {
        page.navigate(server().address() + "/read/stage-in-0001?parts=sleeve%3D19;thimble%3D77");
        named(page, BUTTON, "Start of a distance: here").click();
        type(page, "Thimble", "96");
        type(page, "Last figure passed", "4");
        type(page, "Short lines after it", "0");
        assertThat(sum(page)).hasText("0.0731");
    }

    private void leavesAddUp(Page page) {
        page.navigate(server().address() + "/read/feeler");
        named(page, BUTTON, "Leaf 0.05").click();
        named(page, BUTTON, "Leaf 0.3").click();
        assertThat(sum(page)).hasText("0.35");
        named(page, TEXTBOX, "Set it to a size").fill("0.12");
        page.keyboard().press("Enter");
        assertThat(sum(page)).hasText("0.12");
    }

    private void howItIsReadIsOneKeyAway(Page page) {
        page.navigate(server().address() + "/read/depth-in-001");
        assertThat(page.getByTestId("face")).isVisible();
        page.keyboard().press("h");
        assertThat(named(page, DIALOG, "How a depth head is read")).containsText("what counts is covered");
        page.keyboard().press("Escape");
        assertThat(page.getByRole(DIALOG)).hasCount(0);
    }

    private static void type(Page page, String part, String count) {
        named(page, SPINBUTTON, part).fill(count);
        named(page, SPINBUTTON, part).press("Enter");
    }

    @Test
    void what_was_read_is_kept_at_a_place_that_waits() {
        Page page = reader("mic-mm-0001?base=100&parts=sleeve%3D14;thimble%3D22;vernier%3D1");
        page.keyboard().press("k");
        assertThat(page.getByRole(DIALOG))
                .containsText("No gauge of the drawer that may measure has this scale with frame 100");
        page.keyboard().press("Escape");
        Locator frame = named(page, TEXTBOX, "frame");
        frame.fill("25");
        frame.press("Enter");
        assertThat(sum(page)).hasText("32.221");
        frame.blur();
        page.keyboard().press("k");
        Locator card = page.getByRole(DIALOG);
        card.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("shaft 2, body Ø 32 h9"))
                .click();
        assertThat(card.getByRole(STATUS)).containsText("32.221 mm is kept");
        page.navigate(server().address() + "/parts/2/features/2");
        named(page, BUTTON, "first reading, 32.221 mm").click();
        assertThat(page.getByRole(DIALOG)).containsText("vernier, 1");
    }

    @Test
    void a_comparator_is_read_into_a_job_only_from_a_setting_and_in_its_sense() {
        Page page = ansasScreen(Chromium.desk());
        String bore = PlannedJob.plan(
                        page,
                        "By the needle",
                        "mm",
                        List.of(PlannedJob.feature(
                                "bore", "bore", "60 H7", Map.of("lies", "0-60", "layout", "one-place"))),
                        List.of("bush"))
                .get(0);
        String byB2 = server().address() + bore + "?by=scale&gauge=19";
        page.navigate(byB2);
        assertThat(page.getByText("B2 was never set here: it shows nothing yet."))
                .isVisible();
        Locator scale = named(page, GROUP, "The scale of B2");
        Locator needle = scale.getByRole(SPINBUTTON, new Locator.GetByRoleOptions().setName("Needle"));
        needle.fill("-7.5");
        needle.press("Enter");
        assertThat(page.getByLabel("Look out")).containsText("Which way do the figures go?");
        assertThat(named(page, BUTTON, "Enter keep")).hasAttribute("aria-disabled", "true");

        page.navigate(server().address() + "/drawer/19/set?wanted=60");
        named(page, BUTTON, "Next").click();
        assertThat(named(page, BUTTON, "One block of mm-88")).isVisible();
        for (int step = 2; step < 4; step++) {
            named(page, BUTTON, "Next").click();
        }
        named(page, BUTTON, "↗ rise").click();
        named(page, BUTTON, "0.001 mm").click();
        named(page, BUTTON, "↘ fall").click();
        page.getByLabel("Take it out, sweep once more").fill("0");
        named(page, BUTTON, "It is set: keep it").click();
        assertThat(page.getByText("Its figures shrink as the bore grows.")).isVisible();

        page.navigate(byB2);
        assertThat(page.getByText("It stands at 60 mm")).isVisible();
        needle.fill("-7.5");
        needle.press("Enter");
        assertThat(region(page, "Sum").getByLabel("Sum")).hasText("60.0075");
        named(page, BUTTON, "Enter keep").click();
        named(page, BUTTON, "first reading, 60.0075 mm").click();
        assertThat(page.getByRole(DIALOG)).containsText("needle, \u22127.5");
        assertThat(page.getByRole(DIALOG)).containsText("judged between two lines");
    }
}
