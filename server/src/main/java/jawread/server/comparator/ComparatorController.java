package jawread.server.comparator;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.PERSON;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.UUID;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.comparator.ComparatorSettings.TypedSetting;
import jawread.server.comparator.SettingUpView.StandsAtView;
import jawread.server.door.TypedFigure;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Setting comparators. Whatever is kept is answered with what setting it up now shows. */
@RestController
@RequestMapping("/comparators")
class ComparatorController {
    private final SettingUp settingUp;
    private final ComparatorSettings settings;
    private final ScreenTickets tickets;

    ComparatorController(SettingUp settingUp, ComparatorSettings settings, ScreenTickets tickets) {
        this.settingUp = settingUp;
        this.settings = settings;
        this.tickets = tickets;
    }

    /** @param needle in graduations, with its sign @param done nothing or set-to-zero @param after empty where nothing was done */
    record PutBackBody(
            @TypedFigure String needle,
            String done,
            @TypedFigure String after) {}

    /** Where each stands that was ever set. */
    @Allowed(ANYONE)
    @GetMapping
    List<StandsAtView> standing() {
        return settingUp.all();
    }

    /** @param wanted the size as typed; empty while nobody has said */
    @Allowed(ANYONE)
    @GetMapping("/{gauge}")
    SettingUpView settingUp(@PathVariable long gauge, @RequestParam(defaultValue = "") String wanted) {
        return settingUp.of(gauge, wanted);
    }

    @Allowed(PERSON)
    @PutMapping("/{gauge}/settings/{id}")
    SettingUpView keep(
            @PathVariable long gauge,
            @PathVariable UUID id,
            @RequestBody TypedSetting body,
            HttpServletRequest request) {
        settings.keep(id, gauge, body, tickets.whoStandsAt(request));
        return settingUp.of(gauge, body.wanted());
    }

    /** It was put back on the master it was set on. */
    @Allowed(PERSON)
    @PutMapping("/{gauge}/checks/{id}")
    SettingUpView putBack(
            @PathVariable long gauge,
            @PathVariable UUID id,
            @RequestBody PutBackBody body,
            HttpServletRequest request) {
        settings.putBack(id, gauge, body.needle(), body.done(), body.after(), tickets.whoStandsAt(request));
        return settingUp.of(gauge, "");
    }
}
