package jawread.server.drawer;

import jakarta.annotation.Nullable;
import jawread.core.length.LengthUnit;
import jawread.server.drawer.GaugePageView.TrialResultView;
import jawread.server.drawer.Studies.StudyUnderstood;
import jawread.server.drawer.Studies.TypedStudy;
import jawread.server.drawer.Trials.TrialUnderstood;
import jawread.server.drawer.Trials.TypedTrial;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows what a trial or a study comes to while it is typed. */
@Service
class TrialPages {
    private final Trials trials;
    private final Studies studies;
    private final TrialWords trialWords;
    private final Words words;

    TrialPages(Trials trials, Studies studies, TrialWords trialWords, Words words) {
        this.trials = trials;
        this.studies = studies;
        this.trialWords = trialWords;
        this.words = words;
    }

    /** What a trial comes to so far; the result is absent while there are too few readings, and the sentence says how many. */
    @Transactional(readOnly = true)
    public TrialSoFarView trial(TypedTrial typed) {
        TrialUnderstood understood = trials.understand(typed);
        Gauge read = understood.method().read();
        return understood
                .result()
                .fold(
                        result -> new TrialSoFarView(
                                trialWords.result(
                                        result, understood.readings(), understood.master(), read.leastCount(), read),
                                ""),
                        refusal -> new TrialSoFarView(null, words.say(refusal, read.unit())));
    }

    /** @param wanting what is still wanted, in a sentence; empty once there is a result */
    record TrialSoFarView(@Nullable TrialResultView result, String wanting) {}

    /** What a study comes to so far, in a sentence; or what is still wanted. */
    @Transactional(readOnly = true)
    public StudySoFarView study(TypedStudy typed) {
        StudyUnderstood understood = studies.understand(typed);
        LengthUnit unit = understood.gauge().unit();
        return understood
                .result()
                .fold(
                        result -> new StudySoFarView(true, trialWords.study(result, understood.tolerance(), unit)),
                        refusal -> new StudySoFarView(false, words.say(refusal, unit)));
    }

    /** @param complete whether it may be kept */
    record StudySoFarView(boolean complete, String sentence) {}
}
