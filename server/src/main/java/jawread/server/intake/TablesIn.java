package jawread.server.intake;

import java.time.Clock;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.assess.Place;
import jawread.core.length.LengthUnit;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.intake.ReadColumns.Known;
import jawread.server.intake.RowsRead.Given;
import jawread.server.intake.TableInView.ColumnView;
import jawread.server.intake.TableInView.RowView;
import jawread.server.intake.TableInView.TableKeptView;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.LimitsWords;
import jawread.server.job.Part;
import jawread.server.job.Plan;
import jawread.server.job.PlanRevision;
import jawread.server.journal.Journal;
import jawread.server.measure.KeepReading;
import jawread.server.measure.Readings;
import jawread.server.measure.Rounds;
import jawread.server.tables.CanonicalJson;
import jawread.server.tabular.DataTable;
import jawread.server.tabular.Separated;
import jawread.server.tabular.TableIn;
import jawread.server.tabular.TableIn.NoTable;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Brings tables of readings into a job: shown first, then kept all or none, or the good rows with the bad ones handed back. */
@Service
class TablesIn {
    private static final int ROWS_SHOWN = 200;
    private static final int FIRST_CELLS = 3;

    private final Jobs jobs;
    private final Readings readings;
    private final Rounds rounds;
    private final Drawer drawer;
    private final People people;
    private final LimitsWords limits;
    private final Journal journal;
    private final JdbcTemplate database;
    private final Clock clock;
    private final Words words;

    TablesIn(
            Jobs jobs,
            Readings readings,
            Rounds rounds,
            Drawer drawer,
            People people,
            LimitsWords limits,
            Journal journal,
            JdbcTemplate database,
            Clock clock,
            Words words) {
        this.jobs = jobs;
        this.readings = readings;
        this.rounds = rounds;
        this.drawer = drawer;
        this.people = people;
        this.limits = limits;
        this.journal = journal;
        this.database = database;
        this.clock = clock;
        this.words = words;
    }

    /**
     * How a table is to be understood.
     *
     * @param columns what each column holds, from the left; empty: as the program takes it
     * @param gauge of rows that name none; empty where nobody has said
     * @param again whether the same file is other readings than it was before
     */
    record How(List<String> columns, String gauge, boolean again) {}

    private record Understood(Job job, ReadColumns columns, List<RowsRead.Figure> figures, String sha256) {
        List<RowsRead.Figure> good() {
            return figures.stream().filter(RowsRead.Figure::isGood).toList();
        }

        List<RowsRead.Figure> bad() {
            return figures.stream().filter(figure -> !figure.isGood()).toList();
        }
    }

    /** What a table holds; nothing of it is kept. Refuses with 422 what is no table, and one without a reading. */
    @Transactional(readOnly = true)
    TableInView look(long jobId, byte[] file, How how, Person person) {
        Understood of = understood(jobId, file, how, person);
        List<RowsRead.Figure> bad = of.bad();
        int here = here(of);
        Optional<String> before = cameBefore(of);
        boolean wantsGauge = how.gauge().isEmpty()
                && of.columns().at(Meaning.GAUGE).isEmpty()
                && of.figures().stream().anyMatch(figure -> figure.gauge().isEmpty());
        List<RowsRead.Figure> shown = Stream.concat(bad.stream(), of.good().stream())
                .limit(ROWS_SHOWN)
                .sorted(java.util.Comparator.comparingInt(figure -> figure.row().number()))
                .toList();
        int good = of.figures().size() - bad.size();
        return new TableInView(
                columns(of.columns()),
                shown.stream().map(figure -> row(figure, of)).toList(),
                good,
                here,
                bad.size(),
                before.orElse(null),
                wantsGauge ? Meaning.GAUGE.code() : null,
                words.say(
                        bad.isEmpty() ? "table.all-good" : good == 0 ? "table.none-good" : "table.some-good",
                        Map.of("good", good, "bad", bad.size(), "here", here, "new", good - here)));
    }

    private List<ColumnView> columns(ReadColumns of) {
        return IntStream.range(0, of.means().size())
                .mapToObj(at -> {
                    String means = of.means().get(at);
                    return new ColumnView(
                            of.headOf(at),
                            means,
                            means.startsWith(ReadColumns.OF_FEATURE)
                                    ? words.say(
                                            "table.column.of-feature",
                                            Map.of("feature", means.substring(ReadColumns.OF_FEATURE.length())))
                                    : words.say("table.column." + (means.isEmpty() ? "left-out" : means)),
                            Meaning.unitOf(of.headOf(at)).orElse(null),
                            of.rows().stream()
                                    .limit(FIRST_CELLS)
                                    .map(row -> row.cell(at))
                                    .toList());
                })
                .toList();
    }

