package kindthimble.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.springframework.data.repository.Repository;

@AnalyzeClasses(packages = "kindthimble", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule stationsHaveNoCycles =
            slices().matching("kindthimble.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule coreKnowsNothingOfTheApplication = noClasses()
            .that()
            .resideInAPackage("kindthimble.core..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("kindthimble.app..");

    @ArchTest
    static final ArchRule controllersTranslateAndDoNotStore = noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .dependOnClassesThat()
            .areAssignableTo(Repository.class);

    @ArchTest
    static final ArchRule entitiesStayInTheirPackage =
            classes().that().haveSimpleNameEndingWith("Entity").should().bePackagePrivate();
}
