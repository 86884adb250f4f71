package jawread.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.Configuration;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What happens to a shop's file when a program opens it that is not the one it was last opened with. */
class OpeningTest {
    private static final Instant AT = Instant.parse("2026-03-10T06:50:00Z");
    private static final String SCHEMA_8 = "schema-8-worked";

    @TempDir
    private Path folder;

    private ShopFile shop;

    @BeforeEach
    void a_shop_of_schema_8() throws IOException {
        shop = new KeptShop(SCHEMA_8).unpackInto(folder);
    }

    private static Configuration with(String... more) {
        return Flyway.configure()
                .locations(Stream.concat(Stream.of("classpath:db/migration"), Stream.of(more))
                        .toArray(String[]::new));
    }

    private void open(Configuration migrations, DiskRoom room, Instant at) {
        new Opening(shop, migrations, room, Clock.fixed(at, ZoneOffset.UTC)).open();
    }

    private void open(Configuration migrations) {
        open(migrations, DiskRoom.OF_THE_DISK, AT);
    }

    private List<String> files() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void an_older_shop_is_copied_aside_under_its_schema_and_carried_over() throws Exception {
        byte[] before = Files.readAllBytes(shop.path());
        open(with("classpath:db/later-good"));
        assertThat(files()).containsExactly("shop-schema-8-20260310T065000.mv.db", "shop.mv.db");
        assertThat(Files.readAllBytes(folder.resolve("shop-schema-8-20260310T065000.mv.db")))
                .isEqualTo(before);
        try (Connection connection = shop.open();
                var moods = connection.createStatement().executeQuery("SELECT DISTINCT mood FROM reading")) {
            assertThat(moods.next()).isTrue();
            assertThat(moods.getString(1)).isEqualTo("calm");
            assertThatThrownBy(() -> connection.createStatement().execute("UPDATE reading SET mood = 'wild'"))
                    .hasMessageContaining("insert-only");
        }
    }

    @Test
    void one_of_this_program_is_left_as_it_is() throws Exception {
        open(with());
        byte[] before = Files.readAllBytes(shop.path());
        List<String> files = files();
        open(with(), folderOfIt -> 2_000_000, AT.plusSeconds(60));
        assertThat(files()).isEqualTo(files);
        assertThat(Files.readAllBytes(shop.path())).isEqualTo(before);
    }

    @Test
    void what_fails_half_way_leaves_the_shop_as_it_was_and_says_so() throws Exception {
        byte[] before = Files.readAllBytes(shop.path());
        assertThatThrownBy(() -> open(with("classpath:db/later-bad")))
                .isInstanceOf(NotOpened.class)
                .hasMessageStartingWith("The shop in " + folder + " could not be carried over from schema 8")
                .hasMessageContaining("THERE_IS_NO_SUCH_TABLE")
                .hasMessageEndingWith("It is as it was before.");
        assertThat(Files.readAllBytes(shop.path())).isEqualTo(before);
        assertThat(files()).containsExactly("shop-schema-8-20260310T065000.mv.db", "shop.mv.db");
        assertThat(KeptShop.held(shop)).containsAll(new KeptShop(SCHEMA_8).held());
    }

    @Test
    void one_that_fails_again_and_again_leaves_one_copy() throws Exception {
        for (int start = 0; start < 3; start++) {
            Instant at = AT.plusSeconds(60L * start);
            assertThatThrownBy(() -> open(with("classpath:db/later-bad"), DiskRoom.OF_THE_DISK, at))
                    .isInstanceOf(NotOpened.class);
        }
        assertThat(files()).containsExactly("shop-schema-8-20260310T065000.mv.db", "shop.mv.db");
    }

    @Test
    void a_migration_that_forgets_the_guard_of_what_was_read_fails() {
        assertThatThrownBy(() -> open(with("classpath:db/later-careless"))).hasMessageContaining("insert-only");
    }

