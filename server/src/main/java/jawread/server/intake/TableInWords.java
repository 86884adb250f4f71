package jawread.server.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.assess.Place;
import jawread.core.length.LengthUnit;
import jawread.server.intake.TableInView.ColumnView;
import jawread.server.intake.TableInView.RowView;
import jawread.server.job.LimitsWords;
import jawread.server.tabular.DataTable;
import jawread.server.tabular.Separated;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Says what was understood of a table. */
@Component
class TableInWords {
    private static final int ROWS_SHOWN = 200;
    private static final int FIRST_CELLS = 3;

    private final LimitsWords limits;
    private final Words words;

    TableInWords(LimitsWords limits, Words words) {
        this.limits = limits;
        this.words = words;
    }

    /**
     * The whole of it.
     *
     * @param here how many of its readings are here already
     * @param before that the file came before; empty where it did not
     */
    TableInView of(Understood of, How how, int here, Optional<String> before) {
        List<RowsRead.Figure> bad = of.bad();
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

    /** What a column is called: by its head, else by its place. */
    String named(ReadColumns columns, int at) {
        String head = columns.headOf(at);
        return head.isEmpty() ? words.say("table.column-number", Map.of("number", at + 1)) : head;
    }

    /** The rows that were not kept, as they stood, with why: to be put right and brought in again. */
    String rejected(Understood of, List<RowsRead.Figure> bad) {
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
