package jawread.server.calc;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.form.FormSizes;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;

/** How the topics of form take a feature: {@code feature}, {@code angles} and {@code places}, with {@code z} where they ask for it. */
final class FormSizesOfRow {
    static final String FEATURE = "feature";
    static final String ANGLES = "angles";
    static final String PLACES = "places";
    private static final String DEPTHS = "z";
    private static final String BORE = "bore";

    private FormSizesOfRow() {}

    static Wears wears(CalcRow row) {
        return row.oneOf(FEATURE, Stream.of(BORE, "shaft"), feature -> feature).equals(BORE)
                ? Wears.LARGER
                : Wears.SMALLER;
    }

    /** Refuses as many depths as there are no sections of places, and a feature nobody measured. */
    static FormSizes withDepths(CalcRow row) {
        return sizes(row, row.lengths(DEPTHS).stream().map(Optional::of).toList());
    }

    static FormSizes withoutDepths(CalcRow row) {
        return sizes(row, Collections.nCopies(row.rowsOfLengths(PLACES).size(), Optional.empty()));
    }

    private static FormSizes sizes(CalcRow row, List<Optional<Length>> depths) {
        var sizes = new FormSizes(depths, row.numbers(ANGLES), row.rowsOfLengths(PLACES));
        if (sizes.measured().isEmpty()) {
            throw new IllegalArgumentException("One place at the least is measured");
        }
        return sizes;
    }
}
