package jawread.server.pairing;

import static jawread.server.access.Allowed.To.ANYONE;

import java.util.Optional;
import jawread.server.access.Allowed;
import jawread.server.pairing.Pairings.Asked;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Parts that go into one another. */
@RestController
@RequestMapping("/jobs/{job}/pairing")
class PairingController {
    private final Pairings pairings;

    PairingController(Pairings pairings) {
        this.pairings = pairings;
    }

    /** All that is asked stands in the address; nothing is kept. */
    @Allowed(ANYONE)
    @GetMapping
    PairingView pairing(
            @PathVariable long job,
            @RequestParam Optional<Long> with,
            @RequestParam Optional<Long> inside,
            @RequestParam Optional<Long> outside,
            @RequestParam(defaultValue = "") String least,
            @RequestParam(defaultValue = "") String most,
            @RequestParam Optional<String> pairs) {
        return pairings.of(job, new Asked(with, inside, outside, least, most, pairs));
    }
}
