package jawread.server.calc;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorStatistic;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Every case of every topic, posted as a user would. */
@ExtendWith(RunningServer.class)
class CalcVectorsTest {
    private static final String ERROR = "error";
    private static final String HINT = "hint";

    /** Roots and distributions: compared to nine digits. */
    private static final Pattern STATISTIC = Pattern.compile(
            "_um$|_um_per_h$|_um_per_mm$|_deg$|_h$|^t975$|^t90$|^p_interaction$|^percent_of_tolerance$|^risk$|^used_percent$");

    /** Leaves and blocks: others of the same count that come to the same are as good. */
    private static final Pattern LAID = Pattern.compile("_leaves$|^stack$");

    private final Server server;
    private final List<CalcTopic> topics;

    CalcVectorsTest(Server server) {
        this.server = server;
        this.topics = List.of(
                server.bean(TypedTopic.class),
                server.bean(LimitsTopic.class),
                server.bean(ReadingsTopic.class),
                server.bean(SettingTopic.class),
                server.bean(MisreadTopic.class),
                server.bean(CentreDistanceTopic.class),
                server.bean(FitsTopic.class),
                server.bean(GeneralToleranceTopic.class),
                server.bean(TappingTopic.class),
                server.bean(RepeatsTopic.class),
                server.bean(ReworkTopic.class),
                server.bean(UncertaintyTopic.class),
                server.bean(TrialStudyTopic.class),
                server.bean(BlocksTopic.class),
                server.bean(FeelersTopic.class),
                server.bean(TemperatureTopic.class),
                server.bean(DecisionsTopic.class),
                server.bean(WearLadderTopic.class),
                server.bean(PinsTopic.class),
                server.bean(EnvelopeTopic.class),
                server.bean(NextStepTopic.class),
                server.bean(FormTopic.class),
                server.bean(FormDecisionsTopic.class),
                server.bean(WearTopic.class),
                server.bean(VBlockTopic.class),
                server.bean(RunoutTopic.class),
                server.bean(OversizeTopic.class),
                server.bean(ClearancePairingTopic.class),
                server.bean(TrendTopic.class),
                server.bean(TwoMethodsTopic.class));
    }

    @Test
    void every_row_of_every_topic_is_answered_as_the_file_says() {
        assertThat(server.bean(Calculations.class).topicNames())
                .containsExactlyInAnyOrderElementsOf(
                        topics.stream().map(CalcTopic::name).toList());
        topics.forEach(this::post);
    }

    private void post(CalcTopic topic) {
        VectorFile file = VectorFile.withAnyColumns(topic.name());
        assertThat(new HashSet<>(file.columns()))
                .as("columns of " + topic.name())
                .isEqualTo(columns(topic, file));
        JsonNode answers = server.post(
                        "/api/v1/calc/" + topic.name(),
                        file.rows().stream().map(row -> body(topic, row)).toList())
                .json();
        assertThat(answers.size()).isEqualTo(file.rows().size());
        var number = new int[1];
        file.runAll(row -> compare(topic, row, hasErrors(file) ? row.get(ERROR) : "", answers.get(number[0]++)));
    }

    /** What goes in, what comes out, and the error where the file has refusals. */
    private static Set<String> columns(CalcTopic topic, VectorFile file) {
        var columns = new HashSet<>(topic.inputs());
        columns.addAll(topic.outputs());
        columns.add("id");
        if (hasErrors(file)) {
            columns.add(ERROR);
        }
        return columns;
    }

    private static boolean hasErrors(VectorFile file) {
        return file.columns().contains(ERROR);
    }

    private static Map<String, Object> body(CalcTopic topic, VectorRow row) {
        var body = new LinkedHashMap<String, Object>();
        topic.inputs().forEach(column -> body.put(column, row.get(column)));
        return body;
    }

