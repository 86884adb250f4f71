package jawread.server.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.limit.FeatureKind;
import jawread.core.plan.TypedFeature;
import jawread.core.table.Table;
import jawread.core.table.Table.Row;
import jawread.core.walk.Layout;
import jawread.server.job.NewPlan;
import jawread.server.job.PartHead;
import jawread.server.job.PartShape;
import jawread.server.job.PlanHead;
import jawread.server.job.RoundNames;

/** What a new job may start from: plans without limits, by code. The table stands beside this class. */
final class Templates {
    private static final Map<String, List<NewPlan>> BY_CODE = read();

    private Templates() {}

    /** In the order they are offered. */
    static List<String> codes() {
        return List.copyOf(BY_CODE.keySet());
    }

    static Optional<List<NewPlan>> of(String code) {
        return Optional.ofNullable(BY_CODE.get(code));
    }

    private static Map<String, List<NewPlan>> read() {
        Map<String, Map<String, List<Row>>> rows = new LinkedHashMap<>();
        for (Row row : Table.beside(Templates.class, "templates.csv").rows()) {
            rows.computeIfAbsent(row.text("template"), code -> new LinkedHashMap<>())
                    .computeIfAbsent(row.text("plan"), plan -> new ArrayList<>())
                    .add(row);
        }
        Map<String, List<NewPlan>> plans = new LinkedHashMap<>();
        rows.forEach((code, ofCode) ->
                plans.put(code, ofCode.values().stream().map(Templates::plan).toList()));
        return plans;
    }

    private static NewPlan plan(List<Row> rows) {
        Row first = rows.get(0);
        return NewPlan.of(
                new PlanHead(
                        first.text("plan"),
                        PartShape.of(first.text("shape")).orElseThrow(),
                        RoundNames.of(first.text("rounds")).orElseThrow()),
                rows.stream().map(Templates::feature).toList(),
                List.of(PartHead.of(first.text("part"), "")));
    }

    private static TypedFeature feature(Row row) {
        TypedFeature feature = TypedFeature.of(
                row.text("feature"), FeatureKind.of(row.text("kind")).orElseThrow(), "");
        TypedFeature placed =
                Layout.of(row.text("layout")).map(feature::withLayout).orElse(feature);
        return row.has("decisive") ? TypedFeature.decisive(row.text("feature")) : placed;
    }
}
