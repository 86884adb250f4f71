package jawread.server.calc;

import static jawread.server.access.Allowed.To.ANYONE;

import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.media.Schema.AdditionalPropertiesValue;
import java.util.ArrayList;
import java.util.List;
import jawread.server.access.Allowed;
import jawread.server.words.Problems;
import jawread.server.words.Refused;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Calculations that keep nothing. */
@RestController
class CalcController {
    private final Calculations calculations;

    CalcController(Calculations calculations) {
        this.calculations = calculations;
    }

    /**
     * One set of columns, or an array of them. A refusal is a problem whose {@code code} says which: alone it is the
     * answer, in an array it stands in its place among the answers.
     */
    @Allowed(ANYONE)
    @PostMapping("/calc/{topic}")
    Object calculate(
            @PathVariable String topic,
            @Schema(type = "object", additionalProperties = AdditionalPropertiesValue.TRUE) @RequestBody
                    JsonNode columns) {
        return columns.isArray() ? each(topic, columns) : calculations.answer(topic, columns);
    }

    private List<Object> each(String topic, JsonNode rows) {
        var answers = new ArrayList<Object>();
        for (JsonNode row : rows) {
            try {
                answers.add(calculations.answer(topic, row));
            } catch (Refused refused) {
                answers.add(Problems.of(refused));
            }
        }
        return answers;
    }
}
