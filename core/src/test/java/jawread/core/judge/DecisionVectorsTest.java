package jawread.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.Limits;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorStatistic;
import org.junit.jupiter.api.Test;

/** In, out or too close; down the ladder of wear; between pins; inside the envelope; and what comes next. */
class DecisionVectorsTest {
    @Test
    void every_decision() {
        VectorFile.of(
                        "decisions",
                        "school",
                        "unit",
                        "y",
                        "lo",
                        "hi",
                        "u",
                        "guard_pm",
                        "verdict",
                        "cannot_prove",
                        "risk",
                        "risk_shown")
                .runAll(row -> {
                    var decision = Decision.of(
                            DecisionRule.of(row.get("school")).orElseThrow(),
                            length(row, "y"),
                            limits(row).orElseThrow(),
                            length(row, "u").micrometres());
                    assertThat(decision.guard().picometres()).isEqualTo(Long.parseLong(row.get("guard_pm")));
                    assertThat(decision.word().code()).isEqualTo(row.get("verdict"));
                    assertThat(decision.cannotProve()).isEqualTo(row.yes("cannot_prove"));
                    VectorStatistic.isSame(row, "risk", decision.risk().fraction());
                    assertThat(decision.risk().shown()).isEqualTo(row.get("risk_shown"));
                });
    }

    @Test
    void every_step_of_the_ladder() {
        VectorFile.of(
                        "wear-ladder",
                        "feature",
                        "school",
                        "unit",
                        "y",
                        "lo",
                        "hi",
                        "service",
                        "u",
                        "word",
                        "used_percent")
                .runAll(row -> {
                    var ladder = WearLadder.of(
                            row.get("feature").equals("outside") ? Wears.SMALLER : Wears.LARGER,
                            DecisionRule.of(row.get("school")).orElseThrow(),
                            length(row, "y"),
                            limits(row),
                            length(row, "service"),
                            length(row, "u").micrometres());
                    assertThat(ladder.code()).isEqualTo(row.get("word"));
                    assertThat(ladder.usedPercent().isPresent()).isEqualTo(row.has("used_percent"));
                    ladder.usedPercent().ifPresent(used -> VectorStatistic.isSame(row, "used_percent", used));
                });
    }

    @Test
    void every_pair_of_pins() {
        VectorFile.of("pins", "unit", "goes", "stops", "lo", "hi", "value_pm", "d_pm", "verdict", "settles")
                .runAll(row -> {
                    var bracket = new Bracket(length(row, "goes"), length(row, "stops"));
                    Limits limits = limits(row).orElseThrow();
                    assertThat(bracket.value().picometres()).isEqualTo(Long.parseLong(row.get("value_pm")));
                    assertThat(bracket.width().picometres()).isEqualTo(Long.parseLong(row.get("d_pm")));
                    assertThat(bracket.word(limits).code()).isEqualTo(row.get("verdict"));
                    assertThat(bracket.settledBy(limits)).isEqualTo(lengths(row, "settles"));
                });
    }

    @Test
    void every_envelope() {
        VectorFile.of("envelope", "feature", "unit", "lo", "hi", "sizes", "form", "u_um", "statement")
                .runAll(row -> assertThat(Envelope.of(
                                        row.get("feature").equals("outside"),
                                        limits(row).orElseThrow(),
                                        lengths(row, "sizes"),
                                        row.has("form") ? Optional.of(length(row, "form")) : Optional.empty(),
                                        Guard.of(Double.parseDouble(row.get("u_um"))))
                                .code())
                        .isEqualTo(row.get("statement")));
    }

    @Test
    void every_next_step() {
        VectorFile.of("next-step", "verdicts", "decisive_condition", "size_listed", "better_method", "rule", "step")
                .runAll(row -> {
                    var next = NextStep.of(
                            Arrays.stream(row.get("verdicts").split(";"))
                                    .map(code -> SizeVerdict.of(code).orElseThrow())
                                    .collect(Collectors.toList()),
                            row.yes("decisive_condition"),
                            row.yes("size_listed"),
                            row.yes("better_method"));
                    assertThat(next.rule().code()).isEqualTo(row.get("rule"));
                    assertThat(next.code()).isEqualTo(row.get("step"));
                });
    }

    private static Optional<Limits> limits(VectorRow row) {
        return row.has("lo") || row.has("hi")
                ? Optional.of(new Limits(optional(row, "lo"), optional(row, "hi")))
                : Optional.empty();
    }

    private static Optional<Length> optional(VectorRow row, String column) {
        return row.has(column) ? Optional.of(length(row, column)) : Optional.empty();
    }

    private static List<Length> lengths(VectorRow row, String column) {
        return Arrays.stream(row.get(column).split(";"))
                .filter(item -> !item.isEmpty())
                .map(item -> length(row, column, item))
                .toList();
    }

    private static Length length(VectorRow row, String column) {
        return length(row, column, row.get(column));
    }

    private static Length length(VectorRow row, String column, String text) {
        return Length.of(
                new BigDecimal(text), LengthUnit.ofSuffix(row.get("unit")).orElseThrow());
    }
}
