package jawread.core.scale;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.length.PlainDecimal;

/** The counts that were read on a scale, by the name of the part. {@code parse(parts.toString())} equals it. */
public record Parts(Map<String, BigDecimal> counts) {
    public Parts {
        counts = Collections.unmodifiableMap(new LinkedHashMap<>(counts));
    }

    public static Parts of(Map<String, ? extends Number> counts) {
        var exact = new LinkedHashMap<String, BigDecimal>();
        counts.forEach((name, count) -> exact.put(name, new BigDecimal(count.toString())));
        return new Parts(exact);
    }

    /** From {@code sleeve=37;thimble=41;vernier=6}. Throws {@link IllegalArgumentException} for anything else. */
    public static Parts parse(String text) {
        var counts = new LinkedHashMap<String, BigDecimal>();
        Arrays.stream(text.split(";")).filter(item -> !item.isBlank()).forEach(item -> {
            String[] nameAndCount = item.split("=", -1);
            if (nameAndCount.length != 2) {
                throw new IllegalArgumentException("Parts are written name=count;name=count, not \"" + text + "\"");
            }
            counts.put(nameAndCount[0].strip(), PlainDecimal.parse(nameAndCount[1]));
        });
        return new Parts(counts);
    }

    /** These counts and one more, after them. */
    public Parts with(String part, long count) {
        var more = new LinkedHashMap<>(counts);
        more.put(part, BigDecimal.valueOf(count));
        return new Parts(more);
    }

    /** Those of one end of a distance, under their own names. @param end {@link Thimble#START} or {@link Thimble#END} */
    public Parts of(String end) {
        var there = new LinkedHashMap<String, BigDecimal>();
        counts.forEach((name, count) -> {
            if (name.startsWith(end)) {
                there.put(name.substring(end.length()), count);
            }
        });
        return new Parts(there);
    }

    /** Whether they are of two positions, a start and an end. */
    public boolean isDistance() {
        return counts.keySet().stream()
                .anyMatch(name -> name.startsWith(Thimble.START) || name.startsWith(Thimble.END));
    }

    public Optional<BigDecimal> count(String part) {
        return Optional.ofNullable(counts.get(part));
    }

    @Override
    public String toString() {
        return counts.entrySet().stream()
                .map(part -> part.getKey() + "=" + sign(part) + part.getValue().toPlainString())
                .collect(Collectors.joining(";"));
    }

    /** A comparator's sense is always written with its sign. */
    private static String sign(Map.Entry<String, BigDecimal> part) {
        return part.getKey().equals(Comparator.SENSE) && part.getValue().signum() > 0 ? "+" : "";
    }
}
