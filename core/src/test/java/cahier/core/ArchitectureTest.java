package cahier.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;

@AnalyzeClasses(packages = "cahier.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule coreIsPlainJava = classes().that().resideInAPackage("cahier.core..")
            .should().onlyDependOnClassesThat().resideInAnyPackage("cahier.core..", "java.lang..", "java.util..", "java.time..",
                    "java.math..", "java.text..", "java.io..", "java.nio.charset..", "javax.sound.sampled..", "ai.timefold.solver..", "org.apache.commons.codec..", "org.apache.commons.numbers..", "org.apache.commons.statistics..", "org.jspecify..");

    @ArchTest
    static final ArchRule coreReadsNoClock = noClasses().should().callMethod(Instant.class, "now")
            .orShould().callMethod(LocalDate.class, "now").orShould().callMethod(Clock.class, "systemUTC");

    @ArchTest
    static final ArchRule packagesHaveNoCycle = slices().matching("cahier.core.(*)..").should().beFreeOfCycles();
}
