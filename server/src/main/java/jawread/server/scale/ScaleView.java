package jawread.server.scale;

import jakarta.annotation.Nullable;
import java.util.List;
import jawread.server.words.LengthText;

/**
 * A scale as screens see it, with all that its drawing needs.
 *
 * @param kind what it stands on: vernier, dial, mic, inside, depth, bore3, stage, bore-dial, digital, rule, feeler
 * @param family which drawing shows it: vernier, dial, thimble, comparator, digits, rule, feeler
 * @param baseName what the gauge adds on its own is called: frame, rod, nibs, set size
 * @param glances what the eye takes off it, look by look; each a share of a part's count
 * @param own how much of its base, in picometres, the printed figures bear already
 * @param over of how many parts of an inch its readings are said as a fraction; 1 where they are decimals
 * @param figureEvery coarse divisions, or graduations of a rule, from one printed figure to the next; 0 where none is
 * @param figures what is printed at each, from zero on
 * @param reach the last coarse division, graduation or resolution there is
 * @param runs how a thimble head's figures run: opening, covering, both; empty elsewhere
 * @param turnPm what one needle turn is worth; absent where there is no needle
 * @param edge main divisions from the slide's edge to the vernier's zero; 0 where there is none
 * @param traps where the eye is easily misled, told while it is read
 */
public record ScaleView(
        String id,
        String kind,
        String family,
        String name,
        String unit,
        String baseName,
        LengthText leastCount,
        List<ScalePartView> parts,
        List<GlanceView> glances,
        long own,
        int over,
        int figureEvery,
        List<String> figures,
        int reach,
        String runs,
        @Nullable Long turnPm,
        int edge,
        List<TrapView> traps) {
    /**
     * @param first the smallest count there is on the drawing
     * @param last the largest one
     * @param estimate whether one decimal may be read between two lines
     */
    public record ScalePartView(String name, long divisionPm, int first, int last, boolean estimate) {}

    /**
     * One look.
     *
     * @param part whose count it is a share of; empty where it only says how the others are read
     * @param per counts of the part that one of it stands for
     * @param from counts that its figures begin with, on the first look of a part
     * @param counted whether its count is said beside it: a leaf or a display says its own size
     * @param over of how many it is a fraction, brought to lowest terms; 1 for a plain count
     * @param label beside its field
     * @param brief before its count, in a sum
     * @param none instead of both at 0; empty where 0 is said as any count
     */
    public record GlanceView(
            String name,
            String part,
            int per,
            int from,
            int first,
            int last,
            long worthPm,
            boolean estimate,
            boolean counted,
            int over,
            String label,
            String brief,
            String none) {}

    /** @param runs the counts of the part at which the sentence holds */
    public record TrapView(String kind, String part, List<RunView> runs, String sentence) {}

    /** Counts from one to another, both included, by steps of {@code every}. */
    public record RunView(int from, int to, int every) {}
}
