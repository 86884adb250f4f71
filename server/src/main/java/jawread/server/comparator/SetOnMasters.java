package jawread.server.comparator;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.assess.Instruments;
import jawread.core.gauge.SettingMasters.Kind;
import jawread.core.gauge.SettingMasters.SetOn;
import jawread.core.heat.Material;
import jawread.core.length.Length;
import jawread.core.stack.Wringing;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.InstrumentsInForce;
import jawread.server.drawer.Methods;
import jawread.server.drawer.ShopMaster;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What of the drawer a comparator can be set on. */
@Component
class SetOnMasters {
    private final Drawer drawer;
    private final InstrumentsInForce instruments;

    SetOnMasters(Drawer drawer, InstrumentsInForce instruments) {
        this.drawer = drawer;
        this.instruments = instruments;
    }

    /** All of the drawer that it can be set on at a size and a moment, the best known first. */
    @Transactional(readOnly = true)
    public List<SetOnMaster> at(Gauge gauge, Length wanted, Instant at) {
        Instruments now = instruments.now();
        Map<String, ShopMaster> masters =
                drawer.masters().stream().collect(Collectors.toMap(ShopMaster::shopNumber, master -> master));
        Map<String, Gauge> gauges = drawer.all().stream().collect(Collectors.toMap(Gauge::shopNumber, each -> each));
        return now
                .settingMasters(now.warmth(Material.STEEL, Material.STEEL, Optional.empty()), at)
                .at(Methods.atHand(gauge), wanted)
                .stream()
                .map(of -> of.kind() == Kind.MICROMETER
                        ? locked(of, gauges.get(of.number()))
                        : made(of, masters.get(of.number())))
                .toList();
    }

    private static SetOnMaster locked(SetOn of, Gauge micrometer) {
        return new SetOnMaster(
                of.kind(), Optional.empty(), Optional.of(micrometer), List.of(), of.size(), of.expanded());
    }

    private static SetOnMaster made(SetOn of, ShopMaster master) {
        List<Length> blocks = master.blocks()
                .map(set -> Wringing.of(set.present(master.unit()), of.size(), Length.ZERO)
                        .blocks())
                .orElse(List.of());
        return new SetOnMaster(of.kind(), Optional.of(master), Optional.empty(), blocks, of.size(), of.expanded());
    }
}
