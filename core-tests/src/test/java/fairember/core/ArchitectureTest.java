package fairember.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The doors of the core: what may use what. */
public class ArchitectureTest {
    /** Each package may use only those before it. */
    static final List<String> ORDER = List.of(
            "document",
            "input",
            "quantity",
            "advice",
            "workings",
            "outline",
            "shape",
            "portion",
            "foilcore",
            "colour",
            "photo",
            "colourcalibration",
            "recipe",
            "claysheet",
            "covering",
            "heat",
            "ovencalibration",
            "ovensim",
            "loadrecord",
            "bake",
            "stock",
            "mix",
            "solver",
            "blockcutting",
            "wire",
            "design",
            "daybook",
            "balance",
            "printout",
            "ovenload",
            "loadsearch",
            "batch",
            "price",
            "review",
            "trial",
            "loadstart",
            "studio",
            "beginning");

    /** The libraries that a package may use. */
    private static final Map<String, List<String>> LIBRARIES = Map.ofEntries(
            Map.entry("colour", List.of("org.hipparchus..", "com.github.benmanes.caffeine.cache..")),
            Map.entry("heat", List.of("com.github.benmanes.caffeine.cache..")),
            Map.entry("colourcalibration", List.of("org.hipparchus.linear..")),
            Map.entry("photo", List.of("org.hipparchus.linear..")),
            Map.entry("shape", List.of("org.hipparchus..", "org.locationtech.jts..")),
            Map.entry("balance", List.of("org.locationtech.jts.geom..", "com.github.benmanes.caffeine.cache..")),
            Map.entry(
                    "design",
                    List.of(
                            "org.hipparchus.analysis..",
                            "org.hipparchus.exception..",
                            "com.github.benmanes.caffeine.cache..")),
            Map.entry("daybook", List.of("org.hipparchus.linear..", "org.hipparchus.distribution..")),
            Map.entry("foilcore", List.of("org.hipparchus.analysis..")),
            Map.entry("loadsearch", List.of("com.google.ortools..")),
            Map.entry("solver", List.of("com.google.ortools..")),
            Map.entry("blockcutting", List.of("com.google.ortools..")),
            Map.entry(
                    "outline",
                    List.of(
                            "org.hipparchus.analysis..",
                            "org.locationtech.jts..",
                            "org.apache.batik.parser..",
                            "javax.xml.stream..")));

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("fairember.core");

    @DataProvider
    public Object[][] packages() {
        return ORDER.stream().map(name -> new Object[] {name}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "packages")
    public void aPackageUsesOnlyPackagesBeforeIt(String name) {
        List<String> allowed = new ArrayList<>(List.of("java..", "org.jspecify..", "fairember.core." + name));
        ORDER.subList(0, ORDER.indexOf(name)).forEach(before -> allowed.add("fairember.core." + before));
        allowed.addAll(LIBRARIES.getOrDefault(name, List.of()));
        classes()
                .that()
                .resideInAPackage("fairember.core." + name)
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(allowed.toArray(String[]::new))
                .check(CORE);
    }

    @Test
    public void everyPackageHasAPlaceInTheOrder() {
        classes()
                .should()
                .resideInAnyPackage(
                        ORDER.stream().map(p -> "fairember.core." + p).toArray(String[]::new))
                .check(CORE);
    }

    @Test
    public void calculationsNeverUseWorkings() {
        noClasses()
                .that()
                .haveSimpleNameNotEndingWith("Workings")
                .and()
                .resideOutsideOfPackage("fairember.core.workings")
                .and()
                .areTopLevelClasses()
                .should()
                .dependOnClassesThat()
                .resideInAPackage("fairember.core.workings")
                .check(CORE);
    }
}
