package jawread.server.identity;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.identity.PartLinkRow.Pair;

/** What persons have said of parts, as far as it hangs together: what stands of each two. */
record PartLinks(Map<Pair, Sameness> said) {
    /** All that hangs together with these parts. */
    static PartLinks from(Set<Long> parts, PartLinkRepository links) {
        var known = new PartLinks(new HashMap<>());
        reach(parts, found -> {
            links.findAllOf(found).forEach(row -> known.said.put(row.pair(), row.said()));
            return known.sameAs(found);
        });
        return new PartLinks(Map.copyOf(known.said));
    }

    /** All that is reached from these, step by step. */
    private static Set<Long> reach(Set<Long> parts, Function<Set<Long>, Stream<Long>> step) {
        var all = new HashSet<Long>();
        Set<Long> next = parts;
        while (!next.isEmpty()) {
            all.addAll(next);
            next = step.apply(next).filter(part -> !all.contains(part)).collect(Collectors.toSet());
        }
        return all;
    }

    private Stream<Long> sameAs(Set<Long> parts) {
        return parts.stream()
                .flatMap(part -> said.entrySet().stream()
                        .filter(each -> each.getValue() == Sameness.SAME
                                && each.getKey().has(part))
                        .map(each -> each.getKey().beside(part)));
    }

    /** A part and all that were said to be the same, one by way of the other. */
    Set<Long> one(long part) {
        return all(Set.of(part));
    }

    Set<Long> all(Set<Long> parts) {
        return reach(parts, this::sameAs);
    }

    /** Whether somebody said of one that another, or one that is the same as that, is not it. */
    boolean areTwo(Collection<Long> one, Collection<Long> other) {
        return one.stream()
                .anyMatch(part -> other.stream()
                        .filter(each -> each.longValue() != part.longValue())
                        .anyMatch(each -> said.get(Pair.of(part, each)) == Sameness.OTHER));
    }
}
