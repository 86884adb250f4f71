package jawread.server.calc;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jawread.core.judge.KnownSizeTrial;
import jawread.core.judge.PeopleStudy;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import org.springframework.stereotype.Component;

/** What one person holds with a gauge, or several do: parts by |, people by /, repeats by ;. */
@Component
class TrialStudyTopic implements CalcTopic {
    private static final String TRIAL = "trial";
    private static final String READINGS = "readings_mm";

    @Override
    public String name() {
        return "trial-study";
    }

    @Override
    public List<String> inputs() {
        return List.of("what", READINGS, "certified_mm", "um_um", "tolerance_mm");
    }

    @Override
    public List<String> outputs() {
        return List.of(
                "bias_um",
                "s_um",
                "t975",
                "threshold_um",
                "significant",
                "holds_um",
                "p_interaction",
                "pooled",
                "repeatability_um",
                "operator_um",
                "interaction_um",
                "reproducibility_um",
                "part_um",
                "grr_um",
                "percent_of_tolerance",
                "ndc");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        boolean trial =
                row.oneOf("what", Stream.of(TRIAL, "study"), what -> what).equals(TRIAL);
        return trial ? trial(row) : study(row);
    }

    private static CalcAnswer empty() {
        var answer = new CalcAnswer();
        new TrialStudyTopic().outputs().forEach(column -> answer.with(column, null));
        return answer;
    }

    private static Outcome<Map<String, Object>> trial(CalcRow row) {
        return KnownSizeTrial.of(
                        lengths(row, row.required(READINGS)),
                        row.length("certified_mm", row.required("certified_mm"), LengthUnit.MILLIMETRE),
                        row.length("um_um", row.required("um_um"), LengthUnit.MICROMETRE))
                .map(trial -> empty().with("bias_um", trial.bias())
                        .with("s_um", trial.deviation())
                        .with("t975", trial.student())
                        .with("threshold_um", trial.threshold())
                        .with("significant", yesOrNo(trial.isBiased()))
                        .with("holds_um", trial.holds())
                        .columns());
    }

    private static Outcome<Map<String, Object>> study(CalcRow row) {
        List<List<List<Length>>> readings = Arrays.stream(row.required(READINGS).split("\\|"))
                .map(part -> Arrays.stream(part.split("/"))
                        .map(cell -> lengths(row, cell))
                        .toList())
                .toList();
        return PeopleStudy.of(readings).map(study -> columns(study, row));
    }

    private static Map<String, Object> columns(PeopleStudy study, CalcRow row) {
        CalcAnswer answer = empty().with("repeatability_um", study.repeatability())
                .with("operator_um", study.person())
                .with("interaction_um", study.interaction())
                .with("reproducibility_um", study.reproducibility())
                .with("part_um", study.part())
                .with("grr_um", study.measuring())
                .with("percent_of_tolerance", study.percentOf(row.aboveZero("tolerance_mm", LengthUnit.MILLIMETRE)));
        study.interactionChance()
                .ifPresent(chance -> answer.with("p_interaction", chance).with("pooled", yesOrNo(study.isPooled())));
        study.distinctSizes().ifPresent(sizes -> answer.with("ndc", sizes));
        return answer.columns();
    }

    private static String yesOrNo(boolean yes) {
        return yes ? "yes" : "no";
    }

    private static List<Length> lengths(CalcRow row, String list) {
        return Arrays.stream(list.split(";"))
                .map(item -> row.length(READINGS, item, LengthUnit.MILLIMETRE))
                .toList();
    }
}
