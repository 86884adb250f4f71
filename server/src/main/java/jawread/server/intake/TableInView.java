package jawread.server.intake;

import jakarta.annotation.Nullable;
import java.util.List;

/**
 * What was understood of a table of readings, before anything of it is kept.
 *
 * @param columns from the left
 * @param meanings what a column may hold
 * @param rows the first of them, and each that cannot be kept, as far as a page holds them
 * @param good how many readings can be kept
 * @param here how many of these are here already
 * @param bad how many rows cannot
 * @param cameBefore that this very file was brought in already, and when; absent where it was not
 * @param wants what is missing besides: gauge; absent where nothing is
 * @param sentence the same in words, and what to do now
 */
public record TableInView(
        List<ColumnView> columns,
        List<MeaningView> meanings,
        List<RowView> rows,
        int good,
        int here,
        int bad,
        @Nullable String cameBefore,
        @Nullable String wants,
        String sentence) {
    /** @param label of the code, in words */
    public record MeaningView(String code, String label) {}

    /**
     * @param head as it stands; empty where there is none
     * @param means what it was taken for; empty where it is left out
     * @param label the same in words
     * @param unit that its head says; absent where it says none
     * @param first what stands in its first rows
     */
    public record ColumnView(
            String head,
            String means,
            String label,
            @Nullable String unit,
            List<String> first) {}

    /**
     * @param line of the file, from 1
     * @param figure as it stands, with the unit that the row or its head says
     * @param size as it is understood, in both units; absent of a row that cannot be kept
     * @param column the head of the column that is wrong; absent where nothing is
     * @param problem what is wrong with it, and what would be right; absent where nothing is
     */
    public record RowView(
            int line,
            @Nullable String part,
            @Nullable String feature,
            @Nullable String place,
            String figure,
            @Nullable String size,
            @Nullable String limits,
            @Nullable String gauge,
            @Nullable String column,
            @Nullable String problem) {}

    /** @param rejected the rows that were not kept, each with why, as CSV; absent where all were */
    public record TableKeptView(
            int kept, int here, int bad, @Nullable String rejected, String sentence) {}
}
