package jawread.core.thread;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.core.thread.ScrewThread.Series;

/** What a thread is called: {@code M8}, {@code M8 x 1}, {@code 3/8-16}, {@code 3/8 UNC}, {@code #8-32}. */
final class Designation {
    private static final int LONGEST_TEXT = 40;
    private static final int MOST_NAMED = 3;
    private static final Length FIRST_NUMBER = Length.ofInches("0.060");
    private static final Length BETWEEN_NUMBERS = Length.ofInches("0.013");
    private static final int LAST_NUMBER = 12;

    private static final String FIGURE = "\\d*[.,]?\\d+";
    private static final Pattern METRIC =
            Pattern.compile("[Mm] ?(?<d>" + FIGURE + ")(?: ?[xX×*\\-/] ?(?<p>-?" + FIGURE + ") ?(?:mm)?)?");
    private static final String INCHES = "(?:\\d+[- ])?\\d+/\\d+|" + FIGURE;
    private static final Pattern INCH = Pattern.compile("(?:(?<number>#|[Nn][Oo]\\.? ?)(?<of>\\d{1,3})|(?<d>" + INCHES
            + ") ?(?:\"|in)?)(?: ?[-xX×] ?(?<n>-?" + FIGURE + ")(?: ?(?:tpi|TPI))?)? ?(?<series>[Uu][Nn][CcFf]?)?");

    private Designation() {}

    /**
     * Understands a designation. Refusals: {@code thread-not-understood}; {@code thread-not-listed} with its nearest, where a pitch is
     * wanted; {@code thread-ambiguous} with those it may be; {@code thread-without-pitch} for a pitch, or a number to the inch, of none;
     * {@code pitch-too-coarse} where no hole is left; and those of {@link TypedLength#parse}.
     */
    static Outcome<ScrewThread> read(String text) {
        String plain = text.strip().replaceAll("\\s+", " ");
        if (plain.length() > LONGEST_TEXT) {
            return notUnderstood(text);
        }
        Matcher metric = METRIC.matcher(plain);
        if (metric.matches()) {
            return metric(plain, metric.group("d"), Optional.ofNullable(metric.group("p")));
        }
        Matcher inch = INCH.matcher(plain);
        return inch.matches() ? inch(plain, inch) : notUnderstood(text);
    }

    private static Outcome<ScrewThread> notUnderstood(String text) {
        return Outcome.refused(Refusal.of("thread-not-understood").with("text", text.strip()));
    }

    private static Outcome<ScrewThread> metric(String text, String diameter, Optional<String> pitch) {
        return TypedLength.parse(diameter, LengthUnit.MILLIMETRE, TypedLength.Kind.SIZE)
                .map(TypedLength::length)
                .then(size -> pitch.map(typed -> pitch(typed).then(length -> metric(size, length)))
                        .orElseGet(() -> coarse(text, size)));
    }

    private static Outcome<Length> pitch(String typed) {
        return TypedLength.parse(typed, LengthUnit.MILLIMETRE, TypedLength.Kind.DEVIATION)
                .then(pitch -> pitch.length().compareTo(Length.ZERO) > 0
                        ? Outcome.of(pitch.length())
                        : Outcome.refused(Refusal.of("thread-without-pitch").with("pitch", typed)));
    }

    private static Outcome<ScrewThread> coarse(String text, Length diameter) {
        return metrics()
                .filter(each ->
                        each.series() == Series.METRIC_COARSE && each.diameter().equals(diameter))
                .findFirst()
                .map(Outcome::of)
                .orElseGet(() ->
                        notListed(text, diameter, metrics().filter(each -> each.series() == Series.METRIC_COARSE)));
    }

    private static Stream<ScrewThread> metrics() {
        return ScrewThread.all().stream().filter(ScrewThread::isMetric);
    }

    private static Outcome<ScrewThread> metric(Length diameter, Length pitch) {
        List<ScrewThread> alike =
                metrics().filter(each -> each.diameter().equals(diameter)).toList();
        return alike.stream()
                .filter(each -> each.numerator().equals(pitch))
                .findFirst()
                .map(Outcome::of)
                .orElseGet(() -> withHole(new ScrewThread(
                        "M" + millimetres(diameter) + " x " + millimetres(pitch),
                        Series.METRIC_OWN,
                        diameter,
                        pitch,
                        BigDecimal.ONE,
                        alike.stream().findFirst().flatMap(ScrewThread::clearance))));
    }

