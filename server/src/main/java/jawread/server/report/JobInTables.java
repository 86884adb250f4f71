package jawread.server.report;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.drawer.GaugePageView;
import jawread.server.job.Jobs;
import jawread.server.judgement.JudgementView.JudgedFeatureView;
import jawread.server.judgement.JudgementView.JudgedPlaceView;
import jawread.server.judgement.SheetView.FeatureView;
import jawread.server.judgement.SheetView.PlaceView;
import jawread.server.judgement.SheetView.ReadingView;
import jawread.server.judgement.SheetView.SaidView;
import jawread.server.judgement.SheetView.VerdictView;
import jawread.server.report.Paper.PartOnPaper;
import jawread.server.tabular.DataTable;
import jawread.server.tabular.DataTable.Column;
import jawread.server.tabular.LengthCells;
import jawread.server.words.LengthText;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A job as tables for other programs: its readings, features, verdicts, the gauges it was read with, and their checks. */
@Service
public class JobInTables {
    private final Jobs jobs;
    private final JobOnPaper onPaper;
    private final GaugesInTables gauges;
    private final LengthCells cells;

    JobInTables(Jobs jobs, JobOnPaper onPaper, GaugesInTables gauges, LengthCells cells) {
        this.jobs = jobs;
        this.onPaper = onPaper;
        this.gauges = gauges;
        this.cells = cells;
    }

    /** Their names. */
    public static List<String> names() {
        return List.of("readings", "verdicts", "features", "gauges", "checks");
    }

    /** All of them, in the order of their names. Refuses an unknown job with 404. */
    @Transactional(readOnly = true)
    public List<DataTable> of(long job) {
        Paper paper = onPaper.of(jobs.job(job));
        List<GaugePageView> used = gauges.usedIn(paper);
        return List.of(readings(paper), verdicts(paper), features(paper), gauges.gauges(used), gauges.checks(used));
    }

    private record OfFeature(PartOnPaper part, FeatureView feature, JudgedFeatureView judged) {
        Stream<OfPlace> places() {
            return judged.inFull() == null
                    ? Stream.empty()
                    : judged.inFull().places().stream().map(place -> new OfPlace(this, place));
        }
    }

    private record OfPlace(OfFeature of, JudgedPlaceView judged) {
        PlaceView place() {
            return judged.place();
        }
    }

    private record OfReading(OfPlace at, ReadingView reading, boolean isQuick) {}

    private static Stream<OfFeature> all(Paper paper) {
        return paper.parts()
                .flatMap(part -> part.judged().drawn().stream()
                        .flatMap(feature -> part.judged().features().stream()
                                .filter(judged -> judged.id() == feature.id())
                                .map(judged -> new OfFeature(part, feature, judged))));
    }

    private DataTable readings(Paper paper) {
        Stream<OfReading> readings = all(paper)
                .flatMap(OfFeature::places)
                .flatMap(place -> Stream.concat(
                        place.place().readings().stream().map(each -> new OfReading(place, each, false)),
                        place.place().quick().stream().map(each -> new OfReading(place, each, true))));
        return DataTable.of(
                "readings",
                readings,
                List.of(
                        new Column<>("id", of -> of.reading().id().toString()),
                        new Column<>("part", of -> of.at().of().part().part().name()),
                        new Column<>("number", of -> of.at().of().feature().number()),
                        new Column<>("feature", of -> of.at().of().feature().name()),
                        new Column<>("place", of -> of.at().place().name()),
                        new Column<>("reading", of -> cells.figure(of.reading().size())),
                        new Column<>("unit", of -> of.reading().size().unit()),
                        new Column<>(
                                "reading_mm",
                                of -> cells.millimetres(of.reading().size())),
                        new Column<>(
                                "reading_in", of -> cells.inches(of.reading().size())),
                        new Column<>("how", of -> of.reading().how()),
                        new Column<>("quick_check", of -> yes(of.isQuick())),
                        new Column<>("gauge", of -> of.reading().gauge()),
                        new Column<>("person", of -> of.reading().person()),
                        new Column<>("taken_at", of -> of.reading().takenAt()),
                        new Column<>("struck", of -> yes(of.reading().struck() != null)),
                        new Column<>("struck_because", of -> reason(of.reading().struck())),
                        new Column<>("setting", of -> of.reading().setting()),
                        new Column<>("remark", of -> of.reading().remark()),
                        new Column<>(
                                "notes",
                                of -> of.reading().notes().stream()
                                        .map(SaidView::reason)
                                        .collect(Collectors.joining("; ")))));
    }

