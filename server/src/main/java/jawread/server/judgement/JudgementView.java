package jawread.server.judgement;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import jawread.server.drawer.UncertaintyView;
import jawread.server.form.FormView;
import jawread.server.form.FormView.FormInFullView;
import jawread.server.judgement.LookView.ItemView;
import jawread.server.judgement.SheetView.FeatureView;
import jawread.server.judgement.SheetView.JobView;
import jawread.server.judgement.SheetView.PartView;
import jawread.server.judgement.SheetView.PlaceView;
import jawread.server.judgement.SheetView.VerdictView;
import jawread.server.words.LengthText;

/**
 * What a part comes to: the verdict and the next step, then each feature, the worst first.
 *
 * @param parts of its plan, for going to another
 * @param again present until somebody has seen it: that readings under earlier revisions count again
 * @param which where else the part stands, and may stand
 * @param rule near the limits, in a sentence
 * @param step by the rule that fired
 * @param decided what a person decided against it, as long as the rule says what it said then; absent where nobody did
 * @param decisions all that were ever made of this part
 * @param drawn the features in the order of the plan, for the section of the part
 * @param looked at rather than measured
 */
public record JudgementView(
        JobView job,
        long plan,
        String shape,
        PartView part,
        List<PartView> parts,
        @Nullable String again,
        WhichPartView which,
        String rule,
        StepView step,
        @Nullable DecisionView decided,
        List<DecisionView> decisions,
        List<FeatureView> drawn,
        List<ItemView> looked,
        List<JudgedFeatureView> features) {
    /**
     * How straight a feature was found by a check of its own.
     *
     * @param round number of the round in force
     * @param place that it is kept at: any of the feature
     * @param unit a bare figure is in
     * @param said who found what with what; empty while nobody did
     */
    public record StraightnessView(int round, long place, String unit, String said) {}

    /**
     * @param code use, finish, measure-again and the like
     * @param word the same in a word or two
     * @param sentence what, where and with what
     * @param rule that fired
     */
    public record StepView(String code, String word, String sentence, String rule) {}

    public record DecisionView(String said, String decided, String reason, String person, Instant at) {}

    /**
     * @param id of one that is drawn: its name and limits stand there
     * @param underPlan by which revision it is judged, under which its readings were read, and which of them lie aside
     * @param round as found, after cut 1 …
     * @param cut what the last cut was asked to take, and took; absent before the first
     * @param envelope what can be said of perfect form at maximum material, where the drawing demands it
     * @param straightness where the envelope is demanded, what a check of its own found, or where it is said; absent elsewhere
     * @param form what it is like around its sections and down its axes, in words; absent with fewer than two sizes
     * @param together to which size all are reworked that go together with it, and what each loses; absent where none is lost
     * @param runout how far its axis is bent, of an indicator; absent for any other feature
     * @param methods two methods on the same places; absent where there were none
     * @param open whether the walk still asks for something here
     * @param sizes of its places, those that have one
     * @param value of the place that its verdict rests on; absent where that has none
     * @param expanded U of that value
     * @param guardPm nearer than this to a limit that value decides nothing, whole picometres
     * @param places how many it has
     * @param inFull what all this rests on, of the worst; of the others it is asked for when it is looked at
     */
    public record JudgedFeatureView(
            long id,
            VerdictView verdict,
            List<String> underPlan,
            String round,
            @Nullable String cut,
            @Nullable String envelope,
            @Nullable StraightnessView straightness,
            @Nullable FormView form,
            @Nullable String together,
            @Nullable String runout,
            @Nullable TwoMethodsView methods,
            boolean open,
            List<LengthText> sizes,
            @Nullable LengthText value,
            @Nullable LengthText expanded,
            @Nullable Long guardPm,
            int places,
            @Nullable JudgedInFullView inFull) {}

    /**
     * @param form pictures and figures; absent with fewer than two sizes
     */
    public record JudgedInFullView(@Nullable FormInFullView form, List<JudgedPlaceView> places) {}

    /**
     * @param known U and what it comes of; absent without a value
     * @param rule that fired; absent without a value
     */
    public record JudgedPlaceView(
            PlaceView place,
            @Nullable UncertaintyView known,
            @Nullable String rule) {}
}
