package jawread.server.settings;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * What a gauge that types as a keyboard puts around its figures.
 *
 * @param gauge its number in the shop
 * @param before the figure: it begins with no digit, sign or point; may be empty
 * @param after the figure and before the line end; may be empty
 * @param afterIsUnit whether that is a unit: it then belongs to the figure
 */
public record KeyboardGauge(String gauge, String before, String after, boolean afterIsUnit) {
    private static final String NOTHING = "-";
    private static final Pattern BEFORE = Pattern.compile("[\\x21-\\x7e&&[^0-9.,+;-]][\\x21-\\x7e&&[^;]]{0,9}");
    private static final Pattern AFTER = Pattern.compile("[\\x21-\\x7e&&[^0-9.,;]][\\x21-\\x7e&&[^;]]{0,9}");

    /** Each as {@code M6 # mm}: its number, what stands before, what stands after; {@code -} for nothing; apart by semicolons. */
    public static Outcome<List<KeyboardGauge>> parse(String text) {
        var all = new ArrayList<KeyboardGauge>();
        for (String each : text.split(";")) {
            String[] said = each.strip().split("\\s+");
            if (each.isBlank()) {
                continue;
            }
            boolean isOne = said.length == 3
                    && (said[1].equals(NOTHING) || BEFORE.matcher(said[1]).matches())
                    && (said[2].equals(NOTHING) || AFTER.matcher(said[2]).matches());
            if (!isOne) {
                return Outcome.refused(Refusal.of("keyboard-gauge").with("text", each.strip()));
            }
            String after = unless(said[2]);
            all.add(new KeyboardGauge(
                    said[0],
                    unless(said[1]),
                    after,
                    LengthUnit.ofSuffix(after.toLowerCase(Locale.ROOT)).isPresent()));
        }
        return Outcome.of(List.copyOf(all));
    }

    private static String unless(String said) {
        return said.equals(NOTHING) ? "" : said;
    }
}
