package jawread.server.choosing;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import jawread.server.drawer.UncertaintyView;
import jawread.server.words.LengthText;

/**
 * What a plan is measured with.
 *
 * @param school in force, in a sentence
 * @param total what it comes to, in a sentence
 */
public record ChoosingView(
        long job,
        String jobName,
        long plan,
        String name,
        String school,
        List<MethodsOfFeatureView> features,
        String total) {
    /**
     * One feature and every method for it.
     *
     * @param asks what must be decided, in a sentence
     * @param inForce the key of the method it is measured with; absent when none can
     * @param picked whether somebody picked it
     * @param warning why that one is no good, where none better is at hand; empty otherwise
     * @param takes where none is good, what it would take for the best of them, the cheapest first; none where one is
     * @param methods the proposed one first
     */
    public record MethodsOfFeatureView(
            UUID key,
            String name,
            String kind,
            String asks,
            @Nullable String inForce,
            boolean picked,
            String warning,
            List<TakesView> takes,
            List<MethodView> methods) {}

    /**
     * What it would take for one method to be good, or nearer.
     *
     * @param number of the method
     * @param remedies each in a sentence, with its U and its ratio then
     */
    public record TakesView(String number, List<RemedyView> remedies) {}

    public record RemedyView(String code, String sentence, boolean makesGood) {}

    /**
     * A method weighed.
     *
     * @param key as the reading names it
     * @param number on it: T1 + M5
     * @param technique the kind of gauge whose technique card belongs to it
     * @param fitness good, with-care, cannot-decide, cannot-see, no-master, out-of-reach, wrong-range, wrong-kind, not-fit
     * @param word the same, for reading
     * @param reason why, in a sentence
     * @param uncertainty absent for one that cannot be put to it
     * @param ratio T to 2U; empty where there is no zone to decide
     * @param seconds for the feature on one part
     * @param costs what it would cost against the one in force: 3 min more; empty for that one
     * @param remark what it cannot see; empty otherwise
     */
    public record MethodView(
            String key,
            String number,
            String name,
            String technique,
            String fitness,
            String word,
            String reason,
            @Nullable LengthText expanded,
            @Nullable UncertaintyView uncertainty,
            String ratio,
            long seconds,
            String time,
            String costs,
            boolean proposed,
            String remark) {}
}
