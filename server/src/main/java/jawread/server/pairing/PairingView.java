package jawread.server.pairing;

import jakarta.annotation.Nullable;
import java.util.List;
import jawread.server.judgement.SheetView.VerdictView;
import jawread.server.words.LengthText;

/**
 * Parts that go into one another.
 *
 * @param jobs others that parts may be taken from
 * @param with the one that they are taken from; absent: from this job alone
 * @param insides features that something goes into
 * @param outsides features that go into something
 * @param inside the feature chosen; absent where there is none
 * @param notMeasured parts left out, for not every place of theirs has a size
 * @param wanted what there is to be between them; absent while nobody has said
 * @param proposed what the drawings say there is to be; absent where they do not, and where that is asked for already
 * @param best as many pairs inside the window as can be, nearest its middle; absent without a window
 * @param chosen as somebody put them together by hand; absent where nobody did
 * @param order what to make or to order for those left over
 */
public record PairingView(
        PairedJobView job,
        List<PairedJobView> jobs,
        @Nullable Long with,
        List<PairedFeatureView> insides,
        List<PairedFeatureView> outsides,
        @Nullable Long inside,
        @Nullable Long outside,
        List<PairedPartView> insideParts,
        List<PairedPartView> outsideParts,
        List<String> notMeasured,
        @Nullable WantedView wanted,
        @Nullable ProposedView proposed,
        @Nullable PairsView best,
        @Nullable PairsView chosen,
        List<String> order,
        String sentence) {
    public record PairedJobView(long id, String name, String unit) {}

    public record PairedFeatureView(long id, String name) {}

    /** @param verdict of its own limits: one in doubt is no size to go by @param size the mean of its places @param expanded U of the place that is known least */
    public record PairedPartView(long id, String name, VerdictView verdict, LengthText size, LengthText expanded) {}

    public record WantedView(LengthText least, LengthText most) {}

    /** @param sentence where it comes from */
    public record ProposedView(LengthText least, LengthText most, String sentence) {}

    /** @param sentence how many there are, and what a choice by hand costs */
    public record PairsView(List<PairView> pairs, String sentence) {}

    /**
     * @param clearance between the means; below zero it is interference
     * @param smallest between the narrowest and the widest place
     * @param expanded U of both together
     * @param smallestExpanded U of the smallest
     * @param largestExpanded U of the largest
     * @param binds where it binds, or may; absent where it does not
     * @param mark whose mark is drawn: in, too-close, gone
     */
    public record PairView(
            long inside,
            long outside,
            String insideName,
            String outsideName,
            LengthText clearance,
            LengthText smallest,
            LengthText largest,
            LengthText expanded,
            LengthText smallestExpanded,
            LengthText largestExpanded,
            @Nullable String binds,
            String mark,
            String side,
            String word) {}
}
