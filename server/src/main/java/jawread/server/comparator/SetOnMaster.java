package jawread.server.comparator;

import java.util.List;
import java.util.Optional;
import jawread.core.gauge.SettingMasters.Kind;
import jawread.core.heat.Material;
import jawread.core.length.Length;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.ShopMaster;

/**
 * Something of the drawer that a comparator can be set on, at a size.
 *
 * @param master a ring or a set of blocks; empty for a micrometer
 * @param blocks to be wrung, thin to thick; none unless it is a stack
 * @param size as near to the wanted one as it comes
 * @param expanded its U
 */
record SetOnMaster(
        Kind kind,
        Optional<ShopMaster> master,
        Optional<Gauge> micrometer,
        List<Length> blocks,
        Length size,
        Length expanded) {
    /** As screens name it: {@code m4} a master, {@code g8} a micrometer. */
    String key() {
        return micrometer.map(of -> "g" + of.id()).orElseGet(() -> ComparatorSettings.keyOf(master.orElseThrow()));
    }

    String number() {
        return micrometer
                .map(Gauge::shopNumber)
                .orElseGet(() -> master.orElseThrow().shopNumber());
    }

    String material() {
        return master.map(ShopMaster::material).orElse(Material.STEEL.name());
    }
}
