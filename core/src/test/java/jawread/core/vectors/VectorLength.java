package jawread.core.vectors;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.vectors.VectorFile.VectorRow;

/** How lengths stand in a vector's columns. */
public final class VectorLength {
    private VectorLength() {}

    public static LengthUnit unit(String name) {
        return LengthUnit.ofSuffix(name).orElseThrow(() -> new IllegalArgumentException("unit " + name));
    }

    public static Length in(VectorRow row, String column) {
        return Length.of(new BigDecimal(row.get(column)), unit(row.get("unit")));
    }

    public static Optional<Length> optionalIn(VectorRow row, String column) {
        return row.has(column) ? Optional.of(in(row, column)) : Optional.empty();
    }

    /** Those of a list, one at the least, in the row's {@code unit}. */
    public static List<Length> listIn(VectorRow row, String column) {
        return Arrays.stream(row.get(column).split(";"))
                .map(item -> Length.of(new BigDecimal(item), unit(row.get("unit"))))
                .toList();
    }

    /** As a list of output columns is written: whole picometres, an empty item where there is none. */
    public static String pmList(List<Optional<Length>> lengths) {
        return lengths.stream().map(VectorLength::pm).collect(Collectors.joining(";"));
    }

    /** As the output columns are written: whole picometres, or empty. */
    public static String pm(Optional<Length> length) {
        return length.map(value -> Long.toString(value.picometres())).orElse("");
    }
}
