package jawread.core.stack;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.table.Table;

/**
 * A set of gauge blocks.
 *
 * @param name in-81, mm-88, mm-47; or the blocks as the shop wrote them down
 * @param blocks thin to thick, each once
 */
public record BlockSet(String name, LengthUnit unit, List<Length> blocks) {
    /** Those that are sold by the box, rows of {@code block-sets.csv}. */
    public static final List<BlockSet> CATALOGUE = catalogue();

    private static final int MOST_BLOCKS = 200;
    private static final Pattern RUN =
            Pattern.compile("(\\d*\\.?\\d+)(?:\\s*-\\s*(\\d*\\.?\\d+)\\s+by\\s+(\\d*\\.?\\d+))?");

    public BlockSet {
        blocks = blocks.stream().sorted().toList();
    }

    private static List<BlockSet> catalogue() {
        var blocks = new LinkedHashMap<String, BlockSet>();
        Table.beside(BlockSet.class, "block-sets.csv").rows().forEach(row -> {
            LengthUnit unit = LengthUnit.ofSuffix(row.text("unit")).orElseThrow();
            var run = run(row.text("from"), row.text("to"), row.text("by"), unit);
            blocks.merge(
                    row.text("set"),
                    new BlockSet(row.text("set"), unit, run.toList()),
                    (set, more) -> new BlockSet(
                            set.name(),
                            unit,
                            Stream.of(set, more)
                                    .flatMap(each -> each.blocks().stream())
                                    .toList()));
        });
        return List.copyOf(blocks.values());
    }

    /** Of the catalogue; empty for any other name. */
    public static Optional<BlockSet> called(String name) {
        return CATALOGUE.stream().filter(set -> set.name().equals(name)).findFirst();
    }

    /**
     * A set of the catalogue by its name, or a shop's own by its blocks, apart by semicolons, runs of equal steps among them:
     * {@code 1.0005; 1.001-1.009 by 0.001; 25}. Refuses {@code bad-block} with the text, {@code block-twice}, and
     * {@code too-many-blocks}, more than 200 or of too fine a step.
     */
    public static Outcome<BlockSet> parse(String text, LengthUnit unit) {
        String written = text.strip();
        return called(written).map(Outcome::of).orElseGet(() -> own(written, unit));
    }

    private static Outcome<BlockSet> own(String text, LengthUnit unit) {
        return sizes(text, unit).then(sizes -> {
            var twice = sizes.stream()
                    .filter(size -> sizes.indexOf(size) != sizes.lastIndexOf(size))
                    .findFirst();
            if (twice.isPresent()) {
                return Outcome.refused(Refusal.of("block-twice").with("block", twice.get()));
            }
            return sizes.isEmpty()
                    ? Outcome.refused(Refusal.of("bad-block").with("text", text))
                    : sizes.size() > MOST_BLOCKS || Pieces.isTooFine(sizes)
                            ? Outcome.refused(Refusal.of("too-many-blocks").with("most", MOST_BLOCKS))
                            : Outcome.of(new BlockSet(text, unit, sizes));
        });
    }

    /** Sizes as written, apart by semicolons, runs among them; none for an empty text. Refuses {@code bad-block}. */
    public static Outcome<List<Length>> sizes(String text, LengthUnit unit) {
        Outcome<List<Length>> all = Outcome.of(List.of());
        for (String item : Arrays.stream(text.split(";"))
                .map(String::strip)
                .filter(item -> !item.isEmpty())
                .toList()) {
            all = all.then(before -> item(item, unit)
                    .map(more -> Stream.concat(before.stream(), more.stream()).toList()));
        }
        return all;
    }

    private static Outcome<List<Length>> item(String item, LengthUnit unit) {
        Matcher run = RUN.matcher(item);
        if (run.matches()) {
            try {
                String to = Optional.ofNullable(run.group(2)).orElse(run.group(1));
                String by = Optional.ofNullable(run.group(3)).orElse(run.group(1));
                List<Length> sizes =
                        run(run.group(1), to, by, unit).limit(MOST_BLOCKS + 1L).toList();
                boolean usable = !sizes.isEmpty()
                        && !sizes.get(0).isZero()
                        && sizes.get(sizes.size() - 1).compareTo(Length.LARGEST_SIZE) <= 0;
                if (usable) {
                    return Outcome.of(sizes);
                }
            } catch (ArithmeticException notWhole) {
                // Finer than a picometre, or a run that goes by nothing: refused as any other text that is no block.
            }
        }
        return Outcome.refused(Refusal.of("bad-block").with("text", item));
    }

    private static Stream<Length> run(String from, String to, String by, LengthUnit unit) {
        Length first = Length.of(new BigDecimal(from), unit);
        Length last = Length.of(new BigDecimal(to), unit);
        Length step = Length.of(new BigDecimal(by), unit);
        if (step.isZero()) {
            throw new ArithmeticException("A run goes by more than nothing");
        }
        return Stream.iterate(first, size -> size.compareTo(last) <= 0, size -> size.plus(step));
    }

    /** What is there of it. Refuses {@code block-not-in-set}, with the block. */
    public Outcome<BlockSet> without(List<Length> missing) {
        return missing.stream()
                .filter(size -> !blocks.contains(size))
                .findFirst()
                .map(stranger -> Outcome.<BlockSet>refused(
                        Refusal.of("block-not-in-set").with("block", stranger).with("set", name)))
                .orElseGet(() -> Outcome.of(new BlockSet(
                        name,
                        unit,
                        blocks.stream().filter(size -> !missing.contains(size)).toList())));
    }
}
