package jawread.server.judgement;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jawread.core.assess.FeatureAssessment;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Says by which revision of the plan a feature is judged, under which its readings were read, and which of them lie aside. */
@Component
class UnderPlanWords {
    private final Words words;

    UnderPlanWords(Words words) {
        this.words = words;
    }

    /** None where all that was read was read under what it is judged by. */
    List<String> of(FeatureAssessment judged, JudgedPlan plan) {
        var said = new ArrayList<String>();
        Map<Integer, Long> under = judged.readUnder();
        if (!under.isEmpty()) {
            said.add(words.say(
                    "plan.judged-by",
                    Map.of(
                            "number",
                            plan.plan().number(),
                            "readings",
                            under.entrySet().stream()
                                    .map(each -> words.say(
                                            "plan.readings-under",
                                            Map.of("count", each.getValue(), "number", each.getKey())))
                                    .collect(Collectors.joining(", ")))));
        }
        int aside = plan.of(judged.part())
                .of()
                .log()
                .aside()
                .getOrDefault(judged.feature().key(), 0);
        if (aside > 0) {
            said.add(words.say("plan.lie-aside", Map.of("count", aside)));
        }
        return List.copyOf(said);
    }
}
