package jawread.core.assess;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import jawread.core.doubt.ZeroStrip;
import jawread.core.gauge.GaugeAtHand;
import jawread.core.gauge.GaugeKind;
import jawread.core.gauge.Range;
import jawread.core.gauge.ZeroCheck;
import jawread.core.heat.Material;
import jawread.core.judge.DecisionRule;
import jawread.core.judge.GaugeError;
import jawread.core.judge.RepeatSchool;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.TitleBlock;
import jawread.core.plan.PlannedFeature;
import jawread.core.plan.TypedFeature;
import jawread.core.scale.Scales;

/** A part made up from a seed: its plan, what was read on it with two gauges, and what was said of that. */
public final class MadePart {
    public static final long PART = 1;
    private static final Instant MORNING = Instant.parse("2026-03-10T08:00:00Z");
    private static final Length STEP = Length.ofMicrometres(1);
    /** In µm: as the size of a bore differs from place to place, and as readings of one place do. */
    private static final int FORM = 12;

    private static final int NOISE = 4;

    private final Random random;
    private final int oneSlipIn;
    private final List<Feature> features;
    private final Conditions conditions;
    private int said;

    /**
     * @param features bores across two axes
     * @param sections of each
     * @param oneSlipIn so many readings slips one
     */
    public MadePart(long seed, int features, int sections, int oneSlipIn) {
        this.random = new Random(seed);
        this.oneSlipIn = oneSlipIn;
        this.features =
                IntStream.range(0, features).mapToObj(at -> bore(at, sections)).toList();
        this.conditions = new Conditions(
                new Rules(
                        RepeatSchool.of("two-then-third").orElseThrow(),
                        Rules.PlaceValueSchool.MEAN,
                        DecisionRule.of("guarded").orElseThrow(),
                        Rules.TaperSchool.LARGEST_DIFFERENCE,
                        Rules.QuickCheck.NO_PLACE,
                        Length.ofMicrometres(50)),
                instruments(),
                Material.STEEL,
                List.of());
    }

    public List<Feature> features() {
        return features;
    }

    public Conditions conditions() {
        return conditions;
    }

    public PartSnapshot snapshot(PartLog log) {
        return new PartSnapshot(PART, features, log, conditions);
    }

    private static UUID key(int at) {
        return UUID.nameUUIDFromBytes(("feature " + at).getBytes(StandardCharsets.UTF_8));
    }

    private static Feature bore(int at, int sections) {
        String names = String.join(
                ", ",
                IntStream.range(0, sections)
                        .mapToObj(section -> "level " + (char) ('a' + section) + " " + (10 + 10 * section))
                        .toList());
        PlannedFeature planned = PlannedFeature.of(
                TypedFeature.of("bore " + at, FeatureKind.BORE, "31.938 / 32.000")
                        .withFree(names, "thrust 0, cross 90")
                        .withForm("0.03", "0.04"),
                TitleBlock.in(LengthUnit.MILLIMETRE));
        if (!planned.isUnderstood()) {
            throw new IllegalStateException("Not understood: " + planned.refusals());
        }
        var places = new ArrayList<Place>();
        planned.places()
                .orElseThrow()
                .inOrder()
                .forEach(place -> places.add(Place.of(
                        1000L * at + places.size(),
                        planned.places().orElseThrow().nameOf(place),
                        place.section().name(),
                        place.axis().name(),
                        place.depth(),
                        place.axis().degrees(),
                        Optional.empty(),
                        place.cannotBeMeasured())));
        return new Feature(at, key(at), key(at), Optional.empty(), planned, places);
    }

    /** A bore micrometer whose zero was found off once, and a caliper. */
    private static Instruments instruments() {
        var off = new ZeroStrip.Look(
                new UUID(0, 7),
                MORNING.plusSeconds(45).toEpochMilli(),
                ZeroCheck.of(Length.ofMicrometres(9), ZeroCheck.Done.NOTHING, null)
                        .orThrow(),
                Length.ofMicrometres(2));
        return new Instruments(
                Map.of(
                        1L, instrument(1, "three-contact-gauge", "mic-mm-0001", new ZeroStrip(List.of(off), List.of())),
                        2L, instrument(2, "vernier-caliper", "vernier-mm-002", ZeroStrip.NONE)),
                List.of(),
                2,
                3,
                0.5);
    }

