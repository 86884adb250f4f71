package jawread.server.judgement;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.assess.FeatureAssessment;
import jawread.server.form.ReworkWords;
import jawread.server.job.Part;
import jawread.server.measure.SizesCarried;
import jawread.server.measure.SizesCarried.Carried;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/**
 * Says by which revision of the plan a feature is judged, under which its readings were read, which of them lie aside, and at what size it
 * came in.
 */
@Component
class UnderPlanWords {
    private final SizesCarried carried;
    private final ReworkWords rework;
    private final Words words;

    UnderPlanWords(SizesCarried carried, ReworkWords rework, Words words) {
        this.carried = carried;
        this.rework = rework;
        this.words = words;
    }

    /** None where all that was read was read under what it is judged by. */
    List<String> of(FeatureAssessment judged, Part part, JudgedPlan plan) {
        return of(judged, plan, came(part, plan));
    }

    /** At what sizes the features of a part came in. */
    Map<UUID, Carried> came(Part part, JudgedPlan plan) {
        return carried.of(part, plan.plan());
    }

    /** @param came of its part */
    List<String> of(FeatureAssessment judged, JudgedPlan plan, Map<UUID, Carried> came) {
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
        Optional.ofNullable(came.get(judged.feature().key()))
                .filter(at -> !at.to().isZero())
                .ifPresent(at -> said.add(words.say(
                        at.isListed() ? "plan.came-at" : "plan.came-unlisted",
                        Map.of(
                                "size",
                                rework.step(at.to(), plan.job().unit()),
                                "part",
                                at.by().name(),
                                "job",
                                at.by().job().name()))));
        return List.copyOf(said);
    }
}
