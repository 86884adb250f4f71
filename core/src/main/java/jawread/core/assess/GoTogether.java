package jawread.core.assess;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.rework.FinishedSize;
import jawread.core.rework.NextSize;

/**
 * Features of a part that the plan says are reworked to one size, as the bores of a block: the largest step any of them needs, and what each
 * then loses.
 *
 * @param size proposed for all of them
 * @param needs those that need it, or are that size already
 * @param members all of them, in the order of the plan
 */
public record GoTogether(FinishedSize size, List<FeatureAssessment> needs, List<Member> members) {
    /**
     * One of them.
     *
     * @param leastStock what comes off a side where least does, to the middle of that size's limits; below zero where that leaves old metal;
     *     empty where nothing was measured
     * @param isListed whether it can be that size by its own plan
     * @param isThere whether it is that size already
     */
    public record Member(FeatureAssessment feature, Optional<Length> leastStock, boolean isListed, boolean isThere) {}

    /** Empty where it goes with no other, where none of them is lost, and where no step is listed that one of the lost would clean up at. */
    public static Optional<GoTogether> of(FeatureAssessment feature, PartAssessment part) {
        List<FeatureAssessment> all = part.features().stream()
                .filter(each -> areTogether(feature, each))
                .toList();
        List<FeatureAssessment> lost =
                all.stream().filter(each -> each.verdict().isLost()).toList();
        List<Optional<FinishedSize>> needed = lost.stream()
                .map(each -> each.nextSize().flatMap(NextSize::size).filter(GoTogether::isStep))
                .toList();
        if (all.size() < 2 || needed.stream().anyMatch(Optional::isEmpty)) {
            return Optional.empty();
        }
        Stream<FinishedSize> there =
                all.stream().flatMap(each -> each.reworked().flatMap(by -> each.sizeAt(by)).stream());
        return lost.isEmpty()
                ? Optional.empty()
                : Stream.concat(needed.stream().flatMap(Optional::stream), there)
                        .max(Comparator.comparing(GoTogether::step))
                        .map(size -> new GoTogether(
                                size,
                                all.stream().filter(each -> asksFor(each, size)).toList(),
                                all.stream().map(each -> member(each, size)).toList()));
    }

    /** Whether it is that size, or is lost and cleans up at no smaller one. */
    private static boolean asksFor(FeatureAssessment feature, FinishedSize size) {
        return feature.reworked()
                        .filter(by -> size.fromNew().filter(by::equals).isPresent())
                        .isPresent()
                || feature.verdict().isLost()
                        && feature.nextSize()
                                .flatMap(NextSize::size)
                                .filter(own -> step(own).equals(step(size)))
                                .isPresent();
    }

    private static boolean areTogether(FeatureAssessment one, FeatureAssessment other) {
        String name = one.feature().asTyped().together();
        return !name.isEmpty()
                && name.equalsIgnoreCase(other.feature().asTyped().together())
                && one.of().kind() == other.of().kind();
    }

    private static boolean isStep(FinishedSize size) {
        return size.fromNew().isPresent();
    }

    private static Length step(FinishedSize size) {
        return size.fromNew().orElseThrow().abs();
    }

    private static Member member(FeatureAssessment feature, FinishedSize size) {
        Length fromNew = size.fromNew().orElseThrow();
        boolean isListed = feature.of().planned().canBecome(fromNew);
        return new Member(
                feature,
                isListed ? feature.inForce().form().flatMap(form -> form.leastStockTo(fromNew)) : Optional.empty(),
                isListed,
                feature.reworked().filter(fromNew::equals).isPresent());
    }
}
