package jawread.server.signal;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import jawread.server.access.Person;
import jawread.server.live.SaidRow;
import org.hibernate.annotations.Immutable;

/** That a figure was no reading: seen, and set aside. */
@Entity
@Table(name = "gauge_figure_aside")
@Immutable
class GaugeFigureAsideRow extends SaidRow {
    @Column(nullable = false)
    private UUID figureId;

    protected GaugeFigureAsideRow() {}

    GaugeFigureAsideRow(UUID figure, String reason, Person person, Instant madeAt) {
        super(UUID.randomUUID(), reason, person, madeAt);
        this.figureId = figure;
    }
}
