package jawread.server.ready;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.job.Part;
import jawread.server.live.Kept;

/** Something that lies until it is as warm as the room. Nothing is measured by it: once it is through it is taken away. */
@Entity
class Soaking extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private String what;

    private Long partId;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant at;

    @Column(name = "until", nullable = false)
    private Instant until;

    protected Soaking() {}

    Soaking(UUID id, String what, Optional<Part> part, Person person, Instant at, Instant until) {
        this.id = id;
        this.what = what;
        this.partId = part.map(Part::id).orElse(null);
        this.person = person.id();
        this.at = at;
        this.until = until;
    }

    @Override
    public UUID getId() {
        return id;
    }

    String what() {
        return what;
    }

    Optional<Long> partId() {
        return Optional.ofNullable(partId);
    }

    Instant until() {
        return until;
    }
}
