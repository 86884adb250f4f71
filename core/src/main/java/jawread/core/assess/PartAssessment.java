package jawread.core.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Look.Found;
import jawread.core.judge.SizeVerdict;

/**
 * What a part comes to.
 *
 * @param features each size, in the order of the plan
 */
public record PartAssessment(PartSnapshot of, List<FeatureAssessment> features) {
    /** Judges a part whole. */
    public static PartAssessment of(PartSnapshot snapshot) {
        return of(snapshot, List.of());
    }

    /** The same as judging anew; only what is judged by something else than here is judged again. */
    public PartAssessment after(PartSnapshot now) {
        return of(now, now.part() == part() ? features : List.of());
    }

    private static PartAssessment of(PartSnapshot snapshot, List<FeatureAssessment> before) {
        var features = new ArrayList<FeatureAssessment>();
        for (Feature feature : snapshot.features()) {
            if (feature.canBeMeasured()) {
                features.add(FeatureAssessment.of(
                        snapshot.part(),
                        feature,
                        snapshot.conditions(),
                        snapshot.log().of(feature.key()),
                        find(before, features.size(), feature.key())));
            }
        }
        return new PartAssessment(snapshot, List.copyOf(features));
    }

    private static Optional<FeatureAssessment> find(List<FeatureAssessment> all, int usually, UUID key) {
        return usually < all.size() && all.get(usually).feature().key().equals(key)
                ? Optional.of(all.get(usually))
                : all.stream().filter(each -> each.feature().key().equals(key)).findFirst();
    }

    public long part() {
        return of.part();
    }

    /** What is looked at rather than measured. */
    public List<Feature> lookedAt() {
        return of.features().stream()
                .filter(feature -> !feature.kind().isMeasured())
                .toList();
    }

    /** What was found at the last look; empty while nobody has looked. */
    public Optional<Look> look(Feature item) {
        return of.log().lookAt(item.key());
    }

    /** Throws {@link IllegalArgumentException} for a feature that is not among its sizes. */
    public FeatureAssessment of(UUID feature) {
        return features.stream()
                .filter(each -> each.feature().key().equals(feature))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No feature " + feature + " on part " + part()));
    }

    /** An item found not ok that decides against the part whatever its sizes. */
    public Optional<Feature> decidedAgainst() {
        return lookedAt().stream()
                .filter(item -> item.asTyped().decisive())
                .filter(item ->
                        look(item).filter(look -> look.found() == Found.NOT_OK).isPresent())
                .findFirst();
    }

    /** What nobody has looked at yet. */
    public List<Feature> notLookedAt() {
        return lookedAt().stream().filter(item -> look(item).isEmpty()).toList();
    }

    public boolean isBegun() {
        return features.stream().anyMatch(FeatureAssessment::isBegun);
    }

    /** Gone where an item decides against it; else the worst of its features. */
    public SizeVerdict verdict() {
        return decidedAgainst().isPresent()
                ? SizeVerdict.GONE
                : FeatureAssessment.worstOf(features)
                        .map(FeatureAssessment::verdict)
                        .orElse(SizeVerdict.NOT_MEASURED);
    }

    /** Whether it is not worth another reading: a feature is lost for good, or an item decides against it. */
    boolean isLeftAside() {
        return features.stream().anyMatch(FeatureAssessment::isLostForGood)
                || decidedAgainst().isPresent();
    }
}
