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
import jawread.core.stack.BlockSet;
import jawread.server.journal.Trailed;

/** A ring, a bar, a pin, a block or a set of blocks of the drawer. */
@Entity
@Table(name = "master")
public class ShopMaster implements Trailed {
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

    private String blocks;
    private String missing;
    private Long wearPm;

    private LocalDate dueOn;

    @Column(nullable = false)
    private boolean retired;

    @Version
    private long version;

    protected ShopMaster() {}

    public ShopMaster(MasterHead head) {
        write(head);
    }

    @Override
    public Under trailedUnder() {
        return Under.ofTheShop("master", id.toString()).called(shopNumber).in(unit);
    }

    void write(MasterHead head) {
        this.shopNumber = head.shopNumber();
        this.kind = head.kind();
        this.unit = head.unit();
        this.sizePm = head.size().picometres();
        this.certifiedPm = head.certified().map(Length::picometres).orElse(null);
        this.expandedPm = head.expanded().picometres();
        this.material = head.material();
        this.blocks = head.blocks().map(Blocks::set).orElse(null);
        this.missing = head.blocks().map(Blocks::missing).orElse(null);
        this.wearPm = head.blocks().map(of -> of.wear().picometres()).orElse(null);
        this.dueOn = head.due().orElse(null);
        this.retired = head.retired();
    }

    /**
     * What a master is, as somebody wrote it down.
     *
     * @param size it is named by; of a set of blocks the largest stack it is used for
     * @param certified by a laboratory; empty where nobody has
     * @param expanded its U, zero or above
     * @param blocks of a set of blocks; empty for anything else
     */
    public record MasterHead(
            String shopNumber,
            Master.Kind kind,
            LengthUnit unit,
            Length size,
            Optional<Length> certified,
            Length expanded,
            String material,
            Optional<Blocks> blocks,
            Optional<LocalDate> due,
            boolean retired) {}

    /**
     * Which blocks a set has.
     *
     * @param set a name of the catalogue, or the shop's own blocks as written
     * @param missing of them, apart by semicolons; may be empty
     * @param wear the size of each of two that go to the ends of a stack; zero where there are none
     */
    public record Blocks(String set, String missing, Length wear) {
        /** Those that are there. */
        public BlockSet present(LengthUnit unit) {
            return BlockSet.parse(set, unit)
                    .then(all -> BlockSet.sizes(missing, unit).then(all::without))
                    .orThrow();
        }
    }

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

    /** Of a set of blocks; empty for anything else. */
    public Optional<Blocks> blocks() {
        return Optional.ofNullable(blocks).map(of -> new Blocks(of, missing, Length.ofPicometres(wearPm)));
    }

    public Optional<LocalDate> due() {
        return Optional.ofNullable(dueOn);
    }

    public boolean retired() {
        return retired;
    }

    /** As choosing needs to know it. */
    public Master master() {
        return new Master(shopNumber, kind, size(), expanded(), blocks().map(of -> of.present(unit)));
    }
}
