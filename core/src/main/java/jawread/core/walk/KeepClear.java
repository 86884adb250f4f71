package jawread.core.walk;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;

/**
 * A band that no contact may stand in: a port, an oil hole, a keyway, a ridge, a chamfer.
 *
 * @param from depth from the feature's face, itself still measurable
 * @param to the other edge, deeper, itself measurable again
 * @param what lies there
 */
public record KeepClear(Length from, Length to, String what) {
    private static final Pattern WRITTEN =
            Pattern.compile("([\\d.,]+)\\s*(?:-|\u2013|\u2026|\\.\\.|to)\\s*([\\d.,]+)\\s*(.*)");

    /**
     * {@code 40-55 inlet ports; 0-3 chamfer}. Refuses {@code bad-band}, and one whose edges do not go deeper
     * ({@code band-goes-back}).
     */
    public static Outcome<List<KeepClear>> parse(String text, LengthUnit unit) {
        Outcome<List<KeepClear>> all = Outcome.of(List.of());
        for (String each : Listed.items(text)) {
            all = all.then(before -> one(each, unit).map(band -> {
                var bands = new ArrayList<>(before);
                bands.add(band);
                return List.copyOf(bands);
            }));
        }
        return all;
    }

    private static Outcome<KeepClear> one(String text, LengthUnit unit) {
        Matcher written = WRITTEN.matcher(text);
        if (!written.matches()) {
            return Outcome.refused(Refusal.of("bad-band").with("text", text));
        }
        return Listed.named(written.group(3))
                .then(what -> TypedLength.parse(written.group(1), unit, Kind.SIZE))
                .then(from -> TypedLength.parse(written.group(2), unit, Kind.SIZE)
                        .then(to -> from.length().compareTo(to.length()) < 0
                                ? Outcome.of(new KeepClear(from.length(), to.length(), written.group(3)))
                                : Outcome.refused(Refusal.of("band-goes-back").with("text", text))));
    }

    /** As far as a contact reaches that stands beside it. @param contact half its width */
    KeepClear widenedBy(Length contact) {
        Length start = from.minus(contact);
        return new KeepClear(start.isNegative() ? Length.ZERO : start, to.plus(contact), what);
    }

    private boolean covers(Length depth) {
        return from.compareTo(depth) < 0 && depth.compareTo(to) < 0;
    }

    /**
     * The nearer edge of the bands about a depth that is itself clear, lies inside the feature and is not taken by another
     * section; of two as near the less deep. Empty when there is none.
     */
    static Optional<Length> nearestEdge(
            Length wanted, List<KeepClear> bands, List<Length> taken, Optional<Length> length) {
        return bands.stream()
                .flatMap(band -> Stream.of(band.from(), band.to()))
                // A band that begins at the face, or ends with the feature, leaves nothing to stand on there.
                .filter(edge -> !edge.isZero()
                        && length.map(end -> edge.compareTo(end) < 0).orElse(true))
                .filter(edge -> over(edge, bands).isEmpty() && !taken.contains(edge))
                .min(Comparator.<Length, Length>comparing(
                                edge -> edge.minus(wanted).abs())
                        .thenComparing(Comparator.naturalOrder()));
    }

    static Optional<KeepClear> over(Length depth, List<KeepClear> bands) {
        return bands.stream().filter(band -> band.covers(depth)).findFirst();
    }
}
