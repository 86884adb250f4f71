package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static com.microsoft.playwright.options.AriaRole.HEADING;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import org.junit.jupiter.api.Test;

/** A server that is gone for a while, a page that is loaded again, a second screen: nothing typed is lost, or kept twice. */
class ServerGoneTest extends AtTheBench {
    private static void isRead(Page page, String... figures) {
        for (String figure : figures) {
            assertThat(page.getByRole(BUTTON, new Page.GetByRoleOptions().setName("reading, " + figure + " mm")))
                    .hasCount(1);
        }
    }

    private Page atShaft2(Page page) {
        page.navigate(server().address() + "/parts/2/features/2");
        assertThat(page.getByRole(HEADING, new Page.GetByRoleOptions().setName("shaft 2")))
                .isVisible();
        return page;
    }

    @Test
    void what_is_typed_while_the_server_is_gone_waits_and_is_sent_once() throws Exception {
        Page page = atShaft2(ansasScreen(Chromium.desk()));
        page.keyboard().type("32.221\n");
        isRead(page, "32.221");

        server().kill();
        page.keyboard().type("32.220\n");
        assertThat(page.getByText("The server does not answer. One reading waits here")
                        .first())
                .isVisible();
        assertThat(seen(page, "not yet judged")).isVisible();
        page.keyboard().type("32.222\n");
        assertThat(page.getByText("2 readings wait here").first()).isVisible();
        page.keyboard().type("32.2");

        server().startAgain();
        isRead(page, "32.221", "32.220", "32.222");
        assertThat(page.getByText("does not answer")).hasCount(0);
        assertThat(page.getByLabel("Figure in mm")).hasValue("32.2");
        org.assertj.core.api.Assertions.assertThat(
                        server().get("/api/v1/parts/2/features/2/sheet").body())
                .containsOnlyOnce("\"text\":\"32.220\"")
                .containsOnlyOnce("\"text\":\"32.222\"");

        // All is found again, and the half-typed figure with it.
        page.reload();
        isRead(page, "32.221", "32.220", "32.222");
        assertThat(page.getByLabel("Figure in mm")).hasValue("32.2");
    }

    @Test
    void one_that_the_server_always_fails_at_steps_aside_and_those_behind_it_are_kept() {
        Page page = atShaft2(ansasScreen(Chromium.desk()));
        String failure =
                "{\"status\": 500, \"code\": \"failed-here\", \"detail\": \"Something went wrong in the server.\"}";
        page.route(url -> url.contains("/api/v1/readings/"), route -> {
            if (route.request().postData().contains("32.500")) {
                route.fulfill(new Route.FulfillOptions()
                        .setStatus(500)
                        .setContentType("application/problem+json")
                        .setBody(failure));
            } else {
                route.resume();
            }
        });
        page.keyboard().type("32.500\n32.221\n32.220\n");
        isRead(page, "32.221", "32.220");
        Locator tray = page.getByLabel("Tray");
        assertThat(tray.getByText("32.500")).isVisible();
        assertThat(tray.getByText("Something went wrong in the server.")).isVisible();
        assertThat(page.getByText("does not answer")).hasCount(0);

        page.unrouteAll();
        tray.getByText("Send it again").click();
        isRead(page, "32.500");
        assertThat(page.getByLabel("Tray")).hasCount(0);
    }

    @Test
    void a_reading_that_waits_outlives_the_page() {
        Page page = atShaft2(ansasScreen(Chromium.desk()));
        server().kill();
        page.keyboard().type("32.221\n");
        assertThat(seen(page, "not yet judged")).isVisible();
        server().startAgain();
        Page later = chromium().tab(page.context());
        page.close();
        isRead(atShaft2(later), "32.221");
    }

    @Test
    void a_second_screen_moves_with_the_first() {
        Page first = atShaft2(ansasScreen(Chromium.desk()));
        Page second = atShaft2(chromium().screen(Chromium.phone()));
        Page bench = chromium().screen(Chromium.desk());
        bench.navigate(server().address());
        first.keyboard().type("32.221\n32.220\n");
        isRead(second, "32.221", "32.220");
        assertThat(seen(second, "metal left")).isVisible();
        assertThat(bench.getByLabel("shaft 2, body Ø 32 h9: metal left")).isVisible();
    }

    @Test
    void an_address_that_shows_nothing_shows_the_way_back() {
        Page page = ansasScreen(Chromium.desk());
        page.navigate(server().address() + "/no/such/page");
        assertThat(page.getByText("There is nothing at this address")).isVisible();
        page.navigate(server().address() + "/parts/99/features/1");
        assertThat(page.getByText("There is no such part.")).isVisible();
        page.getByText("Back to the bench").click();
        assertThat(page.getByRole(HEADING, new Page.GetByRoleOptions().setName("New idler shafts")))
                .isVisible();
    }
}
