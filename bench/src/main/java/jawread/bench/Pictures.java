package jawread.bench;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import jawread.browser.Chromium;
import jawread.browser.PackagedServer;

/** Makes the pictures of the documents anew from the demonstration shop, the same at every run but for the clock. */
public final class Pictures implements AutoCloseable {
    private static final Path FOLDER = Path.of("docs/screenshots");
    private final PackagedServer server = PackagedServer.alone();
    private final Chromium chromium = new Chromium();

    public static void main(String[] arguments) {
        try (var pictures = new Pictures()) {
            pictures.desk();
            pictures.planning();
            pictures.drawer();
            pictures.scale();
            pictures.reader();
            pictures.doubt();
            pictures.phone();
        }
    }

    private void desk() {
        Page page = screen(Chromium.desk());
        at(page, "/parts/2/features/2");
        for (String figure : List.of("32.221", "32.220")) {
            page.keyboard().type(figure + "\n");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("reading, " + figure + " mm"))
                    .waitFor();
        }
        take(page, "measure");
        page.navigate(server.address() + "/parts/23/judgement");
        page.getByTestId("side").first().waitFor();
        page.getByTestId("story").evaluate("story => story.scrollIntoView({ block: 'start' })");
        page.waitForTimeout(300);
        take(page, "judgement");
        at(page, "/parts/18/features/21/over-time");
        page.getByTestId("over-time").first().waitFor();
        take(page, "over-time");
        thirdAxis();
        practice();
        report();
        page.navigate(server.address() + "/jobs/5/pairing?least=0.0030&most=0.0060");
        page.getByTestId("pairs-said").waitFor();
        take(page, "pairing");
        at(page, "/");
        take(page, "bench");
    }

    /** In a dark shop. */
    private void thirdAxis() {
        Page page = screen(Chromium.desk().setColorScheme(ColorScheme.DARK));
        page.navigate(server.address() + "/parts/22/features/25?gauge=18");
        page.locator("[data-entry]").waitFor();
        for (String size : List.of("3.2514", "3.2512", "3.2510", "3.2512", "3.2511", "3.2510")) {
            for (int again = 0; again < 2; again++) {
                page.keyboard().type(size + "\n");
                page.waitForTimeout(400);
            }
        }
        // It stands in two places, for the desk and for the phone, and shows in one.
        page.getByText("V Take")
                .filter(new Locator.FilterOptions().setVisible(true))
                .waitFor();
    }

    /** The pump, as it stands in the demonstration: nobody has signed it. */
    private void report() {
        Page page = screen(Chromium.desk());
        int job = ((Number)
                        page.evaluate(
                                "async () => (await (await fetch('/api/v1/bench')).json()).jobs.find((job) => job.name === 'Three-throw pump').id"))
                .intValue();
        at(page, "/jobs/" + job + "/report");
        page.locator(".report-sheet .picture").first().waitFor();
        take(page, "report");
    }

    /** A line too many on a micrometer: the line that counts, and the one that was counted. */
    private void practice() {
        Page page = screen(Chromium.desk());
        page.navigate(server.address() + "/practice/new?scale=mic-in-0001&only=next-line&items=10&seed=7");
        page.waitForURL("**/practice/sets/*");
        Object slipped = page.evaluate("""
                async () => {
                  const { item } = await (await fetch('/api' + location.pathname)).json();
                  const parts = Object.entries(item.counts).map(([name, count]) => name + '=' + count).join(';');
                  const here = await (await fetch(`/api/v1/scales/${item.scale}/reading?base=${encodeURIComponent(item.base)}&parts=${parts}`)).json();
                  return here.misreads.find(({ slip }) => slip === 'next-line').size.text;
                }""");
        page.keyboard().type(slipped + "\n");
        page.getByText("this one counts").waitFor();
        take(page, "practice");
    }

    private void planning() {
        Page page = screen(Chromium.desk());
        atPlan(page, "New idler shafts", "body Ø 32 h9");
        take(page, "plan");
        at(page, "/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("look first")))
                .first()
                .click();
        page.getByText("after that").waitFor();
        take(page, "ready");
        at(page, "/drawer/18/set?wanted=3.2509");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Next"))
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("M4 locked"))
                .click();
        page.getByText("So M4 must look").waitFor();
        take(page, "set");
    }

    private void drawer() {
        Page page = screen(Chromium.desk());
        at(page, "/drawer");
        page.getByText("Add gauges").waitFor();
        take(page, "drawer");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Dial bore gauge, 2 to 6 in"))
                .click();
        page.getByText("creeps up").waitFor();
        take(page, "gauge");
        at(page, "/card/fits?text=40 H7/k6&hole=40.010");
        page.getByTestId("hole").waitFor();
        take(page, "card");
        at(page, "/plans/1/gauges");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("body Ø 32 h9"))
                .click();
        page.getByText("what its U comes of").first().click();
        take(page, "choosing");
    }

    private void doubt() {
        Page page = screen(Chromium.desk());
        at(page, "/parts/17/features/12");
        page.keyboard().type("60.012\n");
        page.getByText("It would then be").last().waitFor();
        page.getByRole(AriaRole.FIGURE).nth(1).waitFor();
        take(page, "doubts");
    }

    private void atPlan(Page page, String job, String feature) {
        at(page, "/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Plan of " + job))
                .click();
        page.getByRole(
                        AriaRole.GRIDCELL,
                        new Page.GetByRoleOptions().setName("Limits, as on the drawing of " + feature))
                .click();
        page.getByText("Where it is measured").waitFor();
    }

    private void scale() {
        Page page = screen(Chromium.desk());
        at(page, "/parts/3/features/2?by=scale");
        page.getByTestId("face").hover();
        page.mouse().wheel(0, -100);
        page.keyboard().down("Shift");
        for (int line = 0; line < 6; line++) {
            page.mouse().wheel(0, -100);
        }
        page.keyboard().up("Shift");
        page.getByLabel("Vernier", new Page.GetByLabelOptions().setExact(true)).hover();
        take(page, "measure-by-scale");
    }

    private void reader() {
        Page page = screen(Chromium.desk().setReducedMotion(ReducedMotion.REDUCE));
        atScale(page, "mic-in-0001?base=2&parts=sleeve%3D31;thimble%3D22;vernier%3D3");
        take(page, "read");
    }

    private void atScale(Page page, String scale) {
        page.navigate(server.address() + "/read/" + scale);
        page.getByText("Often misread as").waitFor();
    }

    private void phone() {
        Page page = screen(Chromium.phone());
        take(page, "bench-phone");
        at(page, "/parts/2/features/2");
        take(page, "measure-phone");
    }

    private Page screen(NewContextOptions options) {
        return StepUp.ansa(chromium.screen(options), server);
    }

    private void at(Page page, String path) {
        page.navigate(server.address() + path);
        page.getByRole(AriaRole.MAIN).getByRole(AriaRole.HEADING).first().waitFor();
    }

    private static void take(Page page, String name) {
        page.evaluate("document.fonts.ready");
        page.waitForTimeout(500);
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }

    @Override
    public void close() {
        chromium.close();
        server.close();
    }
}
