package jawread.server.judgement;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.MEASURES;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.door.TypedFigure;
import jawread.server.judgement.QuickSizes.KeptWhere;
import jawread.server.judgement.QuickSizes.QuickSize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** One size with no job. */
@RestController
class QuickSizeController {
    private final QuickSizes quickSizes;
    private final ScreenTickets tickets;

    QuickSizeController(QuickSizes quickSizes, ScreenTickets tickets) {
        this.quickSizes = quickSizes;
        this.tickets = tickets;
    }

    /** @param gauge absent where nobody has said */
    record QuickSizeBody(
            String kind,
            @Size(max = 60, message = "figure-too-long") String limits,
            @TypedFigure String figure,
            @Nullable Long gauge) {
        QuickSize quick() {
            return new QuickSize(kind, limits, figure, Optional.ofNullable(gauge));
        }
    }

    /** What a size comes to; keeps nothing. */
    @Allowed(ANYONE)
    @PostMapping("/quick-size")
    QuickSizeView judge(@RequestBody QuickSizeBody body) {
        return quickSizes.judge(body.quick());
    }

    /** Keeps it as the first reading of a new job. */
    @Allowed(MEASURES)
    @PutMapping("/quick-sizes/{id}")
    KeptWhere keep(@PathVariable UUID id, @RequestBody QuickSizeBody body, HttpServletRequest request) {
        return quickSizes.keep(id, body.quick(), tickets.whoStandsAt(request));
    }
}
