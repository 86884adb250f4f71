package jawread.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpClient;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Server;
import jawread.server.Walk;
import jawread.server.journal.Event;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.storage.Locks;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.core.Ordered;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

@ExtendWith(RunningServer.class)
@Timeout(30)
class EventsTest {
    private final Server server;

    EventsTest(Server server) {
        this.server = server;
    }

    private Stream<String> stream(String query, String lastSeen) throws Exception {
        var request = server.request("/api/v1/events" + query);
        if (!lastSeen.isEmpty()) {
            request.header("Last-Event-ID", lastSeen);
        }
        return HttpClient.newHttpClient()
                .send(request.build(), BodyHandlers.ofLines())
                .body();
    }

    private long last() {
        return server.bean(JdbcTemplate.class).queryForObject("select max(id) from journal", Long.class);
    }

    @Test
    void a_reading_is_told_once_it_is_kept_with_its_job_its_number_and_nothing_more() throws Exception {
        try (Stream<String> lines = stream("", "")) {
            var heard = lines.iterator();
            // The stream is open once it has said that it is here.
            assertThat(heard.next()).startsWith(":");
            var walk = new Walk(server, "shaft 3", "left end");
            walk.keep(walk.typed(0, "25.010"));
            String told = "";
            while (!told.startsWith("data:")) {
                told = heard.next();
            }
            assertThat(told).matches("data:\\{\"job\":1,\"seq\":\\d+,\"what\":\"reading\"}");
        }
    }

    @Test
    void a_screen_that_was_away_names_the_last_line_it_saw_and_is_told_the_rest_in_order() throws Exception {
        long before = last();
        var walk = new Walk(server, "shaft 3", "right end");
        walk.keep(walk.typed(0, "25.010"));
        walk.keep(walk.typed(0, "25.011"));
        assertThat(last()).isEqualTo(before + 2);
        assertThat(idsOf(stream("", Long.toString(before)), 2)).containsExactly(before + 1, before + 2);
        assertThat(idsOf(stream("?after=" + (before + 1), ""), 1)).containsExactly(before + 2);
    }

    @Test
    void what_was_committed_first_is_told_first_whichever_thread_speaks_first() throws Exception {
        long before = last();
        Stream<String> lines = stream("?after=" + before, "");
        var streams = server.bean(EventStreams.class);
        new TransactionTemplate(server.bean(PlatformTransactionManager.class)).executeWithoutResult(unused -> {
            server.bean(Locks.class).madeJob(9_999_999);
            server.bean(Journal.class).write(9_999_999, What.READING);
            server.bean(Journal.class).write(9_999_999, What.READING);
            TransactionSynchronizationManager.registerSynchronization(new SecondFirst(streams, before + 2));
        });
        assertThat(idsOf(lines, 2)).containsExactly(before + 1, before + 2);
    }

    /** Speaks before all others, of the later of two lines. */
    private record SecondFirst(EventStreams streams, long line) implements TransactionSynchronization, Ordered {
        @Override
        public int getOrder() {
            return Ordered.HIGHEST_PRECEDENCE;
        }

        @Override
        public void afterCommit() {
            streams.committed(new Event(line, 9_999_999, 2, What.READING));
        }
    }

    private static List<Long> idsOf(Stream<String> lines, int count) {
        var ids = new ArrayList<Long>();
        try (lines) {
            var heard = lines.iterator();
            while (ids.size() < count) {
                String line = heard.next();
                if (line.startsWith("id:")) {
                    ids.add(Long.parseLong(line.substring(3)));
                }
            }
        }
        return ids;
    }
}
