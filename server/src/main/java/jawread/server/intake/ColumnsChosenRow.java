package jawread.server.intake;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** What somebody said that the columns under a head hold, as kept. */
@Entity
@Table(name = "columns_chosen")
@Immutable
class ColumnsChosenRow extends Kept {
    private static final String BETWEEN = "\t";

    @Id
    private UUID id;

    @Column(nullable = false)
    private String head;

    @Column(nullable = false)
    private String columns;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant madeAt;

    protected ColumnsChosenRow() {}

    /** @param head its digest */
    ColumnsChosenRow(String head, List<String> means, Person person, Instant madeAt) {
        this.id = UUID.randomUUID();
        this.head = head;
        this.columns = String.join(BETWEEN, means);
        this.person = person.id();
        this.madeAt = madeAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    List<String> means() {
        return Arrays.asList(columns.split(BETWEEN, -1));
    }
}
