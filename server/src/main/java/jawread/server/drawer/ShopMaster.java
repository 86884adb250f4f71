package jawread.server.drawer;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.Optional;
import jawread.core.gauge.Master;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;

/** A ring, a bar, a pin, a block or a set of blocks of the drawer. */
@Entity
@Table(name = "master")
public class ShopMaster {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private String shopNumber;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Master.Kind kind;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private LengthUnit unit;

    @Column(nullable = false)
    private long sizePm;

    private Long certifiedPm;

    @Column(name = "u_pm", nullable = false)
    private long expandedPm;

    @Column(nullable = false)
    private String material;

    private LocalDate dueOn;

    @Column(nullable = false)
    private boolean retired;

    @Version
    private long version;

    protected ShopMaster() {}

    public ShopMaster(MasterHead head) {
        write(head);
    }

    void write(MasterHead head) {
        this.shopNumber = head.shopNumber();
        this.kind = head.kind();
        this.unit = head.unit();
        this.sizePm = head.size().picometres();
        this.certifiedPm = head.certified().map(Length::picometres).orElse(null);
        this.expandedPm = head.expanded().picometres();
        this.material = head.material();
        this.dueOn = head.due().orElse(null);
        this.retired = head.retired();
    }

    /**
     * What a master is, as somebody wrote it down.
     *
     * @param size it is named by; of a set of blocks the largest stack it is used for
     * @param certified by a laboratory; empty where nobody has
     * @param expanded its U, zero or above
     */
    public record MasterHead(
            String shopNumber,
            Master.Kind kind,
            LengthUnit unit,
            Length size,
            Optional<Length> certified,
            Length expanded,
            String material,
            Optional<LocalDate> due,
            boolean retired) {}

    public long id() {
        return id;
    }

    public long version() {
        return version;
    }

    public String shopNumber() {
        return shopNumber;
    }

    public Master.Kind kind() {
        return kind;
    }

    public LengthUnit unit() {
        return unit;
    }

    public Length nameSize() {
        return Length.ofPicometres(sizePm);
    }

    public Optional<Length> certified() {
        return Optional.ofNullable(certifiedPm).map(Length::ofPicometres);
    }

    /** The certified size where there is one. */
    public Length size() {
        return certified().orElse(nameSize());
    }

    /** Its U. */
    public Length expanded() {
        return Length.ofPicometres(expandedPm);
    }

    public String material() {
        return material;
    }

    public Optional<LocalDate> due() {
        return Optional.ofNullable(dueOn);
    }

    public boolean retired() {
        return retired;
    }

    /** As choosing needs to know it. */
    public Master master() {
        return new Master(shopNumber, kind, size(), expanded());
    }
}
