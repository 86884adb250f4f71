package jawread.server.form;

import java.util.Map;
import java.util.stream.Collectors;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.GoTogether;
import jawread.core.assess.GoTogether.Member;
import jawread.core.assess.MeasuredForm;
import jawread.core.length.LengthUnit;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Tells to which size features are reworked that go together, and what each then loses. */
@Component
public class TogetherWords {
    private final FormWords form;
    private final ReworkWords rework;
    private final Words words;

    TogetherWords(FormWords form, ReworkWords rework, Words words) {
        this.form = form;
        this.rework = rework;
        this.words = words;
    }

    public String said(GoTogether together, LengthUnit unit) {
        return words.say(
                "story.together",
                Map.of(
                        "size",
                        rework.name(together.size(), unit),
                        "needs",
                        together.needs().stream().map(TogetherWords::name).collect(Collectors.joining(", ")),
                        "losses",
                        together.members().stream()
                                .map(member -> loses(member, unit))
                                .collect(Collectors.joining("; "))));
    }

    private static String name(FeatureAssessment feature) {
        return feature.feature().name();
    }

    private String loses(Member member, LengthUnit unit) {
        String name = name(member.feature());
        if (member.isThere() || !member.isListed() || member.leastStock().isEmpty()) {
            String how = member.isThere() ? "there" : member.isListed() ? "unread" : "unlisted";
            return words.say("story.together." + how, Map.of("feature", name));
        }
        MeasuredForm measured = member.feature().inForce().form().orElseThrow();
        return words.say(
                member.leastStock().get().isNegative() ? "story.together.old-metal" : "story.together.loses",
                Map.of(
                        "feature",
                        name,
                        "stock",
                        form.told(member.leastStock().get().abs(), measured, unit)
                                .withUnit()));
    }
}
