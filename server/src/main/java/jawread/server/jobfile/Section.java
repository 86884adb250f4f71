package jawread.server.jobfile;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.tables.Column;
import jawread.server.tables.Table;

/**
 * The rows of one table that belong to a job, as they stand in its file.
 *
 * @param member what the file calls them
 * @param table whose rows they are
 * @param which of these, as a condition with {@code :job}
 * @param order of those that a name tells apart, or a number; empty where the file's own text does
 * @param of what they are, in a sentence of the published form
 */
record Section(String member, String table, String which, String order, String of) {
    private static final String PLANS = "(SELECT id FROM plan WHERE job_id = :job)";
    private static final String PARTS = "(SELECT id FROM part WHERE plan_id IN " + PLANS + ")";
    private static final String READINGS = "(SELECT id FROM reading WHERE job_id = :job)";
    private static final String READ_WITH = "SELECT gauge_id FROM reading WHERE job_id = :job"
            + " UNION SELECT reader_id FROM reading WHERE job_id = :job AND reader_id IS NOT NULL"
            + " UNION SELECT gauge_id FROM reading_figure WHERE reading_id IN " + READINGS
            + " UNION SELECT reader_id FROM reading_figure WHERE reader_id IS NOT NULL AND reading_id IN " + READINGS
            + " UNION SELECT gauge_id FROM look WHERE gauge_id IS NOT NULL AND part_id IN " + PARTS
            + " UNION SELECT gauge_id FROM picked_method WHERE plan_id IN " + PLANS
            + " UNION SELECT reader_id FROM picked_method WHERE reader_id IS NOT NULL AND plan_id IN " + PLANS;
    /** With those that their readings were carried to, and that they were set with. */
    private static final String GAUGES = "(" + READ_WITH
            + " UNION SELECT reader_id FROM gauge_reader WHERE gauge_id IN (" + READ_WITH + ")"
            + " UNION SELECT micrometer_id FROM comparator_setting WHERE micrometer_id IS NOT NULL AND gauge_id IN ("
            + READ_WITH + "))";

    private static final String MASTERS = "(SELECT master_id FROM gauge_check WHERE gauge_id IN " + GAUGES
            + " UNION SELECT master_id FROM trial WHERE gauge_id IN " + GAUGES
            + " UNION SELECT master_id FROM comparator_setting WHERE gauge_id IN " + GAUGES + ")";

    static final String JOB = "job";
    static final String PERSON = "person";
    static final String GAUGE = "gauge";
    static final String MASTER = "master";
    /** What of a file stands in the drawer. */
    static final String[] OF_THE_DRAWER = {
        GAUGE, MASTER, "gauge_reader", "gauge_event", "gauge_check", "trial", "comparator_setting"
    };

    private static final String NUMBER = "id";

    /** Which table a column's number is of; where it holds a UUID it stands as it is. */
    private static final Map<String, String> POINTS_TO = Map.ofEntries(
            Map.entry("job_id", JOB),
            Map.entry("plan_id", "plan"),
            Map.entry("plan_revision_id", "plan_revision"),
            Map.entry("feature_id", "feature"),
            Map.entry("place_id", "place"),
            Map.entry("part_id", "part"),
            Map.entry("one_id", "part"),
            Map.entry("other_id", "part"),
            Map.entry("person_id", PERSON),
            Map.entry("made_by_id", PERSON),
            Map.entry("added_by", PERSON),
            Map.entry("gauge_id", GAUGE),
            Map.entry("reader_id", GAUGE),
            Map.entry("micrometer_id", GAUGE),
            Map.entry("master_id", MASTER));

    /** What each shop says by itself: a count of the program's own, and what somebody does there. */
    static final Map<String, Object> OF_EACH_SHOP = Map.of("version", 0L, "does", "");

    /** Which section a UUID is of. */
    private static final Map<String, String> KEY_OF = Map.of(
            "round_id", "measuring_round",
            "setting_id", "comparator_setting",
            "warmth_id", "part_warmth",
            "reading_id", "reading",
            "one_id", "reading",
            "other_id", "reading",
            "check_id", "gauge_check");

