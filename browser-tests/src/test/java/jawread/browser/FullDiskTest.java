package jawread.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static com.microsoft.playwright.options.AriaRole.BUTTON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The disk that the shop lies on fills up while somebody measures, and has room again: really, on a small one. */
class FullDiskTest extends AtTheBench {
    @Test
    void a_full_disk_is_said_nothing_is_lost_and_all_goes_on_once_there_is_room() throws Exception {
        Optional<SmallDisk> made = SmallDisk.make();
        assumeTrue(made.isPresent(), "No file system may be mounted here; StorageTroubleTest stands in for it");
        try (SmallDisk disk = made.get();
                PackagedServer server = PackagedServer.on(disk.folder().resolve("shop"))) {
            Page page = chromium().screen(Chromium.desk());
            page.navigate(server.address());
            page.getByRole(BUTTON, new Page.GetByRoleOptions().setName("Ansa")).click();
            assertThat(page.getByText("Who measures?")).hasCount(0);
            page.navigate(server.address() + "/parts/2/features/2");
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("shaft 2")))
                    .isVisible();
            page.keyboard().type("32.221\n");
            isRead(page, "32.221");

            disk.fill();
            page.keyboard().type("32.220\n");
            assertThat(page.getByText("is all but full, 0 MB are left").first()).isVisible();
            assertThat(server.get("/api/v1/parts/2/features/2/sheet").statusCode())
                    .isEqualTo(200);
            assertThat(server.get("/api/v1/parts/3/judgement").statusCode()).isEqualTo(200);
            Page bench = chromium().tab(page.context());
            bench.navigate(server.address());
            assertThat(bench.getByRole(AriaRole.ALERT)).containsText("Nothing is kept just now");
            assertThat(bench.getByRole(AriaRole.ALERT))
                    .containsText(disk.folder().resolve("shop").toString());

            disk.makeRoom();
            // By itself: in a moment while it waits, in half a minute once it has stepped aside.
            isRead(page, "32.220");
            assertThat(bench.getByRole(AriaRole.ALERT)).hasCount(0);
            assertThat(server.log()
                            .lines()
                            .filter(line -> line.contains("ERROR"))
                            .count())
                    .as("said once in the log")
                    .isLessThanOrEqualTo(2);
            System.out.println("full disk: said, read on, and kept on once there was room");
        }
    }

    private static void isRead(Page page, String figure) {
        assertThat(page.getByRole(BUTTON, new Page.GetByRoleOptions().setName("reading, " + figure + " mm")))
                .hasCount(1, new LocatorAssertions.HasCountOptions().setTimeout(60_000));
    }
}
