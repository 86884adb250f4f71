package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jawread.core.judge.Envelope;
import jawread.core.judge.Guard;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import org.springframework.stereotype.Component;

/** What two-point sizes say of the envelope that a drawing demands. */
@Component
class EnvelopeTopic implements CalcTopic {
    @Override
    public String name() {
        return "envelope";
    }

    @Override
    public List<String> inputs() {
        return List.of("feature", "unit", "lo", "hi", "sizes", "form", "u_um");
    }

    @Override
    public List<String> outputs() {
        return List.of("statement");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        boolean isOutside = row.oneOf("feature", Stream.of("outside", "inside"), feature -> feature)
                .equals("outside");
        List<Length> sizes = row.lengths("sizes");
        Length guard = Guard.of(row.notNegative("u_um", LengthUnit.MICROMETRE).micrometres());
        return Outcome.of(new CalcAnswer()
                .with(
                        "statement",
                        Envelope.of(isOutside, row.requiredLimits(), sizes, row.optionalLength("form"), guard)
                                .code())
                .columns());
    }
}
