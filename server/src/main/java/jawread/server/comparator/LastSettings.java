package jawread.server.comparator;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jawread.server.drawer.LastSet;
import org.springframework.stereotype.Component;

/** When comparators were last set, as the kept settings say. */
@Component
class LastSettings implements LastSet {
    private final ComparatorSettingRepository settings;

    LastSettings(ComparatorSettingRepository settings) {
        this.settings = settings;
    }

    @Override
    public Map<Long, Instant> ofGauges() {
        return settings.findLastOfEach().stream()
                .collect(Collectors.toMap(ComparatorSettingRow::gaugeId, ComparatorSettingRow::at));
    }

    @Override
    public List<Long> allOf(long gauge) {
        return settings.findAllByGaugeIdOrderByAt(gauge).stream()
                .map(row -> row.at().toEpochMilli())
                .toList();
    }
}
