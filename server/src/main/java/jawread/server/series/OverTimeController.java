package jawread.server.series;

import static jawread.server.access.Allowed.To.ANYONE;

import jawread.server.access.Allowed;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A feature of one part through all its inspections. */
@RestController
@RequestMapping("/parts/{part}/features/{feature}/over-time")
class OverTimeController {
    private final OverTime overTime;

    OverTimeController(OverTime overTime) {
        this.overTime = overTime;
    }

    /** @param days along days even where running hours are known */
    @Allowed(ANYONE)
    @GetMapping
    OverTimeView overTime(
            @PathVariable long part, @PathVariable long feature, @RequestParam(defaultValue = "false") boolean days) {
        return overTime.of(part, feature, days);
    }
}
