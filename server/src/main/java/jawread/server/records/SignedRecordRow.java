package jawread.server.records;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import org.hibernate.annotations.Immutable;

/** A record of this shop, as kept. */
@Entity
@Table(name = "signed_record")
@Immutable
class SignedRecordRow extends FrozenCopy {
    protected SignedRecordRow() {}

    SignedRecordRow(SignedRecord record, String content) {
        super(record, content);
    }
}
