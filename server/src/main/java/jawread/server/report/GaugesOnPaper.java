package jawread.server.report;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.assess.Reading;
import jawread.server.drawer.DrawerView.GaugeRowView;
import jawread.server.drawer.GaugePageView;
import jawread.server.drawer.GaugePageView.CheckView;
import jawread.server.drawer.GaugePages;
import jawread.server.paper.Block;
import jawread.server.paper.Block.Grid;
import jawread.server.paper.Block.Line;
import jawread.server.paper.Block.Title;
import jawread.server.paper.Block.Weight;
import jawread.server.words.Moments;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** The gauges that a job was measured with, and what was found at their zeros around it. */
@Component
class GaugesOnPaper {
    private final GaugePages pages;
    private final Columns columns;
    private final Moments moments;
    private final Words words;

    GaugesOnPaper(GaugePages pages, Columns columns, Moments moments, Words words) {
        this.pages = pages;
        this.columns = columns;
        this.moments = moments;
        this.words = words;
    }

    void of(Paper paper, List<Block> blocks) {
        List<GaugePageView> used =
                paper.gauges().map(gauge -> pages.page(gauge, Optional.empty())).toList();
        if (used.isEmpty()) {
            return;
        }
        blocks.add(Title.of(2, words.say("report.gauges")));
        blocks.add(Grid.of(
                columns.of("gauge", "kind", "range", "least-count", "state", "checked", "calibrated"),
                used.stream().map(GaugesOnPaper::line).toList()));
        Instant first = paper.readings().stream()
                .map(Reading::takenAt)
                .min(Instant::compareTo)
                .orElseThrow();
        used.forEach(gauge -> checks(gauge, first).forEach(blocks::add));
    }

    private static Line line(GaugePageView page) {
        GaugeRowView gauge = page.gauge();
        return Line.of(
                gauge.shopNumber(),
                gauge.kindName(),
                gauge.range(),
                gauge.leastCount() == null ? "" : gauge.leastCount().withUnit(),
                gauge.stateWord(),
                gauge.checked() == null ? "" : gauge.checked(),
                Stream.of(page.calibration(), gauge.due())
                        .filter(said -> said != null)
                        .reduce((found, due) -> found + " " + due)
                        .orElse(""));
    }

    /** From the last one before the first reading on. */
    private Stream<Block> checks(GaugePageView gauge, Instant first) {
        Optional<Instant> before = gauge.checks().stream()
                .map(CheckView::at)
                .filter(at -> !at.isAfter(first))
                .max(Instant::compareTo);
        return gauge.checks().stream()
                .filter(check -> check.at().isAfter(first)
                        || before.filter(check.at()::equals).isPresent())
                .sorted(java.util.Comparator.comparing(CheckView::at))
                .map(check -> new Block.Paragraph(
                        check.good() ? Weight.QUIET : Weight.BARRED,
                        words.say(
                                "report.check",
                                Map.of(
                                        "gauge", gauge.gauge().shopNumber(),
                                        "at", moments.moment(check.at()),
                                        "person", check.person(),
                                        "said", check.sentence()))));
    }
}
