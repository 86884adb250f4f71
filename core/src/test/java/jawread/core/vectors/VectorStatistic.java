package jawread.core.vectors;

import static org.assertj.core.api.Assertions.assertThat;

import jawread.core.vectors.VectorFile.VectorRow;

/** How figures that come from roots and distributions stand in a vector's columns: to 13 digits. */
public final class VectorStatistic {
    private VectorStatistic() {}

    /** Equal within 1e-9 of it, or 1e-12, whichever is wider. */
    public static void isSame(VectorRow row, String column, double figure) {
        isSame(column, Double.parseDouble(row.get(column)), figure);
    }

    public static void isSame(String what, double expected, double figure) {
        assertThat(Math.abs(figure - expected))
                .as("%s: %s, expected %s", what, figure, expected)
                .isLessThanOrEqualTo(Math.max(1e-12, 1e-9 * Math.abs(expected)));
    }
}
