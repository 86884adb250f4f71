package jawread.core.assess;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import jawread.core.gauge.Method;
import jawread.core.gauge.SettingMasters;
import jawread.core.heat.Material;
import jawread.core.judge.Warmth;
import jawread.core.judge.Warmth.Temperatures;
import jawread.core.length.Length;

/**
 * All gauges and masters of the drawer as they stand, and what warmth is taken to be where nobody measured it.
 *
 * @param byId those put away too: what was read with them is judged still
 * @param masters none that is retired
 * @param apart δT in K, where nobody measured
 * @param fromTwenty ΔT20 in K
 * @param measuredApart δT in K, where both were measured
 */
public record Instruments(
        Map<Long, Instrument> byId, List<UsableMaster> masters, double apart, double fromTwenty, double measuredApart) {
    public Instruments {
        byId = Map.copyOf(byId);
        masters = List.copyOf(masters);
    }

    /** Throws {@link IllegalArgumentException} for one that was never in the drawer. */
    public Instrument of(long id) {
        Instrument found = byId.get(id);
        if (found == null) {
            throw new IllegalArgumentException("No gauge " + id + " among " + byId.size());
        }
        return found;
    }

    /** Whether these gauges, and all they rest on, are the same among others; one that only the others have is not. */
    boolean areSameFor(Set<Long> gauges, Instruments other) {
        if (this == other) {
            return true;
        }
        boolean isAnySet = false;
        for (long id : gauges) {
            Instrument here = byId.get(id);
            if (here == null || !here.equals(other.byId.get(id))) {
                return false;
            }
            isAnySet |= here.gauge().kind().isComparator();
        }
        return isAnySet
                ? equals(other)
                : apart == other.apart && fromTwenty == other.fromTwenty && measuredApart == other.measuredApart;
    }

    /** The gauge whose scale a reading was read on. */
    public Instrument readOn(Reading reading) {
        return of(reading.with().read());
    }

    /** {@code M6}, {@code T1 + M6}, or {@code M6 on a master}. */
    public String number(ReadWith with) {
        return method(with).name();
    }

    /** Of a size that is made of several figures each gauge once: {@code M6 and B1}. */
    public String number(Reading reading) {
        return reading.figures().map(figure -> number(figure.with())).distinct().collect(Collectors.joining(" and "));
    }

    /** As it was read with, whatever became of it since; in nobody's hands. */
    public Method method(ReadWith with) {
        return new Method(
                of(with.gauge()).gauge(),
                with.reader().map(reader -> of(reader).gauge()),
                Optional.empty(),
                with.onMaster());
    }

    /** Of a part of some material, at what was measured of it and the gauge, if anything was. */
    public Warmth warmth(Material part, Material scale, Optional<Temperatures> measured) {
        return measured.isPresent()
                ? new Warmth(part.alpha(), scale.alpha(), measured, measuredApart, 0)
                : Warmth.unmeasured(part.alpha(), scale.alpha(), apart, fromTwenty);
    }

    /**
     * Um at best: U of what such a method could be set on at a size and a moment; zero for any other gauge, and where nothing could set it.
     */
    Length masterExpanded(Method method, Length size, Warmth warmth, Instant at) {
        return method.isSet()
                ? settingMasters(warmth, at).expandedFor(method, size).orElse(Length.ZERO)
                : Length.ZERO;
    }

    /** What comparators can be set on at a moment: masters, and gauges that hold a size. */
    public SettingMasters settingMasters(Warmth warmth, Instant at) {
        return new SettingMasters(
                masters.stream()
                        .filter(each -> each.isUsableAt(at))
                        .map(UsableMaster::master)
                        .toList(),
                byId.entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(each -> each.getValue().gauge())
                        .filter(gauge -> !gauge.kind().isTransfer())
                        .toList(),
                warmth);
    }
}
