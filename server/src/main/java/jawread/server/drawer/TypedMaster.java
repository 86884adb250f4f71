package jawread.server.drawer;

import static jawread.server.words.TypedFields.asTyped;

import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import jawread.server.door.TypedFigure;
import jawread.server.drawer.ShopMaster.Blocks;

/**
 * A master as typed.
 *
 * @param size it is named by
 * @param certified empty where no laboratory has seen it
 * @param expanded its U; empty for none
 * @param blocks of a set of blocks: in-81, mm-88, mm-47, or its own sizes and runs; empty for anything else
 * @param missing which of them are not there; may be empty
 * @param wear the size of each of two wear blocks; empty for none
 * @param due as 2026-03-10; empty where nobody said
 */
public record TypedMaster(
        String shopNumber,
        String kind,
        String unit,
        @TypedFigure String size,
        @TypedFigure String certified,
        @TypedFigure String expanded,
        @Size(max = 40, message = "text-longer") String material,
        @Size(max = 1500, message = "text-longer") String blocks,
        @Size(max = 1500, message = "text-longer") String missing,
        @TypedFigure String wear,
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
                master.blocks().map(Blocks::set).orElse(""),
                master.blocks().map(Blocks::missing).orElse(""),
                master.blocks()
                        .filter(of -> !of.wear().isZero())
                        .map(of -> asTyped(of.wear(), master.unit()))
                        .orElse(""),
                master.due().map(LocalDate::toString).orElse(""),
                master.retired());
    }
}