    /** The same before a gauge was added to the drawer. */
    static Conditions without(Conditions conditions, long gauge) {
        var all = new HashMap<>(conditions.instruments().byId());
        all.remove(gauge);
        return new Conditions(
                conditions.rules(),
                new Instruments(all, List.of(), 2, 3, 0.5),
                conditions.material(),
                conditions.own());
    }

    /** The same with a gauge of which a laboratory has said that it measures worse. */
    static Conditions loosened(Conditions conditions, long gauge) {
        var all = new HashMap<>(conditions.instruments().byId());
        all.computeIfPresent(
                gauge,
                (id, one) -> new Instrument(
                        id,
                        new GaugeAtHand(
                                one.number(),
                                one.gauge().kind(),
                                one.gauge().unit(),
                                one.gauge().leastCount(),
                                one.gauge().range(),
                                Optional.empty(),
                                Optional.of(new GaugeError.Calibrated(Length.ofMicrometres(20), Length.ZERO)),
                                Optional.empty(),
                                true),
                        one.scale(),
                        one.base(),
                        one.zeros()));
        return new Conditions(
                conditions.rules(),
                new Instruments(all, List.of(), 2, 3, 0.5),
                conditions.material(),
                conditions.own());
    }

    private static Instrument instrument(long id, String kind, String scale, ZeroStrip zeros) {
        var read = Scales.of(scale).orElseThrow();
        return new Instrument(
                id,
                new GaugeAtHand(
                        "M" + id,
                        GaugeKind.of(kind).orElseThrow(),
                        LengthUnit.MILLIMETRE,
                        read.leastCount(),
                        new Range(Length.ZERO, Length.ofMillimetres("150")),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        true),
                Optional.of(read),
                Length.ZERO,
                zeros);
    }

    /** A reading as good as any, or one that slipped by half a millimetre. @param seq its number */
    public Reading reading(long seq, Feature feature, Place place, int round, boolean quick) {
        int form = Math.floorMod(place.key().hashCode(), FORM);
        long size = 31_970 + form + random.nextInt(NOISE) + (random.nextInt(oneSlipIn) == 0 ? 500 : 0);
        Instant at = MORNING.plusSeconds(10 * seq);
        return new Reading(
                new UUID(1, seq),
                seq,
                PART,
                feature.key(),
                place.key(),
                round,
                new ReadWith(quick ? 2 : 1, Optional.empty()),
                new Reading.Entry(
                        Origin.TYPED,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        1,
                        at,
                        at,
                        Optional.empty(),
                        Optional.empty()),
                new Reading.Figure(
                        Optional.empty(),
                        Length.ofMicrometres(size),
                        Optional.empty(),
                        STEP,
                        STEP,
                        Length.ofMicrometres(2),
                        LengthUnit.MILLIMETRE),
                new Reading.Corrections(Length.ZERO, Length.ZERO, Optional.empty(), Optional.empty()),
                quick,
                false);
    }

    /** So many at each place of each feature, in the first round; now and then a quick check. */
    public List<Reading> readings(int ofEachPlace) {
        var all = new ArrayList<Reading>();
        for (int time = 0; time < ofEachPlace; time++) {
            for (Feature feature : features) {
                for (Place place : feature.places()) {
                    all.add(reading(all.size() + 1L, feature, place, 0, random.nextInt(20) == 0));
                }
            }
        }
        return all;
    }

    public ReadingMark mark(Reading reading) {
        ReadingMark.Kind kind = ReadingMark.Kind.values()[random.nextInt(ReadingMark.Kind.values().length)];
        Optional<Length> shouldBe = kind == ReadingMark.Kind.CORRECT
                ? Optional.of(reading.raw().minus(Length.ofMicrometres(500)))
                : Optional.empty();
        return new ReadingMark(
                new UUID(2, ++said),
                reading.id(),
                kind,
                new ReadingMark.Answer(shouldBe, Optional.empty(), Optional.empty()),
                "looked again",
                1,
                MORNING.plusSeconds(5000 + said));
    }

    public PlaceMark placeMark(Place place) {
        PlaceMark.Kind kind = PlaceMark.Kind.values()[random.nextInt(PlaceMark.Kind.values().length)];
        return new PlaceMark(
                new UUID(3, ++said),
                place.key(),
                0,
                kind,
                Optional.empty(),
                "in the way",
                1,
                MORNING.plusSeconds(5000 + said));
    }

    public ReadingSwap swap(Reading one, Reading other) {
        return new ReadingSwap(
                new UUID(4, ++said), one.id(), other.id(), "the wrong way round", 1, MORNING.plusSeconds(5000 + said));
    }
}
