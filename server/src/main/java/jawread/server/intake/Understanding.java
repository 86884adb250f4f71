package jawread.server.intake;

import java.time.Clock;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.intake.ReadColumns.Known;
import jawread.server.intake.RowsRead.Given;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.job.Plan;
import jawread.server.job.PlanRevision;
import jawread.server.measure.Readings;
import jawread.server.measure.Rounds;
import jawread.server.tables.CanonicalJson;
import jawread.server.tabular.TableIn;
import jawread.server.tabular.TableIn.NoTable;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Understands a table as readings of a job: which columns they are, and what the bench would say to each. */
@Component
class Understanding {
    private final Jobs jobs;
    private final Readings readings;
    private final Rounds rounds;
    private final Drawer drawer;
    private final People people;
    private final JdbcTemplate database;
    private final Clock clock;
    private final Words words;

    Understanding(
            Jobs jobs,
            Readings readings,
            Rounds rounds,
            Drawer drawer,
            People people,
            JdbcTemplate database,
            Clock clock,
            Words words) {
        this.jobs = jobs;
        this.readings = readings;
        this.rounds = rounds;
        this.drawer = drawer;
        this.people = people;
        this.database = database;
        this.clock = clock;
        this.words = words;
    }

    /** Refuses with 422 what is no table. */
    Understood of(long jobId, byte[] file, How how, Person person) {
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
}
