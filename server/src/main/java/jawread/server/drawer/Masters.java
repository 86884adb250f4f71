package jawread.server.drawer;

import java.util.Optional;
import jawread.core.gauge.Master;
import jawread.core.gauge.Range;
import jawread.core.heat.Material;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.stack.BlockSet;
import jawread.server.drawer.ShopMaster.Blocks;
import jawread.server.drawer.ShopMaster.MasterHead;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.settings.ShopSettings;
import jawread.server.storage.Locks;
import jawread.server.words.Editions;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Adds masters, describes them anew, and says which may be put to a gauge. */
@Service
public class Masters {
    /** A certified size farther than a hundredth from the name is a slip of the point. */
    private static final long NEAR = 100;

    private final MasterRepository masters;
    private final Drawer drawer;
    private final ShopNumbers numbers;
    private final TypedFields fields;
    private final ShopSettings settings;
    private final Journal journal;
    private final Words words;
    private final Locks locks;

    Masters(
            MasterRepository masters,
            Drawer drawer,
            ShopNumbers numbers,
            TypedFields fields,
            ShopSettings settings,
            Journal journal,
            Words words,
            Locks locks) {
        this.masters = masters;
        this.drawer = drawer;
        this.numbers = numbers;
        this.fields = fields;
        this.settings = settings;
        this.journal = journal;
        this.words = words;
        this.locks = locks;
    }

    @Transactional
    public ShopMaster add(TypedMaster typed) {
        lockWithWhatIsSet();
        MasterHead head = understood(typed, Optional.empty());
        journal.write(Journal.DRAWER, What.DRAWER);
        return masters.saveAndFlush(new MasterRow(head)).master();
    }

    /** Refuses a change made over another's with 412. */
    @Transactional
    public ShopMaster write(long id, long edition, TypedMaster typed) {
        lockWithWhatIsSet();
        ShopMaster master = drawer.masterById(id);
        Editions.refuseUnlessSame(edition, master.version(), words);
        MasterHead head = understood(typed, Optional.of(master));
        journal.write(Journal.DRAWER, What.DRAWER);
        MasterRow row = masters.findById(id).orElseThrow();
        row.write(head);
        return masters.saveAndFlush(row).master();
    }

    /** What can be set on masters rests on them. */
    private void lockWithWhatIsSet() {
        locks.drawer(drawer.all().stream()
                .filter(gauge -> gauge.kind().mayBeSet())
                .mapToLong(Gauge::id)
                .toArray());
    }

    private MasterHead understood(TypedMaster typed, Optional<ShopMaster> before) {
        LengthUnit unit = fields.unit(typed.unit());
        Length size = fields.aboveZero("size", typed.size(), unit, "size-needed")
                .orElseThrow(() -> Refused.field("size", "size-needed", words));
        Optional<Length> certified = fields.aboveZero("certified", typed.certified(), unit, "size-needed");
        certified
                .filter(of -> of.minus(size).abs().times(NEAR).compareTo(size) > 0)
                .ifPresent(of -> {
                    throw fields.refused(
                            "certified",
                            Refusal.of("certified-far-off")
                                    .with("certified", of)
                                    .with("size", size),
                            unit);
                });
        String material = typed.material().isBlank()
                ? Material.STEEL.name()
                : typed.material().strip();
        if (Material.called(material, settings.ownMaterials()).isEmpty()) {
            throw Refused.field("material", "no-such-material", words);
        }
        Master.Kind kind =
                Master.Kind.of(typed.kind()).orElseThrow(() -> Refused.field("kind", "no-such-master-kind", words));
        return new MasterHead(
                numbers.typed(typed.shopNumber(), before.map(ShopMaster::shopNumber)),
                kind,
                unit,
                size,
                certified,
                fields.expanded("expanded", typed.expanded(), unit),
                material,
                kind == Master.Kind.BLOCK_SET ? Optional.of(blocks(typed, unit)) : Optional.empty(),
                fields.date("due", typed.due()),
                typed.retired());
    }

    /** Which blocks are there. A set that is called as one of the catalogue is that one. */
    private Blocks blocks(TypedMaster typed, LengthUnit unit) {
        String name = typed.blocks().isBlank() ? typed.shopNumber() : typed.blocks();
        String missing = typed.missing().strip();
        if (typed.blocks().isBlank() && BlockSet.called(name.strip()).isEmpty()) {
            throw Refused.field("blocks", "blocks-needed", words);
        }
        BlockSet set = BlockSet.parse(name, unit).fold(all -> all, refusal -> {
            throw fields.refused("blocks", refusal, unit);
        });
        if (set.unit() != unit) {
            throw Refused.field("blocks", "blocks-of-other-unit", words);
        }
        BlockSet.sizes(missing, unit).then(set::without).fold(there -> there, refusal -> {
            throw fields.refused("missing", refusal, unit);
        });
        return new Blocks(
                set.name(), missing, fields.size("wear", typed.wear(), unit).orElse(Length.ZERO));
    }

    /** A master that may be put to a method. Refuses one that may not be used, and one outside the range of either gauge. */
    @Transactional(readOnly = true)
    public ShopMaster fitFor(long id, GaugeAndReader method) {
        ShopMaster master = drawer.masterById(id);
        LengthUnit unit = method.read().unit();
        if (!drawer.mayBeUsed(master)) {
            throw fields.refused("master", Refusal.of("master-not-fit").with("master", master.shopNumber()), unit);
        }
        Range range = method.gauge().range().covers(master.size())
                ? method.read().range()
                : method.gauge().range();
        if (!range.covers(master.size())) {
            throw fields.refused(
                    "master",
                    Refusal.of("master-outside-range")
                            .with("master", master.shopNumber())
                            .with("gauge", method.number())
                            .with("size", master.size())
                            .with("low", range.low())
                            .with("high", range.high()),
                    unit);
        }
        return master;
    }
}
