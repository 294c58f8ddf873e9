package pelluna.app.architecture;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.stereotype.Controller;

class AppArchitectureTest {
    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("pelluna.app");
    private static final Path ROOT = Files.exists(Path.of("frontend")) ? Path.of(".") : Path.of("..");

    @Test
    void drawingsKnowNoDatabaseAndNoWeb() {
        noClasses()
                .that()
                .resideInAPackage("..drawing..")
                .and()
                .doNotHaveSimpleName("package-info")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("jakarta..", "org.springframework..")
                .check(APP);
    }

    @Test
    void controllersAreNobodysBusinessButTheirPackage() {
        classes()
                .that()
                .areAnnotatedWith(Controller.class)
                .should()
                .bePackagePrivate()
                .check(APP);
    }

    @Test
    void onlyServicesTouchRowsNotPages() {
        noClasses()
                .that()
                .areAnnotatedWith(Controller.class)
                .should()
                .dependOnClassesThat()
                .areAssignableTo(org.springframework.data.repository.Repository.class)
                .check(APP);
    }

    /**
     * Running Pelluna needs no Node.js, so the stylesheet is committed; its first line names what it was built from.
     */
    @Test
    void theStylesheetIsFresh() throws Exception {
        MessageDigest sum = MessageDigest.getInstance("SHA-256");
        sum.update(Files.readAllBytes(ROOT.resolve("frontend/pelluna.css")));
        for (Path template : templates()) {
            sum.update(Files.readAllBytes(template));
        }
        String built = Files.readString(ROOT.resolve("app/src/main/resources/static/pelluna.css"))
                .lines()
                .findFirst()
                .orElse("");
        assertThat(built)
                .as("run frontend/build.sh")
                .isEqualTo("/* built from " + HexFormat.of().formatHex(sum.digest()) + " */");
    }

    /** One way to send: whether something is saved is decided in one script. */
    @Test
    void onlyOneScriptSends() throws IOException {
        try (Stream<Path> all = Files.walk(ROOT.resolve("app/src/main/resources/static"))) {
            for (Path script : all.filter(p ->
                            p.toString().endsWith(".js") && !p.toString().contains("vendor") && !p.endsWith("send.js"))
                    .toList()) {
                assertThat(Files.readString(script))
                        .as(script.toString())
                        .doesNotContainPattern("fetch\\([^;]{0,200}POST")
                        .doesNotContain("sendBeacon", "XMLHttpRequest");
            }
        }
    }

    /** A form that writes takes its key from there. */
    @Test
    void everyFormThatWritesHasAKey() throws IOException {
        for (Path template : templates()) {
            Matcher form = Pattern.compile("<form\\b[^>]*>", Pattern.DOTALL)
                    .matcher(Files.readString(template).replace(" > ", " gt ").replace("->", ""));
            while (form.find()) {
                boolean writes = form.group().contains("method=\"post\"") && !template.endsWith("failure.html");
                assertThat(!writes || form.group().contains("th:action"))
                        .as(template + ": " + form.group())
                        .isTrue();
            }
        }
    }

    private static List<Path> templates() throws IOException {
        try (Stream<Path> all = Files.walk(ROOT.resolve("app/src/main/resources/templates"))) {
            return all.filter(p -> p.toString().endsWith(".html"))
                    .sorted(Comparator.comparing(Path::toString))
                    .toList();
        }
    }
}
