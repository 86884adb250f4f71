package jawread.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.judge.SizeVerdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Judging is a function: of the same log the same comes out, in whatever order it is given, and however it was cut into pieces. */
class SameInSameOutTest {
    private static final int SEEDS = 200;

    static Stream<Long> seeds() {
        return Stream.iterate(1L, seed -> seed + 1).limit(SEEDS);
    }

    /** All that was said and read on a part, feature by feature. */
    private static final class Made {
        private final Random random;
        private final MadePart part;
        private final List<Reading> readings;
        private final List<ReadingMark> marks = new ArrayList<>();
        private final List<ReadingSwap> swaps = new ArrayList<>();
        private final Map<UUID, List<PlaceMark>> placeMarks;

        Made(long seed) {
            random = new Random(seed);
            part = new MadePart(seed, 1 + random.nextInt(3), 2 + random.nextInt(3), 25);
            readings = part.readings(1 + random.nextInt(4));
            readings.forEach(reading -> {
                if (random.nextInt(8) == 0) {
                    marks.add(part.mark(reading));
                }
            });
            for (int i = 0; i < random.nextInt(3); i++) {
                Reading one = any(readings);
                Reading other = any(readings);
                if (one.feature().equals(other.feature()) && !one.place().equals(other.place())) {
                    swaps.add(part.swap(one, other));
                }
            }
            placeMarks = part.features().stream()
                    .collect(Collectors.toMap(
                            Feature::key,
                            feature -> feature.places().stream()
                                    .filter(place -> random.nextInt(6) == 0)
                                    .map(part::placeMark)
                                    .toList()));
        }

        private <T> T any(List<T> of) {
            return of.get(random.nextInt(of.size()));
        }

        private <T> List<T> shuffled(List<T> of) {
            var all = new ArrayList<>(of);
            Collections.shuffle(all, random);
            return all;
        }

        /** With only those marks that are of these readings. */
        private PartLog log(List<Reading> read, boolean isShuffled) {
            return new PartLog(
                    part.features().stream()
                            .collect(Collectors.toMap(Feature::key, feature -> log(feature, read, isShuffled))),
                    Map.of(),
                    Map.of());
        }

        private FeatureLog log(Feature feature, List<Reading> read, boolean isShuffled) {
            List<Reading> on = read.stream()
                    .filter(reading -> reading.feature().equals(feature.key()))
                    .toList();
            List<UUID> ids = on.stream().map(Reading::id).toList();
            List<ReadingMark> of =
                    marks.stream().filter(mark -> ids.contains(mark.reading())).toList();
            List<ReadingSwap> put = swaps.stream()
                    .filter(swap -> ids.contains(swap.one()) && ids.contains(swap.other()))
                    .toList();
            List<PlaceMark> places = placeMarks.get(feature.key());
            return isShuffled
                    ? FeatureLog.of(List.of(), shuffled(on), shuffled(of), shuffled(put), shuffled(places))
                    : FeatureLog.of(List.of(), on, of, put, places);
        }

