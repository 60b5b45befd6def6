package notchbook.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "notchbook.core", importOptions = DoNotIncludeTests.class)
class CoreStaysPlainTest {
    @ArchTest
    static final ArchRule DEPENDS_ON_PLAIN_JAVA_ONLY = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "notchbook.core..",
                    "java..",
                    "com.ibm.icu..",
                    "org.tartarus.snowball..",
                    "com.github.difflib..",
                    "org.jspecify..");

    @ArchTest
    static final ArchRule ROOMS_HAVE_NO_CYCLE =
            slices().matching("notchbook.core.(*)..").should().beFreeOfCycles();
}
