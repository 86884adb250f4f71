package jawread.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** A screen that reads slowly, or was away for long, is nobody else's trouble. */
@ExtendWith(RunningServer.class)
@Timeout(60)
class SlowReaderTest {
    private final EventStreams streams;
    private final Server server;

    SlowReaderTest(Server server) {
        this.server = server;
        this.streams = server.bean(EventStreams.class);
    }

    /** Takes down what it is told; the slow one never comes back from its first line. */
    private static final class Screen extends SseEmitter {
        private final Queue<String> told = new ConcurrentLinkedQueue<>();
        private final CountDownLatch stuck = new CountDownLatch(1);
        private final boolean isSlow;

        private Screen(boolean isSlow) {
            super(0L);
            this.isSlow = isSlow;
        }

        @Override
        public void send(SseEventBuilder builder) {
            if (isSlow) {
                try {
                    stuck.await(30, TimeUnit.SECONDS);
                } catch (InterruptedException e) {
                    throw new IllegalStateException(e);
                }
            }
            builder.build().stream().map(part -> String.valueOf(part.getData())).forEach(told::add);
        }

        private boolean hears(String what) throws InterruptedException {
            for (int i = 0; i < 40; i++) {
                if (told.stream().anyMatch(line -> line.contains(what))) {
                    return true;
                }
                Thread.sleep(50);
            }
            return false;
        }
    }

    private void somethingIsRead() {
        var walk = new Walk(server, "shaft 3", "right end");
        assertThat(walk.keep(UUID.randomUUID(), walk.typed(0, "25.010")).status())
                .isEqualTo(201);
    }

    @Test
    void one_that_does_not_read_delays_no_other() throws Exception {
        var slow = new Screen(true);
        streams.open(Optional.empty(), slow);
        var other = new Screen(false);
        streams.open(Optional.empty(), other);
        somethingIsRead();
        assertThat(other.hears("what=reading")).isTrue();
        assertThat(slow.told).isEmpty();
        slow.stuck.countDown();
        assertThat(slow.hears("what=reading")).as("told once it reads again").isTrue();
    }

    @Test
    void one_that_could_not_be_told_is_ended_so_that_it_asks_anew() throws Exception {
        var ended = new CountDownLatch(1);
        streams.open(Optional.empty(), new SseEmitter(0L) {
            @Override
            public void send(SseEventBuilder builder) {
                throw new IllegalStateException("the database is closed");
            }

            @Override
            public void complete() {
                ended.countDown();
            }
        });
        assertThat(ended.await(5, TimeUnit.SECONDS)).isTrue();
    }

    @Test
    void one_that_missed_hundreds_of_lines_is_told_to_ask_for_everything_and_then_goes_on() throws Exception {
        var database = server.bean(JdbcTemplate.class);
        long last = database.queryForObject("select max(id) from journal", Long.class);
        assertThat(last).isGreaterThan(EventStreams.MOST_TOLD);
        var away = new Screen(false);
        streams.open(Optional.of(1L), away);
        assertThat(away.hears("everything")).isTrue();
        assertThat(away.told.stream().filter(line -> line.contains("what=")))
                .as("instead of %d lines", last - 1)
                .hasSize(1);
        somethingIsRead();
        assertThat(away.hears("what=reading")).isTrue();
    }

    @Test
    void one_that_last_saw_another_shop_asks_for_everything() throws Exception {
        var moved = new Screen(false);
        streams.open(Optional.of(Long.MAX_VALUE - 1), moved);
        assertThat(moved.hears("everything")).isTrue();
    }
}