        private PartLog bare(List<Reading> read) {
            return new PartLog(
                    part.features().stream()
                            .collect(Collectors.toMap(
                                    Feature::key,
                                    feature -> FeatureLog.of(
                                            List.of(),
                                            read.stream()
                                                    .filter(reading ->
                                                            reading.feature().equals(feature.key()))
                                                    .toList(),
                                            List.of(),
                                            List.of(),
                                            List.of()))),
                    Map.of(),
                    Map.of());
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void the_order_in_which_it_is_handed_in_changes_nothing(long seed) {
        var made = new Made(seed);
        PartAssessment once = PartAssessment.of(made.part.snapshot(made.log(made.readings, false)));
        PartAssessment again = PartAssessment.of(made.part.snapshot(made.log(made.readings, true)));
        assertThat(again).isEqualTo(once);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void judged_piece_by_piece_it_is_what_it_is_judged_at_once(long seed) {
        var made = new Made(seed);
        PartAssessment piecewise = PartAssessment.of(made.part.snapshot(made.log(List.of(), false)));
        int at = 0;
        while (at < made.readings.size()) {
            at = Math.min(made.readings.size(), at + 1 + made.random.nextInt(5));
            piecewise = piecewise.after(made.part.snapshot(made.log(made.readings.subList(0, at), false)));
        }
        assertThat(piecewise).isEqualTo(PartAssessment.of(made.part.snapshot(made.log(made.readings, false))));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void a_log_that_grew_reading_by_reading_is_the_log_of_all(long seed) {
        var made = new Made(seed);
        PartLog grown = PartLog.NONE;
        PartAssessment judged = PartAssessment.of(made.part.snapshot(grown));
        for (Reading reading : made.readings) {
            grown = grown.with(List.of(reading));
            judged = judged.after(made.part.snapshot(grown));
        }
        assertThat(grown).isEqualTo(made.bare(made.readings));
        assertThat(judged).isEqualTo(PartAssessment.of(made.part.snapshot(made.bare(made.readings))));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void another_gauge_found_off_leaves_a_feature_alone_that_was_not_read_with_it(long seed) {
        var made = new Made(seed);
        PartSnapshot before = made.part.snapshot(made.log(made.readings, false));
        PartAssessment judged = PartAssessment.of(before);
        long gauge = 1 + made.random.nextInt(2);
        var now = new PartSnapshot(
                before.part(), before.features(), before.log(), MadePart.loosened(before.conditions(), gauge));
        PartAssessment after = judged.after(now);
        assertThat(after).isEqualTo(PartAssessment.of(now));
        for (int i = 0; i < after.features().size(); i++) {
            boolean isRead = after.features().get(i).log().gauges().contains(gauge);
            assertThat(after.features().get(i).rounds()
                            == judged.features().get(i).rounds())
                    .isEqualTo(!isRead);
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void a_gauge_that_was_not_in_the_drawer_yet_is_no_reason_to_stop(long seed) {
        var made = new Made(seed);
        PartSnapshot with = made.part.snapshot(made.log(made.readings, false));
        var early = new PartSnapshot(
                with.part(),
                with.features(),
                made.log(List.of(), false),
                MadePart.without(with.conditions(), 1 + made.random.nextInt(2)));
        assertThat(PartAssessment.of(early).after(with)).isEqualTo(PartAssessment.of(with));
    }

    /** Else those above would hold of anything. */
    @ParameterizedTest
    @MethodSource("seeds")
    void a_reading_struck_or_left_out_is_another_assessment(long seed) {
        var made = new Made(seed);
        PartAssessment all = PartAssessment.of(made.part.snapshot(made.log(made.readings, false)));
        PartAssessment less = PartAssessment.of(
                made.part.snapshot(made.log(made.readings.subList(0, made.readings.size() - 1), false)));
        assertThat(less).isNotEqualTo(all);
    }

    /** What is made up for them has all that is worth judging: doubts of three causes, strikes, corrections and swaps that move a verdict. */
    @Test
    void what_is_made_up_is_worth_judging() {
        List<PlaceAssessment> places = seeds().map(Made::new)
                .map(made -> PartAssessment.of(made.part.snapshot(made.log(made.readings, false))))
                .flatMap(part -> part.features().stream())
                .flatMap(feature -> feature.inForce().places().stream())
                .toList();
        assertThat(places.stream().map(PlaceAssessment::verdict).collect(Collectors.toSet()))
                .contains(SizeVerdict.IN_DOUBT, SizeVerdict.NOT_MEASURED, SizeVerdict.IN, SizeVerdict.TOO_CLOSE);
        assertThat(places.stream()
                        .flatMap(place -> place.doubts().stream())
                        .map(Object::getClass)
                        .collect(Collectors.toSet()))
                .hasSize(3);
        assertThat(places)
                .anyMatch(place -> place.standing().size() < place.readings().size());
        assertThat(places).anyMatch(place -> place.skip().isPresent());
    }
}
