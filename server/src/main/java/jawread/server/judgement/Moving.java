package jawread.server.judgement;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import jawread.core.assess.Feature;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.PartAssessment;
import jawread.core.assess.Place;
import jawread.core.assess.PlaceAssessment;
import jawread.core.assess.Reading;
import jawread.core.assess.Walk;
import jawread.server.access.People;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.job.PlansInForce;
import jawread.server.judgement.MovingView.MoveAheadView;
import jawread.server.judgement.MovingView.MovePlaceView;
import jawread.server.judgement.MovingView.MoveSideView;
import jawread.server.judgement.MovingView.MoveToView;
import jawread.server.judgement.MovingView.WalkView;
import jawread.server.measure.MovedTo;
import jawread.server.measure.ReadingMoves;
import jawread.server.measure.ReadingMoves.Belonging;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows what can be moved to where it belongs, and what that does to both, before it is done. */
@Service
class Moving {
    private final Jobs jobs;
    private final PlansInForce plans;
    private final Judgements judgements;
    private final ReadingMoves moves;
    private final RoundWords rounds;
    private final People people;

    Moving(Jobs jobs, PlansInForce plans, Judgements judgements, ReadingMoves moves, RoundWords rounds, People people) {
        this.jobs = jobs;
        this.plans = plans;
        this.judgements = judgements;
        this.moves = moves;
        this.rounds = rounds;
        this.people = people;
    }

    /**
     * What stands under a part, a feature of it, or one place of that.
     *
     * @param featureId empty: all of the part
     * @param placeId empty: all of the feature
     */
    @Transactional(readOnly = true)
    MovingView of(long partId, Optional<Long> featureId, Optional<Long> placeId) {
        Part part = jobs.part(partId);
        JudgedPlan plan = judgements.of(part.plan());
        Optional<Feature> feature =
                featureId.map(id -> jobs.featureOf(part, id)).map(edition -> plans.judged(part.plan(), edition));
        Optional<Place> place = placeId.map(id -> jobs.placeOf(part, List.of(feature.orElseThrow()), id));
        List<Reading> standing = plan.of(part).features().stream()
                .filter(each -> feature.stream()
                        .allMatch(of -> of.key().equals(each.feature().key())))
                .flatMap(Moving::readings)
                .filter(reading -> place.stream().allMatch(of -> of.key().equals(reading.place())))
                .toList();
        List<Walk> walks = Walk.of(standing);
        return new MovingView(
                walks.stream()
                        .sorted(Comparator.comparing(
                                        (Walk walk) -> walk.readings().get(0).takenAt())
                                .reversed())
                        .map(this::view)
                        .toList(),
                plan.parts().stream()
                        .filter(other -> other.id() != part.id())
                        .map(other -> new MoveToView(other.id(), other.name()))
                        .toList(),
                feature.map(of -> places(of, place, plan, part)).orElse(List.of()));
    }

    private static Stream<Reading> readings(FeatureAssessment feature) {
        return feature.rounds().stream()
                .flatMap(round -> round.places().stream())
                .flatMap(Moving::readings);
    }

    private static Stream<Reading> readings(PlaceAssessment place) {
        return Stream.concat(place.readings().stream(), place.quick().stream());
    }

    private WalkView view(Walk walk) {
        List<Reading> all = walk.readings();
        return new WalkView(
                all.stream().map(Reading::id).toList(),
                people.nameOf(all.get(0).person()),
                all.get(0).takenAt(),
                all.get(all.size() - 1).takenAt());
    }

    private static List<MovePlaceView> places(Feature feature, Optional<Place> own, JudgedPlan plan, Part part) {
        return plan.of(part).features().stream()
                .map(FeatureAssessment::feature)
                .filter(feature::isReadAs)
                .flatMap(each -> each.places(part.id()).stream()
                        .filter(place -> own.filter(of -> of.id() == place.id()).isEmpty())
                        .map(place -> new MovePlaceView(each.id(), place.id(), each.name() + ", " + place.name())))
                .toList();
    }

    /** What comes of it on both sides. Refused as {@link ReadingMoves#goingTo} refuses. */
    @Transactional(readOnly = true)
    MoveAheadView ahead(Belonging belonging) {
        Map<UUID, MovedTo> going = moves.goingTo(belonging);
        Part from = plans.part(belonging.from());
        JudgedPlan now = judgements.of(from.plan());
        JudgedPlan then = judgements.ifMoved(from.plan(), going);
        var sides = new ArrayList<MoveSideView>();
        for (Part part : now.parts()) {
            if (part.id() == belonging.from() || part.id() == belonging.to()) {
                sides(part, now, then).forEach(sides::add);
            }
        }
        return new MoveAheadView(going.size(), sides);
    }

    /** Those that read otherwise then. */
    private Stream<MoveSideView> sides(Part part, JudgedPlan now, JudgedPlan then) {
        PartAssessment after = then.of(part);
        return now.of(part).features().stream()
                .filter(each -> !readings(each)
                        .map(Reading::id)
                        .toList()
                        .equals(readings(after.of(each.feature().key()))
                                .map(Reading::id)
                                .toList()))
                .map(each -> {
                    FeatureAssessment other = after.of(each.feature().key());
                    return new MoveSideView(
                            part.name(),
                            each.feature().name(),
                            rounds.verdict(each.inForce(), each, now.job()),
                            rounds.verdict(other.inForce(), other, now.job()),
                            (int) readings(each).count(),
                            (int) readings(other).count());
                });
    }
}
