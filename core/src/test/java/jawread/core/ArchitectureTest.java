package jawread.core;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;

@AnalyzeClasses(packages = "jawread.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule core_knows_nobody = ArchRuleDefinition.classes()
            .should()
            .onlyDependOnClassesThat()
            // Files only to read its own tables.
            .resideInAnyPackage(
                    "jawread.core..",
                    "java.lang..",
                    "java.math..",
                    "java.time..",
                    "java.util..",
                    "java.io..",
                    "java.nio.charset..",
                    "org.apache.commons.statistics..",
                    "org.apache.commons.math3..");

    /** A moment is a value like any other; which moment it is now, and in which zone, nobody here asks. */
    @ArchTest
    static final ArchRule no_clock_and_no_randomness_of_its_own = ArchRuleDefinition.noClasses()
            .should()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.util.Random")
            .orShould()
            .dependOnClassesThat()
            .haveNameMatching("java\\.time\\.(Clock|InstantSource|ZoneId|Local.*|Zoned.*|Offset.*)")
            .orShould()
            .callMethodWhere(target(nameMatching("now|systemDefault|randomUUID")))
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime");

    @ArchTest
    static final ArchRule arrows_point_down = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("length")
            .definedBy("jawread.core.length..")
            .layer("table")
            .definedBy("jawread.core.table..")
            .layer("stack")
            .definedBy("jawread.core.stack..")
            .layer("scale")
            .definedBy("jawread.core.scale..")
            .layer("misread")
            .definedBy("jawread.core.misread..")
            .layer("limit")
            .definedBy("jawread.core.limit..")
            .layer("thread")
            .definedBy("jawread.core.thread..")
            .layer("judge")
            .definedBy("jawread.core.judge..")
            .layer("heat")
            .definedBy("jawread.core.heat..")
            .layer("walk")
            .definedBy("jawread.core.walk..")
            .layer("plan")
            .definedBy("jawread.core.plan..")
            .layer("gauge")
            .definedBy("jawread.core.gauge..")
            .layer("doubt")
            .definedBy("jawread.core.doubt..")
            .layer("form")
            .definedBy("jawread.core.form..")
            .layer("rework")
            .definedBy("jawread.core.rework..")
            .layer("trend")
            .definedBy("jawread.core.trend..")
            .layer("assess")
            .definedBy("jawread.core.assess..")
            .layer("signal")
            .definedBy("jawread.core.signal..")
            .whereLayer("assess")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("signal")
            .mayOnlyAccessLayers("length")
            .whereLayer("form")
            .mayOnlyAccessLayers("length", "limit", "judge")
            .whereLayer("rework")
            .mayOnlyAccessLayers("length", "limit", "judge")
            .whereLayer("trend")
            .mayOnlyAccessLayers("length", "judge")
            .whereLayer("doubt")
            .mayOnlyAccessLayers("length", "limit", "judge", "gauge", "misread")
            .whereLayer("gauge")
            .mayOnlyAccessLayers("length", "table", "stack", "heat", "scale", "limit", "judge")
            .whereLayer("plan")
            .mayOnlyAccessLayers("length", "limit", "walk")
            .whereLayer("walk")
            .mayOnlyAccessLayers("length", "table", "limit")
            .whereLayer("heat")
            .mayOnlyAccessLayers("length", "table")
            .whereLayer("judge")
            .mayOnlyAccessLayers("length", "limit")
            .whereLayer("limit")
            .mayOnlyAccessLayers("length", "table")
            .whereLayer("thread")
            .mayOnlyAccessLayers("length", "table")
            .whereLayer("misread")
            .mayOnlyAccessLayers("length", "scale")
            .whereLayer("scale")
            .mayOnlyAccessLayers("length", "table", "stack")
            .whereLayer("stack")
            .mayOnlyAccessLayers("length", "table")
            .whereLayer("table")
            .mayNotAccessAnyLayer()
            .whereLayer("length")
            .mayNotAccessAnyLayer();

    @ArchTest
    static final ArchRule no_package_cycles =
            slices().matching("jawread.core.(*)..").should().beFreeOfCycles();
}
