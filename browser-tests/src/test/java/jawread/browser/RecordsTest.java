package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.ALERT;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.CHECKBOX;
import static com.microsoft.playwright.options.AriaRole.GROUP;
import static com.microsoft.playwright.options.AriaRole.LINK;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

/** The pump is signed by two people at one screen, its PDF is fetched and checked, and a reading that comes late is told. */
class RecordsTest extends AtTheBench {
    private static final String TILDES = "three still ponds";
    private static final String BEROS = "grease and graphite";

    private static int job(Page page, String name) {
        return ((Number) page.evaluate(
                        "async (name) => (await (await fetch('/api/v1/bench')).json()).jobs.find((job) => job.name === name).id",
                        name))
                .intValue();
    }

    private static void press(Page page, String name) {
        page.getByRole(BUTTON, new Page.GetByRoleOptions().setName(name)).click();
    }

    private void setPassphrase(Page page, String who, String passphrase) {
        press(page, "Set the passphrase of " + who);
        page.getByLabel("New, 10 characters or more").fill(passphrase);
        page.getByLabel("The same once more").fill(passphrase);
        press(page, "Keep it");
        assertThat(region(page, "Signing")).containsText("passphrase set");
    }

    private void sign(Page page, String who, String passphrase) {
        page.getByLabel("Passphrase of " + who).fill(passphrase);
        page.keyboard().press("Enter");
    }

    @Test
    void two_sign_the_pump_and_its_report_is_known_again() {
        Page page = screenOf("Tilde", Chromium.desk());
        page.navigate(server().address() + "/settings");
        page.getByRole(GROUP, new Page.GetByRoleOptions().setName("Bero may"))
                .getByRole(CHECKBOX, new Locator.GetByRoleOptions().setName("signs"))
                .click();
        setPassphrase(page, "Tilde", TILDES);

        page.navigate(server().address() + "/jobs/" + job(page, "Three-throw pump") + "/report");
        Locator sheet = page.locator(".report-sheet");
        assertThat(sheet).containsText("Three-throw pump");
        assertThat(sheet).containsText("Demonstration: nothing here was measured on a real part.");
        assertThat(sheet.locator(".picture svg").first()).isVisible();
        sign(page, "Tilde", "not my passphrase");
        assertThat(page.getByRole(ALERT)).containsText("That is not the passphrase of Tilde.");
        sign(page, "Tilde", TILDES);
        assertThat(region(page, "Revision 1")).containsText("Tilde");
        assertThat(sheet).containsText("SHA-256 of the record");

        Page beros = screenOf("Bero", Chromium.desk());
        beros.navigate(server().address() + "/settings");
        setPassphrase(beros, "Bero", BEROS);
        beros.navigate(page.url());
        sign(beros, "Bero", BEROS);
        assertThat(region(beros, "Revision 1")).containsText("Bero");
        // The other screen sees it without being touched.
        assertThat(region(page, "Revision 1")).containsText("Bero");

        String path =
                page.getByRole(LINK, new Page.GetByRoleOptions().setName("PDF")).getAttribute("href");
        byte[] pdf = page.request().get(server().address() + path).body();
        assertThat(new String(pdf, 0, 4, java.nio.charset.StandardCharsets.US_ASCII))
                .isEqualTo("%PDF");
        page.navigate(server().address() + "/records/check");
        page.locator("input[type=file]")
                .setInputFiles(new com.microsoft.playwright.options.FilePayload("report.pdf", "application/pdf", pdf));
        assertThat(region(page, "What was found")).containsText("Three-throw pump, revision 1, is what was signed.");
        pdf[pdf.length / 2] ^= 1;
        page.locator("input[type=file]")
                .setInputFiles(new com.microsoft.playwright.options.FilePayload("copy.pdf", "application/pdf", pdf));
        assertThat(page.getByText("This file is not as it left the shop").or(page.getByText("That file is no report")))
                .isVisible();
        page.getByLabel("Hash, 64 digits").fill("12 34");
        page.getByLabel("Hash, 64 digits").press("Enter");
        assertThat(page.getByRole(ALERT)).containsText("it has 64 digits");
        page.getByLabel("Hash, 64 digits").fill("0".repeat(64));
        press(page, "Check the hash");
        assertThat(page.getByRole(ALERT)).containsText("No record of this shop has that hash");
    }
}
