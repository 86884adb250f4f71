package jawread.server.intake;

import java.time.Clock;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToIntBiFunction;
import java.util.stream.Collectors;
import jawread.core.assess.Feature;
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
import jawread.server.live.Underway.Progress;
import jawread.server.measure.KeepReading;
import jawread.server.measure.Readings;
import jawread.server.measure.Rounds;
import jawread.server.tables.CanonicalJson;
import jawread.server.tabular.TableIn;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Understands a table as readings of a job: which columns they are, and what the bench would say to each. */
@Component
class Understanding {
    private final Jobs jobs;
    private final Readings readings;
    private final Rounds rounds;
    private final Drawer drawer;
    private final People people;
    private final TablesBefore before;
    private final Clock clock;
    private final Words words;

    Understanding(
            Jobs jobs,
            Readings readings,
            Rounds rounds,
            Drawer drawer,
            People people,
            TablesBefore before,
            Clock clock,
            Words words) {
        this.jobs = jobs;
        this.readings = readings;
        this.rounds = rounds;
        this.drawer = drawer;
        this.people = people;
        this.before = before;
        this.clock = clock;
        this.words = words;
    }

    /** As far as the table itself says it. Refuses with 422 what is no table, one without a reading, and columns that hold what none can. */
    Understood of(long jobId, byte[] file, How how, Person person) {
        TableIn table = TableIn.orRefused(file, words);
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
        ReadColumns columns = columns(ReadColumns.of(table, known), how);
        String sha256 = CanonicalJson.digest(file);
        var lasts = new HashMap<Long, ToIntBiFunction<Part, Feature>>();
        var cells = new Cells(columns, words);
        var rows = new RowsRead(
                cells,
                new WhereRead(cells, places),
                gauges,
                named,
                on -> lasts.computeIfAbsent(
                                on.part().plan().id(),
                                unused -> rounds.lasts(on.part().plan()))
                        .applyAsInt(on.part(), on.feature()),
                new Given(
                        how.gauge().isEmpty() ? Optional.empty() : Optional.of(gauge(gauges, how.gauge())),
                        person,
                        clock.instant(),
                        clock.getZone(),
                        jobId + " " + sha256 + (how.again() ? " " + clock.instant() : "")));
        List<RowRead> read = rows.all();
        if (read.isEmpty()) {
            throw Refused.of(
                    HttpStatus.UNPROCESSABLE_CONTENT, "table-no-readings", words.say("problem.table-no-readings"));
        }
        return new Understood(job, columns, read, sha256);
    }

    private Gauge gauge(Map<String, Gauge> all, String number) {
        return Optional.ofNullable(all.get(number.toLowerCase(Locale.ROOT)))
                .orElseThrow(() -> Refused.field("gauge", "no-such-gauge", words));
    }

    /** As somebody says now, or has said of such a head before. Refuses what no column can hold. */
    private ReadColumns columns(ReadColumns plain, How how) {
        if (how.columns().isEmpty()) {
            return plain.decided(before.meansUnder(plain.heads())).orElse(plain);
        }
        return plain.decided(how.columns()).orElseThrow(() -> Refused.field("column", "table-columns-said", words));
    }

    /** The same with what the bench would say to each row. */
    Understood judged(Understood of, Progress progress) {
        List<KeepReading> sent = of.readings();
        progress.begins(sent.size());
        return of.refused(readings.refusals(sent, progress::reached));
    }
}
