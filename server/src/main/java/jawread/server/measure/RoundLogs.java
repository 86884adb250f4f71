package jawread.server.measure;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.job.Lineage;
import org.springframework.stereotype.Component;

/** Finds the rounds of features of parts. */
@Component
class RoundLogs {
    private final RoundRepository rounds;
    private final CutMarkRepository marks;
    private final SizeSaidRepository sizes;

    RoundLogs(RoundRepository rounds, CutMarkRepository marks, SizeSaidRepository sizes) {
        this.rounds = rounds;
        this.marks = marks;
        this.sizes = sizes;
    }

    /** Of all features; one that has none is left out. */
    Map<OnPart, FeatureRounds> of(List<Long> parts, Lineage lineage) {
        Map<OnPart, List<MeasuringRoundRow>> opened = grouped(
                rounds.findAllByPartIdIn(parts).stream()
                        .filter(row -> lineage.editions().containsKey(row.featureId())),
                row -> new OnPart(row.partId(), lineage.editions().get(row.featureId())));
        Map<OnPart, List<SizeSaidRow>> said = grouped(
                sizes.findAllByPartIdInOrderByMadeAt(parts).stream()
                        .filter(row -> lineage.editions().containsKey(row.featureId())),
                row -> new OnPart(row.partId(), lineage.editions().get(row.featureId())));
        List<CutMarkRow> marked = marks.findAllByPartIdInOrderByMadeAt(parts);
        var all = new HashMap<OnPart, FeatureRounds>();
        Stream.concat(opened.keySet().stream(), said.keySet().stream())
                .distinct()
                .forEach(on ->
                        all.put(on, of(opened.getOrDefault(on, List.of()), marked, said.getOrDefault(on, List.of()))));
        return all;
    }

    /** Of one feature, without what was said of its size. */
    FeatureRounds of(long part, UUID feature, Lineage lineage) {
        List<MeasuringRoundRow> opened = rounds.findAllByPartIdAndFeatureIdIn(part, lineage.editionsOf(feature));
        boolean anyCut = opened.stream().anyMatch(MeasuringRoundRow::isCut);
        return of(opened, anyCut ? marks.findAllByPartIdInOrderByMadeAt(List.of(part)) : List.of(), List.of());
    }

    private static FeatureRounds of(List<MeasuringRoundRow> opened, List<CutMarkRow> marked, List<SizeSaidRow> said) {
        List<CutMarkRow> own = marked.stream()
                .filter(mark -> opened.stream().anyMatch(row -> row.getId().equals(mark.roundId())))
                .toList();
        return FeatureRounds.of(opened, own, said);
    }

    private static <R> Map<OnPart, List<R>> grouped(Stream<R> rows, Function<R, OnPart> on) {
        return rows.collect(Collectors.groupingBy(on));
    }
}
