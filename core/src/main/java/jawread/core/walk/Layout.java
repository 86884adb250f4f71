package jawread.core.walk;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;

/** The usual layouts of places, by what they are for; sections and axes may be named and put otherwise. */
public enum Layout {
    ONE_PLACE(List.of("middle"), List.of("0.5"), List.of(Axis.THRUST)),
    /** Near each end, two axes. */
    SHAFT_JOURNAL(List.of("left", "right"), List.of("0.1", "0.9"), List.of(Axis.THRUST, Axis.CROSS)),
    /** Just under the upper end of travel, half way, just above the lower end of travel. */
    BORE(List.of("top", "middle", "bottom"), List.of("0.1", "0.5", "0.9"), List.of(Axis.THRUST, Axis.CROSS)),
    LONG_BORE(
            List.of("top", "upper", "middle", "lower", "bottom"),
            List.of("0.1", "0.3", "0.5", "0.7", "0.9"),
            List.of(Axis.THRUST, Axis.CROSS)),
    THREE_AXES(BORE.sectionNames, BORE.fractions, List.of(Axis.at(0), Axis.at(60), Axis.at(120))),
    FOUR_AXES(BORE.sectionNames, BORE.fractions, List.of(Axis.at(0), Axis.at(45), Axis.at(90), Axis.at(135))),
    /** Sections and axes as the person names them. */
    FREE(List.of("middle"), List.of("0.5"), List.of(Axis.THRUST));

    private final List<String> sectionNames;
    private final List<String> fractions;
    private final List<Axis> axes;

    Layout(List<String> sectionNames, List<String> fractions, List<Axis> axes) {
        this.sectionNames = sectionNames;
        this.fractions = fractions;
        this.axes = axes;
    }

    public static Optional<Layout> of(String code) {
        return Arrays.stream(values())
                .filter(layout -> layout.code().equals(code))
                .findFirst();
    }

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** How a feature of this kind is usually measured: form on what turns, one place on the rest. */
    public static Layout usualFor(FeatureKind kind) {
        return switch (kind) {
            case OUTSIDE -> SHAFT_JOURNAL;
            case BORE -> BORE;
            default -> ONE_PLACE;
        };
    }

    /** Sections at their usual shares of the length; without a depth while the length is not known. */
    public List<Section> sections(Optional<Length> length) {
        return IntStream.range(0, sectionNames.size())
                .mapToObj(i ->
                        new Section(sectionNames.get(i), length.map(of -> of.times(new BigDecimal(fractions.get(i))))))
                .toList();
    }

    public List<Axis> axes() {
        return axes;
    }
}