    private RowView row(RowsRead.Figure figure, Understood of) {
        LengthUnit unit = of.job().unit();
        return new RowView(
                figure.row().number(),
                figure.on().map(on -> on.part().name()).orElse(null),
                figure.on().map(on -> on.feature().name()).orElse(null),
                figure.place().map(Place::name).orElse(null),
                figure.typed(),
                figure.on()
                        .flatMap(on -> on.feature()
                                .planned()
                                .judgedBy()
                                .map(held ->
                                        limits.brief(held, unit, on.feature().limitsStep())))
                        .orElse(null),
                figure.gauge().isEmpty() ? null : figure.gauge(),
                figure.column() < 0 ? null : named(of.columns(), figure.column()),
                figure.isGood() ? null : figure.problem());
    }

    private String named(ReadColumns columns, int at) {
        String head = columns.headOf(at);
        return head.isEmpty() ? words.say("table.column-number", Map.of("number", at + 1)) : head;
    }

    private Understood understood(long jobId, byte[] file, How how, Person person) {
        TableIn table = table(file);
        Job job = jobs.job(jobId);
        Map<PlanRevision, List<Part>> plans = new LinkedHashMap<>();
        for (Plan plan : jobs.plansOf(job)) {
            plans.put(jobs.newest(plan), jobs.partsOf(plan));
        }
        var places = new JobPlaces(plans);
        Map<String, Gauge> gauges = drawer.all().stream()
                .collect(Collectors.toMap(
                        gauge -> gauge.shopNumber().toLowerCase(Locale.ROOT), Function.identity(), (one, same) -> one));
        Map<String, Person> named = people.all().stream()
                .collect(Collectors.toMap(
                        each -> each.name().toLowerCase(Locale.ROOT), Function.identity(), (one, same) -> one));
        var known = new Known(
                places::isPart,
                places::isFeature,
                word -> gauges.containsKey(word.toLowerCase(Locale.ROOT)),
                word -> places.byCode(word).isPresent());
        ReadColumns plain = ReadColumns.of(table, known, List.of());
        List<String> decided = how.columns().isEmpty() ? remembered(plain) : how.columns();
        ReadColumns columns = decided.size() == table.columns() ? ReadColumns.of(table, known, decided) : plain;
        String sha256 = CanonicalJson.digest(file);
        var lastRounds = new HashMap<String, Integer>();
        var rows = new RowsRead(
                columns,
                places,
                gauges,
                named,
                on -> lastRounds.computeIfAbsent(
                        on.part().id() + "/" + on.feature().id(), unused -> rounds.last(on.part(), on.feature())),
                new Given(
                        how.gauge().isEmpty()
                                ? Optional.empty()
                                : Optional.of(Optional.ofNullable(
                                                gauges.get(how.gauge().toLowerCase(Locale.ROOT)))
                                        .orElseThrow(() -> Refused.field("gauge", "no-such-gauge", words))),
                        person,
                        clock.instant(),
                        clock.getZone(),
                        jobId + " " + sha256 + (how.again() ? " " + clock.instant() : "")),
                words);
        List<RowsRead.Figure> figures = rows.all().stream().map(this::asKept).toList();
        return new Understood(job, columns, figures, sha256);
    }

    /** Whether it would be kept: what the bench would say to it is said to the row. */
    private RowsRead.Figure asKept(RowsRead.Figure figure) {
        return figure.reading()
                .flatMap(readings::refusal)
                .map(refused -> figure.refused(-1, refused.sentence()))
                .orElse(figure);
    }

