package jawread.server;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaCall;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaConstructorCall;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import java.util.Set;
import org.springframework.data.repository.Repository;
import org.springframework.web.bind.annotation.RestController;

@AnalyzeClasses(packages = "jawread.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    /** What a person does, in order: each package calls only those before it. */
    @ArchTest
    static final ArchRule packages_call_only_those_before_them = layeredArchitecture()
            .consideringOnlyDependenciesInAnyPackage("jawread.server..")
            .layer("words")
            .definedBy("jawread.server.words..")
            .layer("storage")
            .definedBy("jawread.server.storage..")
            .layer("tables")
            .definedBy("jawread.server.tables..")
            .layer("chain")
            .definedBy("jawread.server.chain..")
            .layer("versions")
            .definedBy("jawread.server.versions..")
            .layer("journal")
            .definedBy("jawread.server.journal..")
            .layer("door")
            .definedBy("jawread.server.door..")
            .layer("access")
            .definedBy("jawread.server.access..")
            .layer("settings")
            .definedBy("jawread.server.settings..")
            .layer("live")
            .definedBy("jawread.server.live..")
            .layer("scale")
            .definedBy("jawread.server.scale..")
            .layer("drawer")
            .definedBy("jawread.server.drawer..")
            .layer("comparator")
            .definedBy("jawread.server.comparator..")
            .layer("card")
            .definedBy("jawread.server.card..")
            .layer("job")
            .definedBy("jawread.server.job..")
            .layer("identity")
            .definedBy("jawread.server.identity..")
            .layer("choosing")
            .definedBy("jawread.server.choosing..")
            .layer("signal")
            .definedBy("jawread.server.signal..")
            .layer("measure")
            .definedBy("jawread.server.measure..")
            .layer("form")
            .definedBy("jawread.server.form..")
            .layer("tabular")
            .definedBy("jawread.server.tabular..")
            .layer("plan")
            .definedBy("jawread.server.plan..")
            .layer("intake")
            .definedBy("jawread.server.intake..")
            .layer("judgement")
            .definedBy("jawread.server.judgement..")
            .layer("ready")
            .definedBy("jawread.server.ready..")
            .layer("pairing")
            .definedBy("jawread.server.pairing..")
            .layer("series")
            .definedBy("jawread.server.series..")
            .layer("practice")
            .definedBy("jawread.server.practice..")
            .layer("paper")
            .definedBy("jawread.server.paper..")
            .layer("report")
            .definedBy("jawread.server.report..")
            .layer("records")
            .definedBy("jawread.server.records..")
            .layer("jobfile")
            .definedBy("jawread.server.jobfile..")
            .layer("exchange")
            .definedBy("jawread.server.exchange..")
            .layer("calc")
            .definedBy("jawread.server.calc..")
            .layer("demo")
            .definedBy("jawread.server.demo..")
            .layer("start")
            .definedBy("jawread.server")
            .whereLayer("storage")
            .mayOnlyBeAccessedByLayers(
                    "journal",
                    "access",
                    "settings",
                    "live",
                    "drawer",
                    "comparator",
                    "job",
                    "measure",
                    "judgement",
                    "ready",
                    "exchange",
                    "demo",
                    "records",
                    "jobfile",
                    "intake")
            .whereLayer("versions")
            .mayOnlyBeAccessedByLayers(
                    "journal", "access", "settings", "drawer", "job", "choosing", "measure", "judgement", "records")
            .whereLayer("tables")
            .mayOnlyBeAccessedByLayers("chain", "journal", "access", "exchange", "records", "jobfile", "intake")
            .whereLayer("chain")
            .mayOnlyBeAccessedByLayers("journal", "exchange", "start")
            .whereLayer("journal")
            .mayOnlyBeAccessedByLayers(
                    "signal",
                    "access",
                    "settings",
                    "live",
                    "drawer",
                    "comparator",
                    "job",
                    "identity",
                    "choosing",
                    "measure",
                    "plan",
                    "judgement",
                    "ready",
                    "pairing",
                    "series",
                    "demo",
                    "practice",
                    "records",
                    "jobfile",
                    "intake")
            .whereLayer("door")
            .mayOnlyBeAccessedByLayers(
                    "access",
                    "settings",
                    "drawer",
                    "comparator",
                    "measure",
                    "plan",
                    "judgement",
                    "ready",
                    "practice",
                    "tabular",
                    "exchange",
                    "jobfile")
            .whereLayer("access")
            .mayOnlyBeAccessedByLayers(
                    "signal",
                    "settings",
                    "live",
                    "scale",
                    "drawer",
                    "comparator",
                    "card",
                    "job",
                    "identity",
                    "choosing",
                    "measure",
                    "plan",
                    "judgement",
                    "ready",
                    "pairing",
                    "series",
                    "exchange",
                    "calc",
                    "demo",
                    "start",
                    "practice",
                    "report",
                    "records",
                    "jobfile",
                    "intake")
            .whereLayer("settings")
            .mayOnlyBeAccessedByLayers(
                    "signal",
                    "drawer",
                    "comparator",
                    "card",
                    "job",
                    "choosing",
                    "measure",
                    "plan",
                    "judgement",
                    "ready",
                    "pairing",
                    "series",
                    "demo",
                    "report",
                    "records",
                    "jobfile",
                    "intake")
            .whereLayer("live")
            .mayOnlyBeAccessedByLayers(
                    "jobfile",
                    "signal",
                    "drawer",
                    "comparator",
                    "job",
                    "identity",
                    "choosing",
                    "measure",
                    "plan",
                    "intake",
                    "judgement",
                    "ready",
                    "pairing",
                    "series",
                    "demo",
                    "practice",
                    "records")
            .whereLayer("scale")
            .mayOnlyBeAccessedByLayers("drawer", "card", "measure", "judgement", "practice")
            .whereLayer("drawer")
            .mayOnlyBeAccessedByLayers(
                    "signal",
                    "comparator",
                    "card",
                    "job",
                    "choosing",
                    "measure",
                    "plan",
                    "judgement",
                    "ready",
                    "pairing",
                    "series",
                    "demo",
                    "practice",
                    "report",
                    "intake")
            .whereLayer("comparator")
            .mayOnlyBeAccessedByLayers("signal", "measure", "judgement", "ready", "pairing", "series", "demo")
            .whereLayer("card")
            .mayOnlyBeAccessedByLayers("ready")
            .whereLayer("job")
            .mayOnlyBeAccessedByLayers(
                    "identity",
                    "choosing",
                    "measure",
                    "form",
                    "plan",
                    "judgement",
                    "ready",
                    "pairing",
                    "series",
                    "demo",
                    "report",
                    "records",
                    "jobfile",
                    "intake")
            .whereLayer("identity")
            .mayOnlyBeAccessedByLayers("measure", "judgement", "series", "demo")
            .whereLayer("choosing")
            .mayOnlyBeAccessedByLayers("measure", "plan", "judgement", "ready", "pairing", "series", "demo")
            .whereLayer("form")
            .mayOnlyBeAccessedByLayers("judgement", "pairing", "series", "report")
            .whereLayer("signal")
            .mayOnlyBeAccessedByLayers("measure", "judgement")
            .whereLayer("measure")
            .mayOnlyBeAccessedByLayers(
                    "plan", "judgement", "ready", "pairing", "series", "demo", "practice", "records", "intake")
            .whereLayer("plan")
            .mayOnlyBeAccessedByLayers("demo")
            .whereLayer("judgement")
            .mayOnlyBeAccessedByLayers("ready", "pairing", "series", "report", "records", "jobfile")
            .whereLayer("tabular")
            .mayOnlyBeAccessedByLayers("report", "plan", "intake")
            .whereLayer("paper")
            .mayOnlyBeAccessedByLayers("report", "records")
            .whereLayer("report")
            .mayOnlyBeAccessedByLayers("records")
            .whereLayer("records")
            .mayOnlyBeAccessedByLayers("jobfile")
            .whereLayer("jobfile")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("ready")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("calc")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("demo")
            .mayNotBeAccessedByAnyLayer();

    @ArchTest
    static final ArchRule no_cycles =
            slices().matching("jawread.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule controllers_see_services_only = noClasses()
            .that()
            .areAnnotatedWith(RestController.class)
            .should()
            .dependOnClassesThat()
            .areAssignableTo(Repository.class)
            .orShould()
            .dependOnClassesThat()
            .resideInAPackage("jawread.core.judge..");

    /** A value of the job can cross a border; what is mapped to a row cannot. */
    @ArchTest
    static final ArchRule entities_stay_at_home =
            classes().that().areAnnotatedWith(Entity.class).should().bePackagePrivate();

    /** A cache outlives the transaction that its entities belong to. */
    @ArchTest
    static final ArchRule no_entity_in_a_view = noClasses()
            .that()
            .haveSimpleNameEndingWith("View")
            .should()
            .dependOnClassesThat()
            .areAnnotatedWith(Entity.class);

    /** An entity is what is kept: what follows from it is core's. */
    @ArchTest
    static final ArchRule entities_carry_no_rules = noClasses()
            .that()
            .areAnnotatedWith(Entity.class)
            .should()
            .dependOnClassesThat(
                    resideInAnyPackage("jawread.core.judge..", "jawread.core.doubt..", "jawread.core.form..")
                            .and(not(nameMatching(".*Bracket"))));

    /**
     * What a verdict, a doubt, a step or a shape is. Known by this: whoever decides one has to make one, and each can be made only by a
     * constructor, by a factory of its own, or by one of the methods that decide; reading one off an assessment is none of these.
     * {@code calc} answers single questions to core, without a part.
     */
    private static final Set<String> DECIDED = Set.of(
            "judge.SizeVerdict",
            "judge.SizeJudgement",
            "judge.PlaceValue",
            "judge.Decision",
            "judge.NextStep",
            "judge.Envelope",
            "judge.CutTaken",
            "judge.TwoMethods",
            "judge.WayOut",
            "misread.Reference",
            "doubt.Finding",
            "doubt.ZeroStrip$Moved",
            "form.FeatureForm",
            "form.FormDecision",
            "form.OutOfRound",
            "form.Ellipse",
            "form.Runout",
            "form.Wear",
            "assess.Doubt$Misread",
            "assess.Doubt$Contradicted",
            "assess.Doubt$ZeroMoved",
            "assess.MeasuredForm",
            "assess.PlaceAssessment",
            "assess.RoundAssessment",
            "assess.FeatureAssessment");

    private static boolean isDecided(JavaClass type) {
        return type.getName().startsWith("jawread.core.")
                && DECIDED.contains(type.getName().substring("jawread.core.".length()));
    }

    private static final DescribedPredicate<JavaCall<?>> DECIDES = DescribedPredicate.describe(
            "make a verdict, a doubt, a step or a shape",
            call -> isDecided(call.getTargetOwner())
                            && (call instanceof JavaConstructorCall
                                    || call.getTarget()
                                                    .resolveMember()
                                                    .filter(member -> member.getModifiers()
                                                            .contains(JavaModifier.STATIC))
                                                    .isPresent()
                                            && call.getTarget()
                                                    .getRawReturnType()
                                                    .getName()
                                                    .startsWith("jawread.core."))
                    || call.getTargetOwner().getPackageName().startsWith("jawread.core.")
                            && Set.of("judge", "doubtOf").contains(call.getName()));

    @ArchTest
    static final ArchRule nothing_is_decided_beside_core = noClasses()
            .that()
            .resideOutsideOfPackage("jawread.server.calc..")
            .should()
            .callCodeUnitWhere(DECIDES);

    /** What is kept in memory is kept in one place, under stored versions; here are only streams, and fields by class. */
    @ArchTest
    static final ArchRule nothing_is_kept_beside_the_one_cache = noClasses()
            .that()
            .resideOutsideOfPackages(
                    "jawread.server.versions..",
                    "jawread.server.live..",
                    "jawread.server.door..",
                    "jawread.server.demo..")
            .should()
            .dependOnClassesThat()
            .haveNameMatching("java\\.util\\.concurrent\\.Concurrent.*|com\\.github\\.benmanes\\..*");

    /** Roots and angles are rules of measuring: those stand in core. A drawing is laid out by them, and decides nothing. */
    @ArchTest
    static final ArchRule nothing_is_reckoned_beside_core = noClasses()
            .that()
            .haveSimpleNameNotContaining("Drawing")
            .should()
            .callMethodWhere(
                    target(owner(assignableTo(Math.class)))
                            .and(
                                    target(
                                            nameMatching(
                                                    "sqrt|cbrt|hypot|pow|IEEEremainder|exp|log.*|sin|cos|tan|asin|acos|atan2?|to(Radians|Degrees)"))));

    @ArchTest
    static final ArchRule repositories_stay_in_their_package =
            classes().that().areAssignableTo(Repository.class).should().bePackagePrivate();
}
