package jawread.server.settings;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.PERSON;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.stream.Stream;
import jawread.core.heat.Material;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.settings.ShopSettings.Standing;
import jawread.server.words.Editions;
import jawread.server.words.Words;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** What the shop has decided, and deciding otherwise. */
@RestController
class SettingsController {
    private final ShopSettings settings;
    private final ScreenTickets tickets;
    private final Words words;

    SettingsController(ShopSettings settings, ScreenTickets tickets, Words words) {
        this.settings = settings;
        this.tickets = tickets;
        this.words = words;
    }

    /**
     * @param edition goes back in If-Match with a change; 0 while it has its starting value
     * @param choices what it may be; empty where it is typed
     * @param changedBy absent while it has its starting value
     */
    record ShopSettingView(
            String name,
            String choice,
            long edition,
            List<String> choices,
            @Nullable String changedBy) {
        static ShopSettingView of(Standing standing) {
            return new ShopSettingView(
                    standing.setting().code(),
                    standing.choice(),
                    standing.edition(),
                    standing.setting().choices(),
                    standing.changedBy().orElse(null));
        }
    }

    record NewChoice(String choice) {}

    /** @param perMillionKelvin how much of its length it gains with each kelvin */
    record MaterialView(String name, String perMillionKelvin) {}

    @Allowed(ANYONE)
    @GetMapping("/settings")
    List<ShopSettingView> all() {
        return settings.all().stream().map(ShopSettingView::of).toList();
    }

    @Allowed(PERSON)
    @PutMapping("/settings/{name}")
    ResponseEntity<ShopSettingView> change(
            @PathVariable String name,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @RequestBody NewChoice body,
            HttpServletRequest request) {
        Standing now = settings.change(name, body.choice(), Editions.of(ifMatch, words), tickets.whoStandsAt(request));
        return ResponseEntity.ok().eTag(Editions.tag(now.edition())).body(ShopSettingView.of(now));
    }

    @Allowed(ANYONE)
    @GetMapping("/materials")
    List<MaterialView> materials() {
        return Stream.concat(settings.ownMaterials().stream(), Material.CATALOGUE.stream())
                .map(of -> new MaterialView(of.name(), of.perMillionKelvin().toPlainString()))
                .toList();
    }
}
