package jawread.server.judgement;

import jakarta.annotation.Nullable;
import jawread.server.judgement.SheetView.PlaceView;
import jawread.server.judgement.SheetView.VerdictView;

/**
 * What a reading came to: all of a sheet that the one who read waits for.
 *
 * @param round that it was read in, the one in force
 * @param place that it was read at
 * @param at the place where the walk stands now
 * @param verdict of the round
 * @param next the very next thing to do in the job; absent when all is done
 * @param say one sentence for ears
 */
public record ToldView(
        long part,
        long feature,
        int round,
        PlaceView place,
        long at,
        VerdictView verdict,
        @Nullable NextView next,
        String say) {}
