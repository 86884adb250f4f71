package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.ALERT;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.LINK;

import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is typed is kept under the name of who typed it, whatever becomes of the screen meanwhile. */
class ByWhomTest extends AtTheBench {
    private Page atShaft2(Page page) {
        page.navigate(server().address() + "/parts/2/features/2");
        assertThat(page.getByLabel("Figure in mm")).isVisible();
        return page;
    }

    private static void touch(Page page, String name) {
        page.getByRole(BUTTON, new Page.GetByRoleOptions().setName(name)).click();
        assertThat(page.getByText("Who measures?")).hasCount(0);
    }

    /** Who read these figures at the place, in the order they were kept. */
    private List<String> whoRead(String figure) throws Exception {
        var people = new ArrayList<String>();
        JsonElement sheet = JsonParser.parseString(
                server().get("/api/v1/parts/2/features/2/sheet").body());
        for (JsonElement round : sheet.getAsJsonObject().getAsJsonArray("rounds")) {
            for (JsonElement place : round.getAsJsonObject().getAsJsonArray("places")) {
                for (JsonElement reading : place.getAsJsonObject().getAsJsonArray("readings")) {
                    if (reading.toString().contains("\"" + figure + "\"")) {
                        people.add(reading.getAsJsonObject().get("person").getAsString());
                    }
                }
            }
        }
        return people;
    }

    private void isReadBy(String figure, String person) throws Exception {
        for (int i = 0; i < 100 && whoRead(figure).isEmpty(); i++) {
            Thread.sleep(100);
        }
        org.assertj.core.api.Assertions.assertThat(whoRead(figure)).containsExactly(person);
    }

    @Test
    void what_one_typed_is_kept_under_their_name_though_another_stands_there_by_the_time_it_is_sent() throws Exception {
        Page page = atShaft2(ansasScreen(Chromium.desk()));
        page.route(url -> url.contains("/api/v1/readings/"), Route::abort);
        page.keyboard().type("32.221\n");
        assertThat(page.getByText("One reading waits here").first()).isVisible();
        page.getByRole(LINK, new Page.GetByRoleOptions().setName("Ansa")).click();
        touch(page, "Bero");
        atShaft2(page);
        page.keyboard().type("32.222\n");
        assertThat(page.getByText("2 readings wait here").first()).isVisible();
        page.unrouteAll();
        isReadBy("32.221", "Ansa");
        isReadBy("32.222", "Bero");
        assertThat(page.getByLabel("Tray")).hasCount(0);
    }

    @Test
    void an_ended_ticket_asks_for_the_name_again_says_so_and_loses_nothing() throws Exception {
        Page page = atShaft2(ansasScreen(Chromium.desk()));
        page.route(url -> url.contains("/api/v1/readings/"), Route::abort);
        page.keyboard().type("32.221\n");
        assertThat(page.getByText("One reading waits here").first()).isVisible();
        String first = JsonParser.parseString(server().get("/api/v1/sessions").body())
                .getAsJsonArray()
                .get(0)
                .getAsJsonObject()
                .get("id")
                .getAsString();
        org.assertj.core.api.Assertions.assertThat(server().write("PUT", "/api/v1/sessions/" + first + "/end", "", "{}")
                        .statusCode())
                .isEqualTo(200);
        page.unrouteAll();
        Locator said =
                page.getByRole(ALERT).filter(new Locator.FilterOptions().setHasText("Touch the name Ansa again"));
        assertThat(said).isVisible();
        assertThat(said.getByText("1 reading here: touch the name")).isVisible();
        assertThat(page.getByText("does not answer")).hasCount(0);
        assertThat(page.getByRole(LINK, new Page.GetByRoleOptions().setName("Say who measures")))
                .isVisible();
        org.assertj.core.api.Assertions.assertThat(whoRead("32.221")).isEmpty();

        // A screen that is loaded again has it still.
        page.reload();
        assertThat(said).isVisible();
        said.getByRole(LINK).click();
        touch(page, "Ansa");
        assertThat(said).hasCount(0);
        isReadBy("32.221", "Ansa");
    }

    @Test
    @OneShop
    void who_is_signed_on_where_stands_in_the_settings_and_can_be_ended_there() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + "/settings");
        Locator signedOn = page.getByLabel("Signed on");
        Locator end = signedOn.getByRole(BUTTON).first();
        assertThat(end).hasAccessibleName("End it for Ansa, a screen at this machine");
        end.click();
        assertThat(page.getByRole(LINK, new Page.GetByRoleOptions().setName("Say who measures")))
                .isVisible();
        assertThat(page.getByText("lines of the journal").first()).isVisible();
        assertThat(page.getByText("not who changed it").first()).isVisible();
    }
}
