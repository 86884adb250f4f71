package jawread.server.judgement;

import java.util.List;
import jawread.server.job.Feature;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.measure.Histories;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is still to be measured on a part. */
@Service
public class OpenFeatures {
    private final Jobs jobs;
    private final Histories histories;

    OpenFeatures(Jobs jobs, Histories histories) {
        this.jobs = jobs;
        this.histories = histories;
    }

    /** In the order of the plan. */
    @Transactional(readOnly = true)
    public List<Feature> of(Part part) {
        List<Part> alone = List.of(part);
        return PlanJudgement.of(jobs.newest(part.plan()), alone, histories.of(part.plan(), alone)).all().stream()
                .filter(FeatureJudgement::isOpen)
                .map(FeatureJudgement::feature)
                .toList();
    }
}
