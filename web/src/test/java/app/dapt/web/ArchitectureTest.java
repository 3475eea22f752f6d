package app.dapt.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** A view never leans on another view, and nothing below the pages knows them. */
@AnalyzeClasses(packages = "app.dapt", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule VIEWS_STAND_APART = slices().matching("app.dapt.web.(*)..")
            .should()
            .notDependOnEachOther()
            .ignoreDependency(
                    JavaClass.Predicates.resideInAPackage("app.dapt.web.."),
                    JavaClass.Predicates.resideInAPackage("app.dapt.web.workroom.."));

    @ArchTest
    static final ArchRule NOBODY_LOOKS_UP = noClasses()
            .that()
            .resideOutsideOfPackage("app.dapt.web..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("app.dapt.web..", "org.springframework..", "java.sql..");
}
