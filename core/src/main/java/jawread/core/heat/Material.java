package jawread.core.heat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.table.Table;

/**
 * What something is made of, and α, how much of its length it gains with each kelvin.
 *
 * @param name of the catalogue, in lower case: steel, cast-iron; or as the shop calls its own
 * @param perMillionKelvin α in 10⁻⁶/K, above 0 and at most 300
 */
public record Material(String name, BigDecimal perMillionKelvin) {
    /** Those every shop starts with. */
    public static final List<Material> CATALOGUE = Table.beside(Material.class, "materials.csv").rows().stream()
            .map(row -> new Material(row.text("code"), new BigDecimal(row.text("per_million_kelvin"))))
            .toList();

    /** What scales and masters are made of, and a part of which nobody has said what it is of. */
    public static final Material STEEL = called("steel", List.of()).orElseThrow();

    /** Soft plastics come to 250; nothing a gauge is put to grows more. */
    private static final BigDecimal MOST = new BigDecimal("300");

    private static final Pattern OWN = Pattern.compile("(\\p{L}[\\p{L}\\d .\\-]{0,38}?)\\s+(\\d+(?:[.,]\\d+)?)");

    /** Of the catalogue or of the shop's own; empty when there is none so called. */
    public static Optional<Material> called(String name, List<Material> own) {
        return own.stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .or(() -> CATALOGUE.stream()
                        .filter(each -> each.name().equals(name))
                        .findFirst());
    }

    /** α in 1/K. */
    public double alpha() {
        return perMillionKelvin.doubleValue() / 1e6;
    }

    /** A shop's own, {@code gunmetal 18.3}. Refuses {@code bad-material}. */
    public static Outcome<Material> parse(String text) {
        Matcher written = OWN.matcher(text.strip());
        if (!written.matches()) {
            return Outcome.refused(Refusal.of("bad-material").with("text", text));
        }
        var alpha = new BigDecimal(written.group(2).replace(',', '.'));
        boolean possible = alpha.signum() > 0 && alpha.compareTo(MOST) <= 0;
        return possible
                ? Outcome.of(new Material(written.group(1), alpha))
                : Outcome.refused(Refusal.of("bad-material").with("text", text));
    }
}
