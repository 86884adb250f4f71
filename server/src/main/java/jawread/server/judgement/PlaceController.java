package jawread.server.judgement;

import static jawread.server.access.Allowed.To.MEASURES;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.PlaceMark;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.door.TypedFigure;
import jawread.server.judgement.PlacesBesides.ByHand;
import jawread.server.live.Acknowledged;
import jawread.server.live.Receipt;
import jawread.server.measure.PlaceMarks;
import jawread.server.measure.PlaceMarks.MarkPlace;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Places: passed over, noted, and taken on one part besides those of the plan. */
@RestController
class PlaceController {
    private final PlaceMarks placeMarks;
    private final PlacesBesides besides;
    private final Sheets sheets;
    private final ScreenTickets tickets;

    PlaceController(PlaceMarks placeMarks, PlacesBesides besides, Sheets sheets, ScreenTickets tickets) {
        this.placeMarks = placeMarks;
        this.besides = besides;
        this.sheets = sheets;
        this.tickets = tickets;
    }

    /**
     * @param kind SKIP, TAKE_UP, NOTE or STRAIGHTNESS; any other is refused
     * @param size as typed, of a straightness; absent for any other
     */
    record PlaceMarkBody(
            long part,
            long feature,
            int round,
            long place,
            PlaceMark.Kind kind,
            @TypedFigure @Nullable String size,
            @Size(max = 200, message = "text-longer") String reason,
            @Nullable Long person) {}

    /** Passes a place over, takes it up again, notes something there, or says how straight the feature was found. */
    @Allowed(MEASURES)
    @PutMapping("/place-marks/{id}")
    Acknowledged<SheetView> markPlace(
            @PathVariable UUID id, @RequestBody PlaceMarkBody body, HttpServletRequest request) {
        Receipt receipt = placeMarks.make(new MarkPlace(
                id,
                body.part(),
                body.feature(),
                body.round(),
                body.place(),
                body.kind(),
                Optional.ofNullable(body.size()),
                body.reason(),
                tickets.whoStandsAt(request, body.person()).id()));
        return answer(receipt, body.part(), body.feature());
    }

    /** @param sections where the axis is taken */
    record AxisBody(List<String> sections, @Nullable Long person) {}

    /** Takes another axis on one part, besides those of the plan; once, however often it is asked. */
    @Allowed(MEASURES)
    @PutMapping("/parts/{part}/features/{feature}/axes/{degrees}")
    Acknowledged<SheetView> takeAxis(
            @PathVariable long part,
            @PathVariable long feature,
            @PathVariable BigDecimal degrees,
            @RequestBody AxisBody body,
            HttpServletRequest request) {
        return answer(
                besides.takeAxis(
                        part,
                        feature,
                        degrees,
                        body.sections(),
                        tickets.whoStandsAt(request, body.person()).id()),
                part,
                feature);
    }

    /**
     * @param name as it is called on this part
     * @param depth from the feature's own face, as typed; empty where nobody knows
     * @param degrees around, as typed; empty where nobody knows
     */
    record ByHandBody(
            String name,
            @TypedFigure String depth,
            @TypedFigure String degrees,
            @Nullable Long person) {}

    /** Takes a place that a hand found, on one part; once by its name, however often it is asked. */
    @Allowed(MEASURES)
    @PutMapping("/parts/{part}/features/{feature}/by-hand")
    Acknowledged<SheetView> takeByHand(
            @PathVariable long part,
            @PathVariable long feature,
            @RequestBody ByHandBody body,
            HttpServletRequest request) {
        return answer(
                besides.takeByHand(new ByHand(
                        part,
                        feature,
                        body.name(),
                        body.depth(),
                        body.degrees(),
                        tickets.whoStandsAt(request, body.person()).id())),
                part,
                feature);
    }

    private Acknowledged<SheetView> answer(Receipt receipt, long part, long feature) {
        return Acknowledged.of(receipt, () -> sheets.of(part, feature));
    }
}
