package jawread.server.judgement;

import jakarta.annotation.Nullable;
import java.util.List;

/**
 * What to take in and to look at on a part before any gauge touches it.
 *
 * @param lives present on a job that lives hang on
 * @param cautions those that whoever stands at this screen has not ticked in this job
 * @param threadGauges that a thread may be tried with; none where the drawer has none
 * @param next what to do once all is looked at; absent when nothing is left
 */
public record LookView(
        long job,
        String jobName,
        long part,
        String partName,
        @Nullable String lives,
        List<CautionView> cautions,
        List<ItemView> items,
        List<ThreadGaugeView> threadGauges,
        @Nullable NextView next) {
    public record CautionView(String code, String title, String sentence) {}

    /**
     * @param found ok, not-ok or not-seen; absent while nobody has looked
     * @param gauge that a thread was tried with; absent where it was looked at
     * @param person who looked last; absent while nobody has
     */
    public record ItemView(
            long id,
            String name,
            boolean decisive,
            @Nullable String found,
            @Nullable Long gauge,
            String note,
            @Nullable String person) {}

    /** A thread gauge of the drawer. @param number on it, and its name */
    public record ThreadGaugeView(long id, String number) {}
}
