package jawread.server.live;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;

/** The one row that is locked while a change is written, so that journal numbers appear in the order of commits. */
@Entity
class JournalHead {
    static final int ONLY = 1;

    @Id
    private int id;

    @Column(nullable = false)
    private long lastId;

    long next() {
        return ++lastId;
    }
}
