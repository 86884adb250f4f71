package jawread.server.words;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jawread.core.heat.Warm;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;
import org.springframework.stereotype.Component;

/** Understands what is typed, a field at a time; what cannot be is refused at its field. */
@Component
public class TypedFields {
    private static final int FIRST_YEAR = 1970;
    private static final int LAST_YEAR = 2199;
    private final Words words;

    public TypedFields(Words words) {
        this.words = words;
    }

    /** in or mm. */
    public LengthUnit unit(String text) {
        return switch (text) {
            case "in" -> LengthUnit.INCH;
            case "mm" -> LengthUnit.MILLIMETRE;
            default -> throw Refused.field("unit", "bad-unit", words);
        };
    }

    /** Empty for an empty text. */
    public Optional<Length> size(String field, String text, LengthUnit unit) {
        return text.isBlank() ? Optional.empty() : Optional.of(length(field, text, unit, Kind.SIZE));
    }

    /** Empty for an empty text, and refused at zero. @param missing the code for a zero */
    public Optional<Length> aboveZero(String field, String text, LengthUnit unit, String missing) {
        Optional<Length> size = size(field, text, unit);
        if (size.filter(Length::isZero).isPresent()) {
            throw Refused.field(field, missing, words);
        }
        return size;
    }

    /** Figures in the order typed; one that is none is refused with its number as hint. */
    public List<Length> sizes(String field, List<String> texts, LengthUnit unit) {
        var sizes = new ArrayList<Length>();
        for (String text : texts) {
            sizes.add(TypedLength.parse(text, unit, Kind.SIZE).fold(TypedLength::length, refusal -> {
                throw refused(field, refusal.with("hint", String.valueOf(sizes.size() + 1)), unit);
            }));
        }
        return sizes;
    }

    /** With its sign; empty for an empty text. */
    public Optional<Length> deviation(String field, String text, LengthUnit unit) {
        return text.isBlank() ? Optional.empty() : Optional.of(length(field, text, unit, Kind.DEVIATION));
    }

    /** A U, zero or above; zero for an empty text. */
    public Length expanded(String field, String text, LengthUnit unit) {
        if (text.isBlank()) {
            return Length.ZERO;
        }
        return TypedLength.parse(text, unit, Kind.SIZE).fold(TypedLength::length, refusal -> {
            if (refusal.code().equals("negative-size")) {
                throw Refused.field(field, "negative-uncertainty", words);
            }
            throw refused(field, refusal, unit);
        });
    }

    /** As 2026-03-10, from 1970 to 2199; empty for an empty text. */
    public Optional<LocalDate> date(String field, String text) {
        if (text.isBlank()) {
            return Optional.empty();
        }
        try {
            return Optional.of(LocalDate.parse(text.strip()))
                    .filter(date -> date.getYear() >= FIRST_YEAR && date.getYear() <= LAST_YEAR)
                    .or(() -> {
                        throw Refused.field(field, "bad-date", words);
                    });
        } catch (DateTimeParseException e) {
            throw Refused.field(field, "bad-date", words);
        }
    }

    /** In °C, as far as {@link Warm} goes; empty for an empty text. */
    public Optional<BigDecimal> temperature(String field, String text) {
        String figure = text.replace("°C", "").replace("°", "");
        if (figure.isBlank()) {
            return Optional.empty();
        }
        return Optional.of(TypedNumber.within(figure, Warm.COLDEST, Warm.HOTTEST)
                .orElseThrow(() -> Refused.field(field, "bad-temperature", words)));
    }

    private Length length(String field, String text, LengthUnit unit, Kind kind) {
        return TypedLength.parse(text, unit, kind).fold(TypedLength::length, refusal -> {
            throw refused(field, refusal, unit);
        });
    }

    public Refused refused(String field, Refusal refusal, LengthUnit unit) {
        return Refused.field(field, refusal, words.say(refusal, unit));
    }

    /** As it would be typed: all its digits, in the other unit and named where this one has too few decimals for it. */
    public static String asTyped(Length length, LengthUnit unit) {
        var figure = length.in(unit).stripTrailingZeros();
        return figure.scale() <= unit.mostDecimals()
                ? figure.toPlainString()
                : asTyped(length, unit.other()) + " " + unit.other().symbol();
    }
}
