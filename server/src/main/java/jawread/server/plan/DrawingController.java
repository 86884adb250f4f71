package jawread.server.plan;

import static jawread.server.access.Allowed.To.ANYONE;

import jawread.server.access.Allowed;
import jawread.server.tabular.TableFile;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What a drawing says, taken along. */
@RestController
class DrawingController {
    private final DrawingList drawings;

    DrawingController(DrawingList drawings) {
        this.drawings = drawings;
    }

    /** The title block, and below it the features of one plan with their limits. */
    @Allowed(ANYONE)
    @GetMapping(path = "/plans/{plan}/drawing.csv", produces = TableFile.CSV)
    ResponseEntity<byte[]> csv(@PathVariable long plan) {
        return TableFile.csv(drawings.csv(plan), "drawing-" + plan);
    }
}