    @Test
    void a_start_that_was_broken_off_is_begun_anew_from_the_shop_as_it_was() throws Exception {
        Files.writeString(folder.resolve("shop-being-carried-over.mv.db"), "half");
        open(with());
        assertThat(files()).doesNotContain("shop-being-carried-over.mv.db");
        assertThat(KeptShop.held(shop)).containsAll(new KeptShop(SCHEMA_8).held());
    }

    @Test
    void without_room_for_the_copies_nothing_is_begun() throws Exception {
        byte[] before = Files.readAllBytes(shop.path());
        assertThatThrownBy(() -> open(with("classpath:db/later-good"), folderOfIt -> 1_100_000, AT))
                .isInstanceOf(NotOpened.class)
                .hasMessageContaining("its disk has no room for the copies: 1 MB are free, 2 MB are wanted")
                .hasMessageEndingWith("Nothing was changed.");
        assertThat(files()).containsExactly("shop.mv.db");
        assertThat(Files.readAllBytes(shop.path())).isEqualTo(before);
    }

    @Test
    void on_a_full_disk_no_shop_is_opened_and_none_begun() throws Exception {
        byte[] before = Files.readAllBytes(shop.path());
        assertThatThrownBy(() -> open(with(), folderOfIt -> 999_999, AT))
                .isInstanceOf(NotOpened.class)
                .hasMessage("The disk that the shop in " + folder
                        + " lies on is full: it cannot be opened. Nothing of it is lost.");
        assertThat(Files.readAllBytes(shop.path())).isEqualTo(before);
        shop = new ShopFile(folder.resolve("new"));
        assertThatThrownBy(() -> open(with(), folderOfIt -> 999_999, AT)).isInstanceOf(NotOpened.class);
        assertThat(shop.path()).doesNotExist();
    }

    @Test
    void a_shop_of_a_newer_program_is_refused_in_a_sentence() throws Exception {
        open(with("classpath:db/later-good"));
        List<String> held = KeptShop.held(shop);
        assertThatThrownBy(() -> open(with()))
                .isInstanceOfSatisfying(
                        NotOpened.class,
                        refused -> assertThat(new NotOpenedInASentence()
                                        .analyze(refused, refused)
                                        .getAction())
                                .contains("with that program"))
                .hasMessageContaining("was last opened by a newer program")
                .hasMessageContaining("schema 900");
        assertThat(KeptShop.held(shop)).isEqualTo(held);
    }

    @Test
    void the_newest_three_of_what_was_put_aside_are_kept() throws Exception {
        for (int year = 2020; year < 2024; year++) {
            Files.writeString(folder.resolve("shop-schema-%d-%d0310T065000.mv.db".formatted(9 - year % 10, year)), "");
        }
        Files.writeString(folder.resolve("shop-of-my-own.mv.db"), "");
        open(with("classpath:db/later-good"));
        assertThat(files())
                .containsExactlyInAnyOrder(
                        "shop.mv.db",
                        "shop-of-my-own.mv.db",
                        "shop-schema-8-20260310T065000.mv.db",
                        "shop-schema-6-20230310T065000.mv.db",
                        "shop-schema-7-20220310T065000.mv.db");
    }

    @Test
    void one_that_another_server_has_open_is_left_to_it() throws Exception {
        try (var channel = java.nio.channels.FileChannel.open(shop.path(), java.nio.file.StandardOpenOption.WRITE);
                var held = channel.lock()) {
            assertThatThrownBy(() -> open(with()))
                    .isInstanceOf(NotOpened.class)
                    .hasMessageEndingWith("is open already: another Jaw Read has it.");
            assertThat(held.isValid()).isTrue();
        }
    }

    @Test
    void where_there_is_no_shop_one_is_made() throws Exception {
        shop = new ShopFile(folder.resolve("new/shop"));
        open(with());
        assertThat(KeptShop.held(shop)).contains("reading: 0 rows", "journal_head: 1 rows");
    }
}
