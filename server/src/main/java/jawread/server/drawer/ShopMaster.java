package jawread.server.drawer;

import java.time.LocalDate;
import java.util.Optional;
import jawread.core.gauge.Master;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.stack.BlockSet;

/** A ring, a bar, a pin, a block or a set of blocks of the drawer. */
public record ShopMaster(long id, long version, MasterHead head) {
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

    public String shopNumber() {
        return head.shopNumber();
    }

    public Master.Kind kind() {
        return head.kind();
    }

    public LengthUnit unit() {
        return head.unit();
    }

    public Length nameSize() {
        return head.size();
    }

    public Optional<Length> certified() {
        return head.certified();
    }

    /** The certified size where there is one. */
    public Length size() {
        return certified().orElse(nameSize());
    }

    /** Its U. */
    public Length expanded() {
        return head.expanded();
    }

    public String material() {
        return head.material();
    }

    /** Of a set of blocks; empty for anything else. */
    public Optional<Blocks> blocks() {
        return head.blocks();
    }

    public Optional<LocalDate> due() {
        return head.due();
    }

    public boolean retired() {
        return head.retired();
    }

    /** As choosing needs to know it. */
    public Master master() {
        return new Master(shopNumber(), kind(), size(), expanded(), blocks().map(of -> of.present(unit())));
    }
}
