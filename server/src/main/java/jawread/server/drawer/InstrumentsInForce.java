package jawread.server.drawer;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.assess.Instrument;
import jawread.core.assess.Instruments;
import jawread.server.journal.What;
import jawread.server.live.Happened;
import jawread.server.live.KeptWhile;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** All gauges and masters as sizes are judged by them: the same until the drawer changes, or the day does. */
@Service
public class InstrumentsInForce {
    private final Drawer drawer;
    private final ZeroStrips zeros;
    private final ShopSettings settings;
    private final Happened happened;
    private final KeptWhile<What, Standing, Instruments> kept = new KeptWhile<>(1);

    InstrumentsInForce(Drawer drawer, ZeroStrips zeros, ShopSettings settings, Happened happened) {
        this.drawer = drawer;
        this.zeros = zeros;
        this.settings = settings;
        this.happened = happened;
    }

    private record Standing(
            long changes, LocalDate day, BigDecimal apart, BigDecimal fromTwenty, BigDecimal measured) {}

    @Transactional(readOnly = true)
    public Instruments now() {
        var standing = new Standing(
                happened.times(What.DRAWER),
                drawer.today(),
                settings.number(Setting.TEMPERATURE_APART),
                settings.number(Setting.ROOM_FROM_TWENTY),
                settings.number(Setting.TEMPERATURE_MEASURED));
        return kept.of(What.DRAWER, standing, () -> read(standing));
    }

    private Instruments read(Standing standing) {
        ZeroStrips.OfGauges looks = zeros.now();
        return new Instruments(
                drawer.all().stream().collect(Collectors.toMap(Gauge::id, gauge -> instrument(gauge, looks))),
                drawer.masters().stream()
                        .filter(drawer::mayBeUsed)
                        .map(ShopMaster::master)
                        .toList(),
                standing.apart().doubleValue(),
                standing.fromTwenty().doubleValue(),
                standing.measured().doubleValue());
    }

    private static Instrument instrument(Gauge gauge, ZeroStrips.OfGauges looks) {
        return new Instrument(
                gauge.id(),
                Methods.atHand(gauge),
                gauge.hasScale() ? Optional.of(gauge.scale()) : Optional.empty(),
                gauge.base(),
                looks.of(gauge));
    }
}
