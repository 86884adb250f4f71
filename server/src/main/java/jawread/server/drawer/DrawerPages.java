package jawread.server.drawer;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.heat.Material;
import jawread.server.access.Person;
import jawread.server.drawer.DrawerView.GaugeRowView;
import jawread.server.drawer.DrawerView.MasterView;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows the drawer, and what can be read with. */
@Service
public class DrawerPages {
    private final Drawer drawer;
    private final ZeroChecks checks;
    private final Methods methods;
    private final DrawerWords drawerWords;
    private final TrialWords trialWords;
    private final ShopSettings settings;
    private final Words words;

    DrawerPages(
            Drawer drawer,
            ZeroChecks checks,
            Methods methods,
            DrawerWords drawerWords,
            TrialWords trialWords,
            ShopSettings settings,
            Words words) {
        this.drawer = drawer;
        this.checks = checks;
        this.methods = methods;
        this.drawerWords = drawerWords;
        this.trialWords = trialWords;
        this.settings = settings;
        this.words = words;
    }

    /** All that gives a size: what has a scale to be read, and pins. */
    @Transactional(readOnly = true)
    public List<GaugeView> readable() {
        ZerosWanting wanting = checks.wanting();
        return drawer.methods().stream()
                .filter(method ->
                        method.read().hasScale() || method.read().kind().isBracket())
                .map(method -> drawerWords.method(method, wanting))
                .toList();
    }

    /** @param person whose trials are shown */
    @Transactional(readOnly = true)
    public DrawerView all(Optional<Person> person) {
        ZerosWanting wanting = checks.wanting();
        List<Trial> young = methods.atHand(person).trials();
        List<GaugeRowView> gauges = drawer.all().stream()
                .map(gauge -> drawerWords.row(gauge, wanting, trialWords.holds(gauge, young)))
                .toList();
        List<MasterView> masters =
                drawer.masters().stream().map(drawerWords::master).toList();
        long wanted = gauges.stream().filter(gauge -> gauge.wanted() != null).count();
        long unfit = gauges.stream()
                .filter(gauge -> gauge.state().equals("quarantined"))
                .count();
        long due = gauges.stream().filter(gauge -> gauge.state().equals("due")).count();
        return new DrawerView(
                words.say(
                        "drawer.summary",
                        Map.of(
                                "gauges", gauges.size(),
                                "masters", masters.size(),
                                "wanted", wanted,
                                "unfit", unfit,
                                "due", due)),
                gauges,
                masters,
                drawerWords.kinds(),
                Stream.concat(Material.CATALOGUE.stream(), settings.ownMaterials().stream())
                        .map(Material::name)
                        .toList());
    }
}
