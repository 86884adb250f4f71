package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.stack.BlockSet;
import jawread.core.stack.Wringing;
import org.springframework.stereotype.Component;

/** The fewest blocks of a set that wring to a size, or the nearest sizes that can be wrung. */
@Component
class BlocksTopic implements CalcTopic {
    @Override
    public String name() {
        return "blocks";
    }

    @Override
    public List<String> inputs() {
        return List.of("set", "unit", "size", "missing", "wear");
    }

    @Override
    public List<String> outputs() {
        return List.of("attainable", "count", "smallest", "stack", "below", "above");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        LengthUnit unit = row.unit("unit");
        Length size = row.length("size");
        Length wear = row.optionalLength("wear").orElse(Length.ZERO);
        List<Length> missing = row.list("missing").stream()
                .map(block -> row.length("missing", block))
                .toList();
        return BlockSet.parse(row.required("set"), unit)
                .then(set -> set.without(missing))
                .then(present -> size.isNegative() || size.isZero() || wear.isNegative()
                        ? Outcome.refused(Refusal.of("negative-size"))
                        : Outcome.of(columns(Wringing.of(present, size, wear), unit)));
    }

    private static Map<String, Object> columns(Wringing wringing, LengthUnit unit) {
        List<Length> blocks = wringing.blocks();
        return new CalcAnswer()
                .with("attainable", wringing.isExact() ? "yes" : "no")
                .with("count", wringing.isExact() ? blocks.size() : null)
                .with(
                        "smallest",
                        blocks.stream()
                                .findFirst()
                                .map(of -> CalcAnswer.decimal(of, unit))
                                .orElse(null))
                .with("stack", wringing.isExact() ? CalcAnswer.list(blocks, unit) : null)
                .with("below", decimal(wringing.below(), unit))
                .with("above", decimal(wringing.above(), unit))
                .columns();
    }

    private static Object decimal(Optional<Length> length, LengthUnit unit) {
        return length.map(of -> CalcAnswer.decimal(of, unit)).orElse(null);
    }
}
