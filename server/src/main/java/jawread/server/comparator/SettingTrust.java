package jawread.server.comparator;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import jawread.core.gauge.CheckWanted;
import jawread.core.gauge.GaugeAtHand;
import jawread.core.gauge.SettingLife;
import jawread.core.gauge.SettingMasters;
import jawread.core.length.Length;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeCheck;
import jawread.server.drawer.LastUse;
import jawread.server.drawer.Methods;
import jawread.server.drawer.ZeroChecks;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How long settings are trusted. */
@Service
public class SettingTrust {
    private final ComparatorSettings settings;
    private final ZeroChecks checks;
    private final LastUse uses;
    private final ShopSettings shop;
    private final Clock clock;

    SettingTrust(ComparatorSettings settings, ZeroChecks checks, LastUse uses, ShopSettings shop, Clock clock) {
        this.settings = settings;
        this.checks = checks;
        this.uses = uses;
        this.shop = shop;
        this.clock = clock;
    }

    /** When its setting was last looked at: made, or put back on its master since. A micrometer is set anew for that: a look at its zero is none. */
    @Transactional(readOnly = true)
    public Instant lookedAt(ComparatorSetting setting, Gauge gauge) {
        if (!gauge.kind().isComparator()) {
            return setting.at();
        }
        return checks.of(gauge).stream()
                .map(GaugeCheck::at)
                .filter(at -> at.isAfter(setting.at()))
                .reduce(setting.at(), (one, other) -> one.isAfter(other) ? one : other);
    }

    /** Why it wants to be set, or put back on its master, before a size is measured with it; empty when it may be read. */
    @Transactional(readOnly = true)
    public Optional<CheckWanted> wanted(Gauge gauge, Length size) {
        GaugeAtHand atHand = Methods.atHand(gauge);
        return settings.of(gauge)
                .filter(setting -> setting.size().minus(size).abs().compareTo(SettingMasters.travel(atHand)) <= 0)
                .map(setting -> tooOld(setting, gauge))
                .orElse(Optional.of(CheckWanted.NOT_SET));
    }

    /** Why a setting is trusted no more; empty while it is. */
    @Transactional(readOnly = true)
    public Optional<CheckWanted> tooOld(ComparatorSetting setting, Gauge gauge) {
        Instant looked = lookedAt(setting, gauge);
        return life().wanted(
                        Duration.between(looked, clock.instant()).toMinutes(), uses.readingsSince(gauge.id(), looked));
    }

    private SettingLife life() {
        return new SettingLife(
                shop.number(Setting.SETTING_MINUTES).longValue(),
                shop.number(Setting.SETTING_READINGS).longValue());
    }
}
