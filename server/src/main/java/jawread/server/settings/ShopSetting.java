package jawread.server.settings;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import jawread.server.access.Person;
import jawread.server.journal.Trailed;

/** A setting that somebody has changed. */
@Entity
class ShopSetting implements Trailed {
    @Id
    private String name;

    @Column(nullable = false)
    private String choice;

    @Column(name = "changed_by", nullable = false)
    private long changedBy;

    @Column(nullable = false)
    private Instant changedAt;

    /** Null until kept for the first time, which is how a new row is told from a changed one. */
    @Version
    private Long version;

    protected ShopSetting() {}

    ShopSetting(Setting setting) {
        this.name = setting.code();
    }

    void change(String to, Person by, Instant at) {
        choice = to;
        changedBy = by.id();
        changedAt = at;
    }

    @Override
    public Under trailedUnder() {
        return Under.ofTheShop("setting", name).called(name).toldBy("choice");
    }

    String name() {
        return name;
    }

    String choice() {
        return choice;
    }

    long changedBy() {
        return changedBy;
    }

    /** From 1: 0 is the starting value's. */
    long edition() {
        return version + 1;
    }
}
