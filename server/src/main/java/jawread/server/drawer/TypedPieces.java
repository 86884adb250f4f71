package jawread.server.drawer;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.gauge.Adds;
import jawread.core.gauge.Adds.Piece;
import jawread.core.length.LengthUnit;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/**
 * Rods, collars and nibs as somebody lists them, apart by semicolons: {@code rod 1; rod 2; collar +0.5}. A name and a size; with a plus it
 * is added to all that is there else, without one the gauge stands on it instead of on its own base.
 */
@Component
class TypedPieces {
    private static final Pattern PIECE = Pattern.compile("([^\\d+=;]*?)\\s*=?\\s*(\\+?)\\s*(\\d.*|\\.\\d.*)");
    private static final int LONGEST_NAME = 24;
    private static final String FIELD = "rods";

    private final TypedFields fields;
    private final Words words;

    TypedPieces(TypedFields fields, Words words) {
        this.fields = fields;
        this.words = words;
    }

    /** Refuses, at the field {@code rods}, what has no size, too many of them, and more on top than can be told apart. */
    Adds of(String text, LengthUnit unit) {
        List<Piece> pieces =
                split(text).map(each -> piece(each.strip(), unit)).distinct().toList();
        long namesOnTop =
                pieces.stream().filter(Piece::onTop).map(Piece::name).distinct().count();
        if (pieces.size() > Adds.MOST) {
            throw Refused.field(FIELD, "too-many-rods", words);
        }
        if (namesOnTop > Adds.MOST_ON_TOP) {
            throw Refused.field(FIELD, "too-many-on-top", words);
        }
        return new Adds(pieces);
    }

    /** Bare sizes may be apart by blanks. */
    private static Stream<String> split(String text) {
        boolean isBare = text.chars().noneMatch(each -> Character.isLetter(each) || each == '/' || each == '+');
        return Arrays.stream(text.split(isBare ? "[;\\s]+" : "[;\\n]")).filter(each -> !each.isBlank());
    }

    private Piece piece(String text, LengthUnit unit) {
        Matcher seen = PIECE.matcher(text);
        if (!seen.matches() || !isName(seen.group(1).strip())) {
            throw Refused.field(FIELD, "bad-piece", words);
        }
        boolean isOnTop = !seen.group(2).isEmpty();
        return fields.size(FIELD, seen.group(3), unit)
                .map(length -> new Piece(seen.group(1).strip(), length, isOnTop))
                .orElseThrow(() -> Refused.field(FIELD, "bad-piece", words));
    }

    /** None at all is one that is still wanted; a minus is no name. */
    private static boolean isName(String name) {
        return name.isEmpty() || name.length() <= LONGEST_NAME && name.chars().anyMatch(Character::isLetter);
    }

    /** As it would be typed to be just what it is. */
    static String asTyped(Adds adds, LengthUnit unit) {
        return adds.pieces().stream()
                .map(piece -> (piece.name() + " " + (piece.onTop() ? "+" : "")
                                + TypedFields.asTyped(piece.length(), unit))
                        .strip())
                .collect(Collectors.joining("; "));
    }
}
