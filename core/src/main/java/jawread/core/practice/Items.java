package jawread.core.practice;

import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.concurrent.ConcurrentHashMap;
import jawread.core.length.Length;
import jawread.core.misread.Misread;
import jawread.core.misread.Slip;
import jawread.core.misread.TrueReading;
import jawread.core.scale.Comparator;
import jawread.core.scale.Digits;
import jawread.core.scale.Feeler;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Parts;
import jawread.core.scale.Rule;
import jawread.core.scale.Scale;
import jawread.core.scale.ScalePart;
import jawread.core.scale.Sense;
import jawread.core.scale.Thimble;
import jawread.core.scale.Trap;

/** Draws settings of a scale: anywhere, or where an eye makes a given slip. The same seed draws the same. */
public final class Items {
    /** A setting that tempts to a slip is looked for so often before any other is taken. */
    private static final int TRIES = 300;

    /** Of a needle: as far as it goes to either side, short of a whole turn. */
    private static final int NEEDLE_OF_A_TURN_PERCENT = 90;

    private static final int SAMPLES = 60;
    private static final long SAMPLED_FROM = 20_260_301;
    private static final int MOST_LEAVES = 3;

    private static final Map<String, Map<Boolean, Set<Slip>>> OF_SCALES = new ConcurrentHashMap<>();

    private Items() {}

    /** The slips that can be made on a scale at all. @param hasBase whether its gauge adds something */
    public static Set<Slip> slipsOn(Scale scale, boolean hasBase) {
        return OF_SCALES
                .computeIfAbsent(scale.id(), id -> new ConcurrentHashMap<>())
                .computeIfAbsent(hasBase, with -> sampled(scale, with));
    }

    private static Set<Slip> sampled(Scale scale, boolean hasBase) {
        var random = new SplittableRandom(SAMPLED_FROM);
        Set<Slip> all = EnumSet.noneOf(Slip.class);
        Level level = hasBase ? Level.BASE : Level.VERNIER;
        for (int i = 0; i < SAMPLES; i++) {
            Tempted.at(anywhere(scale, level, random)).stream()
                    .map(Misread::slip)
                    .forEach(all::add);
        }
        return all;
    }

    /**
     * A setting of a scale.
     *
     * @param aimed the slip that it tempts to, where it can; empty: anywhere
     */
    public static Item draw(Scale scale, Level level, Optional<Slip> aimed, boolean toSet, SplittableRandom random) {
        boolean canBeSet = toSet && !(scale instanceof Feeler);
        if (aimed.isEmpty()) {
            return Item.of(anywhere(scale, level, random), canBeSet, aimed);
        }
        Optional<TrueReading> weaker = Optional.empty();
        for (int i = 0; i < TRIES; i++) {
            TrueReading here = anywhere(scale, level, random);
            if (tempts(here, aimed.get())) {
                if (isWhereItMisleads(here, aimed.get())) {
                    return Item.of(here, canBeSet, aimed);
                }
                weaker = Optional.of(here);
            }
        }
        return weaker.map(here -> Item.of(here, canBeSet, aimed))
                .orElseGet(() -> Item.of(anywhere(scale, level, random), canBeSet, Optional.empty()));
    }

    private static boolean tempts(TrueReading here, Slip slip) {
        return Tempted.at(here).stream().anyMatch(each -> each.slip() == slip);
    }

    /** Whether the trap that leads to the slip is open there; one that has none misleads everywhere. */
    private static boolean isWhereItMisleads(TrueReading here, Slip slip) {
        Optional<Trap.Kind> kind = switch (slip) {
            case NEXT_LINE -> Optional.of(Trap.Kind.LINE_NOT_YET);
            case MISSED_LINE -> Optional.of(Trap.Kind.LINE_ALREADY);
            case MISSED_HALF -> Optional.of(Trap.Kind.HALF_SHOWS);
            case LOST_TURN -> Optional.of(Trap.Kind.PAST_HALF_A_TURN);
            default -> Optional.empty();
        };
        List<Trap> traps = here.scale().traps().stream()
                .filter(trap -> kind.equals(Optional.of(trap.kind())))
                .toList();
        return traps.isEmpty()
                || traps.stream()
                        .anyMatch(trap -> here.parts().count(trap.part()).stream()
                                .anyMatch(count -> trap.holdsAt(count.doubleValue())));
    }

    private static TrueReading anywhere(Scale scale, Level level, SplittableRandom random) {
        if (scale instanceof Feeler feeler) {
            return leaves(feeler, random);
        }
        List<Length> bases = Bases.of(scale);
        boolean picks = !bases.isEmpty() && (level.hasBase() || scale instanceof Comparator);
        Length base = picks ? bases.get(random.nextInt(bases.size())) : Bases.plain(scale);
        Length step = step(scale, level);
        if (scale instanceof Comparator needle) {
            long most = needle.linesATurn()
                    * NEEDLE_OF_A_TURN_PERCENT
                    / 100
                    / (step.picometres() / scale.leastCount().picometres());
            Sense sense = random.nextBoolean() ? Sense.GROWS : Sense.SHRINKS;
            Length wanted = base.plus(step.times(random.nextLong(-most, most + 1)));
            return standing(scale, base, Optional.of(sense), wanted);
        }
        long steps = reach(scale).picometres() / step.picometres();
        return standing(scale, base, Optional.empty(), base.plus(step.times(random.nextLong(1, steps))));
    }

    private static TrueReading standing(Scale scale, Length base, Optional<Sense> sense, Length wanted) {
        Parts parts = scale.set(base, sense, wanted).orThrow().shown().parts();
        return TrueReading.of(scale, base, parts);
    }

    private static TrueReading leaves(Feeler feeler, SplittableRandom random) {
        List<ScalePart> all = feeler.parts();
        var counts = new LinkedHashMap<String, BigDecimal>();
        all.forEach(leaf -> counts.put(leaf.name(), BigDecimal.ZERO));
        for (int i = 0; i <= random.nextInt(MOST_LEAVES); i++) {
            counts.put(all.get(random.nextInt(all.size())).name(), BigDecimal.ONE);
        }
        return TrueReading.of(feeler, Length.ZERO, new Parts(counts));
    }

    /** How far it goes beyond what its gauge adds. */
    private static Length reach(Scale scale) {
        if (scale instanceof LinedScale lined) {
            return lined.coarse().times(lined.reach());
        }
        if (scale instanceof Rule rule) {
            return rule.leastCount().times(rule.reach());
        }
        if (scale instanceof Digits digits) {
            return digits.leastCount().times(digits.reach());
        }
        throw new IllegalArgumentException("No reach of " + scale.id());
    }

    /** The settings that a level takes in lie so far apart. */
    private static Length step(Scale scale, Level level) {
        if (level == Level.COARSE) {
            return scale instanceof LinedScale lined
                    ? lined.coarse()
                    : scale.leastCount().times(scale instanceof Digits ? 1 : 10);
        }
        return level == Level.FINE && scale instanceof Thimble head && head.hasVernier()
                ? head.thimbleDivision()
                : scale.leastCount();
    }
}
