package jawread.bench;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import jawread.browser.PackagedServer;

/** Somebody steps up to a screen. */
final class StepUp {
    private StepUp() {}

    /** Ansa does; the screen then shows the bench. */
    static Page ansa(Page page, PackagedServer server) {
        page.navigate(server.address());
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ansa"))
                .click();
        page.getByText("Who measures?").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
        return page;
    }
}