    private static String millimetres(Length length) {
        return length.in(LengthUnit.MILLIMETRE).stripTrailingZeros().toPlainString();
    }

    private static Outcome<ScrewThread> inch(String text, Matcher typed) {
        Outcome<Length> diameter = typed.group("number") == null
                ? TypedLength.parse(typed.group("d"), LengthUnit.INCH, TypedLength.Kind.SIZE)
                        .map(TypedLength::length)
                : numbered(text, Integer.parseInt(typed.group("of")));
        Optional<Series> series = Optional.ofNullable(typed.group("series"))
                .map(said -> said.toUpperCase(Locale.ROOT))
                .filter(said -> !said.equals("UN"))
                .map(Series::valueOf);
        return diameter.then(size -> Optional.ofNullable(typed.group("n"))
                .map(number -> perInch(number).then(perInch -> inch(text, size, perInch, series)))
                .orElseGet(() -> ofSeries(text, size, series)));
    }

    private static Outcome<Length> numbered(String text, int number) {
        return number <= LAST_NUMBER
                ? Outcome.of(FIRST_NUMBER.plus(BETWEEN_NUMBERS.times(number)))
                : Outcome.refused(Refusal.of("thread-number").with("text", text).with("last", LAST_NUMBER));
    }

    private static Outcome<BigDecimal> perInch(String typed) {
        var number = new BigDecimal(typed.replace(',', '.'));
        return number.signum() > 0
                ? Outcome.of(number)
                : Outcome.refused(Refusal.of("thread-without-pitch").with("pitch", typed));
    }

    private static Stream<ScrewThread> ofSize(Length diameter) {
        return ScrewThread.all().stream()
                .filter(each -> !each.isMetric() && each.diameter().equals(diameter));
    }

    private static Outcome<ScrewThread> inch(
            String text, Length diameter, BigDecimal perInch, Optional<Series> series) {
        Optional<ScrewThread> listed = ofSize(diameter)
                .filter(each -> each.denominator().compareTo(perInch) == 0)
                .findFirst();
        if (series.isPresent()
                && listed.map(ScrewThread::series).filter(series.get()::equals).isEmpty()) {
            return ofSize(diameter).toList().isEmpty()
                    ? notListed(
                            text, diameter, ScrewThread.all().stream().filter(each -> each.series() == series.get()))
                    : Outcome.refused(Refusal.of("thread-other-series")
                            .with("text", text)
                            .with("names", names(ofSize(diameter))));
        }
        return listed.map(Outcome::of)
                .orElseGet(() -> withHole(new ScrewThread(
                        sizeName(diameter) + "-" + perInch.stripTrailingZeros().toPlainString(),
                        Series.INCH_OWN,
                        diameter,
                        LengthUnit.INCH.whole(),
                        perInch,
                        Optional.empty())));
    }

    private static String sizeName(Length diameter) {
        return diameter.in(LengthUnit.INCH).stripTrailingZeros().toPlainString() + " in";
    }

    private static Outcome<ScrewThread> ofSeries(String text, Length diameter, Optional<Series> series) {
        List<ScrewThread> alike = ofSize(diameter)
                .filter(each -> series.isEmpty() || series.get() == each.series())
                .toList();
        if (alike.size() == 1) {
            return Outcome.of(alike.get(0));
        }
        return alike.isEmpty()
                ? notListed(text, diameter, ScrewThread.all().stream().filter(each -> !each.isMetric()))
                : Outcome.refused(
                        Refusal.of("thread-ambiguous").with("text", text).with("names", names(alike.stream())));
    }

    private static Outcome<ScrewThread> notListed(String text, Length diameter, Stream<ScrewThread> among) {
        return Outcome.refused(Refusal.of("thread-not-listed")
                .with("text", text)
                .with(
                        "names",
                        names(among.sorted(Comparator.comparing(
                                        each -> each.diameter().minus(diameter).abs()))
                                .limit(MOST_NAMED))));
    }

    private static String names(Stream<ScrewThread> threads) {
        return threads.map(ScrewThread::name).collect(Collectors.joining(", "));
    }

    private static Outcome<ScrewThread> withHole(ScrewThread thread) {
        return thread.drill(BigDecimal.ONE)
                .fold(
                        drill -> Outcome.of(thread),
                        none -> Outcome.refused(Refusal.of("pitch-too-coarse").with("text", thread.name())));
    }
}
