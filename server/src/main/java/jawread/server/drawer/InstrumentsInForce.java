package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import jawread.core.assess.Instrument;
import jawread.core.assess.Instruments;
import jawread.core.assess.UsableMaster;
import jawread.core.doubt.ZeroStrip;
import jawread.core.doubt.ZeroStrip.Look;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** All gauges and masters as sizes are judged by them: the same until the drawer changes, whatever the day. */
@Service
public class InstrumentsInForce {
    private static final Kind<String, Instruments> ALL =
            new Kind<>("instruments", all -> all.byId().size());
    private static final Kind<Long, Instrument> ONE =
            new Kind<>("instrument", one -> 1 + one.zeros().looks().size());

    private final Snapshots snapshots;
    private final Drawer drawer;
    private final GaugeCheckRepository checks;
    private final LastSet sets;
    private final ShopSettings settings;

    InstrumentsInForce(
            Snapshots snapshots, Drawer drawer, GaugeCheckRepository checks, LastSet sets, ShopSettings settings) {
        this.snapshots = snapshots;
        this.drawer = drawer;
        this.checks = checks;
        this.sets = sets;
        this.settings = settings;
    }

    @Transactional(readOnly = true)
    public Instruments now() {
        return snapshots.of(ALL, "all", List.of(Subject.DRAWER, Subject.SHOP), this::read);
    }

    /**
     * The same, with all of these gauges. One of them was added since this transaction read the drawer's version where it is not there yet:
     * then the drawer is read once more.
     */
    @Transactional(readOnly = true)
    public Instruments with(Set<Long> gauges) {
        Instruments now = now();
        return now.byId().keySet().containsAll(gauges) ? now : read();
    }

    private Instruments read() {
        return new Instruments(
                drawer.all().stream().collect(Collectors.toMap(Gauge::id, this::instrument)),
                drawer.masters().stream()
                        .filter(master -> !master.retired())
                        .map(master -> new UsableMaster(master.master(), drawer.usableBefore(master)))
                        .toList(),
                settings.number(Setting.TEMPERATURE_APART).doubleValue(),
                settings.number(Setting.ROOM_FROM_TWENTY).doubleValue(),
                settings.number(Setting.TEMPERATURE_MEASURED).doubleValue());
    }

    /** Only those that changed are read again, with all the looks at their zeros. */
    private Instrument instrument(Gauge gauge) {
        return snapshots.of(
                ONE,
                gauge.id(),
                List.of(Subject.gauge(gauge.id())),
                () -> new Instrument(
                        gauge.id(),
                        Methods.atHand(gauge),
                        gauge.hasScale() ? Optional.of(gauge.scale()) : Optional.empty(),
                        gauge.base(),
                        gauge.adds(),
                        zeros(gauge),
                        gauge.kind().hasFrames() ? sets.onMasters(gauge.id()) : ZeroStrip.NONE));
    }

    private ZeroStrip zeros(Gauge gauge) {
        return new ZeroStrip(
                checks.findAllByGaugeIdOrderByAt(gauge.id()).stream()
                        .map(GaugeCheckRow::check)
                        .map(check -> new Look(check.id(), check.at().toEpochMilli(), check.result(), check.allowed()))
                        .toList(),
                // What a micrometer shows on a master says nothing of its zero.
                gauge.kind().isComparator() ? sets.allOf(gauge.id()) : List.of());
    }
}
