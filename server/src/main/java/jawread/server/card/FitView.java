package jawread.server.card;

import jakarta.annotation.Nullable;
import java.util.List;
import jawread.server.words.LengthText;

/**
 * A nominal size with its classes, the zones of hole and shaft, and what lies between them.
 *
 * @param size as it is typed
 * @param gap between hole and shaft by the drawing; absent for one part alone
 * @param measured the same with what was measured in place of a zone; absent where nothing was
 * @param general plus and minus of this size where nothing is said, by class
 * @param remarks what to know of these classes
 */
record FitView(
        String size,
        LengthText nominal,
        @Nullable ZoneView hole,
        @Nullable ZoneView shaft,
        @Nullable GapView gap,
        @Nullable GapView measured,
        List<GeneralView> general,
        List<String> remarks,
        String sentence) {
    /**
     * @param limits as they go into a field of limits: {@code 40 H7}
     * @param measured of this part; absent where nothing was
     * @param told how the measured one lies to its class, in a sentence; absent with it
     */
    record ZoneView(
            String letter,
            int grade,
            String limits,
            LengthText low,
            LengthText high,
            LengthText lowDeviation,
            LengthText highDeviation,
            String sentence,
            @Nullable LengthText measured,
            @Nullable String told) {}

    /** @param smallest below zero where the parts overlap */
    record GapView(LengthText smallest, LengthText largest, String word, String sentence) {}

    /** @param plusMinus absent where the class has none at this size */
    record GeneralView(String name, @Nullable LengthText plusMinus, String limits) {}

    /**
     * The classes there are, and those that are used most.
     *
     * @param holes letters from the widest clearance to the tightest press
     * @param grades the finest first
     */
    record ClassesView(List<String> holes, List<String> shafts, List<Integer> grades, List<UsualView> usual) {}

    record UsualView(String classes, String word, String use) {}
}
