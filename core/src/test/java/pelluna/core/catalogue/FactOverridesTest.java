package pelluna.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanReader;
import pelluna.core.search.Singles;
import pelluna.core.sieve.RuleName;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;

class FactOverridesTest {
    private static FactOverrides fact(String species, String key, String value) {
        return new FactOverrides(List.of(), List.of(new FactOverrides.FactOverride(species, key, value)));
    }

    @Test
    void aFactSeenOtherwiseIsTheKeepersAndLeavesOursAlone() {
        Catalogue own = Plans.CATALOGUE.with(fact("Gramma loreto", "volume", "200 / 300 / 400 L"));
        Species mine = own.find("royal gramma").orElseThrow();
        assertThat(mine.room().litres()).isEqualTo(new Schools(200, 300, 400));
        assertThat(mine.facts().get("volume").origin().source()).isEqualTo(Source.KEEPER);
        assertThat(mine.facts().get("run").source()).isNotEqualTo(Source.KEEPER);
        assertThat(Plans.species("royal gramma").room().litres().customary()).isEqualTo(114);
        assertThat(Plans.CATALOGUE.with(FactOverrides.NONE)).isSameAs(Plans.CATALOGUE);
    }

    @Test
    void theRulesUseIt() {
        Catalogue own = Plans.CATALOGUE.with(fact("Gramma loreto", "volume", "900 / 950 / 990 L"));
        Plan plan = new PlanReader(own).read(PlanTree.file(Plans.sixFeet().tree()), Plans.START);
        assertThat(new Singles(plan).of(own.find("Gramma loreto").orElseThrow()).findings())
                .anySatisfy(f -> {
                    assertThat(f.rule()).isEqualTo(RuleName.LEAST_VOLUME);
                    assertThat(f.source()).isEqualTo(Source.KEEPER);
                });
        assertThat(new Singles(plan).of(Plans.species("Gramma loreto")).findings())
                .noneMatch(f -> f.rule() == RuleName.LEAST_VOLUME);
    }

    @Test
    void aSpeciesOfOnesOwnBeginsAsAnotherAndGoesItsOwnWay() {
        FactOverrides word = new FactOverrides(
                List.of(new FactOverrides.OwnSpecies("Gramma dejongi", "Grammatidae", "Gramma loreto")),
                List.of(
                        new FactOverrides.FactOverride("Gramma dejongi", "names", "golden gramma"),
                        new FactOverrides.FactOverride("Gramma dejongi", "adult", "6 cm, record 7 cm")));
        Species mine = Plans.CATALOGUE.with(word).find("golden gramma").orElseThrow();
        assertThat(mine.scientificName()).isEqualTo("Gramma dejongi");
        assertThat(mine.size().usualCm()).isEqualTo(6);
        assertThat(mine.place().swims())
                .isEqualTo(Plans.species("royal gramma").place().swims());
        assertThat(mine.facts().values()).allMatch(f -> f.source() == Source.KEEPER);
        assertThat(mine.localNames()).isEmpty();
    }

    @Test
    void whatCannotBeReadOrIsAboutNobodyIsRefused() {
        assertThatThrownBy(() -> Plans.CATALOGUE.with(fact("Gramma loreto", "adult", "long")))
                .isInstanceOf(CatalogueException.class)
                .hasMessageContaining("16 cm, record 20 cm");
        assertThatThrownBy(() -> Plans.CATALOGUE.with(fact("Gramma loreto", "adult", "9 cm, record 8 cm")))
                .hasMessageContaining("WithinRecord");
        assertThatThrownBy(() -> Plans.CATALOGUE.with(fact("Gramma loreto", "wings", "2")))
                .hasMessageContaining("NoSuchFact");
        assertThatThrownBy(() -> Plans.CATALOGUE.with(fact("Gramma nemo", "adult", "5 cm, record 6 cm")))
                .hasMessageContaining("NoSuchSpecies");
        assertThatThrownBy(() -> Plans.CATALOGUE.with(new FactOverrides(
                        List.of(new FactOverrides.OwnSpecies("mine", "Grammatidae", "Gramma loreto")), List.of())))
                .hasMessageContaining("NoScientificName");
        assertThatThrownBy(() -> Plans.CATALOGUE.with(new FactOverrides(
                        List.of(new FactOverrides.OwnSpecies("Gramma dejongi", "Grammatidae", "")), List.of())))
                .hasMessageContaining("FactMissing[species=Gramma dejongi, key=adult]");
        assertThatThrownBy(() -> Plans.CATALOGUE.with(new FactOverrides(
                        List.of(new FactOverrides.OwnSpecies("Gramma loreto", "Grammatidae", "Gramma loreto")),
                        List.of())))
                .hasMessageContaining("SpeciesTwice");
    }

    @Test
    void everyWrittenFactCanBeTakenApartAndPutTogetherAgain() {
        for (Species s : Plans.CATALOGUE.all()) {
            s.facts().forEach((key, fact) -> {
                FactForm form = FactForms.of(key).orElseThrow();
                assertThat(form.write(form.read(fact)))
                        .as(s.name() + ", " + key)
                        .isEqualTo(fact.value());
            });
        }
    }

    @Test
    void everyFormReadsItsOwnExample() {
        assertThat(FactForms.all())
                .allSatisfy(form -> assertThat(form.write(form.read(Fact.ofKeeper(form.key(), form.example()))))
                        .isEqualTo(form.example()));
    }

    @Test
    void aSourceCodeTellsConfidenceToo() {
        assertThat(Fact.coded("adult", "x", "m?", Level.GENUS, new FactPlace.Line("a:1"))
                        .orElseThrow()
                        .origin())
                .isEqualTo(new Fact.Origin(Source.MEMORY, Confidence.SHAKY, Level.GENUS));
        assertThat(Fact.coded("adult", "x", "cp!", Level.SPECIES, new FactPlace.Line("a:1"))
                        .orElseThrow()
                        .origin())
                .isEqualTo(new Fact.Origin(Source.COMMON_PRACTICE, Confidence.FIRM, Level.SPECIES));
        assertThat(Fact.coded("adult", "x", "hearsay", Level.SPECIES, new FactPlace.Line("a:1")))
                .isEmpty();
    }
}
