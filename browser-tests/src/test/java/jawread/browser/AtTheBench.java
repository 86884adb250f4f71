package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInfo;
import org.junit.jupiter.api.Timeout;

/** A browser for a class of tests, and a fresh demonstration shop for each test, but after one that says {@link OneShop}. */
@Timeout(240)
abstract class AtTheBench {
    private static Chromium chromium;
    private static PackagedServer server;

    @BeforeAll
    static void startChromium() {
        chromium = new Chromium();
        // How long is no matter here, and a busy machine is no fault of the application's.
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
    }

    @AfterAll
    static void stopChromiumAndServer() {
        chromium.close();
        stopServer();
    }

    @BeforeEach
    void startServer() {
        if (server == null) {
            server = PackagedServer.start();
        }
    }

    @AfterEach
    void closeScreensAndStopServer(TestInfo story) {
        chromium.closeScreens();
        boolean isAsItWas = getClass().isAnnotationPresent(OneShop.class)
                || story.getTestMethod().orElseThrow().isAnnotationPresent(OneShop.class);
        if (!isAsItWas) {
            stopServer();
        }
    }

    private static void stopServer() {
        if (server != null) {
            server.close();
            server = null;
        }
    }

    static Chromium chromium() {
        return chromium;
    }

    PackagedServer server() {
        return server;
    }

    /** The text where it can be seen; the same words may also stand where only ears find them. */
    static Locator seen(Page page, String text) {
        return page.getByRole(AriaRole.MAIN)
                .getByText(text)
                .filter(new Locator.FilterOptions().setVisible(true))
                .first();
    }

    /** A screen at which Ansa has stepped up, on the bench. */
    Page ansasScreen(NewContextOptions options) {
        return screenOf("Ansa", options);
    }

    /** A screen at which somebody has stepped up, on the bench: the server knows who it is. */
    Page screenOf(String person, NewContextOptions options) {
        Page page = chromium.screen(options);
        page.navigate(server.address());
        page.getByRole(BUTTON, new Page.GetByRoleOptions().setName(person)).click();
        assertThat(page.getByText("Who measures?")).hasCount(0);
        return page;
    }

    /** From the bench to the first barrel of the pump, and on to what is due before it is measured. */
    static void makeBarrelOneReady(Page page) {
        page.getByText("7 parts").click();
        named(page, AriaRole.LINK, "barrel 1, barrel bore: not measured").click();
        named(page, AriaRole.LINK, "Ready").click();
    }

    static Locator named(Page page, AriaRole role, String name) {
        return page.getByRole(role, new Page.GetByRoleOptions().setName(name));
    }

    static Locator region(Page page, String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** Fails when a page complained; a figure refused with 422 is noted by the browser itself, and the story's own. */
    static void nothingWasComplainedOf() {
        org.assertj.core.api.Assertions.assertThat(chromium.complaints())
                .filteredOn(complaint -> !complaint.contains("status of 422"))
                .isEmpty();
    }
}
