package jawread.server.judgement;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.MadeOf;
import jawread.core.assess.Reading;
import jawread.core.limit.FeatureKind;
import jawread.core.scale.MadeFrom;
import jawread.server.judgement.SheetView.MadeView;
import jawread.server.judgement.SheetView.MadeWayView;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** From which figures a feature can be made that no gauge is laid on, and from which it was made last. */
@Component
class MadeWays {
    private static final List<MadeFrom> OF_CENTRES =
            List.of(MadeFrom.EQUAL, MadeFrom.HOLES, MadeFrom.PINS, MadeFrom.ZEROS);
    private static final List<MadeFrom> OF_SIZES =
            List.of(MadeFrom.DIFFERENCE, MadeFrom.HALF_DIFFERENCE, MadeFrom.SUM, MadeFrom.ZEROS);

    private final Words words;

    MadeWays(Words words) {
        this.words = words;
    }

    /** Empty for what an indicator shows while the part turns. */
    Optional<MadeView> of(FeatureAssessment judged) {
        FeatureKind kind = judged.feature().kind();
        if (kind == FeatureKind.RUNOUT) {
            return Optional.empty();
        }
        Optional<MadeOf> last = judged.rounds().stream()
                .flatMap(round -> round.places().stream())
                .flatMap(place -> place.readings().stream())
                .max(Comparator.comparingLong(Reading::seq))
                .flatMap(Reading::made);
        return Optional.of(new MadeView(
                (kind == FeatureKind.CENTRE_DISTANCE ? OF_CENTRES : OF_SIZES)
                        .stream().map(this::way).toList(),
                last.map(made -> made.way().code()).orElse(null),
                last.stream()
                        .flatMap(made -> made.pieces().stream())
                        .map(piece -> piece.with().key())
                        .toList()));
    }

    private MadeWayView way(MadeFrom way) {
        return new MadeWayView(
                way.code(),
                words.say("made." + way.code()),
                IntStream.rangeClosed(1, way.figures())
                        .mapToObj(i -> words.say("made." + way.code() + "." + i))
                        .toList());
    }
}
