package jawread.core.misread;

import java.util.Comparator;
import java.util.List;
import jawread.core.length.Length;

/**
 * What is made of a reading that is held against a reference.
 *
 * @param agrees whether the reading lies within the reference's band: then there is nothing to explain
 * @param explanations slips that would account for the difference, likeliest first; none: read again
 */
public record Recognition(boolean agrees, List<Explanation> explanations) {
    public Recognition {
        explanations = List.copyOf(explanations);
    }

    /**
     * Tries every slip. One explains the reading when the true reading it leads to lies within the band and above zero. The
     * lowest group comes first, then the smallest |r′ − ρ|, then the order inside the group, then the smaller r′.
     */
    public static Recognition of(KeptReading kept, Reference reference) {
        if (reference.agreesWith(kept.read())) {
            return new Recognition(true, List.of());
        }
        return new Recognition(
                false,
                kept.reaching(reference.size())
                        .flatMap(Slips::explaining)
                        .filter(slip -> slip.shouldBe().compareTo(Length.ZERO) > 0)
                        .filter(slip -> reference.agreesWith(slip.shouldBe()))
                        .filter(slip -> reference.tells(kept.read().minus(slip.shouldBe())))
                        .sorted(Comparator.comparingInt(
                                        (Explanation slip) -> slip.slip().group())
                                .thenComparing(slip -> reference.distanceTo(slip.shouldBe()))
                                .thenComparing(Explanation::slip)
                                .thenComparing(Explanation::shouldBe))
                        .distinct()
                        .toList());
    }
}
