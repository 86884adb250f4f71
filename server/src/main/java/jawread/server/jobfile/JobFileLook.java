package jawread.server.jobfile;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.server.jobfile.NamedAlike.Pair;
import jawread.server.records.SignedInFile;
import jawread.server.tables.ShopTables;
import jawread.server.tables.Table;
import jawread.server.words.Words;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** Looks into files of jobs: nothing of them is kept. */
@Service
class JobFileLook {
    private final SignedInFile signed;
    private final JdbcTemplate database;
    private final ShopTables tables;
    private final Refusals refusals;
    private final Words words;

    JobFileLook(SignedInFile signed, JdbcTemplate database, ShopTables tables, Refusals refusals, Words words) {
        this.signed = signed;
        this.database = database;
        this.tables = tables;
        this.refusals = refusals;
        this.words = words;
    }

    /** What a file holds; nothing of it is kept. Refuses with 422 what is no file of a job. */
    @Transactional(readOnly = true)
    JobFileView look(byte[] bytes) {
        JobFile file = refusals.refusing(() -> JobFile.read(bytes));
        return database.execute(
                (ConnectionCallback<JobFileView>) connection -> refusals.refusing(() -> look(file, connection)));
    }

    private JobFileView look(JobFile file, Connection connection) throws SQLException {
        Map<String, Table> known = tables.of(connection);
        List<Section> sections = Section.all(known);
        file.refuseOtherSections(sections);
        Optional<Long> here = here(file.key());
        List<Pair> named = new NamedAlike(connection, known).all(sections, file);
        int news = here.isEmpty() ? 0 : news(file, sections, known, connection);
        String state = here.isEmpty() ? "new" : news == 0 ? "again" : "more";
        String name = file.job().path("name").asString("");
        return new JobFileView(
                file.home(),
                name,
                file.job().path("about").asString(""),
                state,
                here.orElse(0L),
                words.say("job-file." + state, Map.of("name", name, "home", file.home(), "count", news)),
                count(file, sections, "plan"),
                count(file, sections, "part"),
                (int) file.content()
                        .path("features")
                        .valueStream()
                        .map(row -> row.path("featureKey").asString(""))
                        .distinct()
                        .count(),
                count(file, sections, "reading"),
                unnamed(file, sections, Section.PERSON, named),
                unnamed(file, sections, Section.GAUGE, named),
                here.isPresent() ? List.of() : named.stream().map(Pair::view).toList(),
                file.signed().stream()
                        .map(row -> words.say(
                                "job-file.signed",
                                Map.of(
                                        "home", row.path("home").asString(""),
                                        "revision", row.path("revision").asInt(0))))
                        .toList());
    }

    private static int count(JobFile file, List<Section> sections, String table) {
        return sections.stream()
                .filter(section -> section.table().equals(table))
                .mapToInt(section -> file.rows(section).size())
                .sum();
    }

    private static List<String> unnamed(JobFile file, List<Section> sections, String table, List<Pair> named) {
        Section section = of(sections, table);
        Set<String> known = named.stream()
                .filter(pair -> pair.section().equals(section))
                .map(pair -> pair.view().name())
                .collect(Collectors.toSet());
        return file.rows(section).stream()
                .map(row -> NamedAlike.nameOf(section, row))
                .filter(name -> !known.contains(name))
                .toList();
    }

    private static Section of(List<Section> sections, String table) {
        return sections.stream()
                .filter(section -> section.table().equals(table))
                .findFirst()
                .orElseThrow();
    }

    /** How many of its rows with a UUID are not here. */
    private int news(JobFile file, List<Section> sections, Map<String, Table> known, Connection connection)
            throws SQLException {
        int news = signed.news(file.signed());
        for (Section section : sections) {
            Table table = known.get(section.table());
            if (KeysHere.has(table)) {
                List<JsonNode> rows = file.rows(section);
                news += rows.size() - KeysHere.of(connection, table, rows).size();
            }
        }
        return news;
    }

    /** Its number here; empty of one that is not. */
    Optional<Long> here(UUID key) {
        return database.queryForList("SELECT id FROM job WHERE job_key = ?", Long.class, key).stream()
                .findFirst();
    }
}
