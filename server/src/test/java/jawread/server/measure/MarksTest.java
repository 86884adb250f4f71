package jawread.server.measure;

import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.RETURNS_DEEP_STUBS;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import jawread.core.assess.ReadingMark;
import jawread.core.assess.ReadingMark.Answer;
import jawread.server.access.May;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.measure.Marks.MakeMark;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class MarksTest {
    private final ReadingMarkRepository repository = mock();
    private final ReadingRepository readings = mock();
    private final People people = mock();
    private final Journal journal = mock();
    private final Words words = mock();
    private final ReadingSwapRepository swaps = mock();
    private final Marks marks = new Marks(
            mock(), mock(), repository, swaps, readings, people, journal, Clock.systemUTC(), words, mock(), mock());
    private final ReadingRow reading = mock(ReadingRow.class, RETURNS_DEEP_STUBS);
    private final Person ansa = new Person(1, "Ansa", "turner", Set.of(May.MEASURES));
    private final UUID id = UUID.randomUUID();

    @BeforeEach
    void one_reading_is_kept() {
        when(readings.findById(id)).thenReturn(Optional.of(reading));
        when(reading.getId()).thenReturn(id);
        when(people.byId(1)).thenReturn(ansa);
        when(words.say(any(String.class))).thenReturn("a sentence");
    }

    @Test
    void a_note_may_be_made_on_a_struck_reading() {
        when(repository.existsByReadingIdAndKind(id, ReadingMark.Kind.STRIKE)).thenReturn(true);
        marks.make(new MakeMark(UUID.randomUUID(), id, ReadingMark.Kind.NOTE, Answer.NONE, "burr beside it", 1));
        verify(repository).save(any());
        verify(journal).write(reading.jobId(), What.MARK);
    }

    @Test
    void a_reason_of_more_than_200_characters_is_refused_before_anything_is_written() {
        var mark = new MakeMark(UUID.randomUUID(), id, ReadingMark.Kind.STRIKE, Answer.NONE, "x".repeat(201), 1);
        assertThatThrownBy(() -> marks.make(mark))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> org.assertj.core.api.Assertions.assertThat(refused.field())
                                .isEqualTo("reason"));
        verify(repository, never()).save(any());
        verify(journal, never()).write(any(Long.class), any());
    }

    @Test
    void the_same_mark_sent_again_is_made_once_and_tells_nobody() {
        var again = UUID.randomUUID();
        var kept = new ReadingMarkRow(again, reading, ReadingMark.Kind.STRIKE, Answer.NONE, "dirt", ansa, null);
        when(repository.findById(again)).thenReturn(Optional.of(kept));
        marks.make(new MakeMark(again, id, ReadingMark.Kind.STRIKE, Answer.NONE, "dirt", 1));
        verify(repository, never()).save(any());
        verify(journal, never()).write(any(Long.class), any());
        var other = new MakeMark(again, id, ReadingMark.Kind.STRIKE, Answer.NONE, "slipped", 1);
        assertThatThrownBy(() -> marks.make(other)).isInstanceOf(Refused.class).hasMessageContaining("kept-otherwise");
    }
}
