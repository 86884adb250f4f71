package jawread.server.signal;

import jakarta.annotation.Nullable;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.signal.GaugeLine;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A figure that a gauge sent, as kept. */
@Entity
@Table(name = "gauge_figure")
@Immutable
class GaugeFigureRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private long gaugeId;

    @Column(nullable = false)
    private String line;

    @Column(nullable = false)
    private String figure;

    @Nullable
    private Long boxCount;

    @Column(nullable = false)
    private String told;

    @Column(nullable = false)
    private boolean isAsked;

    @Column(nullable = false)
    private boolean simulated;

    @Nullable
    private UUID offeredTo;

    @Column(nullable = false)
    private Instant takenAt;

    @Column(nullable = false)
    private Instant cameAt;

    protected GaugeFigureRow() {}

    GaugeFigureRow(GaugeFigure of) {
        this.id = of.id();
        this.gaugeId = of.gauge();
        this.line = of.line();
        this.figure = of.figure();
        this.boxCount = of.flags().count().isPresent() ? of.flags().count().getAsLong() : null;
        this.told = of.told();
        this.isAsked = of.isAsked();
        this.simulated = of.flags().isSimulated();
        this.offeredTo = of.offeredTo().orElse(null);
        this.takenAt = of.takenAt();
        this.cameAt = of.cameAt();
    }

    @Override
    public UUID getId() {
        return id;
    }

    /** What was understood of its line when it came is understood of it still. */
    GaugeFigure value() {
        return new GaugeFigure(
                id,
                gaugeId,
                line,
                (GaugeLine.Figure) GaugeLine.parse(line).orThrow(),
                figure,
                told,
                isAsked,
                Optional.ofNullable(offeredTo),
                takenAt,
                cameAt);
    }
}
