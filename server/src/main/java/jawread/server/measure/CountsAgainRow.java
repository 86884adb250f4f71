package jawread.server.measure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import jawread.server.access.Person;

/** Readings of a part that count again since readings outlive a change of plan, as kept. */
@Entity
@Table(name = "counts_again")
class CountsAgainRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private long partId;

    @Column(nullable = false)
    private long planRevisionId;

    @Column(nullable = false)
    private int readings;

    private Instant toldAt;
    private Long toldTo;

    protected CountsAgainRow() {}

    long planRevisionId() {
        return planRevisionId;
    }

    int readings() {
        return readings;
    }

    void told(Person person, Instant at) {
        toldTo = person.id();
        toldAt = at;
    }
}
