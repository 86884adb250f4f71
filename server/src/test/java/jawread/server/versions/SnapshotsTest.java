package jawread.server.versions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jawread.server.versions.Snapshots.Before;
import jawread.server.versions.Snapshots.Kind;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionSynchronizationManager;

class SnapshotsTest {
    private static final Kind<Long, String> PLAN = Kind.small("plan");
    private static final List<Subject> SUBJECTS = List.of(Subject.plan(7), Subject.SHOP);

    private final Versions versions = mock();
    private final Snapshots snapshots = new Snapshots(versions);
    private final List<String> found = new ArrayList<>();

    private void stored(long plan, long shop) {
        when(versions.of(any())).thenReturn(List.of(plan, shop));
        when(versions.stored(any())).thenReturn(List.of(plan, shop));
    }

    private String ask(String finds) {
        return snapshots.of(PLAN, 1L, SUBJECTS, () -> {
            found.add(finds);
            return finds;
        });
    }

    @Test
    void what_was_found_is_given_out_again_while_its_versions_stand() {
        stored(3, 8);
        assertThat(ask("a")).isEqualTo("a");
        assertThat(ask("b")).isEqualTo("a");
        stored(4, 8);
        assertThat(ask("c")).isEqualTo("c");
        stored(4, 9);
        assertThat(ask("d")).isEqualTo("d");
        assertThat(found).containsExactly("a", "c", "d");
    }

    /** It may be made of what was found before the change: nobody gets it under the versions after it. */
    @Test
    void what_changed_while_it_was_looked_for_is_given_once_and_kept_for_nobody() {
        when(versions.of(any())).thenReturn(List.of(3L, 8L));
        when(versions.stored(any())).thenReturn(List.of(4L, 8L));
        assertThat(ask("torn")).isEqualTo("torn");
        stored(4, 8);
        assertThat(ask("whole")).isEqualTo("whole");
        assertThat(ask("again")).isEqualTo("whole");
    }

    @Test
    void who_finds_it_anew_is_told_what_there_was_and_which_of_it_changed() {
        stored(3, 8);
        ask("a");
        stored(4, 8);
        var told = new ArrayList<Optional<Before<String>>>();
        snapshots.of(PLAN, 1L, SUBJECTS, before -> {
            told.add(before);
            return "b";
        });
        assertThat(told).containsExactly(Optional.of(new Before<>("a", Set.of(Subject.plan(7)))));
    }

    @Test
    void what_a_transaction_finds_after_its_own_change_is_kept_for_nobody() {
        stored(3, 8);
        TransactionSynchronizationManager.initSynchronization();
        try {
            Versions.changing();
            assertThat(ask("not committed")).isEqualTo("not committed");
        } finally {
            TransactionSynchronizationManager.getSynchronizations().forEach(each -> each.afterCompletion(0));
            TransactionSynchronizationManager.clearSynchronization();
        }
        assertThat(ask("committed")).isEqualTo("committed");
    }
}
