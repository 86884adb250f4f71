package jawread.server.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.server.live.Underway.Far;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** How far a table is, how long it will still take, and that it can be stopped. */
class UnderwayTest {
    private static final Instant BEGAN = Instant.parse("2026-03-10T08:00:00Z");

    private final Clock clock = mock();
    private final Words words = mock();
    private final Underway underway = new Underway(clock, words);
    private final UUID id = UUID.randomUUID();

    @BeforeEach
    void the_clock_stands() {
        when(clock.instant()).thenReturn(BEGAN);
        when(words.say(any(String.class))).thenReturn("Stopped.");
    }

    @Test
    void time_left_is_as_long_as_it_took_so_far() {
        Far far = underway.under(Optional.of(id), progress -> {
            progress.begins(100);
            assertThat(underway.far(id)).contains(new Far(0, 100, Optional.empty()));
            when(clock.instant()).thenReturn(BEGAN.plusSeconds(5));
            progress.reached(20);
            return underway.far(id).orElseThrow();
        });
        assertThat(far).isEqualTo(new Far(20, 100, Optional.of(Duration.ofSeconds(20))));
        assertThat(underway.far(id)).isEmpty();
    }

    @Test
    void a_stopped_one_ends_at_its_next_row_and_another_goes_on() {
        UUID other = UUID.randomUUID();
        assertThatThrownBy(() -> underway.under(Optional.of(id), progress -> {
                    progress.reached(1);
                    underway.stop(id);
                    underway.stop(other);
                    progress.reached(2);
                    return "kept";
                }))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.refusal().code()).isEqualTo("table-stopped"));
        assertThat(underway.far(id)).isEmpty();
        assertThat(underway.<String>under(Optional.empty(), progress -> {
                    progress.reached(2);
                    return "kept";
                }))
                .isEqualTo("kept");
    }
}
