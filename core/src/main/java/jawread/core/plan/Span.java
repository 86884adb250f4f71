package jawread.core.plan;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;

/**
 * Where a feature lies along the part.
 *
 * @param starts from the part's left end; empty where only the length was given
 * @param length above zero
 */
public record Span(Optional<Length> starts, Length length) {
    private static final Pattern FROM_TO = Pattern.compile("(.+?)\\s*(?:-|\u2013|\u2026|\\.\\.|to)\\s*(.+)");

    /** {@code 26-144}, {@code 26 to 144}, or {@code 118} for a length alone. Refuses {@code span-goes-back}. */
    public static Outcome<Span> parse(String text, LengthUnit unit) {
        Matcher written = FROM_TO.matcher(text.strip());
        if (!written.matches()) {
            return TypedLength.parse(text, unit, Kind.SIZE).then(typed -> of(Optional.empty(), typed.length(), text));
        }
        return TypedLength.parse(written.group(1), unit, Kind.SIZE)
                .then(from -> TypedLength.parse(written.group(2), from.unit(), Kind.SIZE)
                        .then(to -> of(Optional.of(from.length()), to.length().minus(from.length()), text)));
    }

    private static Outcome<Span> of(Optional<Length> starts, Length length, String text) {
        return length.compareTo(Length.ZERO) > 0
                ? Outcome.of(new Span(starts, length))
                : Outcome.refused(Refusal.of("span-goes-back").with("text", text));
    }
}
