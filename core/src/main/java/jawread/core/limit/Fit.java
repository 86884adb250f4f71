package jawread.core.limit;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;

/**
 * A nominal size with a tolerance class, {@code 25 g6}, or with two, {@code 40 H7/g6}: the limits of hole and shaft, and what
 * lies between them.
 *
 * @param holeClass empty where no hole is spoken of
 * @param shaftClass empty where no shaft is spoken of
 */
public record Fit(
        Length nominal,
        Optional<ToleranceClass> holeClass,
        Optional<ToleranceClass> shaftClass,
        Optional<Limits> hole,
        Optional<Limits> shaft) {
    /** What a fit is called. */
    public enum Word {
        CLEARANCE,
        TRANSITION,
        INTERFERENCE;

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private static final Pattern TEXT =
            Pattern.compile("(.+?) *([A-Za-z]{1,2})(\\d{1,2})(?: *[/-] *([A-Za-z]{1,2})(\\d{1,2}))?");

    /**
     * From what stands on a drawing; the hole comes first, and is judged whole before the shaft. Refusals: {@code bad-text}, and those of
     * {@link ToleranceClass#at}.
     */
    public static Outcome<Fit> parse(String text, LengthUnit defaultUnit) {
        Matcher written = TEXT.matcher(DrawingText.of(text).text());
        if (!written.matches()) {
            return badText(text);
        }
        var first = new ToleranceClass(written.group(2), Integer.parseInt(written.group(3)));
        Optional<ToleranceClass> second = Optional.ofNullable(written.group(4))
                .map(letter -> new ToleranceClass(letter, Integer.parseInt(written.group(5))));
        boolean inOrder = second.map(shaft -> first.isHole() && !shaft.isHole()).orElse(true);
        return TypedLength.parse(written.group(1), defaultUnit, TypedLength.Kind.SIZE)
                .fold(size -> inOrder ? of(size.length(), first, second) : badText(text), refusal -> badText(text));
    }

    private static Outcome<Fit> badText(String text) {
        return Outcome.refused(Refusal.of("bad-text").with("text", text));
    }

    /** A size of which no class is said. */
    public static Fit alone(Length nominal) {
        return new Fit(nominal, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    private static Outcome<Fit> of(Length nominal, ToleranceClass first, Optional<ToleranceClass> second) {
        return first.at(nominal)
                .then(limits -> second.map(shaft -> shaft.at(nominal)
                                .map(other -> new Fit(
                                        nominal, Optional.of(first), second, Optional.of(limits), Optional.of(other))))
                        .orElseGet(() -> Outcome.of(
                                first.isHole()
                                        ? new Fit(
                                                nominal,
                                                Optional.of(first),
                                                Optional.empty(),
                                                Optional.of(limits),
                                                Optional.empty())
                                        : new Fit(
                                                nominal,
                                                Optional.empty(),
                                                Optional.of(first),
                                                Optional.empty(),
                                                Optional.of(limits)))));
    }

    /** The same with a hole of one size, as it was measured. */
    public Fit withHole(Length measured) {
        return new Fit(nominal, holeClass, shaftClass, Optional.of(Limits.of(measured, measured)), shaft);
    }

    /** The same with a shaft of one size, as it was measured. */
    public Fit withShaft(Length measured) {
        return new Fit(nominal, holeClass, shaftClass, hole, Optional.of(Limits.of(measured, measured)));
    }

    /** Smallest hole minus largest shaft; negative where they overlap; empty for one part alone. */
    public Optional<Length> smallestClearance() {
        return hole.flatMap(Limits::low)
                .flatMap(smallest -> shaft.flatMap(Limits::high).map(smallest::minus));
    }

    /** Largest hole minus smallest shaft. */
    public Optional<Length> largestClearance() {
        return hole.flatMap(Limits::high)
                .flatMap(largest -> shaft.flatMap(Limits::low).map(largest::minus));
    }

    /** Clearance when even the smallest is none or more, interference when even the largest is none or less. */
    public Optional<Word> word() {
        return smallestClearance().map(smallest -> {
            if (!smallest.isNegative()) {
                return Word.CLEARANCE;
            }
            return largestClearance().orElseThrow().compareTo(Length.ZERO) <= 0 ? Word.INTERFERENCE : Word.TRANSITION;
        });
    }
}
