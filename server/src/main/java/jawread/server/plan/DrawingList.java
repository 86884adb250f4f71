package jawread.server.plan;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import jawread.core.plan.TypedFeature;
import jawread.server.choosing.FeatureMethods;
import jawread.server.choosing.MethodsOfPlan;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.LimitsView;
import jawread.server.job.Plan;
import jawread.server.tabular.DataTable;
import jawread.server.tabular.DataTable.Column;
import jawread.server.tabular.LengthCells;
import jawread.server.tabular.Separated;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What a drawing says, as a file for spreadsheets and drawing programs: its title block, and below it the features with their limits. */
@Component
class DrawingList {
    private final Jobs jobs;
    private final FeatureMethods methods;
    private final PlannedWords planned;
    private final LengthCells cells;

    DrawingList(Jobs jobs, FeatureMethods methods, PlannedWords planned, LengthCells cells) {
        this.jobs = jobs;
        this.methods = methods;
        this.planned = planned;
        this.cells = cells;
    }

    /** As CSV: what {@link PastedFeatures} understands again as the same. Refuses an unknown plan with 404. */
    @Transactional(readOnly = true)
    public String csv(long planId) {
        Plan plan = jobs.plan(planId);
        MethodsOfPlan with = methods.of(plan, Optional.empty());
        DataTable features = DataTable.of(
                "drawing",
                jobs.newest(plan).features().stream().map(feature -> planned.of(feature, with)),
                List.of(
                        typed("number", TypedFeature::number),
                        typed("feature", TypedFeature::name),
                        typed("kind", TypedFeature::kind),
                        typed("limits", TypedFeature::limits),
                        typed("service", TypedFeature::service),
                        typed("out of round", TypedFeature::outOfRound),
                        typed("taper", TypedFeature::taper),
                        typed("steps", TypedFeature::steps),
                        typed("lies", TypedFeature::lies),
                        typed("layout", TypedFeature::layout),
                        limit("lower_mm", of -> cells.millimetres(of.low())),
                        limit("upper_mm", of -> cells.millimetres(of.high())),
                        limit("lower_in", of -> cells.inches(of.low())),
                        limit("upper_in", of -> cells.inches(of.high()))));
        return Separated.csv(title(plan.job()), features);
    }

    private static Column<PlannedView> typed(String head, Function<TypedFeature, String> cell) {
        return new Column<>(head, of -> cell.apply(of.typed()));
    }

    private static Column<PlannedView> limit(String head, Function<LimitsView, Object> cell) {
        return new Column<>(head, of -> of.limits() == null ? null : cell.apply(of.limits()));
    }

    /** What an inch drawing alone says is left out where the job is in millimetres, and nothing was said. */
    private static List<List<Object>> title(Job job) {
        return Arrays.stream(TitleWord.values())
                .filter(word -> job.unit().isInch() || !word.word().startsWith("inch "))
                .<List<Object>>map(word -> List.of(word.word(), TitleRead.now(job, word)))
                .toList();
    }
}
