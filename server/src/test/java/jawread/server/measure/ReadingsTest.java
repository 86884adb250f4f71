package jawread.server.measure;

import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.RETURNS_DEEP_STUBS;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Feature;
import jawread.core.assess.Origin;
import jawread.core.assess.Place;
import jawread.core.assess.ReadWith;
import jawread.core.gauge.GaugeKind;
import jawread.core.length.Length;
import jawread.core.scale.Parts;
import jawread.core.scale.Scales;
import jawread.core.signal.GaugeLine;
import jawread.server.access.People;
import jawread.server.choosing.FeatureMethods;
import jawread.server.comparator.ComparatorSettings;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.drawer.GaugeState;
import jawread.server.drawer.Methods;
import jawread.server.drawer.ZeroChecks;
import jawread.server.job.Jobs;
import jawread.server.job.Lineage;
import jawread.server.job.Part;
import jawread.server.job.PlansInForce;
import jawread.server.journal.Journal;
import jawread.server.settings.ShopSettings;
import jawread.server.signal.GaugeFigure;
import jawread.server.signal.GaugeFigures;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ReadingsTest {
    private final ReadingRepository repository = mock();
    private final PlansInForce plans = mock();
    private final Drawer drawer = mock();
    private final Journal journal = mock();
    private final Words words = mock();
    private final Methods methods = mock();
    private final ZeroChecks checks = mock();
    private final ComparatorSettings settings = mock();
    private final Warmths warmths = mock();
    private final FeatureMethods proposals = mock();
    private final Jobs jobs = mock();
    private final ShopSettings shop = mock();
    private final Rounds rounds = mock();
    private final EntityManager entities = mock();
    private final GaugeFigures signals = mock();
    private final Readings readings = new Readings(
            new Takings(
                    repository,
                    mock(),
                    rounds,
                    jobs,
                    plans,
                    drawer,
                    methods,
                    new ReadOff(words, mock()),
                    new LastDigits(shop, words),
                    mock(Logs.class),
                    proposals,
                    signals,
                    Clock.systemUTC(),
                    words),
            repository,
            new FiguresRead(new ReadOff(words, mock()), methods, checks, settings, warmths, words),
            new ReadingWriter(rounds, jobs, drawer, warmths, Clock.systemUTC(), entities),
            mock(People.class),
            journal,
            mock());
    private final Feature feature = mock(Feature.class, RETURNS_DEEP_STUBS);
    private final Gauge gauge = mock();
    private final Place place = mock();
    private final Part part = mock(Part.class, RETURNS_DEEP_STUBS);

    @BeforeEach
    void a_job_of_the_shops_own() {
        when(plans.part(anyLong())).thenReturn(part);
        when(part.job().demonstration()).thenReturn(false);
        when(part.job().openedAt()).thenReturn(Instant.EPOCH);
        when(plans.featureOf(any(), anyLong())).thenReturn(feature);
        when(plans.judged(any(), any())).thenReturn(feature);
        when(plans.lineage(any())).thenReturn(new Lineage(Map.of(), Map.of(), Map.of(), Map.of()));
        when(jobs.placeOf(any(), any(), anyLong())).thenReturn(place);
        when(methods.method(any())).thenReturn(GaugeAndReader.of(gauge));
        when(gauge.kind()).thenReturn(GaugeKind.of("outside-micrometer").orElseThrow());
        when(gauge.hasScale()).thenReturn(true);
        when(gauge.mayMeasure()).thenReturn(true);
        when(gauge.base()).thenReturn(Length.ZERO);
        when(gauge.bases()).thenReturn(List.of(Length.ZERO));
        when(checks.correction(any())).thenReturn(Length.ZERO);
        when(warmths.correction(any(), any(), any(), any())).thenReturn(Length.ZERO);
        when(methods.inTheHandsOf(any())).thenReturn(new Methods.Hands(List.of(), 12));
        when(proposals.inForce(any(), any(), any())).thenReturn(Optional.empty());
        when(gauge.scale()).thenReturn(Scales.of("mic-mm-0001").orElseThrow());
        when(shop.of(any())).thenReturn("off");
        when(words.say(any(String.class))).thenReturn("a sentence");
    }

    private KeepReading reading(Origin origin, Optional<String> typed, Optional<Parts> parts) {
        return new KeepReading(
                UUID.randomUUID(),
                1,
                1,
                0,
                1,
                new ReadWith(1, Optional.empty()),
                1,
                origin,
                typed,
                Optional.empty(),
                Optional.empty(),
                parts,
                Optional.empty(),
                Optional.empty(),
                false,
                Instant.EPOCH);
    }

    private void isRefused(KeepReading asked, String code) {
        assertThatThrownBy(() -> readings.keep(asked))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(code);
        verify(entities, never()).persist(any());
        verify(journal, never()).write(anyLong(), any());
    }

    @Test
    void what_a_box_made_up_is_not_taken_into_a_job_of_the_shop() {
        when(part.job().isForShow()).thenReturn(false);
        when(gauge.id()).thenReturn(1L);
        var line = "M6 32.1 mm simulated";
        when(signals.sent(any()))
                .thenReturn(Optional.of(new GaugeFigure(
                        UUID.randomUUID(),
                        1,
                        line,
                        (GaugeLine.Figure) GaugeLine.parse(line).orThrow(),
                        "32.1 mm",
                        "",
                        false,
                        Optional.empty(),
                        Instant.EPOCH,
                        Instant.EPOCH)));
        isRefused(reading(Origin.TYPED, Optional.of("32.1 mm"), Optional.empty()), "simulated");
        isRefused(reading(Origin.TYPED, Optional.of("32.2 mm"), Optional.empty()), "not-as-sent");
    }

    @Test
    void a_made_up_reading_is_not_taken_into_a_job_of_the_shop() {
        isRefused(reading(Origin.DEMONSTRATION, Optional.of("32.1"), Optional.empty()), "made-up");
    }

    @Test
    void a_reading_of_before_its_job_or_of_next_week_is_a_wrong_clock() {
        when(part.job().openedAt()).thenReturn(Instant.EPOCH.plusSeconds(3600));
        isRefused(reading(Origin.TYPED, Optional.of("32.1"), Optional.empty()), "taken-before-job");
        KeepReading asked = reading(Origin.DEMONSTRATION, Optional.of("32.1"), Optional.empty());
        isRefused(
                new KeepReading(
                        asked.id(),
                        1,
                        1,
                        0,
                        1,
                        new ReadWith(1, Optional.empty()),
                        1,
                        Origin.TYPED,
                        asked.typed(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        false,
                        Instant.now().plus(Duration.ofDays(2))),
                "taken-later");
    }

    @Test
    void a_reading_is_typed_or_set_on_the_scale_and_not_both_or_neither() {
        Optional<Parts> parts = Optional.of(Parts.parse("sleeve=1;thimble=2;vernier=3"));
        isRefused(reading(Origin.TYPED, Optional.of("32.1"), parts), "typed-or-parts");
        isRefused(reading(Origin.TYPED, Optional.empty(), Optional.empty()), "typed-or-parts");
    }

    @ParameterizedTest
    @EnumSource(names = {"QUARANTINED", "RETIRED"})
    void a_gauge_that_may_not_measure_is_refused(GaugeState state) {
        when(gauge.mayMeasure()).thenReturn(false);
        when(drawer.stateOf(gauge)).thenReturn(state);
        when(gauge.shopNumber()).thenReturn("M3");
        isRefused(reading(Origin.TYPED, Optional.of("32.1"), Optional.empty()), "gauge-not-fit");
    }

    @Test
    void a_transfer_gauge_is_read_with_another_and_nothing_else_is() {
        when(gauge.kind()).thenReturn(GaugeKind.of("telescoping-gauge").orElseThrow());
        when(gauge.shopNumber()).thenReturn("T1");
        isRefused(reading(Origin.TYPED, Optional.of("32.1"), Optional.empty()), "reader-needed");
    }

    @Test
    void a_rod_that_is_not_its_own_is_refused() {
        KeepReading asked =
                reading(Origin.SCALE, Optional.empty(), Optional.of(Parts.parse("sleeve=1;thimble=2;vernier=3")));
        isRefused(
                new KeepReading(
                        asked.id(),
                        1,
                        1,
                        0,
                        1,
                        new ReadWith(1, Optional.empty()),
                        1,
                        Origin.SCALE,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        asked.parts(),
                        Optional.of(Length.ofMillimetres("25")),
                        Optional.empty(),
                        false,
                        Instant.EPOCH),
                "base-not-of-gauge");
    }
}
