package tactus.architecture;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.name;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.domain.JavaPackage;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.scene.Node;
import tactus.app.place.Place;

@AnalyzeClasses(packages = "tactus", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule dependenciesPointInwards = layeredArchitecture()
            .consideringOnlyDependenciesInAnyPackage("tactus..")
            .layer("core")
            .definedBy("tactus.core..")
            .layer("words")
            .definedBy("tactus.words..")
            .layer("formats")
            .definedBy("tactus.formats..")
            .layer("sound")
            .definedBy("tactus.sound..")
            .layer("records")
            .definedBy("tactus.records..")
            .layer("console")
            .definedBy("tactus.console..")
            .layer("app")
            .definedBy("tactus.app..")
            .whereLayer("app")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("words")
            .mayOnlyBeAccessedByLayers("app", "console", "formats", "records")
            .whereLayer("formats")
            .mayOnlyBeAccessedByLayers("app", "console", "records")
            .whereLayer("records")
            .mayOnlyBeAccessedByLayers("app", "console")
            .whereLayer("sound")
            .mayOnlyBeAccessedByLayers("app", "console")
            .whereLayer("console")
            .mayOnlyBeAccessedByLayers("app")
            .ensureAllClassesAreContainedInArchitecture();

    @ArchTest
    static final ArchRule coreKnowsNothingOfScreensOrFiles = noClasses()
            .that()
            .resideInAPackage("tactus.core..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..", "java.awt..", "javax..", "java.io..", "java.nio..")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.util.Random");

    /** The logbook has days as values; what day it is is told from outside. */
    @ArchTest
    static final ArchRule onlyTheLogbookHasDays = noClasses()
            .that()
            .resideInAPackage("tactus.core..")
            .and()
            .resideOutsideOfPackage("tactus.core.taught.logbook..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("java.time..");

    @ArchTest
    static final ArchRule coreReadsNoClock = noClasses()
            .that()
            .resideInAPackage("tactus.core..")
            .should()
            .callMethodWhere(target(owner(resideInAPackage("java.time.."))).and(target(name("now"))))
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.time.Clock")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .orShould()
            .callMethod(System.class, "currentTimeMillis");

    @ArchTest
    static final ArchRule onlyTheAppKnowsJavaFx = noClasses()
            .that()
            .resideOutsideOfPackage("tactus.app..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("javafx..");

    @ArchTest
    static final ArchRule modelsKnowNoNodes = noClasses()
            .that()
            .haveSimpleNameEndingWith("Model")
            .should()
            .dependOnClassesThat(resideInAPackage("javafx.scene..").or(assignableTo(Node.class)));

    @ArchTest
    static final ArchRule nothingIsCalledForWhatKindOfClassItIs = noClasses()
            .should()
            .haveSimpleNameEndingWith("Manager")
            .orShould()
            .haveSimpleNameEndingWith("Helper")
            .orShould()
            .haveSimpleNameEndingWith("Utils")
            .orShould()
            .haveSimpleNameEndingWith("Util")
            .orShould()
            .haveSimpleNameEndingWith("Impl");

    /** One word has one meaning. */
    @ArchTest
    static void noTwoTypesHaveTheSameName(JavaClasses all) {
        var twice = new TreeSet<String>();
        var names = new HashSet<String>();
        all.stream()
                .filter(each -> each.isTopLevelClass() && !each.getSimpleName().equals("package-info"))
                .filter(each -> !names.add(each.getSimpleName()))
                .forEach(each -> twice.add(each.getName()));
        assertEquals(Set.of(), twice);
    }

    @ArchTest
    static final ArchRule viewsAreFinal =
            classes().that().haveSimpleNameEndingWith("View").should().haveModifier(JavaModifier.FINAL);

    @ArchTest
    static final ArchRule packagesFormNoCycles =
            slices().matching("tactus.(**)").should().beFreeOfCycles();

    /** From the ground up: each storey of the core stands on those before it. */
    private static final List<String> STOREYS =
            List.of("ground", "music", "patterns", "written", "laid", "reading", "counsel", "taught");

    @ArchTest
    static void noStoreyOfTheCoreKnowsOneAbove(JavaClasses all) {
        for (int storey = 0; storey < STOREYS.size(); storey++) {
            String[] above = STOREYS.subList(storey + 1, STOREYS.size()).stream()
                    .map(each -> "tactus.core." + each + "..")
                    .toArray(String[]::new);
            noClasses()
                    .that()
                    .resideInAPackage("tactus.core." + STOREYS.get(storey) + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(above)
                    .check(all);
        }
    }

    @ArchTest
    static final ArchRule everyRoomOfTheCoreIsInAStorey = classes()
            .that()
            .resideInAPackage("tactus.core..")
            .should()
            .resideInAnyPackage(
                    STOREYS.stream().map(each -> "tactus.core." + each + "..").toArray(String[]::new));

    /** The timeline is built in steps, each of which knows only those before it. */
    @ArchTest
    static final ArchRule classesOfTheTimelineFormNoCycles = slices().assignedFrom(new SliceAssignment() {
                @Override
                public SliceIdentifier getIdentifierOf(JavaClass each) {
                    if (!each.getPackageName().equals("tactus.core.laid.timeline")) return SliceIdentifier.ignore();
                    return SliceIdentifier.of(each.getName().replaceFirst("\\$.*", ""));
                }

                @Override
                public String getDescription() {
                    return "files of the timeline";
                }
            })
            .should()
            .beFreeOfCycles();

    @ArchTest
    static final ArchRule theCommandLineKnowsNoScreen = noClasses()
            .that()
            .resideInAPackage("tactus.console..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("tactus.app..", "javafx..");

    /** A place is the package of a class that is one, with what lies in it. */
    @ArchTest
    static final ArchRule noPlaceKnowsAnother = slices().assignedFrom(new SliceAssignment() {
                @Override
                public SliceIdentifier getIdentifierOf(JavaClass each) {
                    Optional<JavaPackage> room = Optional.of(each.getPackage());
                    while (room.isPresent()) {
                        if (room.get().getClasses().stream().anyMatch(ArchitectureTest::isPlace))
                            return SliceIdentifier.of(room.get().getName());
                        room = room.get().getParent();
                    }
                    return SliceIdentifier.ignore();
                }

                @Override
                public String getDescription() {
                    return "places";
                }
            })
            .should()
            .notDependOnEachOther();

    private static boolean isPlace(JavaClass each) {
        return !each.isInterface() && each.isAssignableTo(Place.class);
    }

    /** The rule above would hold where no place is found. */
    @ArchTest
    static void fivePlacesAreFound(JavaClasses all) {
        assertEquals(
                5,
                all.stream()
                        .filter(ArchitectureTest::isPlace)
                        .map(JavaClass::getPackageName)
                        .distinct()
                        .count());
    }
}
