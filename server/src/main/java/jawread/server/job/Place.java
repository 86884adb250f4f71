package jawread.server.job;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jawread.core.length.Length;

/** Where on a feature the gauge is put. */
@Entity
public class Place {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Feature feature;

    @Column(nullable = false)
    private int position;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private long depthPm;

    protected Place() {}

    Place(Feature feature, int position, NewJob.NewPlace place) {
        this.feature = feature;
        this.position = position;
        this.name = place.name();
        this.depthPm = place.depth().picometres();
    }

    public long id() {
        return id;
    }

    public String name() {
        return name;
    }

    /** From the left end of the part. */
    public Length depth() {
        return Length.ofPicometres(depthPm);
    }
}
