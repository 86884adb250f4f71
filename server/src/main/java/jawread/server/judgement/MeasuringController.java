package jawread.server.judgement;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.MEASURES;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Origin;
import jawread.core.assess.ReadWith;
import jawread.core.assess.ReadingMark;
import jawread.core.assess.ReadingMark.Answer;
import jawread.core.length.Length;
import jawread.core.misread.Slip;
import jawread.core.scale.Parts;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.door.TypedFigure;
import jawread.server.live.Acknowledged;
import jawread.server.live.Timing;
import jawread.server.measure.KeepReading;
import jawread.server.measure.Marks;
import jawread.server.measure.Marks.MakeMark;
import jawread.server.measure.Marks.Marked;
import jawread.server.measure.Marks.PutRight;
import jawread.server.measure.Readings;
import jawread.server.measure.TakenAt;
import jawread.server.storage.SyncTime;
import jawread.server.words.Words;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/**
 * What is done at the bench. Each act is kept first and judged after; the answer is its receipt, with the sheet as it then stands
 * where that can be made.
 */
@RestController
class MeasuringController {
    private final JsonMapper json;
    private final Readings readings;
    private final Marks marks;
    private final Sheets sheets;
    private final BenchOverview bench;
    private final ScreenTickets tickets;
    private final Words words;

    MeasuringController(
            JsonMapper json,
            Readings readings,
            Marks marks,
            Sheets sheets,
            BenchOverview bench,
            ScreenTickets tickets,
            Words words) {
        this.json = json;
        this.readings = readings;
        this.marks = marks;
        this.sheets = sheets;
        this.bench = bench;
        this.tickets = tickets;
        this.words = words;
    }

    /**
     * @param round 0 as found, n after cut n
     * @param onMaster whether it is a micrometer that was set on a master; absent: it is not
     * @param typed the figure as typed; absent when it was read by scale
     * @param pressed the last digits of the figure that alone were pressed; absent when all of it was
     * @param stops of pins the smallest that does not go, as typed, beside the largest that does; absent for any other gauge
     * @param parts the counts read on the scale, by the name of the part; absent when it was typed
     * @param pm what the page made of the parts, whole picometres
     * @param made the rest of a size that is made of several figures, of which {@code typed} is the first; absent where it is one
     * @param quick whether it is a quick check with another gauge; absent: it is not
     * @param takenAt by the shop's clock
     */
    record ReadingBody(
            long part,
            long feature,
            int round,
            long place,
            long gauge,
            @Nullable Long reader,
            @Nullable Boolean onMaster,
            @Nullable Long person,
            @TypedFigure @Nullable String typed,
            @Nullable String pressed,
            @TypedFigure @Nullable String stops,
            @Nullable Map<String, BigDecimal> parts,
            @Nullable Long base,
            @Nullable Long pm,
            @Nullable MadeBody made,
            @Nullable Boolean quick,
            Instant takenAt) {}

    /**
     * @param kind STRIKE, NOTE, KEEP or CORRECT; any other is refused
     * @param slip that was found and is owned to, by its code; absent where there was none
     * @param shouldBePm what a correction makes of it, whole picometres, as the finding said; absent for anything else
     */
    record MarkBody(
            UUID reading,
            ReadingMark.Kind kind,
            String reason,
            @Nullable String slip,
            @Nullable Long shouldBePm,
            @Nullable Long person) {
        Answer answer() {
            return new Answer(
                    Optional.ofNullable(shouldBePm).map(Length::ofPicometres),
                    Optional.empty(),
                    Optional.ofNullable(slip).flatMap(Slip::of));
        }
    }

    /** @param one taken at the place of {@code other}, and the other way round */
    record SwapBody(
            UUID one, UUID other, String reason, @Nullable Long person) {}

    @Allowed(ANYONE)
    @GetMapping("/bench")
    BenchView bench() {
        return bench.now();
    }

