package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.DIALOG;
import static com.microsoft.playwright.options.AriaRole.HEADING;
import static com.microsoft.playwright.options.AriaRole.LINK;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A part is reworked, comes back years later, and is measured under another's name: it stays the part that it is. */
@OneShop
class PartGoesOnTest extends AtTheBench {
    private static final Map<String, String> BARREL = Map.of(
            "lies", "0-9",
            "sections", "top 1, bottom 8",
            "axes", "thrust 0",
            "service", "3.2600",
            "steps", "+0.030 +0.060");

    private static List<String> barrels(Page page, String job, String... parts) {
        return PlannedJob.plan(
                page,
                job,
                "in",
                List.of(PlannedJob.feature("barrel bore", "bore", "3.2500 +0.0018/0", BARREL)),
                List.of(parts));
    }

    /** The server gets what is sent to such an address and its answers wait, each until it is run. */
    private static List<Runnable> heldBack(Page page, String address) {
        var answers = new ArrayList<Runnable>();
        page.route(address, sent -> {
            var answer = sent.fetch();
            answers.add(() -> sent.fulfill(new Route.FulfillOptions().setResponse(answer)));
        });
        return answers;
    }

    /** By keys, both places twice, with the gauge of the plan. */
    private void measure(Page page, String top, String bottom) {
        Locator order = region(page, "Reading").getByRole(HEADING).first();
        assertThat(order).containsText("top");
        page.keyboard().type(top + "\n" + top + "\n");
        assertThat(order).containsText("bottom");
        page.keyboard().type(bottom + "\n" + bottom + "\n");
        assertThat(region(page, "Places")
                        .getByRole(BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("3\\.2"))))
                .hasCount(2);
    }

    private void at(Page page, String path, String setTo) {
        Gauges.setB1(page, setTo);
        page.navigate(server().address() + path + "?gauge=" + Gauges.keyOf(page, "B1"));
        assertThat(region(page, "Reading").getByRole(HEADING).first()).isVisible();
    }

    @Test
    void a_barrel_reworked_to_the_first_oversize_is_stepped_on_from_there_at_its_next_inspection() {
        Page page = ansasScreen(Chromium.desk());
        String barrel = barrels(page, "Spring pump", "barrel 2").get(0);
        named(page, LINK, "Plan of Spring pump").click();
        page.getByLabel("Mark of part 1").fill("SP-2");
        page.getByLabel("Mark of part 1").blur();

        at(page, barrel, "3.25");
        measure(page, "3.2652", "3.2649");
        assertThat(region(page, "So far")).containsText("beyond service");
        page.keyboard().press("c");
        Locator card = page.getByRole(DIALOG);
        assertThat(card.getByLabel("It is from now on")).hasValue("762000000");
        card.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Open the next round"))
                .click();
        assertThat(named(page, HEADING, "barrel 2, after cut 1")).isVisible();
        // From 3.25 its needle does not reach the oversize.
        at(page, barrel, "3.28");
        measure(page, "3.2808", "3.2809");
        assertThat(region(page, "So far")).containsText("as new");
        assertThat(region(page, "So far")).containsText("At +0.030 in.");

        // Two years later: the job is copied, and the same barrel is on the bench.
        page.keyboard().press("j");
        assertThat(named(page, HEADING, "barrel 2")).isVisible();
        page.navigate(server().address());
        named(page, LINK, "Plan of Spring pump").first().click();
        named(page, BUTTON, "Copy the job").click();
        assertThat(named(page, HEADING, "Spring pump (2)")).isVisible();
        page.getByLabel("Measure barrel 2").click();
        Locator asked = region(page, "Which part it is");
        assertThat(asked).containsText("is this barrel 2 of \u201cSpring pump\u201d");
        asked.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("It is the same"))
                .click();
        assertThat(asked).hasCount(0);
        assertThat(seen(page, "It came in at +0.030 in")).isVisible();
        assertThat(region(page, "So far")).containsText("At +0.030 in.");

        at(page, URI.create(page.url()).getPath(), "3.28");
        measure(page, "3.2952", "3.2949");
        assertThat(region(page, "So far")).containsText("beyond service");
        page.keyboard().press("j");
        assertThat(page.getByRole(AriaRole.MAIN)).containsText("+0.060 in");
        assertThat(region(page, "The same part elsewhere")).containsText("Spring pump");

        // A slip of the hand: it is taken back, and asked again.
        named(page, BUTTON, "Take that back").click();
        assertThat(region(page, "Which part it is")).isVisible();
        nothingWasComplainedOf();
    }

    @Test
    void barrel_two_measured_under_barrel_one_is_moved_seen_beforehand_and_put_back_by_one_key() {
        Page page = ansasScreen(Chromium.desk());
        List<String> barrels = barrels(page, "Two barrels", "barrel 1", "barrel 2");
        at(page, barrels.get(0), "3.25");
        measure(page, "3.2652", "3.2649");
        assertThat(region(page, "So far")).containsText("beyond service");

        page.keyboard().press("b");
        Locator card = page.getByRole(DIALOG);
        assertThat(card).containsText("4 readings by Ansa");
        card.getByLabel("It belongs to").selectOption(new SelectOption().setLabel("barrel 2"));
        Locator ahead = card.getByRole(AriaRole.TABLE);
        assertThat(ahead).containsText("beyond service, 4 readings");
        assertThat(ahead).containsText("not measured, 0 readings");
        card.getByLabel("Why").fill("barrel 2 lay on the bench");
        card.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Move 4 readings"))
                .click();
        assertThat(card).hasCount(0);
        assertThat(region(page, "Moved")).containsText("4 readings moved to barrel 2.");
        assertThat(region(page, "Reading").getByRole(HEADING).first()).containsText("top");
        assertThat(region(page, "So far")).not().containsText("beyond service");

        page.keyboard().press("ArrowRight");
        assertThat(named(page, HEADING, "barrel 2, as found")).isVisible();
        assertThat(region(page, "So far")).containsText("beyond service");
        page.keyboard().press("p");
        assertThat(page.getByRole(DIALOG)).containsText("Belongs here; it was read under barrel 1");
        page.keyboard().press("Escape");

        page.keyboard().press("u");
        assertThat(region(page, "Moved")).hasCount(0);
        assertThat(region(page, "So far")).not().containsText("beyond service");
        page.keyboard().press("ArrowLeft");
        assertThat(region(page, "So far")).containsText("beyond service");
        nothingWasComplainedOf();
    }

    @Test
    void the_worst_place_is_found_by_hand_and_a_cut_said_by_mistake_is_taken_back() {
        Page page = ansasScreen(Chromium.desk());
        String barrel = barrels(page, "Gouged", "barrel 3").get(0);
        at(page, barrel, "3.25");
        measure(page, "3.2510", "3.2512");
        assertThat(region(page, "So far")).containsText("as new");
        page.keyboard().press("w");
        Locator card = page.getByRole(DIALOG);
        card.getByLabel("What it is called").fill("gouge");
        card.getByLabel("How deep").fill("12");
        card.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Measure there"))
                .click();
        assertThat(card).containsText("It lies within the feature");
        card.getByLabel("How deep").fill("4.5");
        card.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Measure there"))
                .click();
        assertThat(card).hasCount(0);
        assertThat(region(page, "Reading").getByRole(HEADING).first()).containsText("gouge");
        page.keyboard().type("3.2652\n3.2652\n");
        assertThat(region(page, "So far")).containsText("beyond service");

        // Every screen is told of the next round before this one is answered: a key pressed then is meant for that
        // round.
        List<Runnable> answers = heldBack(page, "**/api/v1/rounds/*");
        page.keyboard().press("c");
        card.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Open the next round"))
                .click();
        assertThat(named(page, HEADING, "barrel 3, after cut 1")).isVisible();
        assertThat(card).hasCount(0);
        page.keyboard().press("c");
        Locator takeBack = card.getByRole(BUTTON, new Locator.GetByRoleOptions().setName("Take the cut back"));
        assertThat(takeBack).isVisible();
        page.waitForResponse("**/api/v1/rounds/*", () -> answers.forEach(Runnable::run));
        takeBack.click();
        assertThat(named(page, HEADING, "barrel 3, as found")).isVisible();
        assertThat(seen(page, "Ansa said that a cut was never taken")).isVisible();
        named(page, BUTTON, "It was taken after all").click();
        assertThat(named(page, HEADING, "barrel 3, after cut 1")).isVisible();
        nothingWasComplainedOf();
    }
}
