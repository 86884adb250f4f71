package jawread.server.practice;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import jawread.server.scale.ScaleReadingView.AddendView;
import jawread.server.words.LengthText;

/**
 * A learner's page.
 *
 * @param next what to practise next, and why; absent where all is firm
 * @param scales those that were practised, and then those of the gauges in the drawer
 * @param open a set that was begun and not ended
 * @param lesson how far the first lesson has come; absent where it was never begun
 */
record PracticeView(
        String person,
        @Nullable PracticeAdviceView next,
        List<LearnedView> scales,
        @Nullable UUID open,
        @Nullable LessonView lesson,
        int answered) {
    /** @param only the trap, by its code; absent for the whole scale */
    record PracticeAdviceView(String scale, @Nullable String only, String sentence) {}

    /**
     * One scale.
     *
     * @param ticket none, fresh or stale
     * @param says what the ticket says, or how far it is
     * @param traps those there are on it, the weakest first
     */
    record LearnedView(String scale, String name, String ticket, String says, List<LearnedTrapView> traps) {}

    /**
     * @param percent how firm, 0 to 100
     * @param word new, weak, shaky or firm
     */
    record LearnedTrapView(String slip, String name, int percent, String word, int met, int missed) {}

    /** @param unit mm or in */
    record LessonView(String unit, int step) {}

    /**
     * A set with the item that is next.
     *
     * @param of how many there are
     * @param item absent when all are answered
     * @param done absent until then
     */
    record PracticeSetView(
            UUID id,
            String level,
            boolean toSet,
            boolean heard,
            long seed,
            int of,
            @Nullable PracticeItemView item,
            @Nullable PracticeDoneView done) {}

    /**
     * An item.
     *
     * @param number from 1
     * @param base what the gauge adds, as it is typed
     * @param counts where the scale stands, by the name of the part; of one to be set where it is to stand
     * @param wanted what is to be set; absent where it is read
     * @param asks what is to be done, in a sentence
     * @param heard what is seen, for an ear; absent where it is seen
     */
    record PracticeItemView(
            int number,
            String scale,
            String name,
            String base,
            Map<String, Number> counts,
            @Nullable LengthText wanted,
            String asks,
            @Nullable String heard) {}

    /**
     * What an answer came to.
     *
     * @param outcome right, right-with-remark or wrong
     * @param size what it reads
     * @param steps the sum, line by line
     * @param slips what gives the answer; none where it is right, or where none explains it
     * @param says what it came to, in a sentence
     */
    record PracticeAnsweredView(
            int number,
            String outcome,
            LengthText answer,
            LengthText size,
            List<AddendView> steps,
            List<PracticeSlipView> slips,
            String says,
            PracticeSetView set) {}

    /**
     * @param counts where the scale would stand for what the slip reads; absent where it cannot
     * @param part in which part of the reading it is made: coarse, fine, base or typing
     */
    record PracticeSlipView(
            String code,
            String name,
            String tell,
            String part,
            @Nullable Map<String, Number> counts) {}

    /** @param says how many were right, in what time, and which traps were fallen into */
    record PracticeDoneView(
            int right, int of, long seconds, String says, List<LearnedTrapView> fallen, Instant begunAt) {}
}
