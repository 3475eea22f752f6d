package app.dapt;

import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Arrows between the rooms of the core point one way. */
@AnalyzeClasses(packages = "app.dapt", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule CORE_KNOWS_ONLY_ITSELF = classes().that().resideInAPackage("app.dapt..")
            .should().onlyDependOnClassesThat().resideInAnyPackage("app.dapt..", "java.lang..", "java.util..", "java.math..", "java.text..", "org.locationtech.jts..");

    @ArchTest
    static final ArchRule ONE_PLACE_FOR_GEOMETRY = noClasses().that().resideOutsideOfPackage("app.dapt.piece..")
            .should().dependOnClassesThat().resideInAPackage("org.locationtech.jts..");

    @ArchTest
    static final ArchRule NO_CLOCK_AND_NO_CHANCE = noClasses().that().resideInAPackage("app.dapt..")
            .should().dependOnClassesThat().haveFullyQualifiedName("java.util.Random")
            .orShould().callConstructor(java.util.SplittableRandom.class)
            .orShould().callMethod(System.class, "currentTimeMillis").orShould().callMethod(System.class, "nanoTime");

    @ArchTest
    static final ArchRule ROOMS_FORM_NO_CIRCLE = slices().matching("app.dapt.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule MEASURE_STANDS_ALONE = noClasses().that().resideInAPackage("app.dapt.measure..")
            .should().dependOnClassesThat().resideInAnyPackage("app.dapt.cover..", "app.dapt.form..", "app.dapt.piece..");
}
