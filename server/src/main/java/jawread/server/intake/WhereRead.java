package jawread.server.intake;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import jawread.core.assess.Place;
import jawread.server.intake.JobPlaces.On;
import jawread.server.intake.JobPlaces.Spot;
import jawread.server.tabular.TableIn.Line;

/** Finds where a row was read: by the code of a place, or by part, feature and place; without a place by the order of the rows. */
final class WhereRead {
    private final Cells cells;
    private final JobPlaces places;
    /** How many rows without a place a feature of a part had so far. */
    private final Map<On, Integer> before = new IdentityHashMap<>();

    WhereRead(Cells cells, JobPlaces places) {
        this.cells = cells;
        this.places = places;
    }

    /** @param feature as the row or the head says it; empty where neither does */
    Spot of(Line row, String feature) {
        String code = cells.of(row, Meaning.CODE);
        if (!code.isEmpty()) {
            return places.byCode(code)
                    .orElseThrow(() -> cells.wrong(Meaning.CODE, "table.no-such-code", code, List.of()));
        }
        On on = on(cells.of(row, Meaning.PART), feature);
        return new Spot(on, place(row, on));
    }

    private On on(String part, String feature) {
        if (!part.isEmpty() && !places.isPart(part)) {
            throw cells.wrong(Meaning.PART, "table.no-such-part", part, places.parts());
        }
        if (!feature.isEmpty() && !places.isFeature(feature)) {
            throw cells.wrong(Meaning.FEATURE, "table.no-such-feature", feature, places.features());
        }
        List<On> on = places.on(part, feature);
        if (on.isEmpty()) {
            throw cells.wrong(Meaning.FEATURE, "table.not-on-part", feature, places.features());
        }
        if (on.size() > 1) {
            boolean isPartOpen =
                    on.stream().map(each -> each.part().id()).distinct().count() > 1;
            throw isPartOpen
                    ? cells.wrong(Meaning.PART, "table.which-part", feature, places.parts())
                    : cells.wrong(Meaning.FEATURE, "table.which-feature", part, places.features());
        }
        return on.get(0);
    }

    private Place place(Line row, On on) {
        String word = cells.of(row, Meaning.PLACE);
        if (!word.isEmpty()) {
            return places.place(on, word)
                    .orElseThrow(() -> cells.wrong(Meaning.PLACE, "table.no-such-place", word, names(on)));
        }
        List<Place> all = on.places();
        if (all.size() == 1) {
            // Several of them are repeats.
            return all.get(0);
        }
        int nth = before.merge(on, 1, Integer::sum) - 1;
        if (nth >= all.size()) {
            throw cells.wrong(Meaning.PLACE, "table.which-place", on.feature().name(), names(on));
        }
        return all.get(nth);
    }

    private static List<String> names(On on) {
        return on.places().stream().map(Place::name).toList();
    }
}
