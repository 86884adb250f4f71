package jawread.server.live;

import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/**
 * A row that is written once, under an id made by the browser. Being new is told by not having been loaded, so that
 * keeping one is always an insert: a second row under the same id is refused, and never an update.
 */
@MappedSuperclass
public abstract class Kept implements Persistable<UUID> {
    @Transient
    private boolean isNew = true;

    @Override
    public boolean isNew() {
        return isNew;
    }

    @PostLoad
    @PostPersist
    void written() {
        isNew = false;
    }
}
