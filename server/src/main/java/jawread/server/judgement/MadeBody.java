package jawread.server.judgement;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Optional;
import jawread.core.assess.ReadWith;
import jawread.core.length.Refusal;
import jawread.core.scale.MadeFrom;
import jawread.server.door.TypedFigure;
import jawread.server.measure.MadeBy;
import jawread.server.words.Refused;
import jawread.server.words.Words;

/**
 * The rest of a size that is made of several figures: the first stands in the reading itself.
 *
 * @param way equal, holes, pins, zeros, difference, sum or half-difference; any other is refused
 * @param others the figures after the first, in the order of the formula
 */
record MadeBody(String way, List<FigureBody> others) {
    /** @param onMaster whether it is a micrometer that was set on a master; absent: it is not */
    record FigureBody(
            long gauge,
            @Nullable Long reader,
            @Nullable Boolean onMaster,
            @TypedFigure String typed) {}

    /**
     * Refuses with 422 another formula, and figures that are not as many as it takes.
     *
     * @param first the figure of the reading itself; empty where none was typed
     */
    MadeBy beside(Optional<String> first, Words words) {
        MadeFrom formula = MadeFrom.of(way).orElseThrow(() -> Refused.field("made", "no-such-way", words));
        if (first.isEmpty()
                || others.size() + 1 != formula.figures()
                || others.stream().anyMatch(other -> other.typed().isBlank())) {
            var refusal = Refusal.of("figures-missing").with("count", formula.figures());
            throw Refused.field("made", refusal, words.say("problem." + refusal.code(), refusal.facts()));
        }
        return new MadeBy(
                formula,
                others.stream()
                        .map(other -> new MadeBy.Other(
                                new ReadWith(
                                        other.gauge(),
                                        Optional.ofNullable(other.reader()),
                                        Boolean.TRUE.equals(other.onMaster())),
                                other.typed()))
                        .toList());
    }
}
