package jawread.server.scale;

import static jawread.server.access.Allowed.To.ANYONE;

import java.util.List;
import jawread.server.access.Allowed;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Reads and sets a scale; keeps nothing. */
@RestController
@RequestMapping("/scales")
class ScaleController {
    private final ScaleReader reader;

    ScaleController(ScaleReader reader) {
        this.reader = reader;
    }

    @Allowed(ANYONE)
    @GetMapping
    List<ScaleView> all() {
        return reader.all();
    }

    /** @param base what the gauge that bears it adds on its own, as typed */
    @Allowed(ANYONE)
    @GetMapping("/{id}")
    ScaleView one(@PathVariable String id, @RequestParam(defaultValue = "0") String base) {
        return reader.one(id, base);
    }

    /**
     * @param base what the gauge adds on its own, as typed, in the scale's unit unless it says another
     * @param parts the counts, {@code sleeve=37;thimble=41;vernier=6}
     */
    @Allowed(ANYONE)
    @GetMapping("/{id}/reading")
    ScaleReadingView reading(
            @PathVariable String id, @RequestParam(defaultValue = "0") String base, @RequestParam String parts) {
        return reader.read(id, base, parts);
    }

    /**
     * @param wanted the size as typed, in the scale's unit unless it says another
     * @param sense +1 or -1 on a comparator; left out on any other
     */
    @Allowed(ANYONE)
    @GetMapping("/{id}/setting")
    SettingView setting(
            @PathVariable String id,
            @RequestParam(defaultValue = "0") String base,
            @RequestParam(defaultValue = "") String sense,
            @RequestParam String wanted) {
        return reader.set(id, base, sense, wanted);
    }
}
