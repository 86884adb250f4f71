package jawread.server.judgement;

import jakarta.annotation.Nullable;
import java.util.List;

/**
 * What to take in and to look at on a part before any gauge touches it.
 *
 * @param lives present on a job that lives hang on
 * @param cautions those that whoever stands at this screen has not ticked in this job
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
        @Nullable NextView next) {
    public record CautionView(String code, String title, String sentence) {}

    /**
     * @param found ok, not-ok or not-seen; absent while nobody has looked
     * @param person who looked last; absent while nobody has
     */
    public record ItemView(
            long id,
            String name,
            boolean decisive,
            @Nullable String found,
            String note,
            @Nullable String person) {}
}
