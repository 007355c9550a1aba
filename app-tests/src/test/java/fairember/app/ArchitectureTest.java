package fairember.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The doors of the server: what may use what. */
public class ArchitectureTest {
    /** Each package may use only those before it, the core, and general libraries. */
    static final List<String> ORDER = List.of(
            "codec",
            "clock",
            "database",
            "document",
            "journal",
            "web",
            "copies",
            "turns",
            "live",
            "settings",
            "shelf",
            "picture",
            "outline",
            "trialtile",
            "mix",
            "leftover",
            "sparebox",
            "find",
            "trial",
            "machine",
            "printout",
            "design",
            "oven",
            "daybook",
            "batch",
            "baking",
            "probe",
            "loadstart",
            "bench",
            "price",
            "beginning",
            "sums",
            "demo");

    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            // What Spring writes ahead of time stands in the jar, too.
            .withImportOption(place -> !place.contains("__"))
            .importPackages("fairember.app");

    @DataProvider
    public Object[][] packages() {
        return ORDER.stream().map(name -> new Object[] {name}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "packages")
    public void aPackageUsesOnlyPackagesBeforeIt(String name) {
        List<String> later = new ArrayList<>();
        ORDER.subList(ORDER.indexOf(name) + 1, ORDER.size()).forEach(after -> later.add("fairember.app." + after));
        if (!later.isEmpty()) {
            noClasses()
                    .that()
                    .resideInAPackage("fairember.app." + name)
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(later.toArray(String[]::new))
                    .check(APP);
        }
    }

    @Test
    public void onlyTheDatabasePackageHandlesConnections() {
        noClasses()
                .that()
                .resideOutsideOfPackage("fairember.app.database")
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.sql.Connection")
                .orShould()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework.jdbc..", "jakarta.persistence..", "org.sqlite..")
                .check(APP);
    }

    /** The description of the API knows them by their simple names alone. */
    @Test
    public void formsAndViewsHaveNamesOfTheirOwn() {
        List<String> names = APP.stream()
                .map(JavaClass::getSimpleName)
                .filter(name -> name.endsWith("Form") || name.endsWith("View"))
                .toList();
        assertThat(names).doesNotHaveDuplicates().hasSizeGreaterThan(50);
    }

    @Test
    public void controllersAreSeenOnlyByTheirPackage() {
        classes()
                .that()
                .haveSimpleNameEndingWith("Controller")
                .should()
                .bePackagePrivate()
                .check(APP);
    }
}
