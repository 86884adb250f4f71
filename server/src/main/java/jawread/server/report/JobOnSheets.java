package jawread.server.report;

import jakarta.annotation.Nullable;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.assess.Reading;
import jawread.server.drawer.DrawerView.GaugeRowView;
import jawread.server.drawer.GaugePageView;
import jawread.server.drawer.GaugePageView.CheckView;
import jawread.server.drawer.GaugePages;
import jawread.server.job.Jobs;
import jawread.server.judgement.JudgementView.JudgedFeatureView;
import jawread.server.judgement.JudgementView.JudgedPlaceView;
import jawread.server.judgement.SheetView.FeatureView;
import jawread.server.judgement.SheetView.PlaceView;
import jawread.server.judgement.SheetView.ReadingView;
import jawread.server.judgement.SheetView.SaidView;
import jawread.server.judgement.SheetView.VerdictView;
import jawread.server.report.Paper.PartOnPaper;
import jawread.server.sheets.Sheet;
import jawread.server.sheets.Sheet.Column;
import jawread.server.words.LengthText;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A job as tables for other programs: its readings, features, verdicts, the gauges it was read with, and their checks. */
@Service
public class JobOnSheets {
    private static final BigDecimal PICOMETRES_AN_INCH = new BigDecimal("25400000000");
    private static final int DECIMALS_MM = 9;

    private final Jobs jobs;
    private final JobOnPaper onPaper;
    private final GaugePages gauges;

    JobOnSheets(Jobs jobs, JobOnPaper onPaper, GaugePages gauges) {
        this.jobs = jobs;
        this.onPaper = onPaper;
        this.gauges = gauges;
    }

    /** Their names. */
    public static List<String> names() {
        return List.of("readings", "verdicts", "features", "gauges", "checks");
    }

