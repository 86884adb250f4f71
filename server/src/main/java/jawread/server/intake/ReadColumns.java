package jawread.server.intake;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import jawread.server.tabular.TableIn;
import jawread.server.tabular.TableIn.Line;
import jawread.server.tabular.UnitInHead;

/**
 * What the columns of a table were taken for: by what somebody has decided for it, by their heads, or by what stands in them.
 *
 * @param head the row that they are named by; negative where there is none
 * @param means from the left; empty for one that is left out, {@code =NAME} for one whose head names a feature
 */
record ReadColumns(TableIn table, int head, List<String> means) {
    /** Before the name of a feature whose readings stand in a column of their own. */
    static final String OF_FEATURE = "=";

    private static final int ROWS_LOOKED_AT = 20;

    /** What a job knows by name. */
    record Known(Predicate<String> part, Predicate<String> feature, Predicate<String> gauge, Predicate<String> code) {}

    static ReadColumns of(TableIn table, Known known) {
        int head = table.head(
                cell -> Meaning.ofHead(cell).isPresent() || known.feature().test(UnitInHead.without(cell)));
        var means = new ArrayList<String>();
        for (int at = 0; at < table.columns(); at++) {
            means.add(head >= 0 ? byHead(table.rows().get(head).cell(at), known) : "");
        }
        onlyOneEach(table, head, means);
        for (int at = 0; at < means.size(); at++) {
            if (means.get(at).isEmpty()
                    && (head < 0 || table.rows().get(head).cell(at).isEmpty())) {
                means.set(at, byContent(table, head, at, known, means));
            }
        }
        return new ReadColumns(table, head, List.copyOf(means));
    }

    /** The same table, where somebody has said what its columns hold; empty where that is of another table, or no meaning at all. */
    Optional<ReadColumns> decided(List<String> columns) {
        boolean isSound = columns.size() == means.size()
                && columns.stream()
                        .allMatch(means -> means.isEmpty()
                                || means.startsWith(OF_FEATURE)
                                || Meaning.of(means).isPresent());
        return isSound ? Optional.of(new ReadColumns(table, head, columns)) : Optional.empty();
    }

    private static String byHead(String head, Known known) {
        // A head that names a feature of the job means that one, whatever else it might mean.
        return known.feature().test(UnitInHead.without(head))
                ? OF_FEATURE + UnitInHead.without(head)
                : Meaning.ofHead(head).map(Meaning::code).orElse("");
    }

    /** Of several columns with one meaning the first that is never empty, else the first. */
    private static void onlyOneEach(TableIn table, int head, List<String> means) {
        for (Meaning meaning : Meaning.values()) {
            List<Integer> all = IntStream.range(0, means.size())
                    .filter(at -> means.get(at).equals(meaning.code()))
                    .boxed()
                    .toList();
            if (all.size() > 1) {
                int kept = all.stream()
                        .filter(at -> table.rows().stream()
                                .skip(head + 1L)
                                .noneMatch(row -> row.cell(at).isEmpty()))
                        .findFirst()
                        .orElse(all.get(0));
                all.stream().filter(at -> at != kept).forEach(at -> means.set(at, ""));
            }
        }
    }

    private static String byContent(TableIn table, int head, int at, Known known, List<String> means) {
        List<String> cells = table.rows().stream()
                .skip(head + 1L)
                .map(row -> row.cell(at))
                .filter(cell -> !cell.isEmpty())
                .limit(ROWS_LOOKED_AT)
                .toList();
        if (cells.isEmpty()) {
            return "";
        }
        boolean areFigures = cells.stream().allMatch(TableIn::isFigure);
        return Arrays.asList(
                        when(Meaning.PART, means, cells.stream().allMatch(known.part())),
                        when(Meaning.FEATURE, means, cells.stream().allMatch(known.feature())),
                        when(Meaning.GAUGE, means, cells.stream().allMatch(known.gauge())),
                        when(Meaning.CODE, means, cells.stream().allMatch(known.code())),
                        when(Meaning.FIGURE, means, areFigures))
                .stream()
                .flatMap(Optional::stream)
                .findFirst()
                .orElse("");
    }

    private static Optional<String> when(Meaning meaning, List<String> means, boolean is) {
        return is && !means.contains(meaning.code()) ? Optional.of(meaning.code()) : Optional.empty();
    }

    List<Line> rows() {
        return table.rows().subList(head + 1, table.rows().size());
    }

    int lastLine() {
        return table.rows().get(table.rows().size() - 1).number();
    }

    String headOf(int at) {
        return head < 0 ? "" : table.rows().get(head).cell(at);
    }

    /** What all heads say together, by which they are known again. */
    String heads() {
        return head < 0 ? "" : String.join("\t", table.rows().get(head).cells());
    }

    Optional<Integer> at(Meaning meaning) {
        int at = means.indexOf(meaning.code());
        return at < 0 ? Optional.empty() : Optional.of(at);
    }

    String cell(Line row, Meaning meaning) {
        return at(meaning).map(row::cell).orElse("");
    }

    /** The feature whose readings stand in a column, as its head names it. */
    String featureOf(int at) {
        return means.get(at).substring(OF_FEATURE.length());
    }

    boolean isOfFeature(int at) {
        return means.get(at).startsWith(OF_FEATURE);
    }

    /** Columns whose figures are of a feature that their head names. */
    List<Integer> ofFeatures() {
        return IntStream.range(0, means.size())
                .filter(this::isOfFeature)
                .boxed()
                .toList();
    }
}
