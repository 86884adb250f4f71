package jawread.server.settings;

import static jawread.server.access.Allowed.To.ANYONE;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import jawread.server.access.Allowed;
import jawread.server.access.FromHere;
import jawread.server.access.PersonView;
import jawread.server.access.ScreenTickets;
import jawread.server.words.Shop;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shop as every page shows it in its head. */
@RestController
@RequestMapping("/shop")
class ShopController {
    private final ShopSettings settings;
    private final ScreenTickets tickets;
    private final Shop shop;
    private final Clock clock;

    ShopController(ShopSettings settings, ScreenTickets tickets, Shop shop, Clock clock) {
        this.settings = settings;
        this.tickets = tickets;
        this.shop = shop;
        this.clock = clock;
    }

    /**
     * @param now the shop's clock, so that a screen whose own is wrong still dates a reading rightly
     * @param unit that new jobs are written in: in or mm
     * @param sounds on or off, where a device has not chosen
     * @param readBack the same for figures spoken back
     * @param theme device, light or dim, where a device has not chosen
     * @param here whether this screen is at the shop's own machine
     * @param keyboardGauges what gauges that type put around their figures
     * @param person who stands at this screen; absent until picked
     */
    record ShopView(
            String name,
            boolean demonstration,
            Instant now,
            String decimalMark,
            String unit,
            String sounds,
            String readBack,
            String theme,
            boolean here,
            List<KeyboardGauge> keyboardGauges,
            @Nullable PersonView person) {}

    @Allowed(ANYONE)
    @GetMapping
    ShopView shop(HttpServletRequest request) {
        return new ShopView(
                settings.of(Setting.SHOP_NAME),
                shop.demonstration(),
                clock.instant(),
                shop.decimalMark(),
                settings.of(Setting.UNIT),
                settings.of(Setting.SOUNDS),
                settings.of(Setting.READ_BACK),
                settings.of(Setting.THEME),
                FromHere.is(request),
                KeyboardGauge.parse(settings.of(Setting.KEYBOARD_GAUGES)).orThrow(),
                tickets.personAt(request).map(PersonView::of).orElse(null));
    }
}
