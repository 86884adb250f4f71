package jawread.server.judgement;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.Reading;
import jawread.core.length.Length;
import jawread.core.length.ShortEntry;
import jawread.core.scale.Digits;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.judgement.SheetView.ShortEntryView;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import org.springframework.stereotype.Component;

/** Whether the last digits of a figure may stand for it: where the shop wants that, and the last readings share their head. */
@Component
class ShortEntries {
    private static final String ON = "on";

    private final ShopSettings settings;

    ShortEntries(ShopSettings settings) {
        this.settings = settings;
    }

    /**
     * Empty for a display, which types its figures itself.
     *
     * @param judged of this feature's round in force: another feature's figures are typed in full first
     */
    Optional<ShortEntryView> of(FeatureAssessment judged, GaugeAndReader method) {
        boolean isTyped = method.read().hasScale() && !(method.read().scale() instanceof Digits);
        if (!isTyped || !settings.of(Setting.SHORT_ENTRY).equals(ON)) {
            return Optional.empty();
        }
        List<Length> read = judged.inForce().places().stream()
                .flatMap(place -> place.standing().stream())
                .filter(reading -> reading.with().key().equals(method.key()))
                .sorted(Comparator.comparingLong(Reading::seq))
                .map(Reading::raw)
                .toList();
        return ShortEntry.after(
                        read.subList(Math.max(0, read.size() - ShortEntry.ALIKE), read.size()),
                        method.read().unit(),
                        method.read().leastCount())
                .map(entry -> new ShortEntryView(
                        method.key(),
                        entry.head(),
                        entry.digits(),
                        entry.otherHead().orElse(null)));
    }
}
