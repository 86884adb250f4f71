package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.stack.BlockSet;
import jawread.core.stack.FeelerGap;
import jawread.core.stack.FeelerGap.Laid;
import org.springframework.stereotype.Component;

/** The leaves that go into a gap, and those that do not. */
@Component
class FeelersTopic implements CalcTopic {
    @Override
    public String name() {
        return "feelers";
    }

    @Override
    public List<String> inputs() {
        return List.of("unit", "leaves", "gap");
    }

    @Override
    public List<String> outputs() {
        return List.of("go", "go_count", "go_leaves", "no_go", "no_go_count", "no_go_leaves");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        LengthUnit unit = row.unit("unit");
        Length gap = row.length("gap");
        if (gap.isNegative()) {
            return Outcome.refused(Refusal.of("negative-size"));
        }
        return BlockSet.parse(row.required("leaves"), unit).map(leaves -> {
            FeelerGap found = FeelerGap.of(leaves.blocks(), gap);
            var answer = new CalcAnswer();
            put(answer, "go", found.go(), unit);
            put(answer, "no_go", found.noGo(), unit);
            return answer.columns();
        });
    }

    private static void put(CalcAnswer answer, String column, Optional<Laid> laid, LengthUnit unit) {
        answer.with(column, laid.map(of -> CalcAnswer.decimal(of.sum(), unit)).orElse(null))
                .with(column + "_count", laid.map(of -> of.leaves().size()).orElse(null))
                .with(
                        column + "_leaves",
                        laid.map(of -> CalcAnswer.list(of.leaves(), unit)).orElse(null));
    }
}
