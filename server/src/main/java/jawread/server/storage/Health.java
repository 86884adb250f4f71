package jawread.server.storage;

import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import jawread.server.words.Refused;
import jawread.server.words.Shop;
import jawread.server.words.Words;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Whether the disk and the database take in what is kept, and the sentence that says what is wrong where they do not. */
@Component
public class Health {
    private static final Logger LOG = LoggerFactory.getLogger(Health.class);
    private static final long MEGABYTE = 1_000_000;

    private final Shop shop;
    private final StorageRules rules;
    private final DiskRoom room;
    private final JdbcTemplate database;
    private final Connections connections;
    private final Words words;
    /** Whether it was said in the log already: once at its beginning, once at its end. */
    private final AtomicBoolean troubled = new AtomicBoolean();

    Health(Shop shop, StorageRules rules, DiskRoom room, JdbcTemplate database, Connections connections, Words words) {
        this.shop = shop;
        this.rules = rules;
        this.room = room;
        this.database = database;
        this.connections = connections;
        this.words = words;
    }

    /** What is wrong, in a sentence; empty while all is well. Asks the database. */
    public Optional<String> trouble() {
        return diskTrouble().or(this::databaseTrouble).or(() -> {
            wellAgain();
            return Optional.empty();
        });
    }

    /** Refuses to keep anything more on a disk that is all but full, before the database is brought to its end by trying. */
    public void refuseWithoutRoom() {
        diskTrouble().ifPresent(sentence -> {
            throw Refused.of(HttpStatus.SERVICE_UNAVAILABLE, "disk-full", sentence);
        });
    }

    /** The trouble that a failure tells of; said once in the log, however often it comes. */
    Refused told(Throwable failure) {
        // Something failed already: a last megabyte is as good as none.
        connections.letGo();
        return roomTrouble(Math.max(MEGABYTE, rules.reserve().toBytes()))
                .map(sentence -> Refused.of(HttpStatus.SERVICE_UNAVAILABLE, "disk-full", sentence))
                .orElseGet(() -> {
                    inTrouble(failure);
                    String code = failure instanceof NotOnDisk ? "not-on-disk" : "database-trouble";
                    return Refused.of(
                            HttpStatus.SERVICE_UNAVAILABLE,
                            code,
                            words.say("problem." + code, Map.of("folder", folder())));
                });
    }

    private Optional<String> diskTrouble() {
        return roomTrouble(rules.reserve().toBytes());
    }

    private Optional<String> roomTrouble(long least) {
        long free = room.bytesOn(shop.data());
        if (free >= least) {
            return Optional.empty();
        }
        String sentence = words.say("problem.disk-full", Map.of("folder", folder(), "free", free / MEGABYTE));
        if (troubled.compareAndSet(false, true)) {
            LOG.error("{}", sentence);
        }
        return Optional.of(sentence);
    }

    private Optional<String> databaseTrouble() {
        try {
            database.queryForObject("SELECT 1", Integer.class);
            return Optional.empty();
        } catch (RuntimeException failure) {
            return Optional.of(told(failure).sentence());
        }
    }

    private Path folder() {
        return shop.data().toAbsolutePath().normalize();
    }

    private void inTrouble(Throwable failure) {
        if (troubled.compareAndSet(false, true)) {
            LOG.error("The shop in {} cannot be read or written", folder(), failure);
        }
    }

    private void wellAgain() {
        if (troubled.compareAndSet(true, false)) {
            LOG.warn("The shop in {} can be read and written again", folder());
        }
    }
}
