package jawread.server.intake;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import java.util.regex.Pattern;
import jawread.core.assess.Origin;
import jawread.core.assess.ReadWith;
import jawread.server.access.Person;
import jawread.server.drawer.Gauge;
import jawread.server.intake.Cells.NotUnderstood;
import jawread.server.intake.JobPlaces.On;
import jawread.server.intake.JobPlaces.Spot;
import jawread.server.measure.KeepReading;
import jawread.server.tabular.TableIn.Line;
import jawread.server.tabular.UnitInHead;

/** Makes readings of the rows of a table. */
final class RowsRead {
    private static final Pattern SAYS_A_UNIT = Pattern.compile("[\\p{L}\"″”]");
    private static final String YES = "yes";

    private final ReadColumns columns;
    private final Cells cells;
    private final WhereRead where;
    private final Map<String, Gauge> gauges;
    private final Map<String, Person> people;
    private final ToIntFunction<On> lastRound;
    private final Given given;

    /**
     * What holds for rows that do not say it themselves.
     *
     * @param salt tells one file from another: a row of the same file is the same reading
     */
    record Given(Optional<Gauge> gauge, Person person, Instant now, ZoneId zone, String salt) {}

    /** @param gauges by their number in small letters @param people by their name in small letters */
    RowsRead(
            Cells cells,
            WhereRead where,
            Map<String, Gauge> gauges,
            Map<String, Person> people,
            ToIntFunction<On> lastRound,
            Given given) {
        this.columns = cells.columns();
        this.cells = cells;
        this.where = where;
        this.gauges = gauges;
        this.people = people;
        this.lastRound = lastRound;
        this.given = given;
    }

    List<RowRead> all() {
        var all = new ArrayList<RowRead>();
        List<Integer> ofFeatures = columns.ofFeatures();
        for (Line row : columns.rows()) {
            if (ofFeatures.isEmpty()) {
                all.add(read(row, columns.at(Meaning.FIGURE).orElse(-1), cells.of(row, Meaning.FEATURE)));
            } else {
                // An empty cell is a feature that was not measured on that part.
                ofFeatures.stream()
                        .filter(at -> !row.cell(at).isEmpty())
                        .forEach(at -> all.add(read(row, at, columns.featureOf(at))));
            }
        }
        return all;
    }

    private RowRead read(Line row, int at, String feature) {
        RowRead so = RowRead.begun(row, at);
        try {
            String typed = typed(row, at);
            if (is(row, Meaning.STRUCK)) {
                throw cells.wrong(Meaning.STRUCK, "table.struck");
            }
            Spot spot = where.of(row, feature);
            so = so.on(spot.on(), spot.place(), typed);
            Gauge gauge = named(row, Meaning.GAUGE, "table.no-such-gauge", gauges, Gauge::shopNumber)
                    .or(given::gauge)
                    .orElseThrow(() -> cells.wrong(Meaning.GAUGE, "table.no-gauge"));
            var with = new ReadWith(
                    gauge.id(),
                    named(row, Meaning.READER, "table.no-such-gauge", gauges, Gauge::shopNumber)
                            .map(Gauge::id));
            Person person = named(row, Meaning.PERSON, "table.no-such-person", people, Person::name)
                    .orElse(given.person());
            return so.read(reading(row, at, spot, with, person, typed), gauge.shopNumber());
        } catch (NotUnderstood none) {
            return so.refused(none.column(), none.getMessage());
        }
    }

    private KeepReading reading(Line row, int at, Spot spot, ReadWith with, Person person, String typed) {
        return new KeepReading(
                id(row, at),
                spot.on().part().id(),
                spot.on().feature().id(),
                round(row, spot.on()),
                spot.place().id(),
                with,
                person.id(),
                Origin.IMPORTED,
                Optional.of(typed),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                is(row, Meaning.QUICK),
                taken(row));
    }

    private String typed(Line row, int at) {
        if (at < 0 || row.cell(at).isEmpty()) {
            throw cells.wrong(at, at < 0 ? "table.no-figure-column" : "table.no-figure");
        }
        String cell = row.cell(at);
        String unit = Optional.of(cells.of(row, Meaning.UNIT))
                .filter(said -> !said.isEmpty())
                .or(() -> UnitInHead.of(columns.headOf(at)))
                .orElse("");
        return unit.isEmpty() || SAYS_A_UNIT.matcher(cell).find() ? cell : cell + " " + unit;
    }

    private boolean is(Line row, Meaning meaning) {
        return cells.of(row, meaning).equalsIgnoreCase(YES);
    }

    /** Empty where the row says none. */
    private <T> Optional<T> named(
            Line row, Meaning meaning, String unknown, Map<String, T> all, Function<T, String> name) {
        String word = cells.of(row, meaning);
        if (word.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(Optional.ofNullable(all.get(word.toLowerCase(Locale.ROOT)))
                .orElseThrow(() -> cells.wrong(
                        meaning,
                        unknown,
                        word,
                        all.values().stream().map(name).sorted().toList())));
    }

    private int round(Line row, On on) {
        String word = cells.of(row, Meaning.ROUND);
        if (word.isEmpty()) {
            return lastRound.applyAsInt(on);
        }
        try {
            return Integer.parseUnsignedInt(word);
        } catch (NumberFormatException none) {
            throw cells.wrong(Meaning.ROUND, "table.no-round", word, List.of());
        }
    }

    /** Of rows without a time, one after the other up to now. */
    private Instant taken(Line row) {
        String text = cells.of(row, Meaning.TAKEN);
        return text.isEmpty()
                ? given.now().minusMillis(columns.lastLine()).plusMillis(row.number())
                : TimeRead.of(text, given.zone())
                        .orElseThrow(() -> cells.wrong(Meaning.TAKEN, "table.no-time", text, List.of()));
    }

    private UUID id(Line row, int at) {
        String own = cells.of(row, Meaning.ID);
        try {
            return own.isEmpty()
                    ? UUID.nameUUIDFromBytes(
                            (given.salt() + " " + row.number() + " " + at).getBytes(StandardCharsets.UTF_8))
                    : UUID.fromString(own);
        } catch (IllegalArgumentException none) {
            throw cells.wrong(Meaning.ID, "table.no-uuid", own, List.of());
        }
    }
}