    private TableIn table(byte[] file) {
        try {
            return TableIn.of(file);
        } catch (NoTable none) {
            throw Refused.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    none.code(),
                    words.say("problem." + none.code(), Map.of("line", none.line())));
        }
    }

    private List<String> remembered(ReadColumns of) {
        if (of.heads().isEmpty()) {
            return List.of();
        }
        return database
                .queryForList(
                        "SELECT columns FROM columns_chosen WHERE head = ? ORDER BY made_at DESC FETCH FIRST ROW ONLY",
                        String.class,
                        CanonicalJson.digest(of.heads()))
                .stream()
                .findFirst()
                .map(text -> Arrays.asList(text.split("\t", -1)))
                .orElse(List.of());
    }

    private int here(Understood of) {
        return (int) of.good().stream()
                .flatMap(figure -> figure.reading().stream())
                .map(KeepReading::id)
                .filter(id -> readings.whereIs(id).isPresent())
                .count();
    }

    private Optional<String> cameBefore(Understood of) {
        return database
                .query(
                        "SELECT a.made_at, p.name FROM table_arrival a JOIN person p ON p.id = a.person_id"
                                + " WHERE a.sha256 = ? AND a.job_id = ? ORDER BY a.made_at DESC FETCH FIRST ROW ONLY",
                        (row, at) -> words.say(
                                "table.came-before",
                                Map.of(
                                        "who", row.getString(2),
                                        "at",
                                                row.getObject(1, java.time.OffsetDateTime.class)
                                                        .toInstant()
                                                        .truncatedTo(ChronoUnit.SECONDS)
                                                        .toString())),
                        of.sha256(),
                        of.job().id())
                .stream()
                .findFirst();
    }

    /**
     * Keeps the readings of a table, with the columns as they were shown.
     *
     * @param onlyGood whether the good rows are kept where some are bad; else such a table is refused with 422
     */
    @Transactional
    TableKeptView keep(long jobId, byte[] file, How how, boolean onlyGood, Person person) {
        Understood of = understood(jobId, file, how, person);
        List<RowsRead.Figure> bad = of.bad();
        if (!how.again() && cameBefore(of).isPresent()) {
            throw Refused.of(
                    HttpStatus.CONFLICT, "table-came-before", cameBefore(of).get());
        }
        if (of.good().isEmpty() || !bad.isEmpty() && !onlyGood) {
            RowsRead.Figure first = bad.get(0);
            throw Refused.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "table-rows-bad",
                    words.say(
                            "problem.table-rows-bad",
                            Map.of(
                                    "count", bad.size(),
                                    "line", first.row().number(),
                                    "column", first.column() < 0 ? "-" : named(of.columns(), first.column()),
                                    "why", first.problem())));
        }
        List<KeepReading> all =
                of.good().stream().flatMap(figure -> figure.reading().stream()).toList();
        int kept = readings.keepAll(jobId, all);
        if (kept > 0) {
            arrived(of, kept, person);
        }
        remember(of, how, person);
        return new TableKeptView(
                kept,
                all.size() - kept,
                bad.size(),
                bad.isEmpty() ? null : rejected(of, bad),
                words.say(
                        bad.isEmpty() ? "table.kept" : "table.kept-good",
                        Map.of("kept", kept, "here", all.size() - kept, "bad", bad.size())));
    }

    private void arrived(Understood of, int kept, Person person) {
        UUID id = UUID.randomUUID();
        database.update(
                "INSERT INTO table_arrival (id, job_id, sha256, kept, person_id, made_at) VALUES (?, ?, ?, ?, ?, ?)",
                id,
                of.job().id(),
                of.sha256(),
                kept,
                person.id(),
                clock.instant().truncatedTo(ChronoUnit.MICROS).atOffset(ZoneOffset.UTC));
        journal.wrote("table_arrival", Map.of("id", id));
    }

    private void remember(Understood of, How how, Person person) {
        if (how.columns().isEmpty() || of.columns().heads().isEmpty()) {
            return;
        }
        UUID id = UUID.randomUUID();
        database.update(
                "INSERT INTO columns_chosen (id, head, columns, person_id, made_at) VALUES (?, ?, ?, ?, ?)",
                id,
                CanonicalJson.digest(of.columns().heads()),
                String.join("\t", of.columns().means()),
                person.id(),
                clock.instant().truncatedTo(ChronoUnit.MICROS).atOffset(ZoneOffset.UTC));
        journal.wrote("columns_chosen", Map.of("id", id));
    }

    /** The rows that were not kept, as they stood, with why: to be put right and brought in again. */
    private String rejected(Understood of, List<RowsRead.Figure> bad) {
        var heads = new ArrayList<String>();
        for (int at = 0; at < of.columns().means().size(); at++) {
            heads.add(of.columns().headOf(at));
        }
        heads.add(words.say("table.rejected.line"));
        heads.add(words.say("table.rejected.why"));
        List<List<Object>> rows = bad.stream()
                .map(figure -> {
                    var row = new ArrayList<Object>();
                    for (int at = 0; at < of.columns().means().size(); at++) {
                        row.add(figure.row().cell(at));
                    }
                    row.add(Integer.toString(figure.row().number()));
                    row.add(figure.problem());
                    return (List<Object>) row;
                })
                .toList();
        return Separated.csv(new DataTable("rejected", heads, rows));
    }
}