    private record Judged(OfFeature of, @Nullable OfPlace at) {
        VerdictView verdict() {
            return at == null ? of.judged().verdict() : at.place().verdict();
        }

        @Nullable
        LengthText size() {
            return at == null ? of.judged().value() : at.place().value();
        }

        @Nullable
        LengthText expanded() {
            return at == null ? of.judged().expanded() : at.place().expanded();
        }
    }

    private DataTable verdicts(Paper paper) {
        return DataTable.of(
                "verdicts",
                all(paper)
                        .flatMap(feature -> Stream.concat(
                                Stream.of(new Judged(feature, null)),
                                feature.places().map(place -> new Judged(feature, place)))),
                List.of(
                        new Column<>("part", each -> each.of().part().part().name()),
                        new Column<>("number", each -> each.of().feature().number()),
                        new Column<>("feature", each -> each.of().feature().name()),
                        new Column<>(
                                "place",
                                each -> each.at() == null
                                        ? null
                                        : each.at().place().name()),
                        new Column<>("verdict", each -> each.verdict().mark()),
                        new Column<>("side", each -> each.verdict().side()),
                        new Column<>("in_words", each -> each.verdict().word()),
                        new Column<>("size", each -> cells.figure(each.size())),
                        new Column<>("expanded_uncertainty", each -> cells.figure(each.expanded())),
                        new Column<>("unit", each -> LengthCells.unit(each.size())),
                        new Column<>("size_mm", each -> cells.millimetres(each.size())),
                        new Column<>("size_in", each -> cells.inches(each.size())),
                        new Column<>(
                                "risk",
                                each -> each.at() == null
                                        ? null
                                        : each.at().place().risk()),
                        new Column<>("sentence", each -> each.verdict().sentence())));
    }

    private DataTable features(Paper paper) {
        return DataTable.of(
                "features",
                paper.plans().stream()
                        .flatMap(plan -> plan.parts().stream()
                                .limit(1)
                                .flatMap(part -> part.judged().drawn().stream()
                                        .map(feature -> Map.entry(
                                                plan.plan().plan().plan().name(), feature)))),
                List.of(
                        new Column<>("plan", each -> each.getKey()),
                        new Column<>("key", each -> each.getValue().key().toString()),
                        new Column<>("number", each -> each.getValue().number()),
                        new Column<>("feature", each -> each.getValue().name()),
                        new Column<>("kind", each -> each.getValue().kind()),
                        new Column<>(
                                "lower",
                                each -> cells.figure(each.getValue().limits().low())),
                        new Column<>(
                                "upper",
                                each -> cells.figure(each.getValue().limits().high())),
                        new Column<>(
                                "service", each -> cells.figure(each.getValue().service())),
                        new Column<>(
                                "unit",
                                each -> LengthCells.unit(
                                        each.getValue().limits().low(),
                                        each.getValue().limits().high(),
                                        each.getValue().service())),
                        new Column<>(
                                "lower_mm",
                                each -> cells.millimetres(
                                        each.getValue().limits().low())),
                        new Column<>(
                                "upper_mm",
                                each -> cells.millimetres(
                                        each.getValue().limits().high())),
                        new Column<>(
                                "lower_in",
                                each -> cells.inches(each.getValue().limits().low())),
                        new Column<>(
                                "upper_in",
                                each -> cells.inches(each.getValue().limits().high()))));
    }

    static String yes(boolean is) {
        return is ? "yes" : "no";
    }

    private static @Nullable String reason(@Nullable SaidView said) {
        return said == null ? null : said.reason();
    }
}
