package jawread.server.judgement;

import java.util.List;
import jawread.core.assess.Feature;
import jawread.core.assess.FeatureAssessment;
import jawread.server.job.Part;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is still to be measured on a part. */
@Service
public class OpenFeatures {
    private final Judgements judgements;

    OpenFeatures(Judgements judgements) {
        this.judgements = judgements;
    }

    /** In the order of the plan. */
    @Transactional(readOnly = true)
    public List<Feature> of(Part part) {
        return judgements.of(part.plan()).of(part).features().stream()
                .filter(FeatureAssessment::isOpen)
                .map(FeatureAssessment::feature)
                .toList();
    }
}
