package jawread.core.form;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorLength;

/** How the sizes of a feature stand in a vector's columns: sections by |, axes by ;, an empty item where nothing was measured. */
final class FormRows {
    private FormRows() {}

    static Wears wears(VectorRow row) {
        return switch (row.get("feature")) {
            case "bore" -> Wears.LARGER;
            case "shaft" -> Wears.SMALLER;
            default -> throw new IllegalArgumentException(row.get("feature"));
        };
    }

    static FormSizes sizes(VectorRow row) {
        return new FormSizes(
                VectorLength.listIn(row, "z").stream().map(Optional::of).toList(), degrees(row), places(row));
    }

    /** Where the row says nothing of depths. */
    static FormSizes sizesOnly(VectorRow row) {
        List<List<Optional<Length>>> places = places(row);
        return new FormSizes(Collections.nCopies(places.size(), Optional.empty()), degrees(row), places);
    }

    private static List<BigDecimal> degrees(VectorRow row) {
        return Arrays.stream(row.get("angles").split(";")).map(BigDecimal::new).toList();
    }

    private static List<List<Optional<Length>>> places(VectorRow row) {
        LengthUnit unit = VectorLength.unit(row.get("unit"));
        return Arrays.stream(row.get("places").split("\\|", -1))
                .map(section -> Arrays.stream(section.split(";", -1))
                        .map(item -> item.isEmpty()
                                ? Optional.<Length>empty()
                                : Optional.of(Length.of(new BigDecimal(item), unit)))
                        .toList())
                .toList();
    }

    /** One unit of the last decimal in which the places are written. */
    static Length step(VectorRow row) {
        int decimals = Arrays.stream(row.get("places").split("[;|]"))
                .filter(item -> !item.isEmpty())
                .mapToInt(item -> new BigDecimal(item).scale())
                .max()
                .orElseThrow();
        return Length.of(BigDecimal.ONE.movePointLeft(decimals), VectorLength.unit(row.get("unit")));
    }

    static String byPlace(Wear wear, FormSizes sizes) {
        return IntStream.range(0, sizes.sizes().size())
                .mapToObj(section -> IntStream.range(0, sizes.degrees().size())
                        .mapToObj(axis -> wear.at().stream()
                                .filter(at -> at.section() == section && at.axis() == axis)
                                .map(at -> Long.toString(at.wear().picometres()))
                                .findFirst()
                                .orElse(""))
                        .collect(Collectors.joining(";")))
                .collect(Collectors.joining("|"));
    }
}
