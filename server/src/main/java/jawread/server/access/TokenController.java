package jawread.server.access;

import static jawread.server.access.Allowed.To.HERE;

import java.time.Instant;
import java.util.List;
import jawread.server.access.ScriptTokens.Made;
import jawread.server.access.ScriptTokens.Token;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Tokens of programs; at the shop's own machine only. */
@RestController
@RequestMapping("/tokens")
class TokenController {
    private final ScriptTokens tokens;

    TokenController(ScriptTokens tokens) {
        this.tokens = tokens;
    }

    /**
     * @param name what the program is
     * @param role reads or measures
     * @param person in whose name it does what it does
     * @param days how long it is good, 1 to 366
     */
    record NewToken(String name, String role, long person, int days) {}

    record TokenView(long id, String name, String role, String person, Instant made, Instant until) {
        private static TokenView of(Token token) {
            return new TokenView(
                    token.id(),
                    token.name(),
                    token.role().code(),
                    token.person().name(),
                    token.madeAt(),
                    token.endsAt());
        }
    }

    /** @param secret sent as {@code Authorization: Bearer …}; it is said here, and never again */
    record MadeTokenView(TokenView token, String secret) {}

    @Allowed(HERE)
    @GetMapping
    List<TokenView> open() {
        return tokens.open().stream().map(TokenView::of).toList();
    }

    @Allowed(HERE)
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    MadeTokenView make(@RequestBody NewToken body) {
        Made made = tokens.make(body.name(), body.role(), body.person(), body.days());
        return new MadeTokenView(TokenView.of(made.token()), made.secret());
    }

    @Allowed(HERE)
    @PutMapping("/{token}/end")
    List<TokenView> end(@PathVariable long token) {
        tokens.end(token);
        return open();
    }
}