    /** All of them, in the order of their names. Refuses an unknown job with 404. */
    @Transactional(readOnly = true)
    public List<Sheet> of(long job) {
        Paper paper = onPaper.of(jobs.job(job));
        List<GaugePageView> used = paper.readings().stream()
                .flatMap(Reading::gauges)
                .distinct()
                .sorted()
                .map(gauge -> gauges.page(gauge, Optional.empty()))
                .toList();
        return List.of(readings(paper), verdicts(paper), features(paper), gauges(used), checks(used));
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

    private record OfCheck(GaugePageView gauge, CheckView check) {}

    private static Stream<OfFeature> all(Paper paper) {
        return paper.parts()
                .flatMap(part -> part.judged().drawn().stream()
                        .flatMap(feature -> part.judged().features().stream()
                                .filter(judged -> judged.id() == feature.id())
                                .map(judged -> new OfFeature(part, feature, judged))));
    }

    private static Sheet readings(Paper paper) {
        Stream<OfReading> readings = all(paper)
                .flatMap(OfFeature::places)
                .flatMap(place -> Stream.concat(
                        place.place().readings().stream().map(each -> new OfReading(place, each, false)),
                        place.place().quick().stream().map(each -> new OfReading(place, each, true))));
        return Sheet.of(
                "readings",
                readings,
                List.of(
                        new Column<>("id", of -> of.reading().id().toString()),
                        new Column<>("part", of -> of.at().of().part().part().name()),
                        new Column<>("number", of -> of.at().of().feature().number()),
                        new Column<>("feature", of -> of.at().of().feature().name()),
                        new Column<>("place", of -> of.at().place().name()),
                        new Column<>("reading", of -> figure(of.reading().size())),
                        new Column<>("unit", of -> of.reading().size().unit()),
                        new Column<>(
                                "reading_mm", of -> millimetres(of.reading().size())),
                        new Column<>("reading_in", of -> inches(of.reading().size())),
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

    private static Sheet verdicts(Paper paper) {
        return Sheet.of(
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
                        new Column<>("size", each -> figure(each.size())),
                        new Column<>("expanded_uncertainty", each -> figure(each.expanded())),
                        new Column<>(
                                "unit",
                                each -> each.size() == null ? null : each.size().unit()),
                        new Column<>("size_mm", each -> millimetres(each.size())),
                        new Column<>("size_in", each -> inches(each.size())),
                        new Column<>(
                                "risk",
                                each -> each.at() == null
                                        ? null
                                        : each.at().place().risk()),
                        new Column<>("sentence", each -> each.verdict().sentence())));
    }

    private static Sheet features(Paper paper) {
        return Sheet.of(
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
                                "lower", each -> figure(each.getValue().limits().low())),
                        new Column<>(
                                "upper", each -> figure(each.getValue().limits().high())),
                        new Column<>("service", each -> figure(each.getValue().service())),
                        new Column<>("unit", each -> unit(each.getValue())),
                        new Column<>(
                                "lower_mm",
                                each -> millimetres(each.getValue().limits().low())),
                        new Column<>(
                                "upper_mm",
                                each -> millimetres(each.getValue().limits().high())),
                        new Column<>(
                                "lower_in",
                                each -> inches(each.getValue().limits().low())),
                        new Column<>(
                                "upper_in",
                                each -> inches(each.getValue().limits().high()))));
    }

    private static @Nullable String unit(FeatureView feature) {
        return Stream.of(feature.limits().low(), feature.limits().high(), feature.service())
                .filter(Objects::nonNull)
                .map(LengthText::unit)
                .findFirst()
                .orElse(null);
    }

    private static Sheet gauges(List<GaugePageView> used) {
        return Sheet.of(
                "gauges",
                used.stream().map(GaugePageView::gauge),
                List.of(
                        new Column<>("gauge", GaugeRowView::shopNumber),
                        new Column<>("name", GaugeRowView::name),
                        new Column<>("kind", GaugeRowView::kind),
                        new Column<>("range", GaugeRowView::range),
                        new Column<>("least_count", gauge -> figure(gauge.leastCount())),
                        new Column<>(
                                "unit",
                                gauge -> gauge.leastCount() == null
                                        ? null
                                        : gauge.leastCount().unit()),
                        new Column<>("state", GaugeRowView::state),
                        new Column<>("checked", GaugeRowView::checked),
                        new Column<>("due", GaugeRowView::due)));
    }

    private static Sheet checks(List<GaugePageView> used) {
        return Sheet.of(
                "checks",
                used.stream().flatMap(gauge -> gauge.checks().stream().map(check -> new OfCheck(gauge, check))),
                List.of(
                        new Column<>("id", of -> of.check().id().toString()),
                        new Column<>("gauge", of -> of.gauge().gauge().shopNumber()),
                        new Column<>("at", of -> of.check().at()),
                        new Column<>("person", of -> of.check().person()),
                        new Column<>("found", of -> figure(of.check().found())),
                        new Column<>("left", of -> figure(of.check().left())),
                        new Column<>("allowed", of -> figure(of.check().allowed())),
                        new Column<>("unit", of -> of.check().found().unit()),
                        new Column<>("good", of -> yes(of.check().good())),
                        new Column<>("sentence", of -> of.check().sentence())));
    }

    private static String yes(boolean is) {
        return is ? "yes" : "no";
    }

    private static @Nullable String reason(@Nullable SaidView said) {
        return said == null ? null : said.reason();
    }

    /** With the digits that are shown. */
    private static @Nullable BigDecimal figure(@Nullable LengthText length) {
        return length == null ? null : number(length.text());
    }

    private static BigDecimal number(String text) {
        return new BigDecimal(text.replace('\u2212', '-')
                .replace("\u00b1", "")
                .replace("+", "")
                .replace(" ", "")
                .strip());
    }

    private static @Nullable BigDecimal millimetres(@Nullable LengthText length) {
        return length == null ? null : inUnit(length, "mm");
    }

    private static @Nullable BigDecimal inches(@Nullable LengthText length) {
        return length == null ? null : inUnit(length, "in");
    }

    /** As shown where that is its unit; else to the digits that the other unit is shown with. */
    private static BigDecimal inUnit(LengthText length, String unit) {
        if (length.unit().equals(unit)) {
            return number(length.text());
        }
        BigDecimal exact = unit.equals("mm")
                ? BigDecimal.valueOf(length.pm(), DECIMALS_MM)
                : BigDecimal.valueOf(length.pm()).divide(PICOMETRES_AN_INCH, DECIMALS_MM, RoundingMode.HALF_EVEN);
        String shown = length.other().replaceAll("[^0-9.]", "");
        int decimals = shown.indexOf('.') < 0 ? 0 : shown.length() - 1 - shown.indexOf('.');
        return exact.setScale(decimals, RoundingMode.HALF_EVEN);
    }
}
