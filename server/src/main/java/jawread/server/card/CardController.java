package jawread.server.card;

import static jawread.server.access.Allowed.To.ANYONE;

import java.util.List;
import jawread.server.access.Allowed;
import jawread.server.card.FeelerView.FeelerSetView;
import jawread.server.card.Feelers.TypedGap;
import jawread.server.card.StackView.BlockSetView;
import jawread.server.card.Stacks.TypedStack;
import jawread.server.card.Twenty.TypedTwenty;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is asked of the card, with no job. Keeps nothing; what cannot be is refused at its field. */
@RestController
@RequestMapping("/card")
class CardController {
    private final Stacks stacks;
    private final Feelers feelers;
    private final Twenty twenty;

    CardController(Stacks stacks, Feelers feelers, Twenty twenty) {
        this.stacks = stacks;
        this.feelers = feelers;
        this.twenty = twenty;
    }

    @Allowed(ANYONE)
    @GetMapping("/block-sets")
    List<BlockSetView> blockSets() {
        return stacks.sets();
    }

    @Allowed(ANYONE)
    @PostMapping("/stack")
    StackView stack(@RequestBody TypedStack body) {
        return stacks.of(body);
    }

    @Allowed(ANYONE)
    @GetMapping("/feeler-sets")
    List<FeelerSetView> feelerSets() {
        return feelers.sets();
    }

    @Allowed(ANYONE)
    @PostMapping("/feelers")
    FeelerView feelers(@RequestBody TypedGap body) {
        return feelers.of(body);
    }

    @Allowed(ANYONE)
    @PostMapping("/twenty")
    AtTwentyView twenty(@RequestBody TypedTwenty body) {
        return twenty.of(body);
    }
}