    @Allowed(ANYONE)
    @GetMapping("/parts/{part}/features/{feature}/sheet")
    SheetView sheet(@PathVariable long part, @PathVariable long feature) {
        return sheets.of(part, feature);
    }

    /** Keeps a reading, once: 201, and 200 when the same is sent again; another one under this id is refused with 409. */
    @Allowed(MEASURES)
    @PutMapping("/readings/{id}")
    ResponseEntity<Acknowledged<SheetView>> keep(
            @PathVariable UUID id, @RequestBody ReadingBody body, HttpServletRequest request) {
        return sheet(readings.keep(asked(id, body, request))).answer();
    }

    /** The same, answered in two lines: what it came to first. */
    @Allowed(MEASURES)
    @PutMapping(path = "/readings/{id}", produces = ToldFirst.LINES)
    @ApiResponse(content = @Content(schema = @Schema(implementation = ToldFirst.class)))
    void keepAndTell(
            @PathVariable UUID id,
            @RequestBody ReadingBody body,
            HttpServletRequest request,
            HttpServletResponse answer)
            throws IOException {
        var timing = new Timing();
        TakenAt taken = readings.keep(asked(id, body, request));
        timing.ends("kept");
        timing.took("sync", SyncTime.ofLastChange());
        var told = ToldFirst.of(
                Acknowledged.of(taken.receipt(), () -> sheets.told(taken).orElse(null)));
        timing.ends("told");
        told.send(() -> sheet(taken), timing, answer, json);
    }

    private Acknowledged<SheetView> sheet(TakenAt taken) {
        return Acknowledged.of(taken.receipt(), () -> sheets.of(taken.part(), taken.feature()));
    }

    private KeepReading asked(UUID id, ReadingBody body, HttpServletRequest request) {
        return new KeepReading(
                id,
                body.part(),
                body.feature(),
                body.round(),
                body.place(),
                new ReadWith(body.gauge(), Optional.ofNullable(body.reader()), Boolean.TRUE.equals(body.onMaster())),
                tickets.whoStandsAt(request, body.person()).id(),
                body.typed() != null ? Origin.TYPED : Origin.SCALE,
                Optional.ofNullable(body.typed()),
                Optional.ofNullable(body.pressed()),
                Optional.ofNullable(body.stops()),
                Optional.ofNullable(body.parts()).map(Parts::new),
                Optional.ofNullable(body.base()).map(Length::ofPicometres),
                Optional.ofNullable(body.pm()).map(Length::ofPicometres),
                Optional.ofNullable(body.made())
                        .map(made -> made.beside(
                                Optional.ofNullable(body.typed()).filter(typed -> body.stops() == null), words)),
                Boolean.TRUE.equals(body.quick()),
                body.takenAt().truncatedTo(ChronoUnit.MILLIS));
    }

    /** Strikes a reading, notes something on it, keeps it as it is or puts it right where it is in doubt. */
    @Allowed(MEASURES)
    @PutMapping("/marks/{id}")
    Acknowledged<SheetView> mark(@PathVariable UUID id, @RequestBody MarkBody body, HttpServletRequest request) {
        return answer(marks.make(new MakeMark(
                id,
                body.reading(),
                body.kind(),
                body.answer(),
                body.reason(),
                tickets.whoStandsAt(request, body.person()).id())));
    }

    /** Says that two readings were taken at each other's place. */
    @Allowed(MEASURES)
    @PutMapping("/reading-swaps/{id}")
    Acknowledged<SheetView> putRight(@PathVariable UUID id, @RequestBody SwapBody body, HttpServletRequest request) {
        return answer(marks.putRight(new PutRight(
                id,
                body.one(),
                body.other(),
                body.reason(),
                tickets.whoStandsAt(request, body.person()).id())));
    }

    private Acknowledged<SheetView> answer(Marked marked) {
        return Acknowledged.of(marked.receipt(), () -> sheets.of(marked.part(), marked.feature()));
    }
}
