package jawread.server.intake;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
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

    private static final Pattern BETWEEN = Pattern.compile("[\\s,]+");

    private final List<On> all = new ArrayList<>();
    private final Map<String, Spot> byCode = new LinkedHashMap<>();
    private final Map<String, List<On>> byPart = new HashMap<>();
    private final Map<String, List<On>> byFeature = new HashMap<>();
    private final Map<PartAndFeature, List<On>> byBoth = new HashMap<>();
    /** Words of a table, which says the same ones again and again, as names are kept here. */
    private final Map<String, String> plain = new HashMap<>();

    private record PartAndFeature(String part, String feature) {}

    /** By all names that a place has. */
    private final Map<On, Map<String, Place>> places = new IdentityHashMap<>();

    /** @param plans in their order, each with its parts */
    JobPlaces(Map<PlanRevision, List<Part>> plans) {
        int letter = 0;
        for (var plan : plans.entrySet()) {
            for (Part part : plan.getValue()) {
                for (Feature feature : plan.getKey().sizes()) {
                    var on = new On(part, feature);
                    all.add(on);
                    List<String> ofPart = named(part.name(), part.mark());
                    List<String> ofFeature = named(
                            feature.name(),
                            feature.asTyped().number(),
                            feature.key().toString());
                    ofPart.forEach(name -> add(byPart, name, on));
                    ofFeature.forEach(name -> add(byFeature, name, on));
                    ofPart.forEach(one -> ofFeature.forEach(other -> add(byBoth, new PartAndFeature(one, other), on)));
                    List<Place> inOrder = on.places();
                    for (int i = 0; i < inOrder.size(); i++) {
                        byCode.put(PlaceCode.of(letter, i), new Spot(on, inOrder.get(i)));
                    }
                    letter++;
                }
            }
        }
    }

    private static <K> void add(Map<K, List<On>> to, K name, On on) {
        to.computeIfAbsent(name, unused -> new ArrayList<>()).add(on);
    }

    /** Each once; what has none is not called that. */
    private List<String> named(String... names) {
        return Stream.of(names)
                .filter(name -> !name.isEmpty())
                .map(this::plain)
                .distinct()
                .toList();
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
        if (feature.isEmpty()) {
            return part.isEmpty() ? all : byPart.getOrDefault(plain(part), List.of());
        }
        return part.isEmpty()
                ? byFeature.getOrDefault(plain(feature), List.of())
                : byBoth.getOrDefault(new PartAndFeature(plain(part), plain(feature)), List.of());
    }

    boolean isPart(String word) {
        return byPart.containsKey(plain(word));
    }

    boolean isFeature(String word) {
        return byFeature.containsKey(plain(word));
    }

    Optional<Place> place(On on, String word) {
        return Optional.ofNullable(
                places.computeIfAbsent(on, this::placesByName).get(plain(word)));
    }

    private Map<String, Place> placesByName(On on) {
        var byName = new HashMap<String, Place>();
        for (Place place : on.places()) {
            byName.putIfAbsent(plain(place.name()), place);
            byName.putIfAbsent(plain(place.section() + " " + place.axis()), place);
        }
        return byName;
    }

    private String plain(String name) {
        return plain.computeIfAbsent(name, JobPlaces::lowered);
    }

    private static String lowered(String name) {
        return BETWEEN.matcher(name.toLowerCase(Locale.ROOT)).replaceAll(" ").strip();
    }
}
