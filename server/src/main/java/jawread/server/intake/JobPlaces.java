package jawread.server.intake;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jawread.core.assess.Feature;
import jawread.core.assess.Place;
import jawread.server.job.Part;
import jawread.server.job.PlaceCode;
import jawread.server.job.PlanRevision;

/** Where something can be read in a job, by the names that people and tables have for it. */
final class JobPlaces {
    /** A feature of a part. */
    record On(Part part, Feature feature) {
        List<Place> places() {
            return feature.places(part.id());
        }
    }

    /** One of its places. */
    record Spot(On on, Place place) {}

    private final List<On> all = new ArrayList<>();
    private final Map<String, Spot> byCode = new LinkedHashMap<>();

    /** @param plans in their order, each with its parts */
    JobPlaces(Map<PlanRevision, List<Part>> plans) {
        int letter = 0;
        for (var plan : plans.entrySet()) {
            for (Part part : plan.getValue()) {
                for (Feature feature : plan.getKey().sizes()) {
                    var on = new On(part, feature);
                    all.add(on);
                    List<Place> places = on.places();
                    for (int i = 0; i < places.size(); i++) {
                        byCode.put(PlaceCode.of(letter, i), new Spot(on, places.get(i)));
                    }
                    letter++;
                }
            }
        }
    }

    Optional<Spot> byCode(String code) {
        return Optional.ofNullable(byCode.get(code.strip().toUpperCase(Locale.ROOT)));
    }

    List<String> parts() {
        return all.stream().map(on -> on.part().name()).distinct().toList();
    }

    List<String> features() {
        return all.stream().map(on -> on.feature().name()).distinct().toList();
    }

    /** Features by a name that a part has, or all; of a name that says nothing, the only one there is. */
    List<On> on(String part, String feature) {
        return all.stream()
                .filter(on -> part.isEmpty() || isPart(on.part(), part))
                .filter(on -> feature.isEmpty() || isFeature(on.feature(), feature))
                .toList();
    }

    boolean isPart(String word) {
        return all.stream().anyMatch(on -> isPart(on.part(), word));
    }

    boolean isFeature(String word) {
        return all.stream().anyMatch(on -> isFeature(on.feature(), word));
    }

    private static boolean isPart(Part part, String word) {
        return alike(part.name(), word) || !part.mark().isEmpty() && alike(part.mark(), word);
    }

    private static boolean isFeature(Feature feature, String word) {
        String number = feature.asTyped().number();
        return alike(feature.name(), word)
                || !number.isEmpty() && alike(number, word)
                || feature.key().toString().equals(word);
    }

    static Optional<Place> place(On on, String word) {
        return on.places().stream()
                .filter(place -> alike(place.name(), word) || alike(place.section() + " " + place.axis(), word))
                .findFirst();
    }

    static boolean alike(String one, String other) {
        return plain(one).equals(plain(other));
    }

    private static String plain(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[\\s,]+", " ").strip();
    }
}
