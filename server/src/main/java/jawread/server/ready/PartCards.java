package jawread.server.ready;

import java.util.List;
import java.util.Map;
import jawread.core.assess.Feature;
import jawread.server.job.Part;
import jawread.server.judgement.LookView;
import jawread.server.measure.Warmths;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What is due on a part itself: cautions, what to look at, how warm it is. */
@Component
class PartCards {
    private final Warmths warmths;
    private final PartsWarmth partsWarmth;
    private final Words words;

    PartCards(Warmths warmths, PartsWarmth partsWarmth, Words words) {
        this.warmths = warmths;
        this.partsWarmth = partsWarmth;
        this.words = words;
    }

    List<DueCard> cautions(LookView look) {
        return look.cautions().stream()
                .map(caution -> DueCard.of(
                        CardKind.CAUTION,
                        CardKind.CAUTION.card(caution.code()),
                        caution.title(),
                        caution.sentence(),
                        4))
                .toList();
    }

    List<DueCard> look(Part part, LookView look) {
        long unseen = look.items().stream().filter(item -> item.found() == null).count();
        return unseen == 0
                ? List.of()
                : List.of(DueCard.of(
                        CardKind.LOOK,
                        CardKind.LOOK.card(part.id()),
                        words.say("ready.look", Map.of("part", part.name())),
                        words.say("ready.look.sentence"),
                        6 * unseen));
    }

    /** Only where warmth that nobody measured could matter. */
    List<DueCard> warmth(Part part, List<Feature> open) {
        boolean isKnown = warmths.of(part).isPresent();
        return isKnown || !partsWarmth.matters(part, open)
                ? List.of()
                : List.of(DueCard.of(
                        CardKind.TEMPERATURE,
                        CardKind.TEMPERATURE.card(part.id()),
                        words.say("ready.temperature"),
                        words.say("ready.temperature.sentence", Map.of("part", part.name())),
                        12));
    }
}
