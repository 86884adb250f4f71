package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.judge.GaugeError;
import jawread.core.judge.MeasuredBy;
import jawread.core.judge.Uncertainty;
import jawread.core.judge.UncertaintySource;
import jawread.core.judge.Warmth;
import jawread.core.judge.Warmth.Temperatures;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import org.springframework.stereotype.Component;

/** How well the value of a place is known, and what that comes of mostly. */
@Component
class UncertaintyTopic implements CalcTopic {
    private static final String COMPARATOR = "comparator";

    @Override
    public String name() {
        return "uncertainty";
    }

    @Override
    public List<String> inputs() {
        return List.of(
                "kind",
                "division_um",
                "estimated",
                "mpe_um",
                "ucal_um",
                "found_um",
                "s_um",
                "n",
                "um_um",
                "length_mm",
                "part_alpha_1e6",
                "scale_alpha_1e6",
                "temperatures",
                "part_T",
                "scale_T",
                "delta_t_K",
                "dT20_K");
    }

    @Override
    public List<String> outputs() {
        return List.of("u_um", "U_um", "u_place_um", "u_diff_um", "largest");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        Length division = row.notNegative("division_um", LengthUnit.MICROMETRE);
        var uncertainty = Uncertainty.of(new MeasuredBy(
                row.oneOf("kind", Stream.of("direct", COMPARATOR), kind -> kind).equals(COMPARATOR),
                row.yes("estimated") ? division.half() : division,
                row.text("ucal_um").isEmpty()
                        ? new GaugeError.Permitted(row.notNegative("mpe_um", LengthUnit.MICROMETRE))
                        : new GaugeError.Calibrated(
                                row.notNegative("ucal_um", LengthUnit.MICROMETRE),
                                row.text("found_um").isEmpty()
                                        ? Length.ZERO
                                        : row.notNegative("found_um", LengthUnit.MICROMETRE)),
                Optional.of(row.notNegative("s_um", LengthUnit.MICROMETRE)),
                row.count("n"),
                row.notNegative("um_um", LengthUnit.MICROMETRE),
                row.notNegative("length_mm", LengthUnit.MILLIMETRE),
                warmth(row)));
        return Outcome.of(new CalcAnswer()
                .with("u_um", uncertainty.standard())
                .with("U_um", uncertainty.expanded())
                .with("u_place_um", uncertainty.place())
                .with("u_diff_um", uncertainty.difference())
                .with(
                        "largest",
                        uncertainty.largest().map(UncertaintySource::code).orElse(null))
                .columns());
    }

    private static Warmth warmth(CalcRow row) {
        boolean measured = row.yes("temperatures");
        return new Warmth(
                row.notNegative("part_alpha_1e6").doubleValue() / 1e6,
                row.notNegative("scale_alpha_1e6").doubleValue() / 1e6,
                measured
                        ? Optional.of(new Temperatures(
                                row.number("part_T").doubleValue(),
                                row.number("scale_T").doubleValue()))
                        : Optional.empty(),
                row.notNegative("delta_t_K").doubleValue(),
                measured ? 0 : row.notNegative("dT20_K").doubleValue());
    }
}
