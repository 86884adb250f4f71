package jawread.server.access;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import jawread.server.journal.Trailed;

/** Somebody stands at a screen: their ticket, of which only the digest is kept. */
@Entity
class ShopSession implements Trailed {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "secret_sha256", nullable = false)
    private String digest;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private String screen;

    @Column(nullable = false)
    private Instant openedAt;

    @Column(nullable = false)
    private Instant endsAt;

    protected ShopSession() {}

    ShopSession(String digest, long person, String screen, Instant openedAt, Instant endsAt) {
        this.digest = digest;
        this.person = person;
        this.screen = screen;
        this.openedAt = openedAt;
        this.endsAt = endsAt;
    }

    void end(Instant now) {
        endsAt = now;
    }

    long id() {
        return id;
    }

    String digest() {
        return digest;
    }

    long person() {
        return person;
    }

    String screen() {
        return screen;
    }

    Instant openedAt() {
        return openedAt;
    }

    Instant endsAt() {
        return endsAt;
    }

    /** Somebody stepping up to a screen is no change of the shop; ending their ticket is. */
    @Override
    public Under trailedUnder() {
        return Under.ofTheShop("ticket", id.toString()).changesOnly();
    }
}
