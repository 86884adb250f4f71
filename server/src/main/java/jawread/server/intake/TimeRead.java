package jawread.server.intake;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.DateTimeParseException;
import java.time.temporal.TemporalAccessor;
import java.util.Optional;

/** A time as a table has it, by ISO 8601: with its zone; without one in the shop's; a day alone at noon. */
final class TimeRead {
    private static final DateTimeFormatter FORMAT = new DateTimeFormatterBuilder()
            .append(DateTimeFormatter.ISO_LOCAL_DATE)
            .optionalStart()
            .appendLiteral('T')
            .append(DateTimeFormatter.ISO_LOCAL_TIME)
            .optionalStart()
            .appendOffsetId()
            .toFormatter();

    private TimeRead() {}

    /** Empty for what is none. @param text a blank may stand for the T */
    static Optional<Instant> of(String text, ZoneId zone) {
        try {
            TemporalAccessor read = FORMAT.parseBest(
                    text.replace(' ', 'T'), OffsetDateTime::from, LocalDateTime::from, LocalDate::from);
            if (read instanceof OffsetDateTime whole) {
                return Optional.of(whole.toInstant());
            }
            LocalDateTime local = read instanceof LocalDate day ? day.atTime(LocalTime.NOON) : (LocalDateTime) read;
            return Optional.of(local.atZone(zone).toInstant());
        } catch (DateTimeParseException none) {
            return Optional.empty();
        }
    }
}
