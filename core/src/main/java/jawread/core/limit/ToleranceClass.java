package jawread.core.limit;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * A tolerance class of ISO 286: a letter, which says where the zone lies, and a grade, which says how wide it is. A capital
 * letter is a hole's, a small one a shaft's.
 *
 * <p>Shafts c to h: the fundamental deviation is the upper one, es, and ei = es − IT; js: ±IT/2; k (0 for grades other than
 * 4 to 7), m to u: it is the lower one, ei, and es = ei + IT. Holes C to H: EI = −es of the same letter; JS: ±IT/2; K, M, N up
 * to grade 8 and P to U up to grade 7, over 3 mm and up to 500 mm: ES = −ei + Δ with Δ = IT(n) − IT(n−1), else Δ = 0; beyond those
 * grades ES = −ei, of N over 3 and up to 500 mm 0. K and M beyond theirs are refused.
 *
 * @param letter as written, {@code H}, {@code js}
 */
public record ToleranceClass(String letter, int grade) {
    private static final Set<String> UPPER = Set.of("c", "d", "e", "f", "g", "h");
    private static final Set<String> LOWER = Set.of("k", "m", "n", "p", "r", "s", "t", "u");
    private static final Set<String> WITH_DELTA_TO_GRADE_8 = Set.of("k", "m", "n");
    private static final String SYMMETRIC = "js";

    private static final Length SMALL = Length.ofMillimetres("3");
    private static final Length LARGE = Length.ofMillimetres("500");

    /** M6 over 250 up to 315 mm lies 9 µm below the nominal, an exception of the standard. */
    private static final Length M6_ABOVE = Length.ofMillimetres("250");

    private static final Length M6_UP_TO = Length.ofMillimetres("315");

    /** As they follow one another from the widest clearance to the tightest press; of holes in capitals. */
    private static final List<String> SHAFTS =
            List.of("c", "d", "e", "f", "g", "h", "js", "k", "m", "n", "p", "r", "s", "t", "u");

    /** The finest and the coarsest grade of the tables. */
    public static final int FINEST_GRADE = 4;

    public static final int COARSEST_GRADE = 16;

    /** All letters of shafts that the tables have, from the widest clearance to the tightest press. */
    public static List<String> shaftLetters() {
        return SHAFTS;
    }

    /** The same of holes. */
    public static List<String> holeLetters() {
        return SHAFTS.stream().map(letter -> letter.toUpperCase(Locale.ROOT)).toList();
    }

    private static final Length SMALLEST = Length.ofMillimetres("1");
    private static final int COARSEST_AT_SMALLEST = 13;
    private static final int COARSEST_N_AT_SMALLEST = 8;

    /** Whether ISO 286 uses it at this size: up to 1 mm nothing coarser than 13, nor N coarser than 8. */
    public boolean isUsedAt(Length nominal) {
        return nominal.compareTo(SMALLEST) > 0
                || grade <= (letter.equals("N") ? COARSEST_N_AT_SMALLEST : COARSEST_AT_SMALLEST);
    }

    /** Half of its grade on each side. */
    public boolean isSymmetric() {
        return letter.equalsIgnoreCase(SYMMETRIC);
    }

    /** As a drawing writes it: {@code H7}. */
    @Override
    public String toString() {
        return letter + grade;
    }

    public boolean isHole() {
        return Character.isUpperCase(letter.charAt(0));
    }

    /**
     * Its limits at a nominal size. Exact. Refusals, the first that holds: {@code letter-not-supported} (mixed case too),
     * {@code class-not-supported}, {@code size-not-in-tables}, {@code grade-not-in-tables}, {@code no-value-at-size}.
     */
    public Outcome<Limits> at(Length nominal) {
        String shaft = letter.toLowerCase(Locale.ROOT);
        boolean oneCase = letter.equals(shaft) || letter.equals(shaft.toUpperCase(Locale.ROOT));
        if (!oneCase || !(UPPER.contains(shaft) || LOWER.contains(shaft) || shaft.equals(SYMMETRIC))) {
            return Outcome.refused(Refusal.of("letter-not-supported").with("letter", letter));
        }
        if (isHole() && grade > lastWithDelta(shaft) && (shaft.equals("k") || shaft.equals("m"))) {
            return Outcome.refused(
                    Refusal.of("class-not-supported").with("letter", letter).with("grade", grade));
        }
        return StandardTolerances.grade(nominal, grade)
                .then(width -> lowest(nominal, shaft, width)
                        .map(low ->
                                Limits.of(nominal.plus(low), nominal.plus(low).plus(width))));
    }

    /** The lower deviation: ei, or EI. */
    private Outcome<Length> lowest(Length nominal, String shaft, Length width) {
        if (shaft.equals(SYMMETRIC)) {
            return Outcome.of(Length.ZERO.minus(width.half()));
        }
        if (UPPER.contains(shaft)) {
            return StandardTolerances.deviation(nominal, shaft)
                    .map(es -> isHole() ? Length.ZERO.minus(es) : es.minus(width));
        }
        return isHole()
                ? upperOfHole(nominal, shaft, width).map(es -> es.minus(width))
                : StandardTolerances.deviation(nominal, shaft).map(ei -> isKBeyondItsGrades() ? Length.ZERO : ei);
    }

    private boolean isKBeyondItsGrades() {
        return letter.equals("k") && (grade < 4 || grade > 7);
    }

    private static int lastWithDelta(String shaft) {
        return WITH_DELTA_TO_GRADE_8.contains(shaft) ? 8 : 7;
    }

    /** ES of the holes K to U. */
    private Outcome<Length> upperOfHole(Length nominal, String shaft, Length width) {
        boolean isBetween = nominal.compareTo(SMALL) > 0 && nominal.compareTo(LARGE) <= 0;
        if (grade > lastWithDelta(shaft) && shaft.equals("n") && isBetween) {
            return Outcome.of(Length.ZERO);
        }
        if (letter.equals("M") && grade == 6 && nominal.compareTo(M6_ABOVE) > 0 && nominal.compareTo(M6_UP_TO) <= 0) {
            return Outcome.of(Length.ofMicrometres(-9));
        }
        Outcome<Length> delta = !isBetween || grade > lastWithDelta(shaft)
                ? Outcome.of(Length.ZERO)
                : StandardTolerances.grade(nominal, grade - 1).map(width::minus);
        return delta.then(more -> StandardTolerances.deviation(nominal, shaft).map(more::minus));
    }
}
