package app.dapt;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static java.util.Map.entry;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Arrows between the rooms of the core point one way. */
@AnalyzeClasses(packages = "app.dapt", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

    private static final List<String> KINDS_USE =
            List.of("measure", "piece", "drawing", "workpiece", "step", "filling", "form", "fit", "cloth", "shelf");

    @ArchTest
    static final ArchRule CORE_KNOWS_ONLY_ITSELF = classes()
            .that()
            .resideInAPackage("app.dapt..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "app.dapt..",
                    "java.lang..",
                    "java.util..",
                    "java.math..",
                    "java.text..",
                    "java.time..",
                    "org.locationtech.jts..",
                    "org.ejml..",
                    "org.jspecify..");

    @ArchTest
    static final ArchRule ONE_PLACE_FOR_GEOMETRY = noClasses()
            .that()
            // And the meshes, which know nothing of pieces.
            .resideOutsideOfPackages("app.dapt.piece..", "app.dapt.filling.sheet..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.locationtech.jts..");

    @ArchTest
    static final ArchRule ONE_PLACE_FOR_SPARSE_SYSTEMS = noClasses()
            .that()
            .resideOutsideOfPackage("app.dapt.filling.sheet..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.ejml..");

    @ArchTest
    static final ArchRule NO_CLOCK_AND_NO_CHANCE = noClasses()
            .that()
            .resideInAPackage("app.dapt..")
            .should()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.util.Random")
            .orShould()
            .callConstructor(java.util.SplittableRandom.class)
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .orShould()
            .callMethod(LocalDate.class, "now")
            .orShould()
            .callMethod(Instant.class, "now")
            .orShould()
            .dependOnClassesThat()
            .areAssignableTo(Clock.class);

    @ArchTest
    static final ArchRule ROOMS_FORM_NO_CIRCLE =
            slices().matching("app.dapt.(**)").should().beFreeOfCycles();

    /** Each room, and what it may use besides itself and Java. */
    private static final Map<String, List<String>> MAY_USE = Map.ofEntries(
            entry("measure", List.of()),
            entry("piece", List.of("measure")),
            entry("drawing", List.of("measure", "piece", "cloth")),
            entry("workpiece", List.of("measure", "piece")),
            entry("step", List.of("measure", "piece", "drawing", "workpiece")),
            entry("filling.sheet", List.of()),
            entry("filling", List.of("measure", "piece")),
            entry("form", List.of("measure", "filling")),
            entry("learning", List.of("measure", "form", "step")),
            entry("fit", List.of("measure", "filling", "form")),
            entry("cloth", List.of("measure", "piece")),
            entry("layout.search", List.of("measure", "piece")),
            entry("layout", List.of("measure", "piece", "drawing", "cloth", "layout.search")),
            entry("cover.decision", KINDS_USE),
            entry("cover.parts", with("cover.decision")),
            entry("cover.opening", with("cover.decision", "cover.parts")),
            entry("cover.shape", with("cover.decision", "cover.parts")),
            entry("cover.edging", with("cover.decision", "cover.parts")),
            entry("cover.front", with("cover.decision", "cover.parts")),
            entry(
                    "cover",
                    with(
                            "learning",
                            "cover.decision",
                            "cover.parts",
                            "cover.opening",
                            "cover.shape",
                            "cover.edging",
                            "cover.front",
                            "layout",
                            "layout.search")),
            entry(
                    "advice",
                    with(
                            "cover",
                            "cover.decision",
                            "cover.parts",
                            "cover.opening",
                            "cover.edging",
                            "cover.front",
                            "cover.shape")),
            entry(
                    "make",
                    with(
                            "cover",
                            "cover.drawing",
                            "cover.decision",
                            "cover.parts",
                            "cover.opening",
                            "cover.shape",
                            "cover.edging",
                            "cover.front")),
            entry("schedule", List.of("measure", "step", "make")),
            entry("shelf", List.of("measure", "piece", "cloth")),
            entry(
                    "log",
                    with(
                            "learning",
                            "cover",
                            "cover.decision",
                            "cover.parts",
                            "cover.opening",
                            "cover.edging",
                            "cover.shape",
                            "make")),
            entry(
                    "cover.filled",
                    with(
                            "cover",
                            "cover.decision",
                            "cover.parts",
                            "cover.drawing",
                            "cover.shape",
                            "cover.edging",
                            "cover.opening",
                            "filling.sheet")),
            entry(
                    "cover.drawing",
                    with(
                            "cover",
                            "cover.decision",
                            "cover.parts",
                            "cover.opening",
                            "cover.shape",
                            "cover.edging",
                            "cover.front")));

    private static List<String> with(String... more) {
        return Stream.concat(KINDS_USE.stream(), Stream.of(more)).toList();
    }

    @ArchTest
    static void arrowsPointOneWay(JavaClasses all) {
        assertThat(all).allSatisfy(each -> assertThat(MAY_USE).containsKey(room(each.getPackageName())));
        all.forEach(each -> each.getDirectDependenciesFromSelf().stream()
                .map(Dependency::getTargetClass)
                .filter(target -> target.getPackageName().startsWith("app.dapt"))
                .forEach(target -> assertThat(room(target.getPackageName()))
                        .as("%s uses %s", each.getName(), target.getName())
                        .isIn(Stream.concat(
                                        Stream.of(room(each.getPackageName())),
                                        MAY_USE.get(room(each.getPackageName())).stream())
                                .toList())));
    }

    private static String room(String named) {
        return named.substring("app.dapt.".length());
    }
}