    private static void compare(CalcTopic topic, VectorRow row, String error, JsonNode answer) {
        assertThat(answer.path("code").asString("")).as("error").isEqualTo(error);
        if (topic.outputs().contains(HINT)) {
            assertThat(answer.path(HINT).asString("")).as(HINT).isEqualTo(row.get(HINT));
        }
        if (error.isEmpty()) {
            topic.outputs().forEach(column -> {
                JsonNode said = answer.get(column);
                assertThat(said).as(column).isNotNull();
                if (said.isNumber() && STATISTIC.matcher(column).find()) {
                    VectorStatistic.isSame(row, column, said.asDouble());
                } else if (said.isNumber()) {
                    assertThat(said.decimalValue()).as(column).isEqualByComparingTo(new BigDecimal(row.get(column)));
                } else if (!said.isNull()
                        && said.isString()
                        && STATISTIC.matcher(column).find()) {
                    sameList(column, said.asString(), row.get(column));
                } else if (LAID.matcher(column).find() && !said.isNull()) {
                    comesToTheSame(said.asString(), row.get(column));
                } else {
                    assertThat(said.isNull() ? "" : said.asString()).as(column).isEqualTo(row.get(column));
                }
            });
        }
    }

    /** Directions are alike modulo a half turn, and, as ovalities, come from a fit: to 1e-6. */
    private static void sameList(String column, String said, String file) {
        String[] written = file.split(";", -1);
        String[] answered = said.split(";", -1);
        assertThat(answered).as(column).hasSameSizeAs(written);
        for (int i = 0; i < written.length; i++) {
            assertThat(answered[i].isEmpty()).as(column).isEqualTo(written[i].isEmpty());
            if (!written[i].isEmpty()) {
                double apart = Double.parseDouble(answered[i]) - Double.parseDouble(written[i]);
                switch (column) {
                    case "ovality_um" -> assertThat(Math.abs(apart)).as(column).isLessThan(1e-6);
                    case "long_axis_deg" ->
                        assertThat(Math.abs(Math.IEEEremainder(apart, 180)))
                                .as(column)
                                .isLessThan(1e-6);
                    default ->
                        VectorStatistic.isSame(column, Double.parseDouble(written[i]), Double.parseDouble(answered[i]));
                }
            }
        }
    }

    private static void comesToTheSame(String said, String file) {
        List<BigDecimal> pieces = figures(said);
        assertThat(pieces).hasSameSizeAs(figures(file)).doesNotHaveDuplicates();
        assertThat(sum(pieces)).isEqualByComparingTo(sum(figures(file)));
    }

    private static List<BigDecimal> figures(String list) {
        return Arrays.stream(list.split(";")).map(BigDecimal::new).toList();
    }

    private static BigDecimal sum(List<BigDecimal> figures) {
        return figures.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    @Test
    void one_set_of_columns_is_answered_by_one_set() {
        var answer = server.post(
                "/api/v1/calc/repeats",
                Map.of(
                        "school", "two-then-third",
                        "live", "no",
                        "average", "mean",
                        "unit", "mm",
                        "s", 0.001,
                        "resolution", "0.001",
                        "readings", List.of("10.000", "10.003")));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json().path("value_pm").asLong()).isEqualTo(10_001_500_000L);
        assertThat(answer.json().path("state").asString()).isEqualTo("done");
    }

    @Test
    void a_refusal_is_a_problem_with_its_code_its_field_and_a_sentence() {
        var answer = server.post("/api/v1/calc/typed", Map.of("text", "1,250.5", "default_unit", "mm", "kind", "size"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.header("Content-Type")).startsWith("application/problem+json");
        assertThat(answer.code()).isEqualTo("group-separator");
        assertThat(answer.json().path("field").asString()).isEqualTo("text");
        assertThat(answer.sentence()).contains("decimal mark");
    }

    @Test
    void a_column_misspelt_is_named_and_so_is_one_left_out() {
        var misspelt = server.post("/api/v1/calc/typed", Map.of("txt", "1", "default_unit", "mm", "kind", "size"));
        assertThat(misspelt.code()).isEqualTo("unknown-column");
        assertThat(misspelt.sentence()).contains("txt");
        var missing = server.post(
                "/api/v1/calc/rework", Map.of("feature", "bore", "diameter", "yes", "unit", "mm", "lo", "2"));
        assertThat(missing.code()).isEqualTo("missing-column");
        var wrong = server.post("/api/v1/calc/typed", Map.of("text", "1", "default_unit", "ell", "kind", "size"));
        assertThat(wrong.code()).isEqualTo("bad-value");
        assertThat(wrong.sentence()).contains("ell").contains("mm");
    }

    @Test
    void a_topic_that_is_not_there_names_those_that_are() {
        var answer = server.post("/api/v1/calc/feelers-of-gold", Map.of());
        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.sentence()).contains("typed").contains("rework");
    }
}
