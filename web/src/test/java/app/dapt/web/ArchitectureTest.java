package app.dapt.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.stream.Stream;

/** A view never leans on another view, and nothing below the pages knows them. */
@AnalyzeClasses(packages = "app.dapt", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

    private static final String[] SHARED = rooms("door", "entry", "mishap", "progress", "wording", "workroom");
    private static final String[] VIEWS = rooms(
            "archive",
            "calendar",
            "client",
            "cloth",
            "covers",
            "have",
            "house",
            "link",
            "log",
            "make",
            "plan",
            "shelf",
            "shop",
            "tryon");

    private static String[] rooms(String... names) {
        return Stream.of(names).map(name -> "app.dapt.web." + name + "..").toArray(String[]::new);
    }

    @ArchTest
    static final ArchRule VIEWS_STAND_APART = slices().matching("app.dapt.web.(*)..")
            .should()
            .notDependOnEachOther()
            .ignoreDependency(
                    JavaClass.Predicates.resideInAPackage("app.dapt.web.."),
                    JavaClass.Predicates.resideInAnyPackage(SHARED));

    @ArchTest
    static final ArchRule WHAT_VIEWS_SHARE_KNOWS_NO_VIEW = noClasses()
            .that()
            .resideInAnyPackage(SHARED)
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(VIEWS);

    @ArchTest
    static final ArchRule FILES_FORM_NO_CIRCLE =
            slices().matching("app.dapt.files.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule NOBODY_LOOKS_UP = noClasses()
            .that()
            .resideOutsideOfPackage("app.dapt.web..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("app.dapt.web..", "org.springframework..", "java.sql..");
}
