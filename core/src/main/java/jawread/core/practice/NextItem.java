package jawread.core.practice;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import jawread.core.misread.Slip;
import jawread.core.scale.Scale;

/**
 * What is served next. The same learner, the same seed and the same answers give the same items.
 *
 * @param scales to choose from, one or more
 * @param only the trap that all of them are of; empty: by weakness
 * @param toSet whether they are set rather than read
 * @param heard whether the parts are spoken: then only traps come that can be fallen into without an eye
 * @param before what the learner answered before the set began, on any scale
 * @param atWork slips owned to at real work lately, by trap
 * @param began when the set did
 */
public record NextItem(
        List<Scale> scales,
        Level level,
        Optional<Slip> only,
        boolean toSet,
        boolean heard,
        long seed,
        List<Try> before,
        Map<Strength.Trap, Integer> atWork,
        Instant began) {
    /** Every so many one is plain. */
    private static final int PLAIN_EVERY = 10;

    /** A trap that was fallen into comes again so many items later: within the next five, and not at once. */
    private static final int AGAIN_AFTER = 3;

    private static final long APART = 0x9E3779B97F4A7C15L;

    public NextItem {
        scales = List.copyOf(scales);
        before = List.copyOf(before);
        atWork = Map.copyOf(atWork);
        if (scales.isEmpty()) {
            throw new IllegalArgumentException("Practice needs a scale");
        }
    }

    /** @param answered those of the set so far, in their order */
    public Item after(List<Try> answered) {
        int number = answered.size();
        var random = new SplittableRandom(seed + APART * (number + 1));
        Optional<Strength.Trap> again = again(answered);
        if (again.isPresent()) {
            return draw(again.get(), random);
        }
        List<Strength.Trap> traps = level.aims() || only.isPresent() ? traps() : List.of();
        boolean isPlain = only.isEmpty() && number % PLAIN_EVERY == PLAIN_EVERY - 1;
        return isPlain || traps.isEmpty()
                ? Items.draw(scales.get(random.nextInt(scales.size())), level, Optional.empty(), toSet, random)
                : draw(
                        byWeakness(
                                traps,
                                Strength.of(Stream.concat(before.stream(), answered.stream())
                                        .toList()),
                                random),
                        random);
    }

    /** The trap of the answer three items ago, where it was fallen into and did not come since. */
    private Optional<Strength.Trap> again(List<Try> answered) {
        int at = answered.size() - AGAIN_AFTER;
        if (at < 0 || answered.get(at).right() || answered.get(at).slips().isEmpty()) {
            return Optional.empty();
        }
        Try fallen = answered.get(at);
        var trap = new Strength.Trap(fallen.scale(), fallen.slips().get(0));
        boolean cameSince = answered.subList(at + 1, answered.size()).stream()
                .anyMatch(each ->
                        each.scale().equals(trap.scale()) && each.aimed().equals(Optional.of(trap.slip())));
        return Optional.of(trap).filter(wanted -> !cameSince && traps().contains(wanted));
    }

    private List<Strength.Trap> traps() {
        var traps = new ArrayList<Strength.Trap>();
        for (Scale scale : scales) {
            Items.slipsOn(scale, level.hasBase()).stream()
                    .filter(slip -> only.isEmpty() || only.get() == slip)
                    .filter(slip -> !heard || Strength.HEARD.contains(slip))
                    .forEach(slip -> traps.add(new Strength.Trap(scale.id(), slip)));
        }
        return traps;
    }

    private Strength.Trap byWeakness(
            List<Strength.Trap> traps, Map<Strength.Trap, Strength> now, SplittableRandom random) {
        double[] upTo = new double[traps.size()];
        double sum = 0;
        for (int i = 0; i < upTo.length; i++) {
            Strength.Trap trap = traps.get(i);
            sum += now.getOrDefault(trap, Strength.UNKNOWN).weight(began, atWork.getOrDefault(trap, 0));
            upTo[i] = sum;
        }
        double at = random.nextDouble(sum);
        for (int i = 0; i < upTo.length; i++) {
            if (at < upTo[i]) {
                return traps.get(i);
            }
        }
        return traps.get(traps.size() - 1);
    }

    private Item draw(Strength.Trap trap, SplittableRandom random) {
        Scale scale = scales.stream()
                .filter(each -> each.id().equals(trap.scale()))
                .findFirst()
                .orElseThrow();
        return Items.draw(scale, level, Optional.of(trap.slip()), toSet, random);
    }
}
