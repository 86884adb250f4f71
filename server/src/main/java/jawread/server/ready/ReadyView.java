package jawread.server.ready;

import jakarta.annotation.Nullable;
import java.util.List;
import jawread.server.card.AtTwentyView;
import jawread.server.drawer.UncertaintyView;
import jawread.server.judgement.NextView;
import jawread.server.words.LengthText;

/**
 * What is to be done before a part is measured.
 *
 * @param lives present on a job that lives hang on
 * @param time how long all that is due takes, in words
 * @param warmth how warm it was when last measured, in a sentence; absent where that is too long ago
 * @param cards due now, in the order in which they are done
 * @param done what was done or passed over lately
 * @param walk the feature of this part to measure now, whatever is due before: the first that is open, else the first; absent where
 *     none is planned
 * @param next where to go once all is done; absent when nothing is left to measure
 */
public record ReadyView(
        long job,
        String jobName,
        long part,
        String partName,
        @Nullable String lives,
        String time,
        @Nullable String warmth,
        List<ReadyCardView> cards,
        List<ReadyDoneView> done,
        @Nullable Long walk,
        @Nullable NextView next) {
    /**
     * @param code names the card when it is done or passed over
     * @param kind caution, look, wipe, temperature, check or set
     * @param gauge to be checked or set; absent on other cards
     * @param wanted the size to set it to, as typed; absent on other cards
     * @param putBack whether it stands at that size already and only wants to be put back on its master
     */
    public record ReadyCardView(
            String code,
            String kind,
            String title,
            String sentence,
            @Nullable Long gauge,
            @Nullable String wanted,
            boolean putBack) {}

    /** @param reason why it was passed over; absent when it was done */
    public record ReadyDoneView(
            String title, String sentence, @Nullable String reason) {}

    /**
     * What two temperatures do to a part.
     *
     * @param feature that is hit hardest, against its tolerance
     * @param tolerance its whole width
     * @param method it is measured with; absent where the drawer has none
     * @param known how well it is known with that at these temperatures; absent without a method
     * @param soakWhat the name under which its clock would run
     */
    public record PartWarmthView(
            String feature,
            LengthText tolerance,
            AtTwentyView worst,
            @Nullable String method,
            @Nullable UncertaintyView known,
            List<FeatureWarmthView> all,
            String soakWhat) {}

    public record FeatureWarmthView(String feature, LengthText correction, boolean mustWait) {}
}
