package jawread.core.assess;

import jawread.core.judge.DecisionRule;
import jawread.core.judge.PlaceAverage;
import jawread.core.judge.RepeatSchool;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;

/**
 * The schools in force for a job.
 *
 * @param placeValue how the repeats at a place become its value
 * @param cleanUp wanted off each side at rework
 */
public record Rules(
        RepeatSchool repeats,
        PlaceValueSchool placeValue,
        DecisionRule decision,
        TaperSchool taper,
        QuickCheck quickCheck,
        Length cleanUp) {
    /** How the repeats at a place become its value. */
    public enum PlaceValueSchool {
        MEAN,
        MEDIAN,
        WORST;

        /** Any other word is the mean. */
        public static PlaceValueSchool of(String code) {
            return switch (code) {
                case "median" -> MEDIAN;
                case "worst" -> WORST;
                default -> MEAN;
            };
        }
    }

    /** What is called the taper of a feature. */
    public enum TaperSchool {
        LARGEST_DIFFERENCE,
        END_TO_END,
        SLOPE;

        /** Any other word is the largest difference. */
        public static TaperSchool of(String code) {
            return switch (code) {
                case "end-to-end" -> END_TO_END;
                case "slope" -> SLOPE;
                default -> LARGEST_DIFFERENCE;
            };
        }
    }

    /** Before which places a quick check with another gauge is asked for. */
    public enum QuickCheck {
        NO_PLACE,
        FIRST_PLACE,
        EVERY_PLACE;

        /** Any other word is none. */
        public static QuickCheck of(String code) {
            return switch (code) {
                case "every-place" -> EVERY_PLACE;
                case "first-place" -> FIRST_PLACE;
                default -> NO_PLACE;
            };
        }
    }

    /** The worst is the largest of a hole. */
    PlaceAverage average(FeatureKind kind) {
        return switch (placeValue) {
            case MEAN -> PlaceAverage.MEAN;
            case MEDIAN -> PlaceAverage.MEDIAN;
            case WORST -> kind.shrinksWithCutting() ? PlaceAverage.WORST_SHAFT : PlaceAverage.WORST_BORE;
        };
    }
}
