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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

@ExtendWith(RunningServer.class)
@Timeout(30)
class EventsTest {
    private final Server server;

    EventsTest(Server server) {
        this.server = server;
    }

    private Stream<String> stream(String query, String lastSeen) throws Exception {
        var request = server.request("/api/events" + query);
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
        var database = server.bean(JdbcTemplate.class);
        for (long id = before + 1; id <= before + 2; id++) {
            database.update(
                    "insert into journal (id, job_id, seq, what, at) values (?, 9999999, ?, 'READING', current_timestamp)",
                    id,
                    id - before);
        }
        var streams = server.bean(EventStreams.class);
        streams.committed(new Event(before + 2, 9_999_999, 2, What.READING));
        streams.committed(new Event(before + 1, 9_999_999, 1, What.READING));
        assertThat(idsOf(lines, 2)).containsExactly(before + 1, before + 2);
        // Never in the head, so that the next thing that happens is written down in their place.
        database.update("delete from journal where id > ?", before);
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
