package jawread.core.limit;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/** The grades that parts of one size are sorted into, {@code A 20.000/20.005; B 20.005/20.010}, in the order written. */
public record SizeGrades(List<Grade> grades) {
    /** One grade: its stamp and its limits. */
    public record Grade(String stamp, Limits limits) {}

    private static final Pattern GRADE = Pattern.compile("(\\p{L}\\w*|\\d+)\\s*[:=]?\\s+(.+)");

    public SizeGrades {
        grades = List.copyOf(grades);
    }

    /**
     * Grades apart by semicolons, limits in any form. Refuses what {@link TypedLimits#parse} refuses, a grade without a stamp
     * ({@code grade-without-stamp}) and a stamp twice ({@code grade-twice}).
     */
    public static Outcome<SizeGrades> parse(String text, TitleBlock block, FeatureKind kind) {
        Outcome<List<Grade>> all = Outcome.of(List.of());
        for (String each : text.strip().split("\\s*;\\s*")) {
            all = all.then(before -> grade(each, block, kind).then(grade -> with(before, grade)));
        }
        return all.map(SizeGrades::new);
    }

    private static Outcome<Grade> grade(String text, TitleBlock block, FeatureKind kind) {
        Matcher written = GRADE.matcher(text.strip());
        return written.matches()
                ? TypedLimits.parse(written.group(2), block, kind)
                        .map(typed -> new Grade(written.group(1), typed.limits()))
                : Outcome.refused(Refusal.of("grade-without-stamp").with("text", text));
    }

    private static Outcome<List<Grade>> with(List<Grade> before, Grade grade) {
        if (before.stream().anyMatch(each -> each.stamp().equals(grade.stamp()))) {
            return Outcome.refused(Refusal.of("grade-twice").with("stamp", grade.stamp()));
        }
        var all = new ArrayList<>(before);
        all.add(grade);
        return Outcome.of(all);
    }
}
