package jawread.server.judgement;

import java.time.Instant;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
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
        Optional<Reading> last = judged.inForce().places().stream()
                .flatMap(place -> Stream.concat(place.readings().stream(), place.quick().stream()))
                .max(Comparator.comparing((Reading reading) -> lastSaid(reading, judged.log()))
                        .thenComparing(Reading::seq));
        return last.flatMap(reading -> deed(reading, round))
                .map(this::say)
                .orElseGet(() -> words.say(
                        "say.nothing-yet", Map.of("feature", judged.feature().name(), "round", round.name())));
    }

    /** By the server's clock: one at a bench may be behind. */
    private static Instant lastSaid(Reading reading, FeatureLog log) {
        return log.strikeOf(reading).map(ReadingMark::madeAt).orElse(reading.keptAt());
    }

    private static Optional<Deed> deed(Reading last, RoundView round) {
        return round.places().stream()
                .flatMap(place -> Stream.concat(place.readings().stream(), place.quick().stream())
                        .filter(reading -> reading.id().equals(last.id()))
                        .map(reading -> new Deed(place, reading)))
                .findFirst();
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
