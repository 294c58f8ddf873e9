package pelluna.core.architecture;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** Arrows point one way, as docs/code.md draws them. */
class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("pelluna.core");

    @Test
    void everyPackageLooksOnlyInwards() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("units")
                .definedBy("..units..")
                .layer("growth")
                .definedBy("..growth..")
                .layer("tank")
                .definedBy("..tank..")
                .layer("catalogue")
                .definedBy("..catalogue..")
                .layer("names")
                .definedBy("..core.names..")
                .layer("plan")
                .definedBy("..plan..")
                .layer("tension")
                .definedBy("..tension..")
                .layer("capacity")
                .definedBy("..capacity..")
                .layer("sieve")
                .definedBy("..sieve..")
                .layer("introduction")
                .definedBy("..introduction..")
                .layer("water")
                .definedBy("..water..")
                .layer("scape")
                .definedBy("..scape..")
                .layer("grounds")
                .definedBy("..grounds..")
                .layer("outlook")
                .definedBy("..outlook..")
                .layer("advice")
                .definedBy("..advice..")
                .layer("behaviour")
                .definedBy("..behaviour..")
                .layer("health")
                .definedBy("..health..")
                .layer("sighting")
                .definedBy("..sighting..")
                .layer("search")
                .definedBy("..search..")
                .layer("arrivals")
                .definedBy("..arrivals..")
                .layer("assessment")
                .definedBy("..assessment..")
                .layer("shop")
                .definedBy("..core.shop..")
                .layer("remind")
                .definedBy("..core.remind..")
                .whereLayer("remind")
                .mayNotBeAccessedByAnyLayer()
                .layer("odds")
                .definedBy("..core.odds..")
                .whereLayer("odds")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("shop")
                .mayNotBeAccessedByAnyLayer()
                .layer("lessons")
                .definedBy("..core.lessons..")
                .whereLayer("lessons")
                .mayNotBeAccessedByAnyLayer()
                .layer("pooled")
                .definedBy("..core.pooled..")
                .whereLayer("pooled")
                .mayNotBeAccessedByAnyLayer()
                .layer("losses")
                .definedBy("..losses..")
                .layer("crew")
                .definedBy("..crew..")
                .layer("scenery")
                .definedBy("..scenery..")
                .whereLayer("scenery")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("losses")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("crew")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("sighting")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("health")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("behaviour")
                .mayOnlyBeAccessedByLayers(
                        "odds",
                        "pooled",
                        "plan",
                        "tension",
                        "sieve",
                        "introduction",
                        "health",
                        "sighting",
                        "outlook",
                        "losses")
                .whereLayer("search")
                .mayOnlyBeAccessedByLayers("shop")
                .whereLayer("assessment")
                .mayOnlyBeAccessedByLayers("advice", "lessons", "shop")
                .whereLayer("advice")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("outlook")
                .mayOnlyBeAccessedByLayers("odds", "assessment", "advice")
                .whereLayer("arrivals")
                .mayOnlyBeAccessedByLayers("lessons", "odds", "shop", "outlook", "assessment", "advice")
                .whereLayer("introduction")
                .mayOnlyBeAccessedByLayers("shop", "arrivals", "outlook", "assessment", "advice")
                .whereLayer("sieve")
                .mayOnlyBeAccessedByLayers(
                        "lessons", "odds", "shop", "search", "arrivals", "outlook", "assessment", "advice")
                .whereLayer("water")
                .mayOnlyBeAccessedByLayers("odds", "capacity", "sieve", "arrivals", "outlook", "assessment", "advice")
                .whereLayer("capacity")
                .mayOnlyBeAccessedByLayers("shop", "sieve", "arrivals", "outlook", "assessment", "advice")
                .whereLayer("tension")
                .mayOnlyBeAccessedByLayers(
                        "lessons", "odds", "shop", "sieve", "arrivals", "outlook", "assessment", "advice")
                .whereLayer("grounds")
                .mayOnlyBeAccessedByLayers("tension", "sieve", "arrivals", "outlook", "assessment", "advice")
                .whereLayer("scape")
                .mayOnlyBeAccessedByLayers(
                        "sighting", "tank", "plan", "capacity", "grounds", "outlook", "assessment", "advice", "scenery")
                .whereLayer("plan")
                .mayOnlyBeAccessedByLayers(
                        "lessons",
                        "odds",
                        "shop",
                        "crew",
                        "search",
                        "grounds",
                        "tension",
                        "capacity",
                        "sieve",
                        "arrivals",
                        "outlook",
                        "assessment",
                        "advice")
                .whereLayer("names")
                .mayOnlyBeAccessedByLayers("plan", "search", "sighting")
                .whereLayer("catalogue")
                .mayOnlyBeAccessedByLayers(
                        "lessons",
                        "odds",
                        "pooled",
                        "shop",
                        "names",
                        "losses",
                        "crew",
                        "scenery",
                        "search",
                        "health",
                        "plan",
                        "grounds",
                        "tension",
                        "capacity",
                        "sieve",
                        "introduction",
                        "arrivals",
                        "outlook",
                        "assessment",
                        "advice")
                .check(CORE);
    }

    @Test
    void theCoreKnowsNoFrameworkAndNoDatabase() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..", "jakarta..", "java.sql..", "tools.jackson..", "pelluna.app..")
                .check(CORE);
    }

    @Test
    void onlyTheCatalogueAndThePhrasebookReadFiles() {
        noClasses()
                .that()
                .resideOutsideOfPackages("..catalogue..", "..phrasebook..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.io..", "java.nio..")
                .check(CORE);
    }

    @Test
    void nothingStaticChanges() {
        fields().that()
                .areStatic()
                .and()
                .areDeclaredInClassesThat()
                .haveSimpleNameNotContaining("$")
                .should()
                .haveModifier(JavaModifier.FINAL)
                .check(CORE);
    }
}
