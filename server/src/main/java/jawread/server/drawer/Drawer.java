package jawread.server.drawer;

import java.util.List;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The gauges. */
@Service
public class Drawer {
    private final GaugeRepository gauges;
    private final Words words;

    public Drawer(GaugeRepository gauges, Words words) {
        this.gauges = gauges;
        this.words = words;
    }

    @Transactional(readOnly = true)
    public List<Gauge> all() {
        return gauges.findAllByOrderById();
    }

    /** Refuses an unknown id with 404. */
    @Transactional(readOnly = true)
    public Gauge byId(long id) {
        return gauges.findById(id)
                .orElseThrow(
                        () -> Refused.of(HttpStatus.NOT_FOUND, "no-such-gauge", words.say("problem.no-such-gauge")));
    }

    @Transactional
    public Gauge add(Gauge gauge) {
        return gauges.save(gauge);
    }
}
