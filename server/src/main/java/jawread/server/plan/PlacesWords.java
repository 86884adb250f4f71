package jawread.server.plan;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.walk.Place;
import jawread.core.walk.Places;
import jawread.server.plan.PlannedView.BandView;
import jawread.server.plan.PlannedView.PlannedPlaceView;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts the places of a feature into figures and words: where each is, and why one was moved or left out. */
@Component
class PlacesWords {
    private final Figures figures;
    private final Words words;

    PlacesWords(Figures figures, Words words) {
        this.figures = figures;
        this.words = words;
    }

    String walk(Places places, LengthUnit unit, Length step) {
        String sections = places.sections().stream()
                .map(section -> section.name()
                        + section.depth()
                                .map(depth ->
                                        " " + figures.reading(depth, unit, step).text())
                                .orElse(""))
                .collect(Collectors.joining(", "));
        return words.say(
                "plan.places." + (places.measurable().size() == 1 ? "one" : "many"),
                Map.of("count", places.measurable().size(), "sections", sections));
    }

    List<PlannedPlaceView> places(Places all, LengthUnit unit, Length step) {
        return all.inOrder().stream()
                .map(place -> new PlannedPlaceView(
                        all.nameOf(place),
                        place.section().name(),
                        place.axis().name(),
                        place.axis().degrees().doubleValue(),
                        place.depth()
                                .map(depth -> figures.reading(depth, unit, step))
                                .orElse(null),
                        place.cannotBeMeasured().isEmpty(),
                        remark(place, unit, step)))
                .toList();
    }

    List<BandView> bands(Places all, LengthUnit unit, Length step) {
        return all.bands().stream()
                .map(band -> new BandView(
                        figures.reading(band.from(), unit, step), figures.reading(band.to(), unit, step), band.what()))
                .toList();
    }

    private String remark(Place place, LengthUnit unit, Length step) {
        return place.cannotBeMeasured()
                .map(why -> words.say("plan.place.cannot", Map.of("why", why)))
                .or(() -> place.movedFrom()
                        .map(from -> words.say(
                                "plan.place.moved",
                                Map.of("from", figures.reading(from, unit, step).withUnit()))))
                .orElse("");
    }
}
