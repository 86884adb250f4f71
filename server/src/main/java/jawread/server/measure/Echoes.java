package jawread.server.measure;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.assess.ReadWith;
import jawread.core.length.Length;
import jawread.core.length.TypedLength;
import jawread.core.scale.AsRead;
import jawread.core.scale.Comparator;
import jawread.core.scale.Echo;
import jawread.core.scale.Scale;
import jawread.core.scale.ScaleReading;
import jawread.server.comparator.ComparatorSetting;
import jawread.server.comparator.ComparatorSettings;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.Methods;
import jawread.server.scale.ScaleWords;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells how the scale in hand must look for a figure that is being typed, or was. Keeps nothing, and refuses nothing. */
@Service
public class Echoes {
    private final Methods methods;
    private final ComparatorSettings settings;
    private final ScaleWords words;
    private final Clock clock;

    public Echoes(Methods methods, ComparatorSettings settings, ScaleWords words, Clock clock) {
        this.methods = methods;
        this.settings = settings;
        this.words = words;
        this.clock = clock;
    }

    /**
     * Empty for what cannot be understood, or lies beyond the scale.
     *
     * @param rod what the gauge stands on, where it was picked; empty: the one that reaches the figure
     */
    @Transactional(readOnly = true)
    public Optional<EchoView> of(ReadWith with, String text, Optional<Length> rod) {
        Gauge gauge = methods.method(with).read();
        if (!gauge.hasScale() || with.onMaster()) {
            return Optional.empty();
        }
        Scale scale = gauge.scale();
        Optional<ComparatorSetting> setting =
                gauge.kind().isComparator() ? settings.of(gauge, clock.instant()) : Optional.empty();
        if (scale instanceof Comparator && setting.isEmpty()) {
            return Optional.empty();
        }
        List<Length> bases =
                setting.map(ComparatorSetting::size).or(() -> rod).map(List::of).orElseGet(gauge::bases);
        return size(AsRead.of(scale, rod.orElse(gauge.base())), text)
                .flatMap(size -> Echo.of(scale, bases, setting.map(ComparatorSetting::sense), size)
                        .map(echo -> view(scale, echo, size)));
    }

    private static Optional<Length> size(AsRead eye, String text) {
        return eye.typed(text)
                .map(parts ->
                        parts.then(read -> eye.scale().read(eye.base(), read)).map(ScaleReading::value))
                .orElseGet(() -> TypedLength.parse(text, eye.scale().unit(), TypedLength.Kind.SIZE)
                        .map(TypedLength::length))
                .fold(Optional::of, refusal -> Optional.empty());
    }

    private EchoView view(Scale scale, Echo echo, Length size) {
        var eye = AsRead.of(scale, echo.base());
        return new EchoView(
                words.size(size, eye),
                echo.base().picometres(),
                echo.parts().counts(),
                Stream.concat(
                                echo.sights().stream().map(sight -> words.sight(sight, eye, echo.parts())),
                                words.besides(eye).stream())
                        .collect(Collectors.joining(" ")));
    }
}
