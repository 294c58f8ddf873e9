package pelluna.app.architecture;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;
import org.springframework.modulith.core.ApplicationModule;
import org.springframework.modulith.core.ApplicationModules;
import pelluna.app.PellunaApplication;

/** Every package is a module: no circle, no reach into another's inside, no arrow that it does not declare. */
class ModulesTest {
    private static final ApplicationModules MODULES = ApplicationModules.of(PellunaApplication.class);
    private static final Path DRAWN =
            (Files.exists(Path.of("docs")) ? Path.of("docs") : Path.of("../docs")).resolve("modules.svg");

    @Test
    void arrowsAreThoseThatAreDeclared() {
        MODULES.verify();
    }

    @Test
    void everyModuleDeclaresItsArrowsAndNoneThatItDoesNotNeed() {
        assertThat(MODULES.stream().toList())
                .hasSizeGreaterThan(30)
                .allSatisfy(m -> assertThat(m.getDirectDependencies(MODULES)
                                .uniqueModules()
                                .map(ModulesTest::name)
                                .collect(Collectors.toSet()))
                        .as(name(m))
                        .isEqualTo(declared(m)));
    }

    @Test
    void rowsAreAskedForByTheirOwnModuleAlone() {
        classes()
                .that()
                .areAssignableTo(Repository.class)
                .should()
                .bePackagePrivate()
                .check(new ClassFileImporter()
                        .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                        .importPackages("pelluna.app"));
    }

    /** Drawn anew by this test with -Dpelluna.draw. */
    @Test
    void theDrawingShowsThem() throws IOException {
        TreeMap<String, Set<String>> arrows = new TreeMap<>();
        MODULES.stream().forEach(m -> arrows.put(name(m), declared(m)));
        String drawing = new ModulesDrawing(arrows).svg();
        if (System.getProperty("pelluna.draw") != null) {
            Files.writeString(DRAWN, drawing);
        }
        assertThat(Files.readString(DRAWN)).as("draw docs/modules.svg anew").isEqualTo(drawing);
    }

    private static String name(ApplicationModule module) {
        return module.getIdentifier().toString();
    }

    private static Set<String> declared(ApplicationModule module) {
        org.springframework.modulith.ApplicationModule said;
        try {
            said = Class.forName(module.getBasePackage().getName() + ".package-info")
                    .getAnnotation(org.springframework.modulith.ApplicationModule.class);
        } catch (ClassNotFoundException e) {
            throw new IllegalStateException(name(module) + " says nothing of itself", e);
        }
        return new TreeSet<>(Set.of(said.allowedDependencies()));
    }
}
