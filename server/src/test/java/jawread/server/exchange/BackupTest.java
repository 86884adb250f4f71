package jawread.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Server;
import jawread.server.access.FolderSecret;
import jawread.server.chain.Verification;
import jawread.server.storage.KeptShop;
import jawread.server.storage.Migrations;
import jawread.server.storage.ShopFile;
import jawread.server.tables.CanonicalJson;
import jawread.server.tables.Table;
import jawread.server.words.Shop;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class BackupTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Path TEMPORARY = Path.of(System.getProperty("java.io.tmpdir"));

    private final Server server;

    @TempDir
    private static Path damaged;

    @TempDir
    private Path folder;

    BackupTest(Server server) {
        this.server = server;
    }

    private ShopCommands ofTheServer() {
        return new ShopCommands(server.bean(Shop.class).data().toAbsolutePath());
    }

    private Path backup() throws Exception {
        Path file = folder.resolve("shop.zip");
        ofTheServer().backup(file);
        return file;
    }

    /** Of a shop that nobody works in: taken once for all tests that damage it. */
    private static Path once() throws Exception {
        Path file = damaged.resolve("once.zip");
        if (!Files.exists(file)) {
            Path old = Files.createDirectory(damaged.resolve("old"));
            KeptShop.all().get(0).unpackInto(old);
            Path carried = damaged.resolve("first.zip");
            new ShopCommands(old).backup(carried);
            Path data = damaged.resolve("data");
            new ShopCommands(data).restore(carried);
            new ShopCommands(data).backup(file);
        }
        return file;
    }

    private static Map<String, String> digests(Connection shop) throws Exception {
        var digests = new TreeMap<String, String>();
        for (Table table : Table.all(shop)) {
            var text = new StringBuilder();
            table.each(shop, row -> text.append(table.text(row, unused -> true)));
            digests.put(table.name(), CanonicalJson.digest(text.toString()));
        }
        return digests;
    }

    private static List<String> in(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void an_open_shop_is_backed_up_and_restored_whole() throws Exception {
        Path file = backup();
        Map<String, String> before;
        List<String> misfits;
        try (var from = server.bean(javax.sql.DataSource.class).getConnection()) {
            before = digests(from);
            misfits = Verification.of(from).misfits();
        }
        Path data = folder.resolve("restored");
        assertThat(new ShopCommands(data).restore(file)).contains("every table came out as it went in");
        try (var into = new ShopFile(data).open()) {
            assertThat(digests(into)).isEqualTo(before).containsKey("reading").doesNotContainKey("shop_session");
            // Other tests have put days back in this shop, which is seen in both.
            assertThat(Verification.of(into).misfits()).isEqualTo(misfits);
            // What guards the readings came with them, and the next part gets a number that none had.
            assertThatThrownBy(() -> into.createStatement().execute("DELETE FROM reading"))
                    .hasMessageContaining("insert-only");
            assertThat(one(into, "SELECT COUNT(*) FROM shop_session")).isEqualTo("0");
            String last = one(into, "SELECT MAX(id) FROM part");
            into.createStatement()
                    .execute("INSERT INTO part (plan_id, position, name, mark) SELECT plan_id, 99, 'new', '' FROM part"
                            + " FETCH FIRST ROW ONLY");
            assertThat(Long.parseLong(one(into, "SELECT MAX(id) FROM part"))).isGreaterThan(Long.parseLong(last));
        }
        assertThat(in(data)).containsExactly("shop.mv.db");
        assertThat(in(folder)).as("nothing is left beside it").containsExactly("restored", "shop.zip");
    }

    private static String one(Connection connection, String query) throws Exception {
        try (var rows = connection.createStatement().executeQuery(query)) {
            rows.next();
            return rows.getString(1);
        }
    }

    @Test
    void only_its_owner_reads_a_backup_and_what_is_restored() throws Exception {
        Path file = backup();
        new ShopCommands(folder.resolve("restored")).restore(file);
        for (Path each : List.of(
                file,
                new ShopFile(folder.resolve("restored")).path(),
                server.bean(Shop.class).data().resolve("shop.mv.db"))) {
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(each)))
                    .as(each.toString())
                    .isEqualTo("rw-------");
        }
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("restored"))))
                .isEqualTo("rwx------");
    }

    @Test
    void a_backup_that_fails_leaves_that_of_yesterday_alone() throws Exception {
        Path file = folder.resolve("shop.zip");
        Files.writeString(file, "that of yesterday");
        Path empty = folder.resolve("empty");
        Migrations.onward(new ShopFile(Files.createDirectory(empty)));
        assertThatThrownBy(() -> new ShopCommands(empty).backup(file)).hasMessageContaining("is empty");
        assertThatThrownBy(() -> new ShopCommands(folder.resolve("nowhere")).backup(file))
                .hasMessageContaining("There is no shop in");
        assertThat(file).hasContent("that of yesterday");
        assertThat(in(folder)).containsExactly("empty", "shop.zip");
        assertThatThrownBy(() -> ofTheServer().backup(folder.resolve("no/such/folder/shop.zip")))
                .hasMessageContaining("in a folder that is there");
    }

    @Test
    void the_command_answers_with_an_exit_code() {
        assertThat(ShopCommands.isMeant("backup", "x")).isTrue();
        assertThat(ShopCommands.isMeant("verify")).isTrue();
        assertThat(ShopCommands.isMeant("backup")).isFalse();
        assertThat(ShopCommands.run("restore", folder.resolve("none.zip").toString()))
                .isEqualTo(1);
    }

    @Test
    void a_shop_that_is_not_empty_is_left_as_it_is() throws Exception {
        Path file = backup();
        Path data = folder.resolve("full");
        new ShopCommands(data).restore(file);
        List<String> before = KeptShop.held(new ShopFile(data));
        assertThatThrownBy(() -> new ShopCommands(data).restore(file)).hasMessageContaining("not empty");
        assertThat(KeptShop.held(new ShopFile(data))).isEqualTo(before);
    }

    /** Something done to a file that was a good backup, and what is said of it. */
    private record Damage(String name, Consumer<Map<String, byte[]>> doing, String said) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static Consumer<Map<String, byte[]>> manifest(Consumer<ObjectNode> change) {
        return entries -> {
            ObjectNode manifest = (ObjectNode) JSON.readTree(entries.get("manifest.json"));
            change.accept(manifest);
            entries.put("manifest.json", JSON.writeValueAsBytes(manifest));
        };
    }

    private static ObjectNode rowsOf(ObjectNode manifest, String table) {
        for (var each : manifest.path("tables")) {
            if (each.path("name").asString().equals(table)) {
                return (ObjectNode) each;
            }
        }
        throw new AssertionError(table);
    }

    /** Changes a table, and the manifest so that it says the same: only the rows themselves can tell. */
    private static Consumer<Map<String, byte[]>> rows(String table, UnaryOperator<String> change) {
        return entries -> {
            String name = "tables/" + table + ".jsonl";
            String text = change.apply(new String(entries.get(name), StandardCharsets.UTF_8));
            entries.put(name, text.getBytes(StandardCharsets.UTF_8));
            manifest(manifest -> rowsOf(manifest, table)
                            .put("bytes", (long) entries.get(name).length)
                            .put("rows", text.lines().count())
                            .put("sha256", CanonicalJson.digest(text)))
                    .accept(entries);
        };
    }

    static List<Damage> damages() {
        return List.of(
                new Damage(
                        "a name changed",
                        entries -> swap(entries, "person", "Bero", "Biro"),
                        "person.jsonl is not what"),
                new Damage(
                        "a table missing",
                        entries -> entries.remove("tables/reading.jsonl"),
                        "reading.jsonl is missing"),
                new Damage(
                        "a table empty",
                        entries -> entries.put("tables/reading.jsonl", new byte[0]),
                        "reading has 0 rows"),
                new Damage(
                        "half a table",
                        entries -> entries.compute(
                                "tables/job.jsonl", (name, bytes) -> java.util.Arrays.copyOf(bytes, bytes.length / 2)),
                        "job"),
                new Damage("no manifest", entries -> entries.remove("manifest.json"), "holds no manifest.json"),
                new Damage(
                        "a manifest of nothing",
                        entries -> entries.put("manifest.json", "null".getBytes()),
                        "does not say"),
                new Damage(
                        "half a manifest",
                        entries -> entries.put("manifest.json", "{\"form".getBytes()),
                        "cannot be read"),
                new Damage("a newer form", manifest(manifest -> manifest.put("form", 2)), "newer program"),
                new Damage("a newer schema", manifest(manifest -> manifest.put("schema", 999)), "newer program"),
                new Damage(
                        "a table too few",
                        manifest(
                                manifest -> ((tools.jackson.databind.node.ArrayNode) manifest.get("tables")).remove(0)),
                        "not those of schema"),
                new Damage(
                        "a bomb that says so",
                        manifest(manifest -> rowsOf(manifest, "reading").put("bytes", Long.MAX_VALUE / 8)),
                        "no room"),
                new Damage(
                        "a bomb that does not",
                        entries -> entries.put("tables/job.jsonl", new byte[50_000_000]),
                        "longer than the file says"),
                new Damage(
                        "a row that is none",
                        rows("job", text -> text + "{\"id\":\"many\"}\n"),
                        "a row of job is none"),
                new Damage(
                        "a column that is none",
                        rows("job", text -> text.replaceFirst("\\{", "{\"x\":1,")),
                        "what the table has not"),
                new Damage(
                        "a row that points nowhere",
                        rows("reading", text -> text.replaceAll("\"place_id\":\"\\d+\"", "\"place_id\":\"987654\"")),
                        "points to one that is not there"),
                new Damage(
                        "a cell that is too long",
                        rows("person", text -> text.replace("Bero", "B".repeat(100_000))),
                        "a row of person is none"),
                new Damage(
                        "an earlier program's",
                        entries -> {
                            entries.clear();
                            entries.put("shop.sql", "DROP ALL OBJECTS".getBytes());
                        },
                        "open it once with this one"),
                new Damage(
                        "something else",
                        entries -> {
                            entries.clear();
                            entries.put("letter.txt", new byte[3]);
                        },
                        "no backup of a shop"));
    }

    private static void swap(Map<String, byte[]> entries, String table, String one, String other) {
        entries.computeIfPresent(
                "tables/" + table + ".jsonl",
                (name, bytes) -> new String(bytes, StandardCharsets.UTF_8)
                        .replace(one, other)
                        .getBytes(StandardCharsets.UTF_8));
    }

    @ParameterizedTest
    @MethodSource("damages")
    void a_damaged_file_is_found_out_and_nothing_is_left_of_it(Damage damage) throws Exception {
        Path changed = folder.resolve("changed.zip");
        changed(once(), changed, damage.doing());
        refused(changed, damage.said());
    }

    private static void changed(Path file, Path to, Consumer<Map<String, byte[]>> doing) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (var zip = new ZipFile(file.toFile())) {
            for (var entry : zip.stream().toList()) {
                entries.put(entry.getName(), zip.getInputStream(entry).readAllBytes());
            }
        }
        doing.accept(entries);
        try (var out = new ZipOutputStream(Files.newOutputStream(to))) {
            for (var entry : entries.entrySet()) {
                out.putNextEntry(new ZipEntry(entry.getKey()));
                out.write(entry.getValue());
            }
        }
    }

    private void refused(Path file, String said) {
        Path data = folder.resolve("restored");
        assertThatThrownBy(() -> new ShopCommands(data).restore(file))
                .isInstanceOf(NotABackup.class)
                .hasMessageContaining(said)
                .message()
                .endsWith(".");
        assertThat(data).doesNotExist();
    }

    @Test
    void a_file_that_was_cut_at_any_place_is_found_out() throws Exception {
        byte[] whole = Files.readAllBytes(once());
        Path cut = folder.resolve("cut.zip");
        for (int tenth = 0; tenth < 10; tenth++) {
            Files.write(cut, java.util.Arrays.copyOf(whole, whole.length * tenth / 10));
            refused(cut, tenth == 0 ? "is empty" : "cannot be unpacked");
        }
    }

    @Test
    void words_that_are_statements_elsewhere_are_words() throws Exception {
        String words = "'); DROP TABLE reading; --";
        Path file = once();
        Path changed = folder.resolve("changed.zip");
        changed(file, changed, rows("person", text -> text.replace("Bero", words)));
        Path data = folder.resolve("restored");
        new ShopCommands(data).restore(changed);
        try (var into = new ShopFile(data).open()) {
            assertThat(one(into, "SELECT COUNT(*) FROM person WHERE name LIKE '%DROP TABLE%'"))
                    .isEqualTo("1");
            assertThat(Long.parseLong(one(into, "SELECT COUNT(*) FROM reading")))
                    .isPositive();
        }
    }

    static List<KeptShop> earlier() {
        return KeptShop.all();
    }

    @ParameterizedTest
    @MethodSource("earlier")
    void a_backup_of_an_earlier_schema_is_restored_and_carried_on(KeptShop kept) throws Exception {
        Path old = Files.createDirectory(folder.resolve("old"));
        ShopFile shop = kept.unpackInto(old);
        Path file = folder.resolve("old.zip");
        new ShopCommands(old).backup(file);
        assertThat(KeptShop.held(shop)).as("it lies there as it was").isEqualTo(kept.held());
        Path data = folder.resolve("restored");
        new ShopCommands(data).restore(file);
        List<String> but = kept.held().stream()
                // Tickets, versions and what is made of the rest are in no backup.
                .filter(line -> Stream.of("shop_session", "stored_version", "plan_judged", "part_in_doubt")
                        .noneMatch(table -> line.startsWith(table + ":")))
                .toList();
        assertThat(KeptShop.held(new ShopFile(data))).containsAll(but);
        try (var into = new ShopFile(data).open()) {
            assertThat(Verification.of(into).misfits()).isEmpty();
        }
    }

    @Test
    void a_picture_is_an_entry_of_its_own_named_by_its_digest() throws Exception {
        byte[] picture = {1, 2, 3, 0, -1};
        Path file = folder.resolve("pictures.zip");
        try (var from = pictures("from");
                var out = Files.newOutputStream(file)) {
            try (var insert = from.prepareStatement("INSERT INTO photo (id, picture) VALUES (?, ?)")) {
                for (int id = 1; id <= 2; id++) {
                    insert.setInt(1, id);
                    insert.setBytes(2, picture);
                    insert.executeUpdate();
                }
            }
            from.createStatement().execute("INSERT INTO photo (id) VALUES (3)");
            BackupWriter.write(from, out, Clock.systemUTC(), () -> {});
        }
        String entry = "binaries/" + CanonicalJson.digest(picture);
        try (var zip = new ZipFile(file.toFile())) {
            assertThat(zip.getInputStream(zip.getEntry(entry)).readAllBytes()).isEqualTo(picture);
            assertThat(zip.stream().filter(each -> each.getName().startsWith("binaries/")))
                    .as("the same picture twice is there once")
                    .hasSize(1);
        }
        try (var into = pictures("into");
                var backup = BackupFile.open(file)) {
            into.setAutoCommit(false);
            new Filling(backup, into).fill();
            assertThat(one(into, "SELECT COUNT(*) FROM photo WHERE picture = X'01020300ff'"))
                    .isEqualTo("2");
            assertThat(one(into, "SELECT COUNT(*) FROM photo WHERE picture IS NULL"))
                    .isEqualTo("1");
        }
        Path changed = folder.resolve("changed.zip");
        changed(file, changed, entries -> entries.put(entry, new byte[] {1, 2, 3, 0, -2}));
        try (var into = pictures("changed");
                var backup = BackupFile.open(changed)) {
            into.setAutoCommit(false);
            assertThatThrownBy(() -> new Filling(backup, into).fill()).hasMessageContaining("is not what was written");
        }
    }

    private static Connection pictures(String name) throws Exception {
        Connection connection = DriverManager.getConnection("jdbc:h2:mem:pictures-" + name, "sa", "");
        connection
                .createStatement()
                .execute("CREATE TABLE \"flyway_schema_history\" (\"version\" VARCHAR(9), \"success\" BOOLEAN);"
                        + " INSERT INTO \"flyway_schema_history\" VALUES ('1', TRUE);"
                        + " CREATE TABLE photo (id INT PRIMARY KEY, picture BLOB)");
        return connection;
    }

    @Test
    void nothing_of_the_shop_is_left_in_the_folder_for_temporary_files() throws Exception {
        List<String> before = in(TEMPORARY);
        Path file = backup();
        new ShopCommands(folder.resolve("restored")).restore(file);
        assertThat(in(TEMPORARY).stream().filter(name -> !before.contains(name)))
                .noneMatch(name -> name.contains("backup") || name.endsWith(".sql") || name.endsWith(".part"));
        assertThat(in(server.bean(Shop.class).data())).noneMatch(name -> name.startsWith("backup-"));
    }

    @Test
    void the_whole_shop_is_given_to_a_person_from_our_pages_or_to_who_can_read_its_folder() throws Exception {
        assertThat(server.get("/api/v1/backup").status()).isEqualTo(401);
        assertThat(server.send(server.ansasRequest("/api/v1/backup")).code())
                .as("a program that bears a ticket is no page of ours")
                .isEqualTo("foreign-origin");
        assertThat(server.send(server.ansasRequest("/api/v1/backup").header("Sec-Fetch-Site", "cross-site"))
                        .code())
                .isEqualTo("foreign-origin");
        assertThat(server.send(server.ansasRequest("/api/v1/backup").header("Sec-Fetch-Site", "same-origin"))
                        .status())
                .isEqualTo(200);
        assertThat(server.send(server.ansasRequest("/api/v1/backup").header("X-Forwarded-For", "192.0.2.7"))
                        .code())
                .isEqualTo("backup-from-here");
        Path data = server.bean(Shop.class).data();
        String secret = FolderSecret.read(data).orElseThrow().secret();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(data.resolve("server-at-work"))))
                .isEqualTo("rw-------");
        var asked = server.request("/api/v1/backup").header(FolderSecret.HEADER, secret);
        assertThat(java.net.http.HttpClient.newHttpClient()
                        .send(asked.build(), BodyHandlers.discarding())
                        .statusCode())
                .isEqualTo(200);
        assertThat(server.send(asked).code()).as("it is used up").isEqualTo("secret-not-right");
        assertThat(FolderSecret.read(data).orElseThrow().secret()).isNotEqualTo(secret);
    }
}
