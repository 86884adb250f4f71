package jawread.server.intake;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import jawread.core.assess.Origin;
import jawread.core.assess.Place;
import jawread.core.assess.ReadWith;
import jawread.server.access.Person;
import jawread.server.drawer.Gauge;
import jawread.server.intake.JobPlaces.On;
import jawread.server.intake.JobPlaces.Spot;
import jawread.server.measure.KeepReading;
import jawread.server.tabular.TableIn.Line;
import jawread.server.words.Words;

/** Makes readings of the rows of a table. */
final class RowsRead {
    private static final int LONGEST_LIST = 8;

    private final ReadColumns columns;
    private final JobPlaces places;
    private final Map<String, Gauge> gauges;
    private final Map<String, Person> people;
    private final ToIntFunction<On> lastRound;
    private final Given given;
    private final Words words;
    /** How many rows without a place a feature of a part had so far, by round. */
    private final Map<String, Integer> before = new HashMap<>();

    /**
     * What holds for rows that do not say it themselves.
     *
     * @param salt tells one file from another: a row of the same file is the same reading
     */
    record Given(Optional<Gauge> gauge, Person person, Instant now, ZoneId zone, String salt) {}

    /** @param gauges by their number in small letters @param people by their name in small letters */
    RowsRead(
            ReadColumns columns,
            JobPlaces places,
            Map<String, Gauge> gauges,
            Map<String, Person> people,
            ToIntFunction<On> lastRound,
            Given given,
            Words words) {
        this.columns = columns;
        this.places = places;
        this.gauges = gauges;
        this.people = people;
        this.lastRound = lastRound;
        this.given = given;
        this.words = words;
    }

    /**
     * One figure of a row.
     *
     * @param reading empty where there is a problem
     * @param column whose cell is wrong, counted from 0; negative where nothing is, or where it is none
     */
    record Figure(
            Line row,
            Optional<KeepReading> reading,
            Optional<On> on,
            Optional<Place> place,
            String typed,
            String gauge,
            int column,
            String problem) {
        boolean isGood() {
            return problem.isEmpty();
        }

        Figure refused(int at, String why) {
            return new Figure(row, Optional.empty(), on, place, typed, gauge, at, why);
        }
    }

    List<Figure> all() {
        var all = new ArrayList<Figure>();
        for (Line row : columns.rows()) {
            List<Integer> ofFeatures = columns.ofFeatures();
            if (ofFeatures.isEmpty()) {
                int at = columns.at(Meaning.FIGURE).orElse(-1);
                all.add(figure(row, at, columns.cell(row, Meaning.FEATURE)));
            } else {
                // An empty cell is a feature that was not measured on that part.
                ofFeatures.stream()
                        .filter(at -> !row.cell(at).isEmpty())
                        .forEach(at -> all.add(
                                figure(row, at, columns.means().get(at).substring(ReadColumns.OF_FEATURE.length()))));
            }
        }
        return all;
    }

    /** That a cell is not understood. */
    private static final class NotUnderstood extends RuntimeException {
        private final int column;

        NotUnderstood(int column, String sentence) {
            super(sentence, null, false, false);
            this.column = column;
        }
    }

    private Figure figure(Line row, int at, String feature) {
        var empty = new Figure(
                row, Optional.empty(), Optional.empty(), Optional.empty(), at < 0 ? "" : row.cell(at), "", -1, "");
        Figure so = empty;
        try {
            if (at < 0) {
                throw new NotUnderstood(-1, words.say("table.no-figure-column"));
            }
            String typed = typed(row, at);
            Spot spot = spot(row, feature);
            so = new Figure(
                    row, Optional.empty(), Optional.of(spot.on()), Optional.of(spot.place()), typed, "", -1, "");
            Gauge gauge = gauge(row, Meaning.GAUGE)
                    .or(given::gauge)
                    .orElseThrow(
                            () -> new NotUnderstood(columns.at(Meaning.GAUGE).orElse(-1), words.say("table.no-gauge")));
            Optional<Long> reader = gauge(row, Meaning.READER).map(Gauge::id);
            var reading = new KeepReading(
                    id(row, at),
                    spot.on().part().id(),
                    spot.on().feature().id(),
                    round(row, spot.on()),
                    spot.place().id(),
                    new ReadWith(gauge.id(), reader),
                    person(row).id(),
                    Origin.IMPORTED,
                    Optional.of(typed),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    false,
                    taken(row));
            return new Figure(row, Optional.of(reading), so.on(), so.place(), typed, gauge.shopNumber(), -1, "");
        } catch (NotUnderstood none) {
            return so.refused(none.column, none.getMessage());
        }
    }

    private String typed(Line row, int at) {
        String cell = row.cell(at);
        if (cell.isEmpty()) {
            throw new NotUnderstood(at, words.say("table.no-figure"));
        }
        String unit = columns.at(Meaning.UNIT)
                .map(row::cell)
                .filter(said -> !said.isEmpty())
                .or(() -> Meaning.unitOf(columns.headOf(at)))
                .orElse("");
        return unit.isEmpty() || cell.matches(".*[\\p{L}\"″”].*") ? cell : cell + " " + unit;
    }

