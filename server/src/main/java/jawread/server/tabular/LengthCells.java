package jawread.server.tabular;

import jakarta.annotation.Nullable;
import java.math.BigDecimal;
import java.util.Objects;
import java.util.stream.Stream;
import jawread.core.length.LengthUnit;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import org.springframework.stereotype.Component;

/** Lengths as numbers of a table: with the digits that the screen shows. Where nothing is known there is no cell. */
@Component
public class LengthCells {
    private final Figures figures;

    LengthCells(Figures figures) {
        this.figures = figures;
    }

    @Nullable
    public BigDecimal figure(@Nullable LengthText length) {
        return length == null ? null : figures.shown(length);
    }

    @Nullable
    public BigDecimal millimetres(@Nullable LengthText length) {
        return length == null ? null : figures.shownIn(length, LengthUnit.MILLIMETRE);
    }

    @Nullable
    public BigDecimal inches(@Nullable LengthText length) {
        return length == null ? null : figures.shownIn(length, LengthUnit.INCH);
    }

    /** Of the first that is known. */
    public static @Nullable String unit(LengthText... lengths) {
        return Stream.of(lengths)
                .filter(Objects::nonNull)
                .map(LengthText::unit)
                .findFirst()
                .orElse(null);
    }
}
