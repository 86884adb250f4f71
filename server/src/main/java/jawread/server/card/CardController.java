package jawread.server.card;

import static jawread.server.access.Allowed.To.ANYONE;

import java.util.List;
import jawread.server.access.Allowed;
import jawread.server.card.CardCautions.CardCaution;
import jawread.server.card.Centres.TypedCentres;
import jawread.server.card.FeelerView.FeelerSetView;
import jawread.server.card.Feelers.TypedGap;
import jawread.server.card.FitTable.TypedFit;
import jawread.server.card.FitView.ClassesView;
import jawread.server.card.InchView.SmallView;
import jawread.server.card.Inches.TypedInch;
import jawread.server.card.Lobes.TypedLobes;
import jawread.server.card.StackView.BlockSetView;
import jawread.server.card.Stacks.TypedStack;
import jawread.server.card.Threads.TypedThread;
import jawread.server.card.Twenty.TypedTwenty;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is asked of the card, with no job. Keeps nothing; what cannot be is refused at its field. */
@RestController
@RequestMapping("/card")
class CardController {
    private final Stacks stacks;
    private final Feelers feelers;
    private final Twenty twenty;
    private final Inches inches;
    private final Threads threads;
    private final FitTable fits;
    private final Centres centres;
    private final Lobes lobes;
    private final CardCautions cautions;

    CardController(
            Stacks stacks,
            Feelers feelers,
            Twenty twenty,
            Inches inches,
            Threads threads,
            FitTable fits,
            Centres centres,
            Lobes lobes,
            CardCautions cautions) {
        this.stacks = stacks;
        this.feelers = feelers;
        this.twenty = twenty;
        this.inches = inches;
        this.threads = threads;
        this.fits = fits;
        this.centres = centres;
        this.lobes = lobes;
        this.cautions = cautions;
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

    @Allowed(ANYONE)
    @PostMapping("/inch")
    InchView inch(@RequestBody TypedInch body) {
        return inches.of(body);
    }

    @Allowed(ANYONE)
    @GetMapping("/small")
    List<SmallView> small(@RequestParam String unit) {
        return inches.small(unit);
    }

    @Allowed(ANYONE)
    @GetMapping("/cautions")
    List<CardCaution> cautions() {
        return cautions.all();
    }

    @Allowed(ANYONE)
    @PostMapping("/thread")
    ThreadView thread(@RequestBody TypedThread body) {
        return threads.of(body);
    }

    @Allowed(ANYONE)
    @GetMapping("/classes")
    ClassesView classes() {
        return fits.classes();
    }

    @Allowed(ANYONE)
    @PostMapping("/fit")
    FitView fit(@RequestBody TypedFit body) {
        return fits.of(body);
    }

    @Allowed(ANYONE)
    @PostMapping("/centres")
    CentresView centres(@RequestBody TypedCentres body) {
        return centres.of(body);
    }

    @Allowed(ANYONE)
    @PostMapping("/lobes")
    LobesView lobes(@RequestBody TypedLobes body) {
        return lobes.of(body);
    }
}
