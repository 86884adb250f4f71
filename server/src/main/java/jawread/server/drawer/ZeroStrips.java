package jawread.server.drawer;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.doubt.ZeroStrip;
import jawread.core.doubt.ZeroStrip.Look;
import jawread.server.journal.What;
import jawread.server.live.Happened;
import jawread.server.live.KeptWhile;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The looks at every gauge's zero, kept until the drawer changes: each reading of each job is held against them. */
@Service
public class ZeroStrips {
    private final GaugeCheckRepository checks;
    private final LastSet sets;
    private final Happened happened;
    private final KeptWhile<What, Long, OfGauges> kept = new KeptWhile<>(1);

    ZeroStrips(GaugeCheckRepository checks, LastSet sets, Happened happened) {
        this.checks = checks;
        this.sets = sets;
        this.happened = happened;
    }

    /** By gauge. Told from another by being another one. */
    public static final class OfGauges {
        private final Map<Long, ZeroStrip> byGauge;

        OfGauges(Map<Long, ZeroStrip> byGauge) {
            this.byGauge = Map.copyOf(byGauge);
        }

        public ZeroStrip of(Gauge gauge) {
            return byGauge.getOrDefault(gauge.id(), ZeroStrip.NONE);
        }
    }

    @Transactional(readOnly = true)
    public OfGauges now() {
        return kept.of(What.DRAWER, happened.times(What.DRAWER), this::read);
    }

    private OfGauges read() {
        Map<Long, List<Long>> set = sets.allOfGauges();
        Map<Long, List<Look>> looks = checks.findAllByOrderByAt().stream()
                .map(GaugeCheckRow::check)
                .collect(Collectors.groupingBy(
                        GaugeCheck::gaugeId, Collectors.mapping(ZeroStrips::look, Collectors.toList())));
        return new OfGauges(Stream.of(looks.keySet(), set.keySet())
                .flatMap(ids -> ids.stream())
                .distinct()
                .collect(Collectors.toMap(
                        Function.identity(),
                        id -> new ZeroStrip(looks.getOrDefault(id, List.of()), set.getOrDefault(id, List.of())))));
    }

    private static Look look(GaugeCheck check) {
        return new Look(check.id(), check.at().toEpochMilli(), check.result(), check.allowed());
    }
}
