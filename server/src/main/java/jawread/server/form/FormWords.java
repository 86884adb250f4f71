package jawread.server.form;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.assess.MeasuredForm;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** How a measured form is spoken of: its lengths, its sections, the direction of an oval. */
@Component
class FormWords {
    /** Nearer to a named axis than this, a long axis lies across it. */
    private static final double ON_AXIS = 10;

    private final Figures figures;
    private final Words words;

    FormWords(Figures figures, Words words) {
        this.figures = figures;
        this.words = words;
    }

    /** Where it is longest across, in words; empty where it has no direction. */
    Optional<String> direction(MeasuredForm measured, int section) {
        var longAxis = measured.longAxis(section);
        if (longAxis.isEmpty()) {
            return Optional.empty();
        }
        double degrees = longAxis.getAsDouble();
        return Optional.of(measured.axes().stream()
                .filter(axis -> axis.apart(degrees) < ON_AXIS)
                .findFirst()
                .map(axis -> words.say("form.long.axis", Map.of("axis", axis.name())))
                .orElseGet(() -> words.say("form.long.between", Map.of("degrees", Math.round(degrees)))));
    }

    /** A section that is called by one plain word is "the top"; any other by its name. */
    String named(String section) {
        return section.matches("\\p{Ll}+") ? words.say("form.the", Map.of("section", section)) : section;
    }

    /** In whole steps of the gauge where it is some; else with a digit more. */
    LengthText shown(Length length, MeasuredForm measured, LengthUnit unit) {
        boolean isWhole = length.picometres() % measured.resolution().picometres() == 0;
        return isWhole
                ? figures.reading(length, unit, measured.resolution())
                : figures.computed(length, unit, measured.resolution(), List.of());
    }

    /** What is advised of it, to what is known of its sizes. */
    LengthText told(Length length, MeasuredForm measured, LengthUnit unit) {
        return figures.told(length, unit, Length.nearest(measured.expanded()));
    }

    String inUnit(Length length, MeasuredForm measured, LengthUnit unit) {
        return shown(length, measured, unit).withUnit();
    }
}
