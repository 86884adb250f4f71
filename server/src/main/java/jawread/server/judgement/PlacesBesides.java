package jawread.server.judgement;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Feature;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.walk.Axis;
import jawread.server.access.People;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.job.PlansInForce;
import jawread.server.live.Receipt;
import jawread.server.words.Refused;
import jawread.server.words.TypedNumber;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes places on one part besides those of its plan: an axis that was offered because two crossed ones cannot see an oval between them, and
 * what a hand found.
 */
@Service
class PlacesBesides {
    private static final BigDecimal HALF_TURN = BigDecimal.valueOf(180);
    /** As they are kept. */
    private static final int MOST_DECIMALS = 4;

    private static final int MOST_DIGITS = 9;
    private static final BigDecimal ALL_BUT_A_TURN = new BigDecimal("359.9999");
    private static final int LONGEST_NAME = 60;

    private final Jobs jobs;
    private final PlansInForce plans;
    private final People people;
    private final Words words;
    private final JobLocks locks;

    PlacesBesides(Jobs jobs, PlansInForce plans, People people, Words words, JobLocks locks) {
        this.jobs = jobs;
        this.plans = plans;
        this.people = people;
        this.words = words;
        this.locks = locks;
    }

    /** Refuses an angle outside [0°, 180°); an axis that is there already changes nothing. */
    @Transactional
    Receipt takeAxis(long partId, long featureId, BigDecimal degrees, List<String> sections, long person) {
        if (degrees.signum() < 0
                || degrees.compareTo(HALF_TURN) >= 0
                || degrees.scale() > MOST_DECIMALS
                || degrees.precision() > MOST_DIGITS) {
            var refusal = Refusal.of("axis-angle");
            throw Refused.field("degrees", refusal, words.say("refusal.axis-angle"));
        }
        locks.ofPart(partId);
        Part part = jobs.part(partId);
        // It has no number of its own, for it is there once.
        UUID id = UUID.nameUUIDFromBytes(
                (partId + " " + featureId + " " + degrees.stripTrailingZeros()).getBytes(StandardCharsets.UTF_8));
        return jobs.takeAxis(part, jobs.featureOf(part, featureId), Axis.at(degrees), sections, people.byId(person))
                .map(seq -> Receipt.now(id, seq))
                .orElse(Receipt.before(id));
    }

    /** @param depth as typed; empty where nobody knows @param degrees as typed; empty where nobody knows */
    record ByHand(long part, long feature, String name, String depth, String degrees, long person) {}

    /**
     * Takes it once by its name. Refuses no name, one over 60 characters or of a place of the plan; a depth that is none or lies beyond the
     * feature; and an angle outside [0°, 360°).
     */
    @Transactional
    Receipt takeByHand(ByHand asked) {
        long job = locks.ofPart(asked.part());
        Part part = jobs.part(asked.part());
        Feature feature = plans.judged(part.plan(), jobs.featureOf(part, asked.feature()));
        String name = asked.name().strip();
        boolean isOfPlan =
                feature.allPlaces().stream().anyMatch(place -> place.name().equalsIgnoreCase(name));
        if (name.isEmpty() || name.length() > LONGEST_NAME || isOfPlan) {
            throw Refused.field("name", "by-hand-name", words);
        }
        Optional<Length> depth =
                depth(asked.depth().strip(), feature, part.job().unit());
        Optional<Axis> across = across(asked.degrees().strip());
        UUID id = UUID.nameUUIDFromBytes(
                (job + " " + asked.part() + " " + feature.key() + " " + name).getBytes(StandardCharsets.UTF_8));
        return jobs.takeByHand(part, feature, name, depth, across, people.byId(asked.person()))
                .map(seq -> Receipt.now(id, seq))
                .orElse(Receipt.before(id));
    }

    private Optional<Length> depth(String typed, Feature feature, LengthUnit unit) {
        if (typed.isEmpty()) {
            return Optional.empty();
        }
        Length depth = TypedLength.parse(typed, unit, TypedLength.Kind.SIZE).fold(TypedLength::length, refusal -> {
            throw Refused.field("depth", refusal, words.say(refusal, unit));
        });
        if (depth.isNegative()
                || feature.length().filter(all -> depth.compareTo(all) > 0).isPresent()) {
            throw Refused.field("depth", "by-hand-depth", words);
        }
        return Optional.of(depth);
    }

    private Optional<Axis> across(String typed) {
        return typed.isEmpty()
                ? Optional.empty()
                : Optional.of(TypedNumber.within(typed, BigDecimal.ZERO, ALL_BUT_A_TURN)
                        .filter(degrees -> degrees.scale() <= MOST_DECIMALS)
                        .map(Axis::at)
                        .orElseThrow(() -> Refused.field("degrees", "by-hand-angle", words)));
    }
}
