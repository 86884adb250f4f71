package jawread.server.form;

import jakarta.annotation.Nullable;
import java.math.BigDecimal;
import java.util.List;
import jawread.server.words.LengthText;

/**
 * What the pictures of a feature's form are drawn from; lengths in whole picometres where they are only drawn.
 *
 * @param round whether its sections are circles
 * @param hollow whether metal lies outside the size: a bore
 * @param lengthPm of the feature; absent while nobody has said
 * @param bands that no contact may stand in
 * @param thirdAxis worth a reading, and why; absent where none is
 */
public record FormPictureView(
        boolean round,
        boolean hollow,
        @Nullable Long lengthPm,
        List<LevelView> levels,
        List<WallView> walls,
        List<KeptClearView> bands,
        @Nullable ThirdAxisView thirdAxis) {
    /**
     * A section, as a round picture.
     *
     * @param ellipse through its points; absent where they do not tell one
     * @param longAxis in degrees; absent where there is no more oval than this method sees
     * @param sentence the same in words
     */
    public record LevelView(
            String name,
            List<AroundView> points,
            @Nullable EllipseView ellipse,
            @Nullable Double longAxis,
            String sentence) {}

    public record AroundView(long place, String axis, BigDecimal degrees, LengthText size) {}

    /** d(θ) = mean + cosine·cos 2θ + sine·sin 2θ, in picometres. */
    public record EllipseView(long meanPm, double cosinePm, double sinePm) {}

    /** An axis, as a side picture. @param sentence the same in words */
    public record WallView(String axis, BigDecimal degrees, List<DownView> points, String sentence) {}

    /** @param depthPm from the feature's face; absent while nobody has said */
    public record DownView(
            long place, String section, @Nullable Long depthPm, LengthText size) {}

    public record KeptClearView(long fromPm, long toPm, String what) {}

    /** @param sections that want it */
    public record ThirdAxisView(BigDecimal degrees, List<String> sections, String sentence) {}
}
