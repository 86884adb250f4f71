package jawread.core.doubt;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.misread.Explanation;
import jawread.core.misread.KeptReading;
import jawread.core.misread.Recognition;
import jawread.core.misread.Reference;
import jawread.core.misread.Reference.Kind;

/**
 * What is found when a reading is held against all there is: that it is in doubt, and what would account for it.
 *
 * @param against the reference that named it, else the best of those it disagrees with
 * @param apart |r − ρ| from that one
 * @param named the likeliest slip; empty: no usual one accounts for it
 * @param other the next slip that leads to another figure
 */
public record Finding(Reference against, Length apart, Optional<Explanation> named, Optional<Explanation> other) {
    /**
     * In doubt when any reference disagrees; the name is that of the best one that yields a name. What only the other places or the
     * drawing disagree with, and no slip accounts for, is real form, metal that is left or wear: it is asked for once more, and stands
     * once a repeat or a quick check bears it out.
     *
     * @param references best first
     * @return empty when nothing is in doubt
     */
    public static Optional<Finding> of(KeptReading kept, List<Reference> references) {
        Optional<Finding> named = disagreeing(kept.read(), references)
                .flatMap(reference -> named(kept, reference).stream())
                .findFirst();
        return named.or(() -> unnamed(kept.read(), references));
    }

    /** The same for a figure that no slip can be named of. */
    public static Optional<Finding> unnamed(Length read, List<Reference> references) {
        boolean borneOut =
                references.stream().anyMatch(reference -> isOfThePlace(reference) && reference.agreesWith(read));
        return disagreeing(read, references)
                .filter(reference -> isOfThePlace(reference) || !borneOut)
                .findFirst()
                .map(reference ->
                        new Finding(reference, reference.distanceTo(read), Optional.empty(), Optional.empty()));
    }

    private static Stream<Reference> disagreeing(Length read, List<Reference> references) {
        return references.stream().filter(reference -> !reference.agreesWith(read));
    }

    private static Optional<Finding> named(KeptReading kept, Reference reference) {
        List<Explanation> slips = Recognition.of(kept, reference).explanations();
        return slips.stream()
                .findFirst()
                .map(first -> new Finding(
                        reference,
                        reference.distanceTo(kept.read()),
                        Optional.of(first),
                        slips.stream()
                                .filter(slip -> !slip.shouldBe().equals(first.shouldBe()))
                                .findFirst()));
    }

    private static boolean isOfThePlace(Reference reference) {
        return reference.kind() == Kind.QUICK || reference.kind() == Kind.REPEATS;
    }
}
