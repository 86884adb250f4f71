package jawread.server.drawer;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
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

    /**
     * The first that may measure and whose range covers these sizes; one that reads in this unit before any other. Empty
     * when the drawer has none.
     */
    @Transactional(readOnly = true)
    public Optional<Gauge> firstFor(Collection<Length> sizes, LengthUnit unit) {
        return all().stream()
                .filter(gauge -> gauge.state().mayMeasure() && sizes.stream().allMatch(gauge::covers))
                .min(Comparator.comparing(gauge -> gauge.scale().unit() != unit));
    }

    @Transactional
    public Gauge add(Gauge gauge) {
        return gauges.save(gauge);
    }
}
