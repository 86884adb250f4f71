package jawread.server.calc;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.misread.Explanation;
import jawread.core.misread.KeptReading;
import jawread.core.misread.Misread;
import jawread.core.misread.Recognition;
import jawread.core.misread.Reference;
import jawread.core.misread.Slip;
import jawread.core.misread.Slips;
import jawread.core.misread.TrueReading;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.ScaleReading;
import org.springframework.stereotype.Component;

/**
 * What a slip would have read, and what is recognised in a reading that is held against a reference. The reading is
 * {@code wrong_pm}, or what the slip makes of the true parts where that is left out; {@code typed} when it came in as a
 * figure.
 */
@Component
class MisreadTopic implements CalcTopic {
    @Override
    public String name() {
        return "misread-recognition";
    }

    @Override
    public List<String> inputs() {
        return List.of(
                "parts",
                "scale",
                "base",
                "unit",
                "slip",
                "variant",
                "forward",
                "wrong_pm",
                "typed",
                "ref",
                "rho_pm",
                "band_pm");
    }

    /** {@code wrong_pm} is computed where {@code forward} is yes, else it is the reading as given. */
    @Override
    public List<String> outputs() {
        return List.of("true_pm", "wrong_pm", "named", "r_prime_pm");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        Scale scale = row.scale();
        Length base = row.length("base");
        Parts parts = row.parts();
        return scale.read(base, parts).then(reading -> {
            var here = new TrueReading(scale, base, parts, reading);
            boolean forward =
                    row.text("forward").equals("yes") || row.text("wrong_pm").isEmpty();
            return forward
                    ? slipped(row, here).then(wrong -> recognised(row, here, wrong))
                    : recognised(row, here, row.pm("wrong_pm"));
        });
    }

    private static Outcome<Length> slipped(CalcRow row, TrueReading here) {
        Slip slip = row.oneOf("slip", Arrays.stream(Slip.values()), Slip::code);
        return Slips.madeAt(here)
                .filter(made -> isThis(made, slip) && made.variant().equals(row.text("variant")))
                .map(Misread::read)
                .findFirst()
                .map(Outcome::of)
                .orElseGet(() -> Outcome.refused(
                        Refusal.of("slip-cannot-be").with("slip", slip.code()).with("variant", row.text("variant"))));
    }

    /** On a metric thimble with an odd count a line that is missed is the half line. */
    private static boolean isThis(Misread made, Slip slip) {
        return made.slip() == slip || slip == Slip.MISSED_LINE && made.slip() == Slip.MISSED_HALF;
    }

    private static Outcome<Map<String, Object>> recognised(CalcRow row, TrueReading here, Length wrong) {
        ScaleReading reading = here.reading();
        Length read = row.text("wrong_pm").isEmpty() ? wrong : row.pm("wrong_pm");
        var kept = new KeptReading(
                here.scale(),
                here.base(),
                read,
                Optional.of(row.text("typed")).filter(text -> !text.isEmpty()),
                row.unit("unit"));
        var reference = new Reference(
                row.oneOf("ref", Arrays.stream(Reference.Kind.values()), Reference.Kind::code),
                row.pm("rho_pm"),
                row.pm("band_pm"));
        Recognition recognition = Recognition.of(kept, reference);
        Optional<Explanation> named = recognition.explanations().stream().findFirst();
        return Outcome.of(new CalcAnswer()
                .withPm("true_pm", Optional.of(reading.value()))
                .withPm("wrong_pm", Optional.of(wrong))
                .with(
                        "named",
                        recognition.agrees()
                                ? "ok"
                                : named.map(slip -> slip.slip().code()).orElse("none"))
                .withPm("r_prime_pm", named.map(Explanation::shouldBe))
                .columns());
    }
}
