package jawread.server.records;

import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.Optional;
import org.hibernate.annotations.Immutable;

/** A record that was signed in another shop, as kept. */
@Entity
@Table(name = "foreign_record")
@Immutable
class ForeignRecordRow extends FrozenCopy {
    @Column(nullable = false)
    private String home;

    /** A list, as JSON. */
    @Column(nullable = false)
    private String signOffs;

    /** Who opened it again, when and why, as JSON. */
    @Nullable
    private String reopened;

    protected ForeignRecordRow() {}

    ForeignRecordRow(SignedRecord record, String content, String home, String signOffs, Optional<String> reopened) {
        super(record, content);
        this.home = home;
        this.signOffs = signOffs;
        this.reopened = reopened.orElse(null);
    }

    String home() {
        return home;
    }

    String signOffs() {
        return signOffs;
    }

    Optional<String> reopened() {
        return Optional.ofNullable(reopened);
    }
}
