package jawread.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What each migration must keep to, and the shops that each schema leaves for the programs to come. */
class MigrationRulesTest {
    private static final Path MIGRATIONS = Path.of("src/main/resources/db/migration");
    private static final Pattern GUARDED =
            Pattern.compile("create trigger \\w+ before update, delete on (\\w+)", Pattern.CASE_INSENSITIVE);
    /** Those before had no shop of their own kept, and were looked through by hand. */
    private static final int FIRST_HELD_TO_IT = 9;

    private record Migration(int version, String statements) {
        static Migration of(Path file) {
            try {
                String name = file.getFileName().toString();
                return new Migration(
                        Integer.parseInt(name.substring(1, name.indexOf("__"))),
                        Files.readString(file)
                                .replaceAll("--.*", " ")
                                .replaceAll("\\s+", " ")
                                .toLowerCase(Locale.ROOT));
            } catch (IOException e) {
                throw new AssertionError(e);
            }
        }

        boolean changesRowsOf(String table) {
            return Pattern.compile("\\b(update|delete from|merge into) " + table + "\\b")
                    .matcher(statements)
                    .find();
        }
    }

    private static List<Migration> migrations() throws IOException {
        try (Stream<Path> files = Files.list(MIGRATIONS)) {
            return files.map(Migration::of).toList();
        }
    }

    @Test
    void what_fills_a_column_of_an_insert_only_table_takes_its_guard_off_and_puts_it_back() throws IOException {
        List<Migration> all = migrations();
        Set<String> guarded = all.stream()
                .flatMap(each -> GUARDED.matcher(each.statements()).results())
                .map(found -> found.group(1))
                .collect(Collectors.toSet());
        assertThat(guarded).contains("reading", "reading_mark", "place_mark", "comparator_setting");
        for (Migration migration : all) {
            for (String table : guarded) {
                if (migration.version() >= FIRST_HELD_TO_IT && migration.changesRowsOf(table)) {
                    assertThat(migration.statements())
                            .as("V%d changes rows of %s", migration.version(), table)
                            .containsPattern("drop trigger (if exists )?\\w+.*\\b" + table + "\\b")
                            .containsPattern("create trigger \\w+ before update, delete on " + table);
                }
            }
        }
    }

    @Test
    void the_shops_of_the_schema_before_the_newest_are_kept() throws IOException {
        int newest = migrations().stream().mapToInt(Migration::version).max().orElseThrow();
        assertThat(KeptShop.all())
                .extracting(KeptShop::name)
                .contains("schema-8-demo", "schema-8-worked")
                .as("a release goes out with the shops of its schema: CONTRIBUTING.md says how they are made")
                .anyMatch(name ->
                        name.startsWith("schema-" + newest + "-") || name.startsWith("schema-" + (newest - 1) + "-"));
    }
}
