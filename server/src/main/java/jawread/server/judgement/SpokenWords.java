package jawread.server.judgement;

import java.time.Instant;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
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
        Instant at() {
            return reading.struck() == null
                    ? reading.takenAt()
                    : reading.struck().at();
        }

        String key() {
            return reading.struck() != null ? "say.struck" : place.value() == null ? "say.kept" : "say.settled";
        }
    }

    String of(FeatureJudgement judged, RoundView round) {
        Optional<Deed> last = round.places().stream()
                .flatMap(place -> place.readings().stream().map(reading -> new Deed(place, reading)))
                .max(Comparator.comparing(Deed::at)
                        .thenComparing(deed -> deed.reading().seq()));
        return last.map(this::say)
                .orElseGet(() -> words.say(
                        "say.nothing-yet", Map.of("feature", judged.feature().name(), "round", round.name())));
    }

    private String say(Deed deed) {
        PlaceView place = deed.place();
        return words.say(
                deed.key(),
                Map.of(
                        "figure", deed.reading().size().withUnit(),
                        "place", place.name(),
                        "value", place.value() == null ? "" : place.value().withUnit(),
                        "verdict", place.verdict().word(),
                        "sentence", place.verdict().sentence(),
                        "next", place.next()));
    }
}
