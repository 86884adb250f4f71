package jawread.server.drawer;

import static jawread.server.drawer.TypedFields.asTyped;

import java.time.LocalDate;

/**
 * A master as typed.
 *
 * @param size it is named by
 * @param certified empty where no laboratory has seen it
 * @param expanded its U; empty for none
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
        boolean retired) {
    /** As it would be typed to be just what it is. */
    static TypedMaster of(ShopMaster master) {
        return new TypedMaster(
                master.shopNumber(),
                master.kind().code(),
                master.unit().symbol(),
                asTyped(master.nameSize(), master.unit()),
                master.certified().map(size -> asTyped(size, master.unit())).orElse(""),
                asTyped(master.expanded(), master.unit()),
                master.material(),
                master.due().map(LocalDate::toString).orElse(""),
                master.retired());
    }
}
