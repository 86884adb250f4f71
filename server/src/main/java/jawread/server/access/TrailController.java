package jawread.server.access;

import static jawread.server.access.Allowed.To.ANYONE;

import java.util.List;
import java.util.Optional;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Who changed what, for the page that shows the thing. */
@RestController
@RequestMapping("/trail")
class TrailController {
    private final Trail trail;
    private final Words words;

    TrailController(Trail trail, Words words) {
        this.trail = trail;
        this.words = words;
    }

    /**
     * The last two hundred changes, the newest first.
     *
     * @param of job, gauge, master, settings or people
     * @param which its number; absent for settings and people
     */
    @Allowed(ANYONE)
    @GetMapping
    List<TrailView> changes(@RequestParam String of, @RequestParam Optional<Long> which) {
        return switch (of) {
            case "settings" -> trail.ofSubjects(List.of("setting"));
            case "people" -> trail.ofSubjects(List.of("person", "ticket", "token"));
            case "job" -> trail.ofJob(named(which));
            case "gauge", "master" -> trail.of(of, named(which));
            default -> throw notThere();
        };
    }

    private long named(Optional<Long> which) {
        return which.orElseThrow(this::notThere);
    }

    private Refused notThere() {
        return Refused.of(HttpStatus.NOT_FOUND, "no-such-trail", words.say("problem.no-such-trail"));
    }
}
