package jawread.core.assess;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.length.Length;

/**
 * The rounds of a feature of one part, told in the order in which they were opened, whatever editions of the feature they were opened under.
 * A first round that was opened after a cut under an earlier edition follows that cut: it is the round after it. Two "as found" with no cut
 * between are one; so are two rounds when the cut between them is taken back.
 */
public final class RoundOrder {
    private static final Comparator<Placed> IN_TIME = Comparator.comparing(Placed::at)
            .thenComparing(each -> each.opened().isCut())
            .thenComparing(each -> each.opened().number())
            .thenComparing(each -> each.opened().id());

    private final Map<UUID, Integer> numbers = new HashMap<>();
    private final List<Round> rounds = new ArrayList<>();
    private final List<Instant> cuts = new ArrayList<>();

    private RoundOrder() {}

    /**
     * A round as it was opened.
     *
     * @param edition of the feature that it was opened under
     * @param number as it was numbered then: 0 as found, above that by a cut
     * @param asked what the cut set out to take off the size; empty when it was not said
     * @param at by the shop's clock
     * @param isTakenBack whether it was said since that the cut was never taken
     */
    public record Opened(UUID id, long edition, int number, Optional<Length> asked, Instant at, boolean isTakenBack) {
        boolean isCut() {
            return number > 0 && !isTakenBack;
        }
    }

    /** @param at when it counts as opened */
    private record Placed(Opened opened, Instant at) {}

    /** @param all in whatever order */
    public static RoundOrder of(List<Opened> all) {
        Map<Long, Optional<Instant>> firstCuts = all.stream()
                .collect(Collectors.groupingBy(
                        Opened::edition,
                        Collectors.filtering(
                                Opened::isCut,
                                Collectors.mapping(Opened::at, Collectors.minBy(Comparator.naturalOrder())))));
        var order = new RoundOrder();
        all.stream()
                .map(each -> new Placed(each, countsFrom(each, firstCuts.get(each.edition()))))
                .sorted(IN_TIME)
                .forEach(each -> order.add(each.opened()));
        return order;
    }

    /** A reading of "as found" that was long on its way may open that round after the cut; it was taken before it all the same. */
    private static Instant countsFrom(Opened opened, Optional<Instant> firstCut) {
        return firstCut.filter(cut -> !opened.isCut() && cut.isBefore(opened.at()))
                .orElse(opened.at());
    }

    private void add(Opened opened) {
        if (opened.isCut()) {
            rounds.add(new Round(last() + 1, opened.asked()));
            cuts.add(opened.at());
        } else if (rounds.isEmpty()) {
            rounds.add(Round.AS_FOUND);
        }
        numbers.put(opened.id(), last());
    }

    /** The number of the round in force; 0 before any was opened. */
    public int last() {
        return rounds.isEmpty() ? 0 : rounds.get(rounds.size() - 1).number();
    }

    /** The number of the round that was in force at a moment. */
    public int at(Instant moment) {
        return (int) cuts.stream().filter(cut -> !cut.isAfter(moment)).count();
    }

    /** By what each is kept under. */
    public Map<UUID, Integer> numbers() {
        return Map.copyOf(numbers);
    }

    /** By number; "as found" once something was read in it. */
    public List<Round> rounds() {
        return List.copyOf(rounds);
    }

    /** Which round it is: 0 as found, n after cut n. Throws {@link IllegalArgumentException} for one that is none of these. */
    public int numberOf(UUID opened) {
        Integer number = numbers.get(opened);
        if (number == null) {
            throw new IllegalArgumentException("No round " + opened + " among " + numbers.size());
        }
        return number;
    }
}
