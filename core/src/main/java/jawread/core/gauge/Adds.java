package jawread.core.gauge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.length.Length;

/**
 * What goes into a gauge or onto it, and adds its own length to what the scale says: rods, collars, nibs.
 *
 * @param pieces in the order in which somebody listed them
 */
public record Adds(List<Piece> pieces) {
    public static final Adds NONE = new Adds(List.of());

    /** So many pieces a gauge may have, and so many names of what is added on top. */
    public static final int MOST = 12;

    public static final int MOST_ON_TOP = 3;

    public Adds {
        pieces = List.copyOf(pieces);
    }

    /**
     * One of them.
     *
     * @param name what the shop calls it, without its size: rod; empty while nobody has named it
     * @param onTop whether it is added to all that is there else, as a collar or nibs are; else the gauge stands on it instead of on its own
     *     base. Of those on top that bear one name only one is in it at a time
     */
    public record Piece(String name, Length length, boolean onTop) {
        public boolean isNamed() {
            return !name.isEmpty();
        }
    }

    /**
     * What a gauge can stand on.
     *
     * @param size all of it together
     * @param own what it adds by itself; empty where it stands on a piece instead
     * @param of the pieces, what it stands on first
     */
    public record Base(Length size, Optional<Length> own, List<Piece> of) {
        private Base and(Piece piece) {
            var more = new ArrayList<>(of);
            more.add(piece);
            return new Base(size.plus(piece.length()), own, List.copyOf(more));
        }

        private boolean has(Piece piece) {
            return of.stream()
                    .anyMatch(each ->
                            each.onTop() && each.isNamed() && each.name().equals(piece.name()));
        }

        /** Nibs add when the inside is measured, and not outside. @param kind of the gauge */
        public boolean isInsideOnly(GaugeKind kind) {
            return kind.isCaliper() && of.stream().anyMatch(Piece::onTop);
        }
    }

    /** All it can stand on, the smallest first; of those that come to one size, the one of the fewest pieces. @param own what it adds by itself */
    public List<Base> bases(Length own) {
        Stream<Base> stands = Stream.concat(
                Stream.of(new Base(own, Optional.of(own), List.of())),
                pieces.stream()
                        .filter(piece -> !piece.onTop())
                        .map(piece -> new Base(piece.length(), Optional.empty(), List.of(piece))));
        List<Base> all = stands.collect(Collectors.toCollection(ArrayList::new));
        pieces.stream()
                .filter(Piece::onTop)
                .forEach(piece -> List.copyOf(all).stream()
                        .filter(base -> !base.has(piece))
                        .map(base -> base.and(piece))
                        .forEach(all::add));
        Map<Length, Base> bySize = new LinkedHashMap<>();
        all.stream()
                .sorted(Comparator.comparing(Base::size)
                        .thenComparing(base -> base.of().size()))
                .forEach(base -> bySize.putIfAbsent(base.size(), base));
        return List.copyOf(bySize.values());
    }
}
