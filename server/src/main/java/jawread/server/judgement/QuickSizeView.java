package jawread.server.judgement;

import jakarta.annotation.Nullable;
import java.util.List;
import jawread.server.job.LimitsView;
import jawread.server.judgement.SheetView.VerdictView;
import jawread.server.words.LengthText;

/**
 * One size judged on its own, with no job.
 *
 * @param limits absent until they are understood
 * @param limitsRefused why they are not; empty otherwise
 * @param doubts what to look at again in them
 * @param size absent until there is a figure that is understood
 * @param figureRefused why it is not; empty otherwise
 * @param remark what to look at again in the figure; empty when nothing is odd
 * @param verdict absent until there are both
 * @param why how well it is known, and the rule that fired; empty until there are both
 * @param say all of it in one sentence, for ears; empty until there are both
 */
public record QuickSizeView(
        @Nullable LimitsView limits,
        String limitsRefused,
        List<String> doubts,
        @Nullable LengthText size,
        String figureRefused,
        String remark,
        @Nullable VerdictView verdict,
        String why,
        String say) {}
