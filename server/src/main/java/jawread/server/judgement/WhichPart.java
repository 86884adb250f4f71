package jawread.server.judgement;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.assess.Feature;
import jawread.server.identity.SameParts;
import jawread.server.job.Part;
import jawread.server.job.PlansInForce;
import jawread.server.judgement.WhichPartView.SamePartView;
import jawread.server.measure.FirstTaken;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells where else a part stands, and asks where its mark alone says so. */
@Service
class WhichPart {
    /** More of one mark are no help: a shop stamps "1" on many. */
    private static final int MOST_ASKED = 3;

    private static final Kind<Long, Optional<SamePartView>> ASKED = Kind.small("part asked");

    private final SameParts same;
    private final PlansInForce plans;
    private final FirstTaken times;
    private final Snapshots snapshots;

    WhichPart(SameParts same, PlansInForce plans, FirstTaken times, Snapshots snapshots) {
        this.same = same;
        this.plans = plans;
        this.times = times;
        this.snapshots = snapshots;
    }

    @Transactional(readOnly = true)
    WhichPartView of(Part part) {
        List<Part> alike = asked(part);
        return new WhichPartView(
                same.with(part).stream()
                        .map(other -> view(other.part(), other.isConfirmed() ? "confirmed" : "by-mark"))
                        .toList(),
                alike.stream()
                        .limit(MOST_ASKED)
                        .map(other -> view(other, "asked"))
                        .toList(),
                Math.max(0, alike.size() - MOST_ASKED));
    }

    /** The first to be asked about; told while nothing was said in the job: a sheet is made after each reading. */
    @Transactional(readOnly = true)
    Optional<SamePartView> asks(Part part) {
        long job = part.job().id();
        return snapshots.of(
                ASKED,
                part.id(),
                List.of(Subject.plan(job), Subject.said(job)),
                () -> asked(part).stream().findFirst().map(other -> view(other, "asked")));
    }

    /** Those that were measured before this part was, and have a feature of it. */
    private List<Part> asked(Part part) {
        List<List<Part>> alike = same.alike(part);
        Map<Long, Instant> before =
                times.before(part, alike.stream().flatMap(List::stream).toList());
        return alike.stream()
                .flatMap(one -> one.stream()
                        .filter(other -> before.containsKey(other.id()))
                        .filter(other -> isOfSuch(part, other))
                        .findFirst()
                        .stream())
                .toList();
    }

    private boolean isOfSuch(Part part, Part other) {
        List<Feature> own = plans.newest(part.plan()).features();
        List<Feature> there = plans.newest(other.plan()).features();
        return own.stream()
                .filter(Feature::canBeMeasured)
                .anyMatch(feature -> feature.in(own, there).isPresent());
    }

    private SamePartView view(Part part, String how) {
        return new SamePartView(
                part.id(),
                part.name(),
                part.job().name(),
                times.of(List.of(part)).getOrDefault(part.id(), part.job().openedAt()),
                how);
    }
}
