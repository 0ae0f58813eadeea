package kindthimble.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "kindthimble.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule packagesHaveNoCycles =
            slices().matching("kindthimble.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule coreIsPlainJava = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.springframework..",
                    "jakarta..",
                    "tools.jackson..",
                    "com.fasterxml..",
                    "java.net..",
                    "java.nio.file..",
                    "java.sql..");

    @ArchTest
    static final ArchRule onlyGeometryKnowsItsLibraries = noClasses()
            .that()
            .resideOutsideOfPackage("..geometry..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.locationtech..", "org.apache.batik..");
}
