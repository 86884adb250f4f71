package jawread.server.demo;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;
import jawread.core.plan.TypedFeature;
import jawread.core.walk.Layout;
import jawread.server.access.Person;
import jawread.server.job.Job;
import jawread.server.job.JobHead;
import jawread.server.job.JobUse;
import jawread.server.job.Jobs;
import jawread.server.job.NewPlan;
import jawread.server.job.PartHead;
import jawread.server.job.PartShape;
import jawread.server.job.PlanHead;
import jawread.server.job.RoundNames;

/** The five jobs of the demonstration shop, as they are planned. */
final class DemoJobs {
    private final Jobs jobs;
    private final Person planner;

    DemoJobs(Jobs jobs, Person planner) {
        this.jobs = jobs;
        this.planner = planner;
    }

    private Job open(JobHead head, Map<String, String> choices, NewPlan... plans) {
        return jobs.open(head, choices, JobUse.DEMONSTRATION, List.of(plans), Optional.of(planner));
    }

    /** New idler shafts for the trash-rack rake: four of them, being turned by one plan. */
    Job idlerShafts() {
        return open(
                new JobHead(
                        "New idler shafts",
                        "trash-rack rake, four of them",
                        "drawing LW-118, revision B",
                        "",
                        LengthUnit.MILLIMETRE,
                        "steel",
                        "",
                        false,
                        ""),
                Map.of(),
                NewPlan.of(
                        new PlanHead("idler shaft", PartShape.SHAFT, RoundNames.CUTS),
                        List.of(
                                turned("left end Ø 25 k6", "25 k6", "0-26"),
                                turned("body Ø 32 h9", "32 h9", "26-144"),
                                turned("right end Ø 25 k6", "25 k6", "144-170"),
                                onePlace("shoulder length", FeatureKind.STEP, "118 ± 0.2", "26-144"),
                                onePlace("groove", FeatureKind.SLOT, "2.2 +0.1/0", "134-136.2"),
                                onePlace("bore 16 H7", FeatureKind.BORE, "16 H7", "0-30"),
                                TypedFeature.of("burrs", FeatureKind.LOOKED_AT, "")),
                        List.of(
                                PartHead.of("shaft 1", "one dot"),
                                PartHead.of("shaft 2", "two dots"),
                                PartHead.of("shaft 3", "three dots"),
                                PartHead.of("shaft 4", "four dots"))));
    }

    private static TypedFeature turned(String name, String limits, String lies) {
        return onePlace(name, FeatureKind.OUTSIDE, limits, lies);
    }

    private static TypedFeature onePlace(String name, FeatureKind kind, String limits, String lies) {
        return TypedFeature.of(name, kind, limits).withLies(lies).withLayout(Layout.ONE_PLACE);
    }

    private static TypedFeature lookedAt(String name) {
        return TypedFeature.of(name, FeatureKind.LOOKED_AT, "");
    }

    /** The three-throw pump: an old drawing in inches; barrels, plungers, and the rest. */
    Job pump() {
        return open(
                new JobHead(
                        "Three-throw pump",
                        "Ostrel springs",
                        "old drawing of the pump, sheet 2",
                        "",
                        LengthUnit.INCH,
                        "bronze",
                        "",
                        false,
                        ""),
                Map.of("cautions", "sharp eyes heavy solvents"),
                NewPlan.of(
                        new PlanHead("barrel", PartShape.BARREL, RoundNames.AS_LEFT),
                        List.of(
                                TypedFeature.of("barrel bore", FeatureKind.BORE, "3.2500 +0.0018/0")
                                        .withLies("0-9")
                                        .withLayout(Layout.BORE)
                                        .withWear("3.2600", "+0.030 +0.060")
                                        .withForm("0.0020", "0.0030")
                                        .withKeepClear("4.2-5.1 inlet ports", "top face"),
                                TypedFeature.decisive("cracked"),
                                lookedAt("scored"),
                                lookedAt("ridge felt"),
                                lookedAt("pitted")),
                        List.of(
                                PartHead.of("barrel 1", "OS-1"),
                                PartHead.of("barrel 2", "OS-2"),
                                PartHead.of("barrel 3", "OS-3"))),
                NewPlan.of(
                        new PlanHead("plunger", PartShape.SHAFT, RoundNames.AS_LEFT),
                        List.of(
                                TypedFeature.of("plunger", FeatureKind.OUTSIDE, "3.2470 -0.0012")
                                        .withLies("0-11")
                                        .withLayout(Layout.BORE)
                                        .withWear("3.2400", ""),
                                lookedAt("scored"),
                                lookedAt("pitted")),
                        List.of(
                                PartHead.of("plunger 1", "P1"),
                                PartHead.of("plunger 2", "P2"),
                                PartHead.of("plunger 3", "P3"))),
                NewPlan.of(
                        new PlanHead("the rest", PartShape.PLATE, RoundNames.AS_LEFT),
                        List.of(
                                TypedFeature.of("crosshead pin", FeatureKind.OUTSIDE, "1.2500 -0.0005/-0.0010")
                                        .withLayout(Layout.SHAFT_JOURNAL),
                                TypedFeature.of("crosshead bush", FeatureKind.BORE, "1.2500 +0.0015/+0.0005")
                                        .withLayout(Layout.SHAFT_JOURNAL),
                                onePlace("stuffing-box depth", FeatureKind.DEPTH, "2.6250 ± 0.0050", ""),
                                onePlace("flange step", FeatureKind.STEP, "0.4380 ± 0.0030", "")),
                        List.of(PartHead.of("pump", "Ostrel"))));
    }

