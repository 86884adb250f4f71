package jawread.core.walk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * The places of one feature in the order of the walk.
 *
 * @param sections as wanted, before any band moved one
 * @param bands that no contact may stand in
 */
public record Places(List<Section> sections, List<Axis> axes, List<KeepClear> bands, List<Place> inOrder) {
    private static final Pattern OUT_OF_REACH = Pattern.compile("([^:/]+?)\\s*(?:/\\s*([^:]+?)\\s*)?:\\s*(.+)");

    /** More than anybody goes through on one feature; a slip of the pen makes thousands. */
    private static final int MOST_PLACES = 200;

    public Places {
        sections = List.copyOf(sections);
        axes = List.copyOf(axes);
        bands = List.copyOf(bands);
        inOrder = List.copyOf(inOrder);
    }

    /** A section, or one axis of it, that cannot be measured, and why. */
    public record OutOfReach(String section, Optional<String> axis, String why) {
        /** {@code bottom / cross: a web is in the way; top: lip}. Refuses {@code bad-out-of-reach}. */
        public static Outcome<List<OutOfReach>> parse(String text) {
            Outcome<List<OutOfReach>> all = Outcome.of(List.of());
            for (String each : Listed.items(text)) {
                all = all.then(before -> one(each).map(place -> {
                    var more = new ArrayList<>(before);
                    more.add(place);
                    return List.copyOf(more);
                }));
            }
            return all;
        }

        private static Outcome<OutOfReach> one(String text) {
            Matcher written = OUT_OF_REACH.matcher(text);
            return written.matches()
                    ? Listed.named(written.group(3))
                            .map(why -> new OutOfReach(written.group(1), Optional.ofNullable(written.group(2)), why))
                    : Outcome.refused(Refusal.of("bad-out-of-reach").with("text", text));
        }

        private boolean names(Section of, Axis across) {
            return of.name().equalsIgnoreCase(section)
                    && axis.map(across.name()::equalsIgnoreCase).orElse(true);
        }
    }

    /**
     * Lays the places out. A section in a keep-clear band, or so near it that a contact would reach in, moves off the band's nearer edge by half
     * a contact's width; where that is past the feature's end, or meets another section, its places cannot be measured. Refuses a section
     * below the feature's end ({@code section-beyond}), over 200 places ({@code too-many-places}), and something out of reach that is not there ({@code no-such-place-here}).
     *
     * @param contact half its width, zero or above
     * @param length of the feature from its face; empty where nobody has said
     */
    public static Outcome<Places> of(
            List<Section> sections,
            List<Axis> axes,
            List<KeepClear> bands,
            Length contact,
            List<OutOfReach> outOfReach,
            WalkOrder order,
            Optional<Length> length) {
        if (sections.size() * axes.size() > MOST_PLACES) {
            return Outcome.refused(Refusal.of("too-many-places")
                    .with("count", sections.size() * axes.size())
                    .with("most", MOST_PLACES));
        }
        for (Section section : sections) {
            Optional<Length> depth = section.depth();
            if (depth.isPresent() && length.isPresent() && depth.get().compareTo(length.get()) > 0) {
                return Outcome.refused(Refusal.of("section-beyond")
                        .with("name", section.name())
                        .with("depth", depth.get())
                        .with("length", length.get()));
            }
        }
        for (OutOfReach each : outOfReach) {
            if (sections.stream().noneMatch(section -> axes.stream().anyMatch(axis -> each.names(section, axis)))) {
                return Outcome.refused(Refusal.of("no-such-place-here")
                        .with(
                                "place",
                                each.section()
                                        + each.axis().map(axis -> " / " + axis).orElse("")));
            }
        }
        List<KeepClear> reached =
                bands.stream().map(band -> band.widenedBy(contact)).toList();
        Map<Integer, Stand> stands = stands(sections, reached, length);
        List<Place> places = order.steps(sections.size(), axes.size()).stream()
                .map(step -> stands.get(step.section())
                        .place(sections.get(step.section()), axes.get(step.axis()), outOfReach))
                .toList();
        return Outcome.of(new Places(sections, axes, bands, places));
    }

    /** Where a section comes to stand. */
    private record Stand(Optional<Length> depth, Optional<Length> movedFrom, Optional<String> cannot) {
        Place place(Section section, Axis axis, List<OutOfReach> outOfReach) {
            Optional<String> why = outOfReach.stream()
                    .filter(each -> each.names(section, axis))
                    .map(OutOfReach::why)
                    .findFirst()
                    .or(() -> cannot);
            return new Place(section, axis, depth, movedFrom, why);
        }
    }

    private static Map<Integer, Stand> stands(List<Section> sections, List<KeepClear> bands, Optional<Length> length) {
        var stands = new HashMap<Integer, Stand>();
        var taken = new ArrayList<Length>();
        sections.stream()
                .flatMap(section -> section.depth().stream())
                .filter(depth -> KeepClear.over(depth, bands).isEmpty())
                .forEach(taken::add);
        for (int i = 0; i < sections.size(); i++) {
            Optional<Length> wanted = sections.get(i).depth();
            Optional<KeepClear> band = wanted.flatMap(depth -> KeepClear.over(depth, bands));
            if (band.isEmpty()) {
                stands.put(i, new Stand(wanted, Optional.empty(), Optional.empty()));
                continue;
            }
            // Two sections at one edge would be one section measured twice.
            Optional<Length> edge = KeepClear.nearestEdge(wanted.get(), bands, taken, length);
            edge.ifPresent(taken::add);
            stands.put(
                    i,
                    edge.isPresent()
                            ? new Stand(edge, wanted, Optional.empty())
                            : new Stand(
                                    wanted,
                                    Optional.empty(),
                                    Optional.of(band.get().what())));
        }
        return stands;
    }

    /** Those a gauge gets to. */
    public List<Place> measurable() {
        return inOrder.stream()
                .filter(place -> place.cannotBeMeasured().isEmpty())
                .toList();
    }

    /** What a place is called among these. */
    public String nameOf(Place place) {
        return place.name(sections.size() > 1, axes.size() > 1);
    }
}
