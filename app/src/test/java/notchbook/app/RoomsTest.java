package notchbook.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;

class RoomsTest {
    @Test
    void keepTheirDoorsAndHaveNoCycle() {
        ApplicationModules.of(NotchbookApplication.class).verify();
    }

    @Test
    void layersPointDownward() {
        var all = new ClassFileImporter()
                .withImportOption(new DoNotIncludeTests())
                .importPackages("notchbook");
        noClasses()
                .that()
                .resideInAnyPackage("notchbook.core..", "notchbook.imaging..", "notchbook.formats..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("notchbook.app..", "notchbook.tables..", "org.springframework..")
                .check(all);
        noClasses()
                .that()
                .resideInAPackage("notchbook.imaging..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("notchbook.formats..")
                .check(all);
        noClasses()
                .that()
                .haveSimpleNameEndingWith("Controller")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("notchbook.tables..", "org.jooq..")
                .check(all);
    }
}
