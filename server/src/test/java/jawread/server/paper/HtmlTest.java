package jawread.server.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** What a page is made of. */
class HtmlTest {
    @Test
    void what_no_page_may_hold_is_left_out() {
        assertThat(Html.escaped("a\u0000b\u000bc\ud83d\ude00<&>'\""))
                .isEqualTo("abc\ud83d\ude00&lt;&amp;&gt;&#39;&quot;");
    }

    @Test
    void only_a_word_that_is_long_may_be_parted() {
        var grid = new Block.Grid(
                List.of("By", "Remark"),
                List.of(Block.Line.of("Tilde", "Bo".repeat(60)), Block.Line.of("Bero", "UTC+00:00")));
        String page = new Html().article(new Document("", "a", List.of(), List.of(grid)));
        assertThat(page)
                .contains("<td>Tilde</td><td class=\"parted\">" + "Bo".repeat(60) + "</td>")
                .contains("<th scope=\"col\">Remark</th>")
                .contains("<td>UTC+00:00</td>");
    }

    @Test
    void a_mark_on_the_low_side_is_the_same_in_a_mirror() {
        String high = VerdictMarks.of("gone", "high");
        assertThat(VerdictMarks.of("gone", "low").replaceAll("<g [^>]*>|</g>", ""))
                .isEqualTo(high);
        assertThat(VerdictMarks.of("too-close", "")).isNotEqualTo(VerdictMarks.of("too-close", "high"));
    }
}