    /** In the order in which rows can be put in: each after those that it points to. All but the people, whom the others name. */
    private static final List<Section> OF_A_JOB = List.of(
            new Section(
                    "masters",
                    MASTER,
                    "id IN " + MASTERS,
                    "shop_number",
                    "Masters that its gauges were set and checked with."),
            new Section("gauges", GAUGE, "id IN " + GAUGES, "shop_number", "Gauges that it was read with."),
            new Section(
                    "gaugeReaders",
                    "gauge_reader",
                    "gauge_id IN " + GAUGES + " AND reader_id IN " + GAUGES,
                    "",
                    "What a transfer gauge may be carried to."),
            new Section("gaugeEvents", "gauge_event", "gauge_id IN " + GAUGES, "", "What happened to these gauges."),
            new Section("gaugeChecks", "gauge_check", "gauge_id IN " + GAUGES, "", "Looks at their zero."),
            new Section(
                    "trials",
                    "trial",
                    "gauge_id IN " + GAUGES + " AND (reader_id IS NULL OR reader_id IN " + GAUGES + ")",
                    "",
                    "How alike a person reads with them."),
            new Section(
                    "comparatorSettings",
                    "comparator_setting",
                    "gauge_id IN " + GAUGES + " AND (micrometer_id IS NULL OR micrometer_id IN " + GAUGES + ")",
                    "",
                    "What comparators were set to."),
            new Section("jobSettings", "job_setting", "job_id = :job", "", "The rules in force."),
            new Section("plans", "plan", "job_id = :job", NUMBER, "Plans, one for each kind of part."),
            new Section("planRevisions", "plan_revision", "plan_id IN " + PLANS, NUMBER, "Their revisions."),
            new Section(
                    "features", "feature", "plan_id IN " + PLANS, NUMBER, "Features, each edition of them by itself."),
            new Section(
                    "planFeatures",
                    "plan_feature",
                    "plan_revision_id IN (SELECT id FROM plan_revision WHERE plan_id IN " + PLANS + ")",
                    "",
                    "Which editions stand in which revision."),
            new Section("parts", "part", "plan_id IN " + PLANS, NUMBER, "Parts."),
            new Section(
                    "places",
                    "place",
                    "feature_id IN (SELECT id FROM feature WHERE plan_id IN " + PLANS + ")",
                    NUMBER,
                    "Where a feature is measured."),
            new Section(
                    "partLinks",
                    "part_link",
                    "one_id IN " + PARTS + " AND other_id IN " + PARTS,
                    "",
                    "Which parts of the job are one and the same."),
            new Section("partTemperatures", "part_warmth", "part_id IN " + PARTS, "", "Temperatures of parts."),
            new Section("rounds", "measuring_round", "part_id IN " + PARTS, "", "Rounds, each opened by a cut."),
            new Section(
                    "readings", "reading", "job_id = :job", "seq", "Readings, in the order in which they were kept."),
            new Section(
                    "readingFigures",
                    "reading_figure",
                    "reading_id IN " + READINGS,
                    "",
                    "Figures of readings that are made of several."),
            new Section("readingMarks", "reading_mark", "reading_id IN " + READINGS, "", "What was said of readings."),
            new Section("readingMoves", "reading_move", "job_id = :job", "", "Readings moved to another place."),
            new Section("readingSwaps", "reading_swap", "part_id IN " + PARTS, "", "Readings that changed places."),
            new Section("placeMarks", "place_mark", "part_id IN " + PARTS, "", "What was said of places."),
            new Section("cutMarks", "cut_mark", "part_id IN " + PARTS, "", "Cuts taken back."),
            new Section("sizesSaid", "size_said", "part_id IN " + PARTS, "", "What sizes were reworked to."),
            new Section("partDecisions", "part_decision", "part_id IN " + PARTS, "", "What people decided of parts."),
            new Section("looks", "look", "part_id IN " + PARTS, "", "What was looked at rather than measured."),
            new Section("cautionTicks", "caution_tick", "job_id = :job", "", "Cautions that were read."),
            new Section(
                    "readyMarks", "ready_mark", "job_id = :job", "", "Cards of making ready that were passed over."),
            new Section(
                    "soakings", "soaking", "part_id IN " + PARTS, "", "Parts that lay to take the room's temperature."),
            new Section("pickedMethods", "picked_method", "plan_id IN " + PLANS, "", "Gauges picked for features."));

    /** All of them, people first. @param tables of this shop */
    static List<Section> all(Map<String, Table> tables) {
        String named = OF_A_JOB.stream()
                .flatMap(section -> tables.get(section.table()).columns().stream()
                        .filter(column ->
                                pointsTo(column).filter(PERSON::equals).isPresent())
                        .map(column ->
                                "SELECT " + column.name() + " FROM " + section.table() + " WHERE " + section.which()))
                .collect(Collectors.joining(" UNION "));
        return Stream.concat(
                        Stream.of(new Section("people", PERSON, "id IN (" + named + ")", "name", "Who did any of it.")),
                        OF_A_JOB.stream())
                .toList();
    }

    /** Whether its rows are of no job: what is here of them under the same name is asked about, and never compared. */
    boolean isOfTheShop() {
        return Set.of(PERSON, GAUGE, MASTER).contains(table);
    }

    /** The condition of a job. */
    String which(long job) {
        return which.replace(":job", Long.toString(job));
    }

    /** Which table's row a column's number names; empty where it holds no such number. */
    static Optional<String> pointsTo(Column column) {
        return column.form() == Column.Form.NUMBER
                ? Optional.ofNullable(POINTS_TO.get(column.name()))
                : Optional.empty();
    }

    /** Which table's row a column's UUID names; empty where it holds none, or one that nothing else bears. */
    static Optional<String> keyOf(Column column) {
        return column.form() == Column.Form.KEY ? Optional.ofNullable(KEY_OF.get(column.name())) : Optional.empty();
    }

    /** Whether its rows are told apart by a number of the shop's. */
    static boolean isNumbered(Table table) {
        return table.columns().stream()
                .anyMatch(column -> column.name().equals(NUMBER) && column.form() == Column.Form.NUMBER);
    }

    static boolean isNumber(Column column) {
        return column.name().equals(NUMBER) && column.form() == Column.Form.NUMBER;
    }

    /** Of a row, what stands in the file; the job stands there once, so that none of its rows names it. */
    static boolean isTakenAlong(Column column) {
        return !OF_EACH_SHOP.containsKey(column.name())
                && pointsTo(column).filter(JOB::equals).isEmpty();
    }

    /** What the file calls a column: {@code low_pm} is {@code lowPm}, {@code part_id} is {@code part}. */
    static String member(Column column) {
        String name = column.name().endsWith("_id") && !column.name().equals("move_id")
                ? column.name().substring(0, column.name().length() - 3)
                : column.name();
        var member = new StringBuilder();
        for (String word : name.split("_")) {
            member.append(member.isEmpty() ? word : Character.toUpperCase(word.charAt(0)) + word.substring(1));
        }
        return member.toString();
    }
}
