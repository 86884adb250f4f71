package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.FIGURE;
import static com.microsoft.playwright.options.AriaRole.GROUP;
import static com.microsoft.playwright.options.AriaRole.HEADING;
import static com.microsoft.playwright.options.AriaRole.IMG;
import static com.microsoft.playwright.options.AriaRole.LINK;
import static com.microsoft.playwright.options.AriaRole.LIST;
import static com.microsoft.playwright.options.AriaRole.MAIN;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Making ready: cards one after the other, a bore gauge set in six steps, a warm part, stacks and leaves with no job. */
class MakeReadyTest extends AtTheBench {
    private static final String BARREL_BORE = "/parts/22/features/25";
    private static final int B1 = 18;

    private static void done(Page page, String card, String button) {
        assertThat(named(page, HEADING, card)).isVisible();
        region(page, card)
                .getByRole(
                        BUTTON, new Locator.GetByRoleOptions().setName(button).setExact(true))
                .click();
        assertThat(named(page, HEADING, card)).hasCount(0);
    }

    private static Locator step(Page page, int number) {
        return page.getByRole(
                com.microsoft.playwright.options.AriaRole.REGION,
                new Page.GetByRoleOptions().setName(Pattern.compile("^Step " + number + ":")));
    }

    private static void next(Page page, int number) {
        step(page, number)
                .getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Next"))
                .click();
    }

    private static void went(Page page, String question, String way) {
        page.getByRole(GROUP, new Page.GetByRoleOptions().setName(question))
                .getByRole(BUTTON, new Locator.GetByRoleOptions().setName(way))
                .click();
    }

    /** From the thumb test on; figures of this gauge grow with the bore. */
    private static void zero(Page page, String pressed) {
        went(page, "Pushed in, the figures", pressed);
        step(page, 5)
                .getByRole(BUTTON, new Locator.GetByRoleOptions().setName("0.0001 in"))
                .click();
        went(page, "Rocked away from the turning point, the figures", "rise");
        page.getByLabel("Take it out, sweep once more").fill("0.5");
        named(page, BUTTON, "It is set: keep it").click();
    }

    @Test
    void from_the_bench_card_by_card_to_the_first_reading_and_the_wrong_sense_is_put_right() {
        Page page = ansasScreen(Chromium.desk());
        makeBarrelOneReady(page);
        assertThat(named(page, HEADING, "barrel 1: make ready")).isVisible();
        for (String caution : new String[] {"Sharp", "Eyes", "Heavy or sprung"}) {
            done(page, caution, "Understood");
        }
        // One is passed over, for a reason that stays.
        assertThat(named(page, HEADING, "Cleaning solvents")).isVisible();
        named(page, BUTTON, "Pass it over").click();
        page.getByLabel("Why it is passed over").fill("wiped dry, no solvent");
        page.keyboard().press("Enter");
        assertThat(seen(page, "wiped dry, no solvent")).isVisible();
        for (String item : new String[] {"cracked", "scored", "ridge felt", "pitted"}) {
            page.getByRole(GROUP, new Page.GetByRoleOptions().setName(item))
                    .getByRole(
                            BUTTON, new Locator.GetByRoleOptions().setName("ok").setExact(true))
                    .click();
        }
        named(page, BUTTON, "Go on").click();
        done(page, "Wipe, and look for light", "Done");

        // It was set this morning, too long ago: put back on its ring, or set anew.
        named(page, LINK, "Put it back").click();
        assertThat(named(page, HEADING, "Set B1")).isVisible();
        named(page, BUTTON, "Set it anew").click();
        page.getByLabel("Set size, in").fill("3.2509");
        next(page, 1);
        named(page, BUTTON, "ring 3.25 in").click();
        assertThat(page.getByRole(IMG, new Page.GetByRoleOptions().setName("Ring 3.25 in")))
                .isVisible();
        next(page, 2);
        next(page, 3);
        zero(page, "rise");
        assertThat(step(page, 4)).containsText("Thumb and rocking contradict each other.");
        zero(page, "fall");
        assertThat(region(page, "Set")).containsText("It stands at 3.25 in on ring 3.25 in");

        named(page, LINK, "Go on making ready").click();
        assertThat(named(page, HEADING, "All is ready")).isVisible();
        page.getByRole(MAIN)
                .getByRole(LINK, new Locator.GetByRoleOptions().setName("Measure"))
                .click();
        // The needle reads from the ring's real size, with no question of sense any more.
        named(page, BUTTON, "Read by its scale").click();
        assertThat(seen(page, "It stands at 3.25 in on ring 3.25 in")).isVisible();
        Locator needle = page.getByRole(
                com.microsoft.playwright.options.AriaRole.SPINBUTTON, new Page.GetByRoleOptions().setName("Needle"));
        needle.fill("7");
        needle.press("Enter");
        assertThat(page.getByLabel("Sum", new Page.GetByLabelOptions().setExact(true))
                        .last())
                .containsText("3.2507");
        named(page, BUTTON, "Enter keep").click();
        assertThat(region(page, "Readings here")).containsText("3.2507");
        nothingWasComplainedOf();
    }

