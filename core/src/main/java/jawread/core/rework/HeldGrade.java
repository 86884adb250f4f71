package jawread.core.rework;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import jawread.core.judge.Decision;
import jawread.core.judge.DecisionRule;
import jawread.core.length.Length;
import jawread.core.limit.Limits;
import jawread.core.limit.SizeGrades;
import jawread.core.limit.SizeGrades.Grade;

/**
 * Which grade a used part is, by what was measured: its stamp is only a claim.
 *
 * @param proven the grade that holds the mean and every place, guarded; empty where none does
 * @param possible those that nothing measured rules out
 */
public record HeldGrade(Optional<Grade> proven, List<Grade> possible) {
    /**
     * @param places one size or more
     * @param standard u of a place, in µm
     */
    public static HeldGrade of(SizeGrades grades, Collection<Length> places, DecisionRule rule, double standard) {
        Length mean = Length.meanOf(places);
        return new HeldGrade(
                grades.grades().stream()
                        .filter(grade -> isIn(mean, grade.limits(), rule, standard)
                                && places.stream().allMatch(place -> isIn(place, grade.limits(), rule, standard)))
                        .findFirst(),
                grades.grades().stream()
                        .filter(grade -> isPossible(mean, grade.limits(), rule, standard)
                                && places.stream().allMatch(place -> isPossible(place, grade.limits(), rule, standard)))
                        .toList());
    }

    private static boolean isIn(Length size, Limits limits, DecisionRule rule, double standard) {
        return Decision.of(rule, size, limits, standard).word() == Decision.Word.IN;
    }

    private static boolean isPossible(Length size, Limits limits, DecisionRule rule, double standard) {
        Decision.Word word = Decision.of(rule, size, limits, standard).word();
        return word != Decision.Word.OUT_LOW && word != Decision.Word.OUT_HIGH;
    }
}