    /** The sluice spindle: worn a little more at each inspection. @param inspection first, second … @param hours it has run by then */
    Job spindle(String inspection, String hours) {
        return open(
                new JobHead(
                        "Sluice spindle",
                        "Tarrow gate, " + inspection + " inspection in nine years",
                        "drawing LW-044, revision C",
                        inspection + " inspection",
                        LengthUnit.MILLIMETRE,
                        "stainless",
                        "",
                        false,
                        ""),
                Map.of("cautions", "sharp heavy"),
                NewPlan.of(
                        new PlanHead("spindle", PartShape.SHAFT, RoundNames.AS_LEFT),
                        List.of(
                                journal("upper journal", "40-90"),
                                journal("middle journal", "310-360"),
                                journal("lower journal", "580-630"),
                                lookedAt("scored"),
                                lookedAt("pitted")),
                        List.of(new PartHead("spindle", "TG-7", Optional.of(new BigDecimal(hours))))),
                NewPlan.of(
                        new PlanHead("bush", PartShape.BUSH, RoundNames.AS_LEFT),
                        List.of(TypedFeature.of("bush bore Ø 44 E9", FeatureKind.BORE, "44 E9")
                                .withLies("0-50")
                                .withLayout(Layout.SHAFT_JOURNAL)),
                        List.of(
                                PartHead.of("upper bush", "U"),
                                PartHead.of("middle bush", "M"),
                                PartHead.of("lower bush", "L"))));
    }

    private static TypedFeature journal(String name, String lies) {
        return TypedFeature.of(name, FeatureKind.OUTSIDE, "44 h8")
                .withLies(lies)
                .withLayout(Layout.SHAFT_JOURNAL)
                .withWear("43.90", "");
    }

    /** The hoist's drum shaft: lives hang on it. */
    Job drumShaft() {
        return open(
                new JobHead(
                        "Stop-log hoist, drum shaft",
                        "yearly inspection",
                        "maker\u2019s sheet HD-3, page 12",
                        "",
                        LengthUnit.MILLIMETRE,
                        "steel",
                        "",
                        true,
                        "Tilde"),
                Map.of("cautions", "machine-stopped sharp eyes heavy"),
                NewPlan.of(
                        new PlanHead("drum shaft", PartShape.SHAFT, RoundNames.AS_LEFT),
                        List.of(
                                TypedFeature.of("left bearing seat", FeatureKind.OUTSIDE, "60 k6")
                                        .withLies("20-62")
                                        .withLayout(Layout.SHAFT_JOURNAL)
                                        .withForm("round 0.004", "0.008"),
                                TypedFeature.of("drum seat", FeatureKind.OUTSIDE, "72 h7")
                                        .withLies("62-410")
                                        .withLayout(Layout.THREE_AXES),
                                TypedFeature.of("right bearing seat", FeatureKind.OUTSIDE, "60 k6")
                                        .withLies("410-452")
                                        .withLayout(Layout.SHAFT_JOURNAL)
                                        .withForm("round 0.004", "0.008"),
                                TypedFeature.of("runout of the drum seat", FeatureKind.RUNOUT, "0.05")
                                        .withLies("62-410")
                                        .withFree("left 30; middle 174; right 318", "turned once 0"),
                                TypedFeature.decisive("cracked"),
                                lookedAt("keyway edges chipped"),
                                lookedAt("discoloured by heat")),
                        List.of(PartHead.of("drum shaft", "HD-3"))));
    }

    /** Twelve valve seats, four features each. */
    Job valveSeats() {
        return open(
                new JobHead(
                        "Filter valve seats",
                        "twelve seats, imported list",
                        "filter sheet F-9, revision 1",
                        "order 77",
                        LengthUnit.INCH,
                        "brass",
                        "",
                        false,
                        ""),
                Map.of("cautions", "sharp solvents"),
                NewPlan.of(
                        new PlanHead("seat", PartShape.BUSH, RoundNames.CUTS),
                        List.of(
                                onePlace("outside", FeatureKind.OUTSIDE, "1.3750 +0.0010/0", "0-0.62"),
                                onePlace("seat bore", FeatureKind.BORE, "0.8750 +0.0008/0", "0-0.62"),
                                onePlace("flange step", FeatureKind.STEP, "0.1250 ± 0.0020", ""),
                                onePlace("recess depth", FeatureKind.DEPTH, "0.2500 ± 0.0030", "")),
                        IntStream.rangeClosed(1, 12)
                                .mapToObj(seat -> PartHead.of("seat " + seat, "F9-" + seat))
                                .toList()));
    }
}
