package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.gauge.Adds;
import jawread.core.gauge.Adds.Piece;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Scale;
import jawread.server.drawer.GaugeView.BaseView;
import jawread.server.drawer.GaugeView.LineView;
import jawread.server.scale.ScaleWords;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Tells what a gauge adds, piece by piece. */
@Component
public class BaseWords {
    private final ScaleWords scales;
    private final Figures figures;
    private final Words words;

    BaseWords(ScaleWords scales, Figures figures, Words words) {
        this.scales = scales;
        this.figures = figures;
        this.words = words;
    }

    /** All it can stand on, the smallest first. */
    List<BaseView> of(Gauge gauge) {
        LengthUnit unit = gauge.unit();
        return gauge.made().stream()
                .map(base -> new BaseView(
                        text(base.size(), unit),
                        label(base, unit),
                        lines(base, gauge.hasScale() ? Optional.of(gauge.scale()) : Optional.empty(), unit),
                        base.isInsideOnly(gauge.kind()),
                        base.of().stream().allMatch(Piece::isNamed)))
                .toList();
    }

    private String label(Adds.Base base, LengthUnit unit) {
        return base.of().isEmpty()
                ? words.say("gauge.base.own")
                : base.of().stream()
                        .map(piece -> called(piece) + " " + figures.exactly(piece.length(), unit))
                        .collect(Collectors.joining(" + "));
    }

    /** Each a line of a sum; what adds nothing has none. */
    public List<LineView> lines(Adds.Base base, Optional<Scale> scale, LengthUnit unit) {
        Stream<LineView> own = base.own().filter(of -> !of.isZero()).stream()
                .map(of -> new LineView(
                        base.of().isEmpty() ? scale.map(scales::baseName).orElse("") : words.say("gauge.base.head"),
                        text(of, unit)));
        return Stream.concat(
                        own, base.of().stream().map(piece -> new LineView(called(piece), text(piece.length(), unit))))
                .toList();
    }

    private String called(Piece piece) {
        return piece.isNamed() ? piece.name() : words.say("gauge.base.unnamed");
    }

    private LengthText text(Length length, LengthUnit unit) {
        return figures.reading(length, unit, unit.whole());
    }
}
