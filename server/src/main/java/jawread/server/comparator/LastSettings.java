package jawread.server.comparator;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.doubt.ZeroStrip;
import jawread.core.doubt.ZeroStrip.Look;
import jawread.core.gauge.ZeroCheck;
import jawread.core.length.Length;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.LastSet;
import org.springframework.stereotype.Component;

/** When comparators were last set, as the kept settings say. */
@Component
class LastSettings implements LastSet {
    private final ComparatorSettingRepository settings;
    private final Drawer drawer;

    LastSettings(ComparatorSettingRepository settings, Drawer drawer) {
        this.drawer = drawer;
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

    @Override
    public ZeroStrip onMasters(long gauge) {
        List<ComparatorSettingRow> all = settings.findAllByGaugeIdOrderByAt(gauge);
        Length allowed = drawer.byId(gauge).allowedError();
        var looks = new ArrayList<Look>();
        for (int i = 1; i < all.size(); i++) {
            look(all.get(i - 1), all.get(i), allowed).ifPresent(looks::add);
        }
        return new ZeroStrip(
                looks, all.stream().map(row -> row.at().toEpochMilli()).toList());
    }

    /** Set anew, it begins anew: what it then showed otherwise throws doubt on what was read since the setting before. */
    private static Optional<Look> look(ComparatorSettingRow before, ComparatorSettingRow now, Length allowed) {
        return now.movedSince(before)
                .map(moved -> new Look(
                        now.getId(),
                        now.at().toEpochMilli(),
                        new ZeroCheck(moved, ZeroCheck.Done.SET_TO_ZERO, Length.ZERO),
                        allowed));
    }
}
