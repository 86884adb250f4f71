package jawread.server.report;

import java.util.List;
import java.util.Optional;
import jawread.server.drawer.DrawerView.GaugeRowView;
import jawread.server.drawer.GaugePageView;
import jawread.server.drawer.GaugePageView.CheckView;
import jawread.server.drawer.GaugePages;
import jawread.server.tabular.DataTable;
import jawread.server.tabular.DataTable.Column;
import jawread.server.tabular.LengthCells;
import org.springframework.stereotype.Component;

/** The gauges that a job was read with, and their checks, as tables for other programs. */
@Component
class GaugesInTables {
    private final GaugePages pages;
    private final LengthCells cells;

    GaugesInTables(GaugePages pages, LengthCells cells) {
        this.pages = pages;
        this.cells = cells;
    }

    private record OfCheck(GaugePageView gauge, CheckView check) {}

    List<GaugePageView> usedIn(Paper paper) {
        return paper.gauges().map(gauge -> pages.page(gauge, Optional.empty())).toList();
    }

    DataTable gauges(List<GaugePageView> used) {
        return DataTable.of(
                "gauges",
                used.stream().map(GaugePageView::gauge),
                List.of(
                        new Column<>("gauge", GaugeRowView::shopNumber),
                        new Column<>("name", GaugeRowView::name),
                        new Column<>("kind", GaugeRowView::kind),
                        new Column<>("range", GaugeRowView::range),
                        new Column<>("least_count", gauge -> cells.figure(gauge.leastCount())),
                        new Column<>("unit", gauge -> LengthCells.unit(gauge.leastCount())),
                        new Column<>("state", GaugeRowView::state),
                        new Column<>("checked", GaugeRowView::checked),
                        new Column<>("due", GaugeRowView::due)));
    }

    DataTable checks(List<GaugePageView> used) {
        return DataTable.of(
                "checks",
                used.stream().flatMap(gauge -> gauge.checks().stream().map(check -> new OfCheck(gauge, check))),
                List.of(
                        new Column<>("id", of -> of.check().id().toString()),
                        new Column<>("gauge", of -> of.gauge().gauge().shopNumber()),
                        new Column<>("at", of -> of.check().at()),
                        new Column<>("person", of -> of.check().person()),
                        new Column<>("found", of -> cells.figure(of.check().found())),
                        new Column<>("left", of -> cells.figure(of.check().left())),
                        new Column<>("allowed", of -> cells.figure(of.check().allowed())),
                        new Column<>("unit", of -> of.check().found().unit()),
                        new Column<>("good", of -> JobInTables.yes(of.check().good())),
                        new Column<>("sentence", of -> of.check().sentence())));
    }
}
