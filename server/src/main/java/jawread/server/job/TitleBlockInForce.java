package jawread.server.job;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.GeneralTolerance;
import jawread.core.limit.TitleBlock;

/**
 * A title block as it is kept with a feature.
 *
 * @param general a class of ISO 2768-1; empty text where none is in force
 * @param byDecimals whole picometres by the number of decimals
 */
record TitleBlockInForce(LengthUnit unit, String general, Map<Integer, Long> byDecimals) {
    static TitleBlockInForce of(TitleBlock block) {
        Map<Integer, Long> picometres = new TreeMap<>();
        block.byDecimals().forEach((decimals, length) -> picometres.put(decimals, length.picometres()));
        return new TitleBlockInForce(
                block.unit(), block.general().map(GeneralTolerance::code).orElse(""), picometres);
    }

    TitleBlock block() {
        Optional<GeneralTolerance> inForce =
                GeneralTolerance.of(general == null ? "" : general).fold(Optional::of, none -> Optional.empty());
        return new TitleBlock(
                unit,
                inForce,
                byDecimals.entrySet().stream()
                        .collect(Collectors.toMap(Map.Entry::getKey, each -> Length.ofPicometres(each.getValue()))));
    }
}
