package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.Feature;
import jawread.core.assess.Origin;
import jawread.server.access.Person;
import jawread.server.access.ScreenTickets;
import jawread.server.job.Part;
import jawread.server.live.Receipt;
import jawread.server.measure.KeepReading;
import jawread.server.measure.Marks;
import jawread.server.measure.Readings;
import jawread.server.measure.TakenAt;
import jawread.server.words.Problems;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultMatcher;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import tools.jackson.databind.json.JsonMapper;

class MeasuringControllerTest {
    private static final String TYPED = """
            {"part": 2, "feature": 3, "round": 0, "place": 4, "gauge": 5, "person": 6,
             "typed": "32.221", "takenAt": "2026-03-10T08:00:00.123456Z"}""";

    private final Readings readings = mock();
    private final Marks marks = mock();
    private final Sheets sheets = mock();
    private final Words words = mock();
    private final ScreenTickets tickets = mock();
    private final MockMvc mvc = MockMvcBuilders.standaloneSetup(new MeasuringController(
                    JsonMapper.builder().build(), readings, marks, sheets, mock(BenchOverview.class), tickets, words))
            .setControllerAdvice(new Problems(words, List.of()))
            .build();
    private final UUID id = UUID.randomUUID();
    private final Part part = mock();
    private final Feature feature = mock();

    @BeforeEach
    void somebodyStandsThere() {
        Person person = mock();
        when(person.id()).thenReturn(6L);
        when(tickets.whoStandsAt(any(), any())).thenReturn(person);
    }

    private TakenAt taken(Receipt receipt) {
        return new TakenAt(receipt, id, part, feature, 0, mock());
    }

    @Test
    void whoever_asks_for_lines_has_what_it_came_to_before_the_sheet_is_made() throws Exception {
        when(readings.keep(any())).thenReturn(taken(Receipt.now(id, 7)));
        when(sheets.told(any()))
                .thenReturn(Optional.of(new ToldView(2, 3, 0, null, 5, null, null, "32.221 mm kept at one")));
        when(sheets.of(part, feature)).thenThrow(new IllegalArgumentException("no sentence for this"));
        String[] lines = lines(status().isCreated());
        assertThat(lines).hasSize(2);
        assertThat(lines[0]).contains("\"seq\":7", "32.221 mm kept at one").doesNotContain("\"shown\"");
        // Kept is kept, though the sheet could not be made.
        assertThat(lines[1]).contains("\"seq\":7", "\"shown\":null");
        var order = inOrder(sheets);
        order.verify(sheets).told(any());
        order.verify(sheets).of(part, feature);
    }

    private String[] lines(ResultMatcher status) throws Exception {
        return mvc.perform(put("/readings/" + id)
                        .contentType(MediaType.APPLICATION_JSON)
                        .accept(ToldFirst.LINES, "application/json;q=0.9")
                        .content(TYPED))
                .andExpect(status)
                .andReturn()
                .getResponse()
                .getContentAsString()
                .split("\n");
    }

    @Test
    void a_refusal_has_no_lines() throws Exception {
        doThrow(Refused.of(HttpStatus.CONFLICT, "kept-otherwise", "Something else is kept under this number."))
                .when(readings)
                .keep(any());
        assertThat(lines(status().isConflict())).singleElement().asString().contains("kept-otherwise");
    }

    @Test
    void a_reading_is_kept_first_and_judged_after() throws Exception {
        when(readings.keep(any())).thenReturn(taken(Receipt.now(id, 7)));
        mvc.perform(put("/readings/" + id)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(TYPED))
                .andExpect(status().isCreated());
        var kept = ArgumentCaptor.forClass(KeepReading.class);
        verify(readings).keep(kept.capture());
        assertThat(kept.getValue().id()).isEqualTo(id);
        assertThat(kept.getValue().origin()).isEqualTo(Origin.TYPED);
        assertThat(kept.getValue().typed()).isEqualTo(Optional.of("32.221"));
        // Milliseconds: what a browser's clock gives, and what comes back equal from the database.
        assertThat(kept.getValue().takenAt()).isEqualTo(Instant.parse("2026-03-10T08:00:00.123Z"));
        verify(sheets).of(part, feature);
    }

    @Test
    void one_sent_before_is_answered_with_200() throws Exception {
        when(readings.keep(any())).thenReturn(taken(Receipt.before(id, 7)));
        mvc.perform(put("/readings/" + id)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(TYPED))
                .andExpect(status().isOk());
    }

    @Test
    void a_kept_reading_is_answered_with_its_receipt_whatever_comes_of_its_page() throws Exception {
        when(readings.keep(any())).thenReturn(taken(Receipt.now(id, 7)));
        when(sheets.of(part, feature)).thenThrow(new IllegalArgumentException("no sentence for this"));
        mvc.perform(put("/readings/" + id)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(TYPED))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.id").value(id.toString()))
                .andExpect(jsonPath("$.seq").value(7))
                .andExpect(jsonPath("$.kept").value("now"))
                .andExpect(jsonPath("$.shown").doesNotExist());
    }

    @Test
    void so_is_a_mark() throws Exception {
        when(marks.make(any())).thenReturn(new Marks.Marked(Receipt.before(id), 2, 3));
        when(sheets.of(2, 3)).thenThrow(new IllegalArgumentException("no sentence for this"));
        mvc.perform(put("/marks/" + id)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"reading\": \"" + id
                                + "\", \"kind\": \"NOTE\", \"reason\": \"dirt\", \"person\": 1}"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.kept").value("before"))
                .andExpect(jsonPath("$.seq").doesNotExist());
    }

    @Test
    void a_refusal_is_a_problem_with_a_code_and_nothing_is_judged() throws Exception {
        doThrow(Refused.of(HttpStatus.CONFLICT, "kept-otherwise", "Something else is kept under this number."))
                .when(readings)
                .keep(any());
        mvc.perform(put("/readings/" + id)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(TYPED))
                .andExpect(status().isConflict())
                .andExpect(content().contentTypeCompatibleWith(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath("$.code").value("kept-otherwise"))
                .andExpect(jsonPath("$.detail").value("Something else is kept under this number."));
        verify(sheets, never()).of(any(Long.class), any(Long.class));
    }

    @Test
    void a_failure_of_ours_says_that_nothing_typed_is_lost_and_not_what_broke() throws Exception {
        when(words.say("problem.failed-here")).thenReturn("What you typed is not lost: try again.");
        when(readings.keep(any())).thenThrow(new IllegalStateException("a secret of the inside"));
        mvc.perform(put("/readings/" + id)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(TYPED))
                .andExpect(status().isInternalServerError())
                .andExpect(jsonPath("$.code").value("failed-here"))
                .andExpect(jsonPath("$.detail").value("What you typed is not lost: try again."));
    }

    @Test
    void a_mark_that_is_neither_strike_nor_note_is_refused() throws Exception {
        when(words.say(any(String.class), any())).thenReturn("The request could not be understood.");
        mvc.perform(put("/marks/" + id)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"reading\": \"" + id
                                + "\", \"kind\": \"RUB OUT\", \"reason\": \"dirt\", \"person\": 1}"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.code").value("bad-request"));
        verify(marks, never()).make(any());
    }
}