    private Spot spot(Line row, String feature) {
        String code = columns.cell(row, Meaning.CODE);
        if (!code.isEmpty()) {
            return places.byCode(code).orElseThrow(() -> wrong(Meaning.CODE, "table.no-such-code", code, List.of()));
        }
        String part = columns.cell(row, Meaning.PART);
        if (!part.isEmpty() && !places.isPart(part)) {
            throw wrong(Meaning.PART, "table.no-such-part", part, places.parts());
        }
        if (!feature.isEmpty() && !places.isFeature(feature)) {
            throw wrong(Meaning.FEATURE, "table.no-such-feature", feature, places.features());
        }
        List<On> on = places.on(part, feature);
        if (on.isEmpty()) {
            throw wrong(Meaning.FEATURE, "table.not-on-part", feature, places.features());
        }
        if (on.size() > 1) {
            boolean isPartOpen =
                    on.stream().map(each -> each.part().id()).distinct().count() > 1;
            throw isPartOpen
                    ? wrong(Meaning.PART, "table.which-part", feature, places.parts())
                    : wrong(Meaning.FEATURE, "table.which-feature", part, places.features());
        }
        return new Spot(on.get(0), place(row, on.get(0)), "");
    }

    private Place place(Line row, On on) {
        String word = columns.cell(row, Meaning.PLACE);
        List<String> names = on.places().stream().map(Place::name).toList();
        if (!word.isEmpty()) {
            return JobPlaces.place(on, word)
                    .orElseThrow(() -> wrong(Meaning.PLACE, "table.no-such-place", word, names));
        }
        if (on.places().size() == 1) {
            // Several of them are repeats.
            return on.places().get(0);
        }
        int nth = before.merge(on.part().id() + "/" + on.feature().key(), 1, Integer::sum) - 1;
        if (nth >= on.places().size()) {
            throw wrong(Meaning.PLACE, "table.which-place", on.feature().name(), names);
        }
        return on.places().get(nth);
    }

    private Optional<Gauge> gauge(Line row, Meaning meaning) {
        String number = columns.cell(row, meaning);
        if (number.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(Optional.ofNullable(gauges.get(number.toLowerCase(java.util.Locale.ROOT)))
                .orElseThrow(() -> wrong(
                        meaning,
                        "table.no-such-gauge",
                        number,
                        gauges.values().stream().map(Gauge::shopNumber).sorted().toList())));
    }

    private Person person(Line row) {
        String name = columns.cell(row, Meaning.PERSON);
        if (name.isEmpty()) {
            return given.person();
        }
        return Optional.ofNullable(people.get(name.toLowerCase(java.util.Locale.ROOT)))
                .orElseThrow(() -> wrong(
                        Meaning.PERSON,
                        "table.no-such-person",
                        name,
                        people.values().stream().map(Person::name).sorted().toList()));
    }

    private int round(Line row, On on) {
        String word = columns.cell(row, Meaning.ROUND);
        if (word.isEmpty()) {
            return lastRound.applyAsInt(on);
        }
        try {
            return Integer.parseUnsignedInt(word);
        } catch (NumberFormatException none) {
            throw wrong(Meaning.ROUND, "table.no-round", word, List.of());
        }
    }

    /** With its zone, or in the shop's; of a day alone at noon. Of rows without one, one after the other up to now. */
    private Instant taken(Line row) {
        String text = columns.cell(row, Meaning.TAKEN);
        if (text.isEmpty()) {
            return given.now().minusMillis(columns.lastLine()).plusMillis(row.number());
        }
        String iso = text.replace(' ', 'T');
        try {
            return OffsetDateTime.parse(iso).toInstant();
        } catch (DateTimeParseException withoutZone) {
            try {
                return LocalDateTime.parse(iso).atZone(given.zone()).toInstant();
            } catch (DateTimeParseException withoutTime) {
                try {
                    return LocalDate.parse(text)
                            .atTime(LocalTime.NOON)
                            .atZone(given.zone())
                            .toInstant();
                } catch (DateTimeParseException none) {
                    throw wrong(Meaning.TAKEN, "table.no-time", text, List.of());
                }
            }
        }
    }

    private UUID id(Line row, int at) {
        String own = columns.cell(row, Meaning.ID);
        try {
            return own.isEmpty()
                    ? UUID.nameUUIDFromBytes(
                            (given.salt() + " " + row.number() + " " + at).getBytes(StandardCharsets.UTF_8))
                    : UUID.fromString(own);
        } catch (IllegalArgumentException none) {
            throw wrong(Meaning.ID, "table.no-uuid", own, List.of());
        }
    }

    private NotUnderstood wrong(Meaning meaning, String sentence, String word, List<String> choices) {
        String some = choices.stream().limit(LONGEST_LIST).collect(Collectors.joining(", "));
        return new NotUnderstood(
                columns.at(meaning).orElse(-1),
                words.say(
                        sentence,
                        Map.of("word", word, "choices", choices.size() > LONGEST_LIST ? some + ", and more" : some)));
    }
}
