package jawread.server.plan;

import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.stream.Collectors;
import jawread.core.assess.Feature;
import jawread.core.plan.TypedFeature;
import jawread.server.job.Plan;
import jawread.server.journal.Journal;
import jawread.server.journal.Trailed.Under;
import org.springframework.stereotype.Component;

/** What was changed of the features of a plan: an edition never changes, so that only its successor tells. */
@Component
class FeatureTrail {
    private static final int LONGEST = 12_000;
    private final Journal journal;

    FeatureTrail(Journal journal) {
        this.journal = journal;
    }

    void added(Plan plan, Feature feature) {
        journal.changed(under(plan, feature), "added", null, feature.asTyped().limits());
    }

    void removed(Plan plan, Feature feature) {
        journal.changed(under(plan, feature), "removed", feature.asTyped().limits(), null);
    }

    /** Each field as it was typed then and is now. */
    void changed(Plan plan, Feature before, Feature after) {
        for (RecordComponent field : TypedFeature.class.getRecordComponents()) {
            journal.changed(
                    under(plan, before), field.getName(), text(field, before.asTyped()), text(field, after.asTyped()));
        }
    }

    /** The same features one after another otherwise. */
    void moved(Plan plan, List<Feature> before, List<Feature> after) {
        if (!keys(before).equals(keys(after))
                && keys(before).size() == keys(after).size()) {
            journal.changed(
                    Under.ofTheShop("plan", Long.toString(plan.id()))
                            .of(plan.job().id())
                            .called(plan.name()),
                    "featureOrder",
                    names(before),
                    names(after));
        }
    }

    private static List<Object> keys(List<Feature> features) {
        return features.stream().<Object>map(Feature::key).toList();
    }

    private static String names(List<Feature> features) {
        String names = features.stream().map(Feature::name).collect(Collectors.joining(", "));
        return names.substring(0, Math.min(names.length(), LONGEST));
    }

    private static Under under(Plan plan, Feature feature) {
        return Under.ofTheShop("feature", feature.key().toString())
                .of(plan.job().id())
                .called(feature.name());
    }

    private static String text(RecordComponent field, TypedFeature of) {
        try {
            return String.valueOf(field.getAccessor().invoke(of));
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
