package jawread.server.measure;

import java.time.Instant;
import java.util.Optional;
import jawread.core.assess.ReadWith;
import jawread.core.assess.ReadingMark;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.misread.Slip;

/**
 * A slip that was found and owned to.
 *
 * @param person who had read it
 * @param raw as it was read
 * @param shouldBe what it was put right to; empty where it was read again
 * @param job the number it is kept under
 */
public record OwnedSlip(
        Instant at,
        Slip slip,
        long person,
        ReadWith with,
        Length raw,
        LengthUnit unit,
        Length resolution,
        Optional<Length> shouldBe,
        long job) {
    static OwnedSlip of(ReadingMarkRow row) {
        ReadingMark mark = row.mark();
        ReadingRow reading = row.reading();
        return new OwnedSlip(
                mark.madeAt(),
                mark.answer().slip().orElseThrow(),
                reading.person(),
                reading.with(),
                reading.raw(),
                reading.unit(),
                reading.resolution(),
                mark.answer().shouldBe(),
                reading.jobId());
    }
}
