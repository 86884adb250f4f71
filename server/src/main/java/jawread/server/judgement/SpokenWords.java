package jawread.server.judgement;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.FeatureLog;
import jawread.core.assess.Reading;
import jawread.core.assess.ReadingMark;
import jawread.server.judgement.SheetView.PlaceView;
import jawread.server.judgement.SheetView.ReadingView;
import jawread.server.judgement.SheetView.RoundView;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Says in one sentence, for ears, what was done last in a round, what it comes to, and what is next. */
@Component
class SpokenWords {
    private final Words words;

    SpokenWords(Words words) {
        this.words = words;
    }

    /** A reading as it was kept or struck last, at its place. */
    private record Deed(PlaceView place, ReadingView reading) {
        String key() {
            if (place.quick().contains(reading)) {
                return "say.quick";
            }
            return reading.struck() != null ? "say.struck" : place.value() == null ? "say.kept" : "say.settled";
        }
    }

    String of(FeatureAssessment judged, RoundView round) {
        return lastOf(judged)
                .flatMap(reading -> said(reading, round.places()))
                .orElseGet(() -> words.say(
                        "say.nothing-yet", Map.of("feature", judged.feature().name(), "round", round.name())));
    }

    /** What is said of a reading at a place; empty where another deed was the last. */
    Optional<String> of(UUID reading, PlaceView place, FeatureAssessment judged) {
        return lastOf(judged).filter(last -> last.id().equals(reading)).flatMap(last -> said(last, List.of(place)));
    }

    private static Optional<Reading> lastOf(FeatureAssessment judged) {
        return judged.inForce().places().stream()
                .flatMap(place -> Stream.concat(place.readings().stream(), place.quick().stream()))
                .max(Comparator.comparing((Reading reading) -> lastSaid(reading, judged.log()))
                        .thenComparing(Reading::seq));
    }

    /** By the server's clock: one at a bench may be behind. */
    private static Instant lastSaid(Reading reading, FeatureLog log) {
        return log.strikeOf(reading).map(ReadingMark::madeAt).orElse(reading.keptAt());
    }

    private Optional<String> said(Reading last, List<PlaceView> places) {
        return places.stream()
                .flatMap(place -> Stream.concat(place.readings().stream(), place.quick().stream())
                        .filter(reading -> reading.id().equals(last.id()))
                        .map(reading -> new Deed(place, reading)))
                .findFirst()
                .map(this::say);
    }

    private String say(Deed deed) {
        PlaceView place = deed.place();
        String said = words.say(
                deed.key(),
                Map.of(
                        "figure", deed.reading().size().withUnit(),
                        "place", place.name(),
                        // The same figure once more at the same place is news, too.
                        "count", place.readings().size(),
                        "value", place.value() == null ? "" : place.value().withUnit(),
                        "verdict", place.verdict().word(),
                        "sentence", place.verdict().sentence(),
                        "next", place.next()));
        return Stream.concat(Stream.of(said), place.doubts().stream().map(DoubtView::sentence))
                .collect(Collectors.joining(" "));
    }
}
