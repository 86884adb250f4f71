package jawread.server.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jawread.server.storage.Locks;
import jawread.server.tables.CanonicalJson;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What programs without a screen come in with: in somebody's name, for what a role lets them, until a day. */
@Service
class ScriptTokens {
    private static final int LONGEST_DAYS = 366;

    /** By the digest of the secret. */
    private static final Kind<String, Optional<Token>> TOKEN = Kind.small("script-token");

    private final Snapshots snapshots;
    private final ScriptTokenRepository tokens;
    private final People people;
    private final Clock clock;
    private final Words words;
    private final Locks locks;

    ScriptTokens(
            Snapshots snapshots, ScriptTokenRepository tokens, People people, Clock clock, Words words, Locks locks) {
        this.snapshots = snapshots;
        this.tokens = tokens;
        this.people = people;
        this.clock = clock;
        this.words = words;
        this.locks = locks;
    }

    /** What a program may with a token. */
    enum Role {
        /** Looks at all that is there, and computes; keeps nothing. */
        READS,
        /** What its person may at a screen. A signature wants the passphrase as well, as it does there. */
        MEASURES;

        String code() {
            return name().toLowerCase(Locale.ROOT);
        }

        static Optional<Role> of(String code) {
            return Arrays.stream(values())
                    .filter(role -> role.code().equals(code))
                    .findFirst();
        }
    }

    /** @param person in whose name things are done with it */
    record Token(long id, String name, Role role, Person person, Instant madeAt, Instant endsAt) {
        boolean hasEnded(Instant now) {
            return !now.isBefore(endsAt);
        }
    }

    /** A token that was just made. @param secret to be shown once; kept nowhere here */
    record Made(Token token, String secret) {}

    /**
     * Refuses a name or a count of days out of its range, a role that there is not, with 422; an unknown person with 404.
     *
     * @param name what the program is, 1 to 60 characters
     * @param days how long it is good, 1 to 366
     */
    @Transactional
    Made make(String name, String role, long person, int days) {
        locks.settings();
        String stripped = name.strip();
        if (stripped.isEmpty() || stripped.length() > People.LONGEST_NAME) {
            throw Refused.field("name", "bad-name", words);
        }
        if (days < 1 || days > LONGEST_DAYS) {
            throw Refused.field("days", "token-days", words);
        }
        Role may = Role.of(role).orElseThrow(() -> Refused.field("role", "no-such-role", words));
        String secret = Secret.another();
        Instant now = clock.instant();
        ScriptTokenRow row = tokens.save(new ScriptTokenRow(
                stripped,
                CanonicalJson.digest(secret),
                may,
                people.byId(person).id(),
                now,
                now.plus(Duration.ofDays(days))));
        return new Made(token(row), secret);
    }

    /** Those that are still good; the last made first. */
    @Transactional(readOnly = true)
    List<Token> open() {
        return tokens.findAllOpen(clock.instant()).stream().map(this::token).toList();
    }

    /** From now on nobody comes in with it. Refuses one that there is not with 404. */
    @Transactional
    void end(long id) {
        locks.settings();
        ScriptTokenRow token = tokens.findById(id)
                .orElseThrow(
                        () -> Refused.of(HttpStatus.NOT_FOUND, "no-such-token", words.say("problem.no-such-token")));
        Instant now = clock.instant();
        if (now.isBefore(token.endsAt())) {
            token.end(now);
            tokens.save(token);
        }
    }

    /** Whose secret it is. Refuses one that is nobody's, and one that has ended, with 401. */
    @Transactional(readOnly = true)
    Token of(String secret) {
        String digest = CanonicalJson.digest(secret);
        Token token = snapshots
                .of(
                        TOKEN,
                        digest,
                        List.of(Subject.SHOP),
                        () -> tokens.findByDigest(digest).map(this::token))
                .orElseThrow(
                        () -> Refused.of(HttpStatus.UNAUTHORIZED, "token-unknown", words.say("problem.token-unknown")));
        if (token.hasEnded(clock.instant())) {
            throw Refused.of(
                    HttpStatus.UNAUTHORIZED,
                    "token-ended",
                    words.say("problem.token-ended", Map.of("name", token.name())));
        }
        return token;
    }

    private Token token(ScriptTokenRow row) {
        return new Token(row.id(), row.name(), row.role(), people.byId(row.person()), row.madeAt(), row.endsAt());
    }
}
