package jawread.server.judgement;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Supplier;
import jawread.server.live.Acknowledged;
import jawread.server.live.Timing;
import tools.jackson.databind.json.JsonMapper;

/**
 * The first line of an answer in two lines: that a reading is kept, and what it came to. The second, a {@link SheetView} acknowledged, is made
 * and sent while a browser paints this one.
 *
 * @param kept now or before
 * @param told absent where it could not be made, and where the reading is not of the round in force
 */
public record ToldFirst(
        UUID id, @Nullable Long seq, String kept, @Nullable ToldView told) {
    /** Until then the browser paints the first line: a server that worked on beside it made that half as slow again. */
    private static final Duration PAINTED = Duration.ofMillis(40);

    /** A line of JSON after the other. */
    public static final String LINES = "application/x-ndjson";

    static ToldFirst of(Acknowledged<ToldView> told) {
        return new ToldFirst(told.id(), told.seq(), told.kept(), told.shown());
    }

    /** Sends both, the first before the second is asked for. */
    void send(Supplier<Acknowledged<SheetView>> sheet, Timing timing, HttpServletResponse answer, JsonMapper json)
            throws IOException {
        answer.setStatus(Acknowledged.statusOf(kept).value());
        answer.setContentType(LINES);
        answer.setHeader(Timing.HEADER, timing.header());
        OutputStream out = answer.getOutputStream();
        line(out, json, this);
        LockSupport.parkNanos(PAINTED.toNanos());
        line(out, json, sheet.get());
    }

    private static void line(OutputStream out, JsonMapper json, Object line) throws IOException {
        out.write(json.writeValueAsBytes(line));
        out.write('\n');
        out.flush();
    }
}
