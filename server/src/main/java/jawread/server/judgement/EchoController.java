package jawread.server.judgement;

import static jawread.server.access.Allowed.To.ANYONE;

import java.util.Optional;
import jawread.core.assess.ReadWith;
import jawread.core.length.Length;
import jawread.server.access.Allowed;
import jawread.server.measure.EchoView;
import jawread.server.measure.Echoes;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How the scale in hand must look for a figure. */
@RestController
@RequestMapping("/gauges/{gauge}/echo")
class EchoController {
    private final Echoes echoes;

    EchoController(Echoes echoes) {
        this.echoes = echoes;
    }

    /**
     * Answers 204 where there is nothing to show: no figure yet, or one beyond the scale.
     *
     * @param base in picometres, the rod that is in it; left out: the one that reaches the figure
     */
    @Allowed(ANYONE)
    @GetMapping
    ResponseEntity<EchoView> echo(
            @PathVariable long gauge,
            @RequestParam(required = false) Long reader,
            @RequestParam(defaultValue = "false") boolean onMaster,
            @RequestParam String text,
            @RequestParam(required = false) Long base) {
        var with = new ReadWith(gauge, Optional.ofNullable(reader), onMaster);
        return echoes.of(with, text, Optional.ofNullable(base).map(Length::ofPicometres))
                .map(ResponseEntity::ok)
                .orElseGet(() -> ResponseEntity.noContent().build());
    }
}
