package jawread.core.judge;

import java.util.Locale;
import java.util.Optional;
import jawread.core.judge.WayOut.Cut;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.limit.Limits;

/**
 * All that is said of one size: the verdict, on which side, how sure it is, and what can be done about it.
 *
 * @param side of the limits on which it lies, or to whose limit it is too close
 * @param decision against the limits between which it may be used
 * @param ladder where a service limit is demanded
 * @param cut what to take off; present when metal is left, but for a limit gauge, which does not say how much
 */
public record SizeJudgement(
        SizeVerdict verdict, Side side, Decision decision, Optional<WearLadder> ladder, Optional<Cut> cut) {
    /** Of the limits, low left. */
    public enum Side {
        LOW,
        HIGH,
        /** Within them. */
        NEITHER;

        public String code() {
            return this == NEITHER ? "" : name().toLowerCase(Locale.ROOT);
        }
    }

    /** @param standard u of the size, in µm, zero or above */
    public static SizeJudgement of(Demand demand, DecisionRule rule, Length size, double standard) {
        var decision = Decision.of(rule, size, demand.usable(), standard);
        return demand.service()
                .map(service -> worn(
                        demand,
                        decision,
                        WearLadder.of(
                                Wears.of(demand.kind()), rule, size, demand.limits(), service.length(), standard)))
                .orElseGet(() -> made(demand, decision, size));
    }

    private static SizeJudgement made(Demand demand, Decision decision, Length size) {
        Limits limits = demand.shown();
        SizeVerdict verdict = switch (decision.word()) {
            case IN -> SizeVerdict.IN;
            case OUT_LOW, OUT_HIGH ->
                WayOut.of(demand.kind(), size, limits).word() == WayOut.Word.METAL_LEFT
                        ? SizeVerdict.METAL_LEFT
                        : SizeVerdict.GONE;
            case TOO_CLOSE_LOW, TOO_CLOSE_HIGH, TOO_CLOSE_BOTH -> SizeVerdict.TOO_CLOSE;
        };
        Side side = switch (decision.word()) {
            case OUT_LOW, TOO_CLOSE_LOW -> Side.LOW;
            case OUT_HIGH, TOO_CLOSE_HIGH -> Side.HIGH;
            case IN, TOO_CLOSE_BOTH -> Side.NEITHER;
        };
        Optional<Cut> cut = verdict == SizeVerdict.METAL_LEFT
                ? WayOut.of(demand.kind(), size, limits).cut()
                : Optional.empty();
        return new SizeJudgement(verdict, side, decision, Optional.empty(), cut);
    }

    private static SizeJudgement worn(Demand demand, Decision decision, WearLadder ladder) {
        boolean shrinks = demand.kind().shrinksWithCutting();
        Side wearSide = shrinks ? Side.LOW : Side.HIGH;
        Side otherSide = shrinks ? Side.HIGH : Side.LOW;
        WearLadder.Step step = ladder.tooCloseTo().orElse(ladder.step());
        Side side = switch (step) {
            case WRONG_WAY -> otherSide;
            case WORN, BEYOND_SERVICE -> wearSide;
            case AS_NEW, WITHIN_SERVICE -> Side.NEITHER;
        };
        SizeVerdict verdict = ladder.tooCloseTo().isPresent()
                ? SizeVerdict.TOO_CLOSE
                : switch (step) {
                    case AS_NEW -> SizeVerdict.AS_NEW;
                    case WORN -> SizeVerdict.WORN;
                    case BEYOND_SERVICE -> SizeVerdict.BEYOND_SERVICE;
                    case WRONG_WAY -> SizeVerdict.WRONG_WAY;
                    case WITHIN_SERVICE -> SizeVerdict.WITHIN_SERVICE;
                };
        return new SizeJudgement(verdict, side, decision, Optional.of(ladder), Optional.empty());
    }

    /** Of a bracket: as that says it, whatever the way it is worn. Beyond the end of a limit gauge nobody knows what to take off. */
    public static SizeJudgement of(Demand demand, Bracket bracket) {
        Limits limits = demand.shown();
        var word = bracket.word(limits);
        var plain = Decision.of(DecisionRule.PLAIN, bracket.value(), demand.usable(), 0);
        if (word == Bracket.Word.TOO_CLOSE) {
            boolean low = limits.isBelow(bracket.low());
            boolean high = limits.isAbove(bracket.high());
            Side side = low == high ? Side.NEITHER : low ? Side.LOW : Side.HIGH;
            return new SizeJudgement(SizeVerdict.TOO_CLOSE, side, plain, Optional.empty(), Optional.empty());
        }
        // On one side as a whole, it is there with any size of it.
        SizeJudgement there = of(demand, DecisionRule.PLAIN, bracket.within(), 0);
        return bracket.isOpen()
                ? new SizeJudgement(there.verdict, there.side, there.decision, there.ladder, Optional.empty())
                : there;
    }
}
