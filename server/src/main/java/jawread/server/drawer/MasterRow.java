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
import jawread.server.drawer.ShopMaster.Blocks;
import jawread.server.drawer.ShopMaster.MasterHead;
import jawread.server.journal.Trailed;

/** A ring, a bar, a pin, a block or a set of blocks of the drawer. */
@Entity
@Table(name = "master")
class MasterRow implements Trailed {
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

    protected MasterRow() {}

    MasterRow(MasterHead head) {
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

    ShopMaster master() {
        return new ShopMaster(
                id,
                version,
                new MasterHead(
                        shopNumber,
                        kind,
                        unit,
                        Length.ofPicometres(sizePm),
                        Optional.ofNullable(certifiedPm).map(Length::ofPicometres),
                        Length.ofPicometres(expandedPm),
                        material,
                        Optional.ofNullable(blocks).map(of -> new Blocks(of, missing, Length.ofPicometres(wearPm))),
                        Optional.ofNullable(dueOn),
                        retired));
    }
}
