package jawread.server.drawer;

import static jawread.server.access.Allowed.To.ANYONE;

import java.util.List;
import jawread.server.access.Allowed;
import jawread.server.scale.ScaleViews;
import jawread.server.words.Figures;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The gauges. */
@RestController
@RequestMapping("/api/gauges")
class DrawerController {
    private final Drawer drawer;
    private final Figures figures;
    private final ScaleViews scales;

    DrawerController(Drawer drawer, Figures figures, ScaleViews scales) {
        this.drawer = drawer;
        this.figures = figures;
        this.scales = scales;
    }

    @Allowed(ANYONE)
    @GetMapping
    List<GaugeView> all() {
        return drawer.all().stream()
                .map(gauge -> GaugeView.of(gauge, figures, scales))
                .toList();
    }
}
