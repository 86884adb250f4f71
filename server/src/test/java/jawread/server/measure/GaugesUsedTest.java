package jawread.server.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoMoreInteractions;
import static org.mockito.Mockito.when;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import jawread.server.journal.Event;
import jawread.server.journal.What;
import org.junit.jupiter.api.Test;

class GaugesUsedTest {
    private static final Instant MORNING = Instant.parse("2026-03-10T08:00:00Z");
    private static final Instant NOON = Instant.parse("2026-03-10T12:00:00Z");

    private final ReadingRepository readings = mock();
    private final GaugesUsed used = new GaugesUsed(readings);

    private static Object[] use(long gauge, Instant at) {
        return new Object[] {gauge, at};
    }

    @Test
    void however_many_readings_came_since_each_job_is_asked_once() {
        when(readings.findLastUses()).thenReturn(List.of(use(1, MORNING), use(2, NOON)));
        when(readings.findLastUsesFrom(7, 4)).thenReturn(List.of(use(1, NOON), use(2, MORNING)));
        when(readings.findLastUsesFrom(8, 3)).thenReturn(List.<Object[]>of(use(3, MORNING)));
        assertThat(used.ofGauges()).isEqualTo(Map.of(1L, MORNING, 2L, NOON));
        used.kept(new Event(101, 7, 5, What.READING));
        used.kept(new Event(102, 7, 4, What.READING));
        used.kept(new Event(103, 7, 6, What.MARK));
        used.kept(new Event(104, 8, 3, What.READING));
        assertThat(used.ofGauges()).isEqualTo(Map.of(1L, NOON, 2L, NOON, 3L, MORNING));
        assertThat(used.ofGauges()).hasSize(3);
        verify(readings).findLastUses();
        verify(readings).findLastUsesFrom(7, 4);
        verify(readings).findLastUsesFrom(8, 3);
        verifyNoMoreInteractions(readings);
    }
}
