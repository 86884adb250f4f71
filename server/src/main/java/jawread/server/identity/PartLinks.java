package jawread.server.identity;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.identity.PartLinkRow.Pair;

/** What persons have said of parts, as far as it hangs together: what stands of each two. */
record PartLinks(Map<Pair, Sameness> said) {
    /** All that hangs together with these parts. */
    static PartLinks from(Set<Long> parts, PartLinkRepository links) {
        var said = new HashMap<Pair, Sameness>();
        var seen = new HashSet<Long>();
        Set<Long> next = parts;
        while (!next.isEmpty()) {
            seen.addAll(next);
            links.findAllOf(next).forEach(row -> said.put(row.pair(), row.said()));
            var known = new PartLinks(said);
            next = seen.stream()
                    .flatMap(known::sameAs)
                    .filter(part -> !seen.contains(part))
                    .collect(Collectors.toSet());
        }
        return new PartLinks(said);
    }

    private Stream<Long> sameAs(long part) {
        return said.entrySet().stream()
                .filter(each ->
                        each.getValue() == Sameness.SAME && each.getKey().has(part))
                .map(each -> each.getKey().beside(part));
    }

    /** A part and all that were said to be the same, one by way of the other. */
    Set<Long> one(long part) {
        return all(Set.of(part));
    }

    Set<Long> all(Set<Long> parts) {
        var all = new HashSet<Long>();
        Set<Long> next = parts;
        while (!next.isEmpty()) {
            all.addAll(next);
            next = all.stream()
                    .flatMap(this::sameAs)
                    .filter(part -> !all.contains(part))
                    .collect(Collectors.toSet());
        }
        return all;
    }

    /** Whether somebody said of any of these that another is not it. */
    boolean areTwo(Set<Long> parts, long other) {
        return parts.stream().anyMatch(part -> said.get(Pair.of(part, other)) == Sameness.OTHER);
    }
}
