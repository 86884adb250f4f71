package jawread.server.measure;

import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.assess.Round;
import jawread.core.assess.RoundOrder;
import jawread.core.length.Length;

/**
 * All rounds of a feature of a part, whatever editions they were opened under, and what was said of them since.
 *
 * @param marks of its cuts, in the order in which they were made
 * @param sizes said of it, in the order in which they were said
 */
record FeatureRounds(List<MeasuringRoundRow> rows, List<CutMarkRow> marks, List<SizeSaidRow> sizes, RoundOrder order) {
    static final FeatureRounds NONE = of(List.of(), List.of(), List.of());

    static FeatureRounds of(List<MeasuringRoundRow> rows, List<CutMarkRow> marks, List<SizeSaidRow> sizes) {
        Map<UUID, CutMarkRow> standing = standing(marks);
        return new FeatureRounds(
                rows,
                marks,
                sizes,
                RoundOrder.of(rows.stream()
                        .map(row -> row.opened(isTakenBack(standing, row.getId())))
                        .toList()));
    }

    /** What was said last of each cut of which anything was. */
    private static Map<UUID, CutMarkRow> standing(List<CutMarkRow> marks) {
        var standing = new HashMap<UUID, CutMarkRow>();
        marks.forEach(mark -> standing.put(mark.roundId(), mark));
        return standing;
    }

    private static boolean isTakenBack(Map<UUID, CutMarkRow> standing, UUID cut) {
        return Optional.ofNullable(standing.get(cut))
                .filter(mark -> mark.kind() != CutMark.TAKEN)
                .isPresent();
    }

    /** With one that was opened since. */
    FeatureRounds with(MeasuringRoundRow row) {
        return of(Stream.concat(rows.stream(), Stream.of(row)).toList(), marks, sizes);
    }

    /** As it was known at a moment. */
    private FeatureRounds at(Instant moment) {
        return of(
                rows.stream().filter(row -> !row.openedAt().isAfter(moment)).toList(),
                marks.stream().filter(mark -> !mark.madeAt().isAfter(moment)).toList(),
                sizes);
    }

    Stream<MeasuringRoundRow> numbered(int number) {
        return rows.stream().filter(row -> order.numberOf(row.getId()) == number);
    }

    /**
     * What a page meant at a moment by the round of this number: as it stood then; if its clock is off as it stands now, or as it stood
     * before anything was taken back.
     */
    Stream<MeasuringRoundRow> meant(int number, Instant moment) {
        if (marks.isEmpty()) {
            return numbered(number);
        }
        return Stream.of(at(moment), this, of(rows, List.of(), sizes))
                .map(view -> view.numbered(number).toList())
                .filter(found -> !found.isEmpty())
                .findFirst()
                .stream()
                .flatMap(List::stream);
    }

    /** Whether the cut that ended a round was told before a moment. */
    boolean isOver(int number, Instant moment) {
        return numbered(number + 1)
                .filter(MeasuringRoundRow::isCut)
                .filter(next -> !isTakenBack(next.getId()))
                .anyMatch(next -> next.openedAt().isBefore(moment));
    }

    Optional<MeasuringRoundRow> firstCut() {
        return rows.stream().filter(MeasuringRoundRow::isCut).min(Comparator.comparing(MeasuringRoundRow::openedAt));
    }

    /** The cut that opened a round; empty where none did. */
    Optional<MeasuringRoundRow> cut(int number) {
        return numbered(number)
                .filter(MeasuringRoundRow::isCut)
                .filter(row -> !isTakenBack(row.getId()))
                .findFirst();
    }

    private boolean isTakenBack(UUID cut) {
        return isTakenBack(standing(marks), cut);
    }

    /** The cuts that are said not to have been taken, by the mark that says so. */
    List<CutMarkRow> takenBack() {
        return standing(marks).values().stream()
                .filter(mark -> mark.kind() != CutMark.TAKEN)
                .sorted(Comparator.comparing(CutMarkRow::madeAt))
                .toList();
    }

    /** The rounds of which nothing counts. */
    Set<UUID> aside() {
        return standing(marks).values().stream()
                .filter(mark -> mark.kind() == CutMark.ASIDE)
                .map(CutMarkRow::roundId)
                .collect(Collectors.toSet());
    }

    /**
     * The rounds, each with the size that the part is said to be from then on; what was said last of a round stands.
     *
     * @param cameAs the size that it had been left at before it came in; empty where nobody knows of another than the plan's
     */
    List<Round> rounds(Optional<Length> cameAs) {
        Map<Integer, Optional<Length>> said = said();
        Optional<Length> found = said.getOrDefault(0, Optional.empty());
        List<Round> all = order.rounds();
        if (found.or(() -> cameAs).isPresent() && all.stream().noneMatch(round -> round.number() == 0)) {
            all = Stream.concat(Stream.of(Round.AS_FOUND), all.stream()).toList();
        }
        return all.stream()
                .map(round -> round.number() == 0 && found.isEmpty() && cameAs.isPresent()
                        ? round.cameAt(cameAs.get())
                        : round.saidToBe(said.getOrDefault(round.number(), Optional.empty())))
                .toList();
    }

    /** What was said in it of the size that it was left at; empty where nothing was. */
    Optional<Length> left() {
        return said().entrySet().stream()
                .filter(each -> each.getValue().isPresent())
                .max(Map.Entry.comparingByKey())
                .flatMap(Map.Entry::getValue);
    }

    private Map<Integer, Optional<Length>> said() {
        var said = new HashMap<Integer, Optional<Length>>();
        for (SizeSaidRow row : sizes) {
            if (row.roundId().isEmpty()) {
                said.put(0, row.to());
            } else if (!isTakenBack(row.roundId().get())) {
                said.put(order.numberOf(row.roundId().get()), row.to());
            }
        }
        return said;
    }
}
