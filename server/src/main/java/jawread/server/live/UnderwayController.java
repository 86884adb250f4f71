package jawread.server.live;

import static jawread.server.access.Allowed.To.MEASURES;

import jakarta.annotation.Nullable;
import java.util.UUID;
import jawread.server.access.Allowed;
import jawread.server.live.Underway.Far;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How far a long file is that comes in just now, and stopping it. */
@RestController
@RequestMapping("/underway/{id}")
class UnderwayController {
    private final Underway underway;

    UnderwayController(Underway underway) {
        this.underway = underway;
    }

    /**
     * @param done of its rows; all of them while they are brought onto the disk
     * @param secondsLeft absent while nothing is done
     */
    record FarView(int done, int of, @Nullable Long secondsLeft) {
        private static final FarView OVER = new FarView(0, 0, null);

        private static FarView of(Far far) {
            return new FarView(
                    far.done(),
                    far.of(),
                    far.left().map(left -> 1 + left.toSeconds()).orElse(null));
        }
    }

    /** 0 of 0 when it is over, or has not begun. */
    @Allowed(MEASURES)
    @GetMapping
    FarView far(@PathVariable UUID id) {
        return underway.far(id).map(FarView::of).orElse(FarView.OVER);
    }

    /** Stops it: it is refused with 409, and nothing of it is kept. What is over stays kept. */
    @Allowed(MEASURES)
    @PutMapping("/stop")
    FarView stop(@PathVariable UUID id) {
        underway.stop(id);
        return far(id);
    }
}
