package jawread.server.settings;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;

/** The mark of the shop as somebody set it, or took it away. The last one stands. */
@Entity
@Table(name = "shop_mark")
@Immutable
class ShopMarkRow {
    @Id
    private UUID id;

    @Column(nullable = false, columnDefinition = "CHARACTER LARGE OBJECT")
    private String picture;

    @Column(nullable = false)
    private long setBy;

    @Column(nullable = false)
    private Instant setAt;

    protected ShopMarkRow() {}

    ShopMarkRow(String picture, long setBy, Instant setAt) {
        this.id = UUID.randomUUID();
        this.picture = picture;
        this.setBy = setBy;
        this.setAt = setAt;
    }

    String picture() {
        return picture;
    }
}
