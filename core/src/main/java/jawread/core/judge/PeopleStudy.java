package jawread.core.judge;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import org.apache.commons.statistics.distribution.FDistribution;

/**
 * What several people hold with one gauge: the same parts, each read by each person as often. Crossed two-way analysis of
 * variance with interaction; the interaction joins the repeats when it may well be chance. Standard deviations in µm; a
 * component that comes out negative counts as none.
 *
 * @param interactionChance p of the interaction; empty when nothing at all varied between repeats and beyond
 * @param repeatability of the same person on the same part
 * @param person between people, whatever the part
 * @param interaction people who differ on some parts
 * @param part between the parts
 */
public record PeopleStudy(
        OptionalDouble interactionChance,
        boolean isPooled,
        double repeatability,
        double person,
        double interaction,
        double part) {
    private static final double LIKELY_CHANCE = 0.25;
    private static final double CATEGORIES = 1.41;

    /**
     * Refuses {@code one-repeat}, {@code too-few-parts} and {@code too-few-people} (two of each at the least), and
     * {@code uneven-study} when somebody read some part more often than another.
     *
     * @param readings by part, then by person, then by repeat
     */
    public static Outcome<PeopleStudy> of(List<List<List<Length>>> readings) {
        return refusal(readings)
                .<Outcome<PeopleStudy>>map(Outcome::refused)
                .orElseGet(() -> Outcome.of(study(readings)));
    }

    private static Optional<Refusal> refusal(List<List<List<Length>>> readings) {
        if (readings.size() < 2) {
            return Optional.of(Refusal.of("too-few-parts"));
        }
        int people = readings.get(0).size();
        if (people < 2) {
            return Optional.of(Refusal.of("too-few-people"));
        }
        int repeats = readings.get(0).get(0).size();
        boolean even = readings.stream()
                .allMatch(part -> part.size() == people && part.stream().allMatch(cell -> cell.size() == repeats));
        if (!even) {
            return Optional.of(Refusal.of("uneven-study"));
        }
        return repeats < 2 ? Optional.of(Refusal.of("one-repeat")) : Optional.empty();
    }

    private static PeopleStudy study(List<List<List<Length>>> readings) {
        int parts = readings.size();
        int people = readings.get(0).size();
        int repeats = readings.get(0).get(0).size();
        // From the first reading on: whole picometres, so that nothing is lost in large sizes.
        Length origin = readings.get(0).get(0).get(0);
        double[][] cell = new double[parts][people];
        double within = 0;
        for (int p = 0; p < parts; p++) {
            for (int o = 0; o < people; o++) {
                double[] away = readings.get(p).get(o).stream()
                        .mapToDouble(reading -> reading.minus(origin).micrometres())
                        .toArray();
                cell[p][o] = Spread.mean(away);
                within += Spread.squares(away, cell[p][o]);
            }
        }
        double[] byPart = new double[parts];
        double[] byPerson = new double[people];
        for (int p = 0; p < parts; p++) {
            byPart[p] = Spread.mean(cell[p]);
            for (int o = 0; o < people; o++) {
                byPerson[o] += cell[p][o] / parts;
            }
        }
        double mean = Spread.mean(byPart);
        double crossed = 0;
        for (int p = 0; p < parts; p++) {
            for (int o = 0; o < people; o++) {
                double rest = cell[p][o] - byPart[p] - byPerson[o] + mean;
                crossed += repeats * rest * rest;
            }
        }
        int crossedFreedom = (parts - 1) * (people - 1);
        int withinFreedom = parts * people * (repeats - 1);
        double partsSquare = people * repeats * Spread.squares(byPart, mean) / (parts - 1);
        double peopleSquare = parts * repeats * Spread.squares(byPerson, mean) / (people - 1);
        OptionalDouble chance = chance(crossed / crossedFreedom, crossedFreedom, within / withinFreedom, withinFreedom);
        boolean pooled = chance.orElse(1) > LIKELY_CHANCE;
        double own = pooled ? (crossed + within) / (crossedFreedom + withinFreedom) : within / withinFreedom;
        double against = pooled ? own : crossed / crossedFreedom;
        return new PeopleStudy(
                chance,
                pooled,
                Math.sqrt(own),
                component(peopleSquare - against, parts * repeats),
                pooled ? 0 : component(against - own, repeats),
                component(partsSquare - against, people * repeats));
    }

    private static OptionalDouble chance(double crossed, int crossedFreedom, double within, int withinFreedom) {
        if (within > 0) {
            return OptionalDouble.of(
                    FDistribution.of(crossedFreedom, withinFreedom).survivalProbability(crossed / within));
        }
        return crossed > 0 ? OptionalDouble.of(0) : OptionalDouble.empty();
    }

    private static double component(double square, int readings) {
        return Math.sqrt(Math.max(0, square / readings));
    }

    /** Of people, whatever the part or on some of them. */
    public double reproducibility() {
        return Math.hypot(person, interaction);
    }

    /** Of measuring as a whole. */
    public double measuring() {
        return Math.hypot(repeatability, reproducibility());
    }

    /** Six times that, of a tolerance. @param tolerance its width, above zero */
    public double percentOf(Length tolerance) {
        return 100 * 6 * measuring() / tolerance.micrometres();
    }

    /** How many sizes the parts can be told apart into; empty when measuring did not vary at all. */
    public OptionalInt distinctSizes() {
        return measuring() > 0
                ? OptionalInt.of((int) Math.floor(CATEGORIES * part / measuring()))
                : OptionalInt.empty();
    }
}
