package jawread.server.card;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.gauge.Master;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.stack.BlockSet;
import jawread.core.stack.Wringing;
import jawread.server.card.StackView.BlockSetView;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.ShopMaster;
import jawread.server.drawer.ShopMaster.Blocks;
import jawread.server.words.Figures;
import jawread.server.words.Refused;
import jawread.server.words.TypedFields;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Wrings blocks to a size: of a set of the drawer, with what is missing from it, or of any set of the catalogue. */
@Service
class Stacks {
    private final Drawer drawer;
    private final TypedFields fields;
    private final Figures figures;
    private final Words words;

    Stacks(Drawer drawer, TypedFields fields, Figures figures, Words words) {
        this.drawer = drawer;
        this.fields = fields;
        this.figures = figures;
        this.words = words;
    }

    /** @param set key of one; or blocks as typed @param missing besides those the drawer knows of @param wear empty for none */
    record TypedStack(String set, String unit, String size, String missing, String wear) {}

    /** Those of the drawer first. */
    @Transactional(readOnly = true)
    public List<BlockSetView> sets() {
        Stream<BlockSetView> own = blockSets().map(master -> {
            Blocks blocks = master.blocks().orElseThrow();
            BlockSet all = BlockSet.parse(blocks.set(), master.unit()).orThrow();
            int present = blocks.present(master.unit()).blocks().size();
            return new BlockSetView(
                    "m" + master.id(),
                    words.say("stack.own-set", Map.of("number", master.shopNumber())),
                    master.unit().symbol(),
                    all.blocks().size(),
                    all.blocks().size() - present,
                    blocks.wear().isZero() ? null : figures.all(blocks.wear(), master.unit()));
        });
        Stream<BlockSetView> catalogue = BlockSet.CATALOGUE.stream()
                .map(set -> new BlockSetView(
                        set.name(),
                        set.name(),
                        set.unit().symbol(),
                        set.blocks().size(),
                        0,
                        null));
        return Stream.concat(own, catalogue).toList();
    }

    private Stream<ShopMaster> blockSets() {
        return drawer.masters().stream()
                .filter(master -> master.kind() == Master.Kind.BLOCK_SET && drawer.mayBeUsed(master));
    }

    /** Refuses a set that is none, a missing block that is not of it, and a size that is none. */
    @Transactional(readOnly = true)
    public StackView of(TypedStack typed) {
        Optional<ShopMaster> own = blockSets()
                .filter(master -> typed.set().equals("m" + master.id()))
                .findFirst();
        BlockSet set = own.map(master -> master.blocks().orElseThrow().present(master.unit()))
                .orElseGet(() -> accepted(
                        "set", BlockSet.parse(typed.set(), fields.unit(typed.unit())), fields.unit(typed.unit())));
        LengthUnit unit = set.unit();
        BlockSet present =
                accepted("missing", BlockSet.sizes(typed.missing(), unit).then(set::without), unit);
        Length wanted = fields.aboveZero("size", typed.size(), unit, "size-needed")
                .orElseThrow(() -> Refused.field("size", "size-needed", words));
        Length wear = fields.size("wear", typed.wear(), unit)
                .or(() -> own.flatMap(ShopMaster::blocks).map(Blocks::wear))
                .orElse(Length.ZERO);
        Wringing wringing = Wringing.of(present, wanted, wear);
        return new StackView(
                figures.all(wanted, unit),
                wringing.blocks().stream()
                        .map(block -> figures.all(block, unit))
                        .toList(),
                wear.isZero() ? null : figures.all(wear, unit),
                wringing.below().map(size -> figures.all(size, unit)).orElse(null),
                wringing.above().map(size -> figures.all(size, unit)).orElse(null),
                sentence(wringing, present, unit));
    }

    private <T> T accepted(String field, Outcome<T> outcome, LengthUnit unit) {
        return outcome.fold(value -> value, (Refusal refusal) -> {
            throw fields.refused(field, refusal, unit);
        });
    }

    private String sentence(Wringing wringing, BlockSet present, LengthUnit unit) {
        String key = wringing.isExact()
                ? wringing.blocks().size() == 1 ? "stack.one" : "stack.exact"
                : "stack.none"
                        + (wringing.below().isPresent() ? ".below" : "")
                        + (wringing.above().isPresent() ? ".above" : "");
        return words.say(
                key,
                Map.of(
                        "count", wringing.blocks().size(),
                        "size", figures.exactly(wringing.wanted(), unit),
                        "blocks", present.blocks().size(),
                        "below",
                                wringing.below()
                                        .map(size -> figures.exactly(size, unit))
                                        .orElse(""),
                        "above",
                                wringing.above()
                                        .map(size -> figures.exactly(size, unit))
                                        .orElse("")));
    }
}
