package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.HEADING;
import static com.microsoft.playwright.options.AriaRole.LINK;
import static com.microsoft.playwright.options.AriaRole.RADIO;
import static com.microsoft.playwright.options.AriaRole.ROW;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The valve seats come as somebody's spreadsheet has them, go out as a workbook and as a file, and the file comes in as another shop's. */
class BringInTest extends AtTheBench {
    private static final Pattern UUIDS = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    private static void pick(Page page, String name, String type, byte[] file) {
        page.locator("input[type=file]").setInputFiles(new FilePayload(name, type, file));
    }

    private static void press(Page page, String name) {
        page.getByRole(BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    private static Locator row(Page page, String words) {
        return page.getByRole(ROW).filter(new Locator.FilterOptions().setHasText(words));
    }

    @Test
    void the_valve_seats_come_from_a_messy_file_and_go_out_whole() {
        Page page = screenOf("Bero", Chromium.desk());
        int job = ((Number) page.evaluate("async () => (await (await fetch('/api/v1/bench')).json()).jobs"
                        + ".find((job) => job.name === 'Filter valve seats').id"))
                .intValue();
        page.navigate(server().address() + "/jobs/" + job + "/bring-in");
        String messy = "Filter seats, as measured\r\n\r\n"
                + "Serial;outside [in];seat bore [in];Gauge;Größe geprüft\r\n"
                + "seat 11;1,375;0,875;C1;ja\r\n"
                + "seat 12;1,376;;C1;\r\n"
                + "seat 13;1,375;;C1;\r\n";
        pick(page, "seats.csv", "text/csv", "Serial;outside\r\nseat 99;1,375".getBytes(StandardCharsets.US_ASCII));
        assertThat(row(page, "There is no part seat 99")).isVisible();
        // Put right, and picked again under the same name.
        pick(page, "seats.csv", "text/csv", messy.getBytes(Charset.forName("windows-1252")));
        assertThat(row(page, "0,875 in")).containsText("seat bore");
        assertThat(row(page, "There is no part seat 13")).containsText("6");
        assertThat(page.getByRole(BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Keep all"))))
                .hasCount(0);
        press(page, "Keep the 3 good ones, hand back 1");
        assertThat(region(page, "Kept")).containsText("3 readings kept");
        String rejected = page.getByRole(LINK, new Page.GetByRoleOptions().setName("The rows that were not kept (CSV)"))
                .getAttribute("href");
        assertThat(rejected).contains("seat%2013");

        page.navigate(server().address() + "/jobs/" + job + "/report");
        String book = page.getByRole(LINK, new Page.GetByRoleOptions().setName("Workbook (XLSX)"))
                .getAttribute("href");
        assertThat(page.request().get(server().address() + book).body()).startsWith('P', 'K');
        String path = page.getByRole(LINK, new Page.GetByRoleOptions().setName("The whole job (JSON)"))
                .getAttribute("href");
        String file = page.request().get(server().address() + path).text();

        page.navigate(server().address() + "/jobs/bring-in");
        pick(page, "seats.json", "application/json", file.getBytes(StandardCharsets.UTF_8));
        assertThat(region(page, "What it holds")).containsText("There is nothing to bring in");
        // As if it came from somewhere else: nothing in it is known here but by name.
        Map<String, String> other = new HashMap<>();
        String foreign = UUIDS.matcher(file)
                .replaceAll(found -> other.computeIfAbsent(
                        found.group(), unused -> UUID.randomUUID().toString()))
                .replace("\"home\":\"Low Weir Workshop\"", "\"home\":\"Upper Mill\"");
        pick(page, "other.json", "application/json", foreign.getBytes(StandardCharsets.UTF_8));
        assertThat(region(page, "What it holds")).containsText("from Upper Mill");
        Locator bring = page.getByRole(BUTTON, new Page.GetByRoleOptions().setName("Bring it in"));
        assertThat(bring).isDisabled();
        for (Locator same : page.getByRole(
                        RADIO, new Page.GetByRoleOptions().setName("the same").setExact(true))
                .all()) {
            same.check();
        }
        bring.click();
        assertThat(region(page, "Brought in")).containsText("Filter valve seats came in from Upper Mill");
        page.getByRole(LINK, new Page.GetByRoleOptions().setName("Open Filter valve seats"))
                .click();
        assertThat(page.getByRole(HEADING, new Page.GetByRoleOptions().setName("Filter valve seats"))
                        .first())
                .isVisible();
    }
}
