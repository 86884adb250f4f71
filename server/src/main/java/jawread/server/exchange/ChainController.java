package jawread.server.exchange;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.PERSON;
import static jawread.server.access.Allowed.To.THE_WHOLE_SHOP;

import jakarta.annotation.Nullable;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import jawread.server.access.Allowed;
import jawread.server.exchange.ChainWatch.Looked;
import jawread.server.storage.Guards;
import jawread.server.words.Words;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether what is kept is what was kept. */
@RestController
@RequestMapping("/chain")
class ChainController {
    private final ChainWatch watch;
    private final Guards guards;
    private final Words words;

    ChainController(ChainWatch watch, Guards guards, Words words) {
        this.watch = watch;
        this.guards = guards;
        this.words = words;
    }

    /**
     * @param at when it was looked at; absent while the look at the start is under way
     * @param fits whether all of it fits; absent until then
     * @param sentence what it came to
     * @param misfits what does not fit, the first fifty
     * @param guards what guards rows and was gone at the start, in a sentence; absent when nothing was
     */
    record ChainView(
            @Nullable Instant at,
            @Nullable Boolean fits,
            String sentence,
            List<String> misfits,
            @Nullable String guards) {}

    @Allowed(ANYONE)
    @GetMapping
    ChainView last() {
        return watch.last()
                .map(this::view)
                .orElseGet(() -> new ChainView(null, null, words.say("chain.looking"), List.of(), guards()));
    }

    /** Looks again. */
    @Allowed(PERSON)
    @PostMapping
    ChainView again() throws SQLException {
        return view(watch.look());
    }

    /** The same for the command line. */
    @Allowed(THE_WHOLE_SHOP)
    @GetMapping("/now")
    ChainView now() throws SQLException {
        return view(watch.look());
    }

    private ChainView view(Looked looked) {
        boolean fits = looked.result().fits();
        return new ChainView(
                looked.at(),
                fits,
                words.say(
                        fits ? "chain.fits" : "chain.misfits",
                        Map.of(
                                "lines",
                                looked.result().lines(),
                                "rows",
                                looked.result().rows(),
                                "before",
                                looked.result().before(),
                                "count",
                                looked.result().count())),
                looked.result().misfits(),
                guards());
    }

    private String guards() {
        List<String> again = guards.madeAgain();
        return again.isEmpty()
                ? null
                : words.say("chain.guards", Map.of("count", again.size(), "tables", String.join(", ", again)));
    }
}
