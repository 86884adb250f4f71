package jawread.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class KeptWhileTest {
    private final KeptWhile<String, Long, Integer> kept = new KeptWhile<>(2);
    private final AtomicInteger found = new AtomicInteger();

    private int of(String key, long changes) {
        return kept.of(key, changes, found::incrementAndGet);
    }

    @Test
    void what_was_found_is_given_out_again_until_something_changes() {
        assertThat(of("shaft", 0)).isEqualTo(1);
        assertThat(of("shaft", 0)).isEqualTo(1);
        assertThat(of("shaft", 1)).isEqualTo(2);
        assertThat(of("shaft", 1)).isEqualTo(2);
    }

    @Test
    void what_was_asked_for_before_a_change_and_found_after_it_is_found_anew() {
        int during = kept.of("shaft", 0L, () -> {
            // Somebody else, meanwhile, asks after the change.
            of("shaft", 1);
            return 100;
        });
        assertThat(during).isEqualTo(100);
        assertThat(of("shaft", 1)).isNotEqualTo(100);
    }

    @Test
    void no_more_is_kept_than_was_said() {
        of("shaft", 0);
        of("bush", 0);
        of("plate", 0);
        assertThat(of("plate", 0)).isEqualTo(3);
        assertThat(of("shaft", 0)).isEqualTo(4);
    }
}
