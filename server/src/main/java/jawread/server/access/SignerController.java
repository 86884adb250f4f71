package jawread.server.access;

import static jawread.server.access.Allowed.To.HERE;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Instant;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The passphrases of those who sign; at the shop's own machine only. */
@RestController
@RequestMapping("/signers")
class SignerController {
    private final Signers signers;
    private final ScreenTickets tickets;

    SignerController(Signers signers, ScreenTickets tickets) {
        this.signers = signers;
        this.tickets = tickets;
    }

    /** @param since when the passphrase was set; absent where there is none */
    record SignerView(long id, String name, @Nullable Instant since) {}

    /** @param before the one that stands; empty where there is none, and where who keeps the drawer sets it anew */
    record PassphraseBody(String before, String passphrase, String again) {}

    @Allowed(HERE)
    @GetMapping
    List<SignerView> all() {
        return signers.all().stream()
                .map(each -> new SignerView(
                        each.person().id(), each.person().name(), each.since().orElse(null)))
                .toList();
    }

    /** Sets a passphrase: its owner, or who keeps the drawer. */
    @Allowed(HERE)
    @PutMapping("/{person}/passphrase")
    List<SignerView> set(@PathVariable long person, @RequestBody PassphraseBody body, HttpServletRequest request) {
        signers.set(person, body.before(), body.passphrase(), body.again(), tickets.whoStandsAt(request));
        return all();
    }
}
