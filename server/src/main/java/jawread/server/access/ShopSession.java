package jawread.server.access;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import java.util.UUID;

/** Who stands at a screen, until somebody else does. */
@Entity
class ShopSession {
    @Id
    private UUID id;

    @ManyToOne(optional = false)
    private Person person;

    @Column(nullable = false)
    private Instant openedAt;

    protected ShopSession() {}

    ShopSession(UUID id, Person person, Instant openedAt) {
        this.id = id;
        this.person = person;
        this.openedAt = openedAt;
    }

    UUID id() {
        return id;
    }

    Person person() {
        return person;
    }
}