    @Test
    void it_is_set_by_a_stack_and_by_a_micrometer_drawn_as_it_must_look_with_no_job() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + "/drawer/" + B1);
        named(page, LINK, "Set it on a master").click();
        page.getByLabel("Set size, in").fill("9");
        assertThat(seen(page, "B1 goes from 2 in to 6 in: take another one for this size."))
                .isVisible();
        page.getByLabel("Set size, in").fill("3.2509");
        next(page, 1);
        named(page, BUTTON, "3 blocks of in-81").click();
        assertThat(page.getByRole(
                        IMG,
                        new Page.GetByRoleOptions().setName("Stack, top to bottom: 0.1009 + 0.15 + 3 = 3.2509 in")))
                .isVisible();
        next(page, 2);
        next(page, 3);
        zero(page, "fall");
        assertThat(region(page, "Set")).containsText("on a stack of in-81: 0.1009 + 0.15 + 3");

        page.navigate(server().address() + "/drawer/" + B1 + "/set?wanted=3.2509");
        next(page, 1);
        named(page, BUTTON, "M4 locked").click();
        Locator locked = page.getByRole(FIGURE, new Page.GetByRoleOptions().setName("M4 locked at 3.2509"));
        assertThat(locked).containsText("So M4 must look:");
        assertThat(locked.getByTestId("face")).isVisible();
        next(page, 2);
        page.getByLabel("The master, °C").fill("-300");
        next(page, 3);
        zero(page, "fall");
        // What cannot be is said at its own step, and what was settled stands.
        assertThat(step(page, 3)).containsText("between −60 and 300 °C");
        page.getByLabel("The master, °C").fill("20.5");
        next(page, 3);
        named(page, BUTTON, "Sweep, zero, sweep again").click();
        named(page, BUTTON, "It is set: keep it").click();
        assertThat(region(page, "Set")).containsText("between the anvils of M4");

        // Half an hour later it goes back on its master, and has moved.
        page.navigate(server().address() + "/drawer/" + B1 + "/set?back");
        page.getByLabel("The needle stands at").fill("3");
        page.getByLabel("Then").selectOption("it was set to zero");
        page.getByLabel("Set to zero and swept again").fill("0");
        named(page, BUTTON, "Keep this look").click();
        assertThat(seen(page, "Kept. It goes on from here.")).isVisible();
        page.navigate(server().address() + "/drawer/" + B1);
        assertThat(seen(page, "+0.0003 in off")).isVisible();
        nothingWasComplainedOf();
    }

    @Test
    void a_part_twelve_kelvin_warm_shows_its_correction_and_the_wait_and_the_clock_runs_meanwhile() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + "/parts/22/ready");
        named(page, BUTTON, "Say how warm it is").click();
        page.getByLabel("The part, °C").fill("32");
        page.getByLabel("The gauge, °C").fill("20");
        Locator does = region(page, "What it does");
        // Bronze, 3.2509 in, 12 K: 0.0007 of a tolerance of 0.0018.
        assertThat(does).containsText("barrel bore, tolerance 0.0018 in");
        assertThat(does).containsText("\u22120.0007");
        assertThat(does).containsText("Wait: the correction is more than a quarter of the tolerance.");
        does.getByRole(BUTTON).click();
        assertThat(seen(page, "The clock runs at the head of each page.")).isVisible();
        page.navigate(server().address());
        Locator clock = page.getByRole(LIST, new Page.GetByRoleOptions().setName("Soaking"));
        assertThat(clock).containsText("barrel 1 soaks");
        assertThat(clock).containsText(Pattern.compile("3 h \\d+ min left"));

        page.navigate(server().address() + "/parts/22/ready");
        named(page, BUTTON, "Say how warm it is").click();
        page.getByLabel("The part, °C").fill("32");
        page.getByLabel("The gauge, °C").fill("20");
        named(page, BUTTON, "Keep it as it is and go on").click();
        assertThat(seen(page, "The part has 32 °C and the gauge 20 °C")).isVisible();
        clock.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("stop")).click();
        assertThat(clock).hasCount(0);
        page.navigate(server().address() + BARREL_BORE);
        assertThat(named(page, BUTTON, "B1, to 0.0001 in")).isVisible();
        page.keyboard().type("3.2512\n");
        assertThat(seen(page, "The part was at 32 °C: 3.2512 in was read")).isVisible();
        assertThat(seen(page, "3.25050")).isVisible();
        nothingWasComplainedOf();
    }

    @Test
    @OneShop
    void a_stack_leaves_and_twenty_degrees_stand_alone() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + "/drawer");
        named(page, LINK, "The card: blocks for a size, leaves for a gap, a size at 20 °C, threads, fits")
                .click();
        named(page, LINK, "B Blocks which gauge blocks make a size").click();
        page.getByLabel("Of the set").selectOption("mm-88");
        page.getByLabel("Size, mm").fill("41.125");
        Locator stack = region(page, "Stack");
        assertThat(stack).containsText("1.005 + 1.12 + 9 + 30");
        page.getByLabel("Missing today").fill("9");
        assertThat(stack).containsText("5 blocks");
        page.getByLabel("Missing today").fill("");
        page.getByLabel("Size, mm").fill("3.14159");
        named(page, BUTTON, "Wring 3.1415 mm").click();
        assertThat(stack).containsText("come to just this size");

        page.navigate(server().address() + "/card/feelers");
        page.getByLabel("Its leaves").fill("0.05; 0.1; 0.2; 0.3; 0.5; 1");
        page.getByLabel("Gap, mm").fill("0.45");
        assertThat(region(page, "goes")).containsText("0.45 mm");
        assertThat(region(page, "does not go")).containsText("0.5 mm");

        page.navigate(server().address() + "/card/twenty");
        page.getByLabel("Read, or the master").fill("100");
        page.getByLabel("It is of").selectOption("aluminium-alloy");
        page.getByLabel("The part, °C").fill("-300");
        assertThat(seen(page, "between −60 and 300 °C")).isVisible();
        page.getByLabel("The part, °C").fill("32");
        assertThat(region(page, "At 20 °C")).containsText("99.9724 mm");
        nothingWasComplainedOf();
    }
}
