package jawread.server.intake;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.assess.Place;
import jawread.core.length.LengthUnit;
import jawread.core.length.TypedLength;
import jawread.server.intake.JobPlaces.On;
import jawread.server.intake.TableInView.ColumnView;
import jawread.server.intake.TableInView.MeaningView;
import jawread.server.intake.TableInView.RowView;
import jawread.server.job.LimitsWords;
import jawread.server.tabular.DataTable;
import jawread.server.tabular.Separated;
import jawread.server.tabular.TableIn.Line;
import jawread.server.tabular.UnitInHead;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Says what was understood of a table. */
@Component
class TableInWords {
    private static final int ROWS_SHOWN = 200;
    private static final int FIRST_CELLS = 3;

    private final LimitsWords limits;
    private final Figures figures;
    private final Words words;

    TableInWords(LimitsWords limits, Figures figures, Words words) {
        this.limits = limits;
        this.figures = figures;
        this.words = words;
    }

    /**
     * The whole of it.
     *
     * @param here how many of its readings are here already
     * @param before that the file came before; empty where it did not
     */
    TableInView of(Understood of, How how, int here, Optional<String> before) {
        List<RowRead> bad = of.bad();
        boolean wantsGauge = how.gauge().isEmpty()
                && of.columns().at(Meaning.GAUGE).isEmpty()
                && of.rows().stream().anyMatch(figure -> figure.gauge().isEmpty());
        List<RowView> shown = Stream.concat(bad.stream(), of.good().stream())
                .limit(ROWS_SHOWN)
                .sorted(Comparator.comparingInt(row -> row.row().number()))
                .map(row -> row(row, of))
                .toList();
        int good = of.rows().size() - bad.size();
        return new TableInView(
                columns(of.columns()),
                Arrays.stream(Meaning.values())
                        .map(each -> new MeaningView(each.code(), words.say("table.column." + each.code())))
                        .toList(),
                shown,
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
                            of.isOfFeature(at)
                                    ? words.say("table.column.of-feature", Map.of("feature", of.featureOf(at)))
                                    : words.say("table.column." + (means.isEmpty() ? "left-out" : means)),
                            UnitInHead.of(of.headOf(at)).orElse(null),
                            of.rows().stream()
                                    .limit(FIRST_CELLS)
                                    .map(row -> row.cell(at))
                                    .toList());
                })
                .toList();
    }

    private RowView row(RowRead row, Understood of) {
        LengthUnit unit = of.job().unit();
        return new RowView(
                row.row().number(),
                row.on().map(on -> on.part().name()).orElse(null),
                row.on().map(on -> on.feature().name()).orElse(null),
                row.place().map(Place::name).orElse(null),
                row.typed(),
                size(row, unit).orElse(null),
                row.on()
                        .map(On::feature)
                        .flatMap(feature -> feature.planned()
                                .judgedBy()
                                .map(held -> limits.brief(held, unit, feature.limitsStep())))
                        .orElse(null),
                row.gauge().isEmpty() ? null : row.gauge(),
                row.column() < 0 ? null : named(of.columns(), row.column()),
                row.isGood() ? null : row.problem());
    }

    /** As it is understood, in both units. */
    private Optional<String> size(RowRead row, LengthUnit unit) {
        return !row.isGood()
                ? Optional.empty()
                : TypedLength.parse(row.typed(), unit, TypedLength.Kind.SIZE)
                        .fold(
                                typed -> Optional.of(figures.reading(typed.length(), unit, typed.resolution())
                                        .inBoth()),
                                refused -> Optional.empty());
    }

    /** What a column is called: by its head, else by its place. */
    String named(ReadColumns columns, int at) {
        String head = columns.headOf(at);
        return head.isEmpty() ? words.say("table.column-number", Map.of("number", at + 1)) : head;
    }

    /**
     * The rows that were not kept, as they stood, with why: to be put right and brought in again. Of a row with several readings only those
     * that were not kept stand in it.
     */
    String rejected(Understood of, List<RowRead> bad) {
        int columns = of.columns().means().size();
        var heads = new ArrayList<String>();
        IntStream.range(0, columns).mapToObj(of.columns()::headOf).forEach(heads::add);
        heads.add(words.say("table.rejected.line"));
        heads.add(words.say("table.rejected.why"));
        List<List<Object>> rows = bad.stream()
                .collect(Collectors.groupingBy(RowRead::row, LinkedHashMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .map(each -> rejected(of.columns(), each.getKey(), each.getValue()))
                .toList();
        return Separated.csv(new DataTable("rejected", heads, rows));
    }

    private static List<Object> rejected(ReadColumns columns, Line line, List<RowRead> bad) {
        var cells = new ArrayList<Object>();
        for (int at = 0; at < columns.means().size(); at++) {
            int column = at;
            boolean isKept = columns.isOfFeature(at) && bad.stream().noneMatch(row -> row.at() == column);
            cells.add(isKept ? "" : line.cell(at));
        }
        cells.add(Integer.toString(line.number()));
        cells.add(bad.stream().map(RowRead::problem).distinct().collect(Collectors.joining(" ")));
        return cells;
    }
}
