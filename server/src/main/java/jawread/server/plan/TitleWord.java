package jawread.server.plan;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jawread.server.settings.Setting;

/** What a line of a title block may say, in a file: the word first, and what it says in the cell beside it. */
enum TitleWord {
    JOB("name", "job", "title", "part", "part name", "drawing title", "name"),
    ABOUT("about", "about"),
    LIMITS_FROM("limitsSource", "limits from", "drawing", "drawing no", "drawing no.", "source"),
    CUSTOMER_REFERENCE("customerReference", "customer reference", "order", "order no", "order no."),
    UNIT("unit", "unit", "units"),
    MATERIAL("material", "material"),
    TEMPERATURE("temperature", "temperature"),
    WITHOUT_TOLERANCE(
            Setting.GENERAL_TOLERANCE.code(),
            "sizes without a tolerance",
            "general tolerance",
            "general tolerances",
            "tolerances"),
    INCH_1(Setting.DECIMALS_1.code(), "inch .x", ".x"),
    INCH_2(Setting.DECIMALS_2.code(), "inch .xx", ".xx"),
    INCH_3(Setting.DECIMALS_3.code(), "inch .xxx", ".xxx"),
    INCH_4(Setting.DECIMALS_4.code(), "inch .xxxx", ".xxxx");

    private final String field;
    private final List<String> words;

    TitleWord(String field, String... words) {
        this.field = field;
        this.words = List.of(words);
    }

    static Optional<TitleWord> of(String cell) {
        String word = cell.strip().replaceFirst("\\s*:$", "").toLowerCase(Locale.ROOT);
        return Arrays.stream(values()).filter(each -> each.words.contains(word)).findFirst();
    }

    /** The field of a job's head, or the setting, that it is. */
    String field() {
        return field;
    }

    /** Absent for what is no setting but stands in the head itself. */
    Optional<Setting> setting() {
        return Setting.of(field).filter(Setting.ofJobs()::contains);
    }

    /** As it is written out. */
    String word() {
        return words.get(0);
    }
}
