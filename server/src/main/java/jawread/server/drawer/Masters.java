package jawread.server.drawer;

import java.time.LocalDate;
import java.util.Optional;
import jawread.core.gauge.Master;
import jawread.core.heat.Material;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;
import jawread.server.drawer.ShopMaster.MasterHead;
import jawread.server.live.Journal;
import jawread.server.live.What;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Editions;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Adds masters, and describes them anew. */
@Service
public class Masters {
    private static final int LONGEST_NUMBER = 20;
    private final MasterRepository masters;
    private final Drawer drawer;
    private final DrawerChanges changes;
    private final ShopSettings settings;
    private final Journal journal;
    private final Words words;

    public Masters(
            MasterRepository masters,
            Drawer drawer,
            DrawerChanges changes,
            ShopSettings settings,
            Journal journal,
            Words words) {
        this.masters = masters;
        this.drawer = drawer;
        this.changes = changes;
        this.settings = settings;
        this.journal = journal;
        this.words = words;
    }

    /**
     * A master as typed.
     *
     * @param size it is named by
     * @param certified empty where no laboratory has seen it
     * @param due as 2026-03-10; empty where nobody said
     */
    public record TypedMaster(
            String shopNumber,
            String kind,
            String unit,
            String size,
            String certified,
            String expanded,
            String material,
            String due,
            boolean retired) {}

    @Transactional
    public ShopMaster add(TypedMaster typed) {
        MasterHead head = understood(typed, Optional.empty());
        journal.write(Journal.DRAWER, What.DRAWER);
        return masters.saveAndFlush(new ShopMaster(head));
    }

    /** Adds one that is already understood. */
    @Transactional
    public ShopMaster add(MasterHead head) {
        return masters.saveAndFlush(new ShopMaster(head));
    }

    /** Refuses a change made over another's with 412. */
    @Transactional
    public ShopMaster write(long id, long edition, TypedMaster typed) {
        ShopMaster master = drawer.masterById(id);
        Editions.refuseUnlessSame(edition, master.version(), words);
        MasterHead head = understood(typed, Optional.of(master));
        journal.write(Journal.DRAWER, What.DRAWER);
        master.write(head);
        return masters.saveAndFlush(master);
    }

    private MasterHead understood(TypedMaster typed, Optional<ShopMaster> before) {
        LengthUnit unit = switch (typed.unit()) {
            case "in" -> LengthUnit.INCH;
            case "mm" -> LengthUnit.MILLIMETRE;
            default -> throw Refused.field("unit", "bad-unit", words);
        };
        Length size = size("size", typed.size(), unit).orElseThrow(() -> Refused.field("size", "size-needed", words));
        Optional<Length> certified = size("certified", typed.certified(), unit);
        certified
                .filter(of -> of.minus(size).abs().compareTo(size.dividedBy(100)) > 0)
                .ifPresent(of -> {
                    var refusal = Refusal.of("certified-far-off")
                            .with("certified", of)
                            .with("size", size);
                    throw Refused.field("certified", refusal, words.say(refusal, unit));
                });
        String material =
                typed.material().isBlank() ? "steel" : typed.material().strip();
        if (Material.called(material, settings.ownMaterials()).isEmpty()) {
            throw Refused.field("material", "no-such-material", words);
        }
        return new MasterHead(
                number(typed, before),
                Master.Kind.of(typed.kind()).orElseThrow(() -> Refused.field("kind", "no-such-master-kind", words)),
                unit,
                size,
                certified,
                typed.expanded().isBlank()
                        ? Length.ZERO
                        : UncertaintyTyped.understood("expanded", typed.expanded(), unit, words),
                material,
                due(typed.due()),
                typed.retired());
    }

    private Optional<LocalDate> due(String text) {
        return changes.date("due", text);
    }

    private String number(TypedMaster typed, Optional<ShopMaster> before) {
        String number = typed.shopNumber().strip();
        if (number.isEmpty() || number.length() > LONGEST_NUMBER) {
            throw Refused.field("shopNumber", "bad-shop-number", words);
        }
        boolean taken = masters.findByShopNumberIgnoreCase(number)
                .filter(other -> before.isEmpty() || other.id() != before.get().id())
                .isPresent();
        if (taken) {
            var refusal = Refusal.of("number-taken").with("number", number);
            throw Refused.field("shopNumber", refusal, words.say(refusal, LengthUnit.MILLIMETRE));
        }
        return number;
    }

    private Optional<Length> size(String field, String text, LengthUnit unit) {
        return text.isBlank()
                ? Optional.empty()
                : Optional.of(TypedLength.parse(text, unit, TypedLength.Kind.SIZE)
                        .fold(typed -> typed.length().isZero() ? null : typed.length(), refusal -> {
                            throw Refused.field(field, refusal, words.say(refusal, unit));
                        }));
    }
}
