package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Server;
import jawread.server.judgement.JudgementView.JudgedFeatureView;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a report is made of is kept from one to the next, and made anew when anything that it rests on has changed. */
@ExtendWith(RunningServer.class)
class KeptForPaperTest {
    private final Server server;
    private final OneFeature one;

    KeptForPaperTest(Server server) {
        this.server = server;
        this.one = new OneFeature(server, OneFeature.journal("kept for paper"));
    }

    private List<JudgedFeatureView> onPaper() {
        return server.bean(JudgementPages.class).whole(one.part).features();
    }

    @Test
    void a_change_of_anything_it_rests_on_is_seen() {
        one.read("31.970", "31.970");
        List<JudgedFeatureView> first = onPaper();
        assertThat(onPaper()).isSameAs(first);

        one.read("31.960", "31.960");
        List<JudgedFeatureView> read = onPaper();
        assertThat(read.get(0).sizes()).hasSize(2);
        assertThat(onPaper()).isSameAs(read);

        assertThat(one.mark(one.at(), "SKIP", "a burr").status()).isEqualTo(200);
        List<JudgedFeatureView> marked = onPaper();
        assertThat(marked).isNotSameAs(read);

        assertThat(one.choose("near-limit", "plain").status()).isEqualTo(200);
        List<JudgedFeatureView> chosen = onPaper();
        assertThat(chosen.get(0).inFull()).isNotEqualTo(marked.get(0).inFull());

        assertThat(server.put(
                                "/api/v1/drawer/gauges/" + one.gauge + "/events/" + UUID.randomUUID(),
                                Map.of("kind", "dropped", "words", "on the bench"))
                        .status())
                .isEqualTo(200);
        assertThat(onPaper()).isNotSameAs(chosen);
    }
}
