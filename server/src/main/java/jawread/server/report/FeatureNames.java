package jawread.server.report;

import java.util.Map;
import jawread.server.judgement.SheetView.FeatureView;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** How a feature is called on paper: by the drawing's own number first, where it was given. */
@Component
class FeatureNames {
    private final Words words;

    FeatureNames(Words words) {
        this.words = words;
    }

    String of(FeatureView feature) {
        return feature.number() == null
                ? feature.name()
                : words.say("report.numbered", Map.of("number", feature.number(), "feature", feature.name()));
    }
}
