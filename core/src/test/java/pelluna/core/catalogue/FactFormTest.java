package pelluna.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Facts as they are written and as fields. */
class FactFormTest {
    private static Map<String, String> read(String key, String value) {
        return FactForms.of(key).orElseThrow().read(Fact.ofKeeper(key, value));
    }

    private static String write(String key, Map<String, String> values) {
        return FactForms.of(key).orElseThrow().write(values);
    }

    @Test
    void slotsAreReadByName() {
        assertThat(read("adult", "16 cm, record 20.5 cm"))
                .containsExactly(Map.entry("adultLengthCm.usual", "16"), Map.entry("adultLengthCm.record", "20.5"));
        assertThat(read("manner", "bold 1, timid 2, own 3, genus 4, alike 5, food 0, newcomers 1, smaller 2"))
                .hasSize(8)
                .containsEntry("towards.foodRivals", "0");
    }

    @Test
    void whatIsLeftOutHasItsUsualValue() {
        assertThat(read("feeding", "meals 2, hard 1, quick"))
                .containsEntry("grazes", "no")
                .containsEntry("pods", "none");
        assertThat(read("feeding", "meals 2, algae daily, pods plenty, hard 1, quick"))
                .containsEntry("grazes", "daily")
                .containsEntry("pods", "plenty");
        assertThat(read("social", "shoal"))
                .containsEntry("leastGroup", "1")
                .containsEntry("mostTogether", "0")
                .containsEntry("sexChange", "");
        assertThat(read("social", "harem, least 4, most 8, female to male"))
                .containsEntry("leastGroup", "4")
                .containsEntry("mostTogether", "8")
                .containsEntry("sexChange", "female to male");
    }

    @Test
    void whatIsUsualIsLeftOutInWriting() {
        assertThat(write("social", Map.of("social", "alone or pair", "leastGroup", "1", "mostTogether", "0")))
                .isEqualTo("alone or pair");
        assertThat(write("social", Map.of("social", "harem", "leastGroup", "4", "sexChange", "female to male")))
                .isEqualTo("harem, least 4, female to male");
        assertThat(write("feeding", Map.of("mealsADay", "3", "pods", "some", "hardToFeed", "2", "pace", "slow")))
                .isEqualTo("meals 3, pods some, hard 2, slow");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(delimiter = '|', textBlock = """
        adult     | 16, record 20
        adult     | 16 cm
        adult     | big cm, record 20 cm
        adult     | -16 cm, record 20 cm
        volume    | 100 / 200 L
        volume    | 100 / 200 / 300
        growth    | 0.5
        social    | Harem
        copper    | 2 of 3
        captive   | sometimes
        skill     | 2
        temperature | 23 C
        young     | angel; body 101a4a
        """)
    void anythingElseIsRefusedWithAnExample(String key, String value) {
        assertThatThrownBy(() -> read(key, value))
                .isInstanceOf(CatalogueException.class)
                .hasMessageContaining(FactForms.of(key).orElseThrow().example())
                .hasMessageContaining(value);
    }

    @Test
    void everyFormHasItsOwnKeyAndFieldsAndExplainsItself() {
        assertThat(FactForms.all()).extracting(FactForm::key).doesNotHaveDuplicates();
        assertThat(FactForms.all().stream().flatMap(f -> f.slots().stream()).map(FactForm.Slot::name))
                .doesNotHaveDuplicates();
        assertThat(FactForms.all()).allSatisfy(f -> {
            assertThat(f.meaning().fact()).matches("[a-z_]+");
            assertThat(f.slots()).isNotEmpty();
        });
        assertThat(FactForms.of("wings")).isEmpty();
    }

    @Test
    void reefLifeIsWrittenInOneOrderAndReadBack() {
        Fact fact = Fact.ofKeeper(
                "reef",
                "snails known, shrimp often spares 5 cm, clams leaves-alone".replace(", clams leaves-alone", ""));
        assertThat(ReefText.write(ReefText.read(fact))).isEqualTo("shrimp often spares 5 cm, snails known");
        assertThat(ReefText.write(Map.of())).isEqualTo("none");
        assertThat(ReefText.read(Fact.ofKeeper("reef", "none"))).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "shrimp",
                "shrimp sometimes",
                "whales often",
                "shrimp often spares big",
                "shrimp often, shrimp known"
            })
    void reefLifeThatMakesNoSenseIsRefused(String value) {
        assertThatThrownBy(() -> ReefText.read(Fact.ofKeeper("reef", value))).isInstanceOf(CatalogueException.class);
    }

    @Test
    void wordsOfDangerComeWithTheUsualCautions() {
        assertThat(Caution.about(EnumSet.of(Hazard.VENOMOUS_SPINES)).all())
                .containsExactly(new Caution.Danger(Hazard.VENOMOUS_SPINES), new Caution.IfHurt());
        assertThat(Caution.about(EnumSet.of(Hazard.FANGS)).all()).contains(new Caution.IfHurt());
        assertThat(Caution.about(EnumSet.of(Hazard.TAIL_BLADES)).all())
                .containsExactly(new Caution.Danger(Hazard.TAIL_BLADES));
        assertThat(Caution.about(EnumSet.noneOf(Hazard.class)).isEmpty()).isTrue();
    }

    @Test
    void theYoungLookAsTheYoungDoUpToTheirLength() {
        Species emperor = pelluna.core.testing.Plans.species("emperor angelfish");
        double until = emperor.appearance().young().orElseThrow().untilCm();
        assertThat(emperor.lookAt(until))
                .isEqualTo(emperor.appearance().young().orElseThrow().look());
        assertThat(emperor.lookAt(until + 0.1)).isEqualTo(emperor.look());
        Species gramma = pelluna.core.testing.Plans.species("royal gramma");
        assertThat(gramma.lookAt(1)).isEqualTo(gramma.look());
    }

    @Test
    void youngThatLookDifferentGrowOutOfIt() {
        assertThat(pelluna.core.testing.Plans.CATALOGUE.all())
                .allSatisfy(s -> s.appearance()
                        .young()
                        .ifPresent(y -> assertThat(y.untilCm())
                                .as(s.name())
                                .isBetween(1.0, s.size().usualCm() * 0.8)));
    }

    @ParameterizedTest(name = "{0} and {1}: {2}")
    @CsvSource({
        "tang,tang,0",
        "tnag,tang,1",
        "tang,tan,1",
        "yelow,yellow,1",
        "'',abc,3",
        "clownfihs,clownfish,1",
        "ca,abc,3",
        "firefish,hirefisf,2"
    })
    void editDistanceCountsASwapAsOneSlip(String a, String b, int distance) {
        // Damerau 1964 in the form of optimal string alignment: 'ca' to 'abc' is 3 there, 2 without the restriction;
        // from memory
        assertThat(EditDistance.between(a, b)).isEqualTo(distance).isEqualTo(EditDistance.between(b, a));
    }

    @Test
    void aLookIsReadMarkByMark() {
        Look look = LookReader.read(
                Fact.ofKeeper("look", "x"),
                "angel; body 101a4a; tail ffffff; patch .5 0 .1 .3 aabbcc; curve .1 0 .2 .5 .3 0 .05 112233; fringe "
                        + ".02 445566; tail-edge .01 778899");
        assertThat(look.fins()).as("fins as the body if not said").isEqualTo("#101a4a");
        assertThat(look.tail()).isEqualTo("#ffffff");
        assertThat(look.marks())
                .extracting(Look.Mark::kind)
                .isEqualTo(List.of(Look.Kind.PATCH, Look.Kind.CURVE, Look.Kind.FRINGE, Look.Kind.TAIL_EDGE));
        assertThat(look.marks().get(1).at()).hasSize(7);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "angel",
                "angel; tail ffffff",
                "angel; body FFFFFF",
                "angel; body ffffff; bar .1 000000",
                "angel; body ffffff; blob .1 000000",
                "angel; body ffffff; spot a b c 000000"
            })
    void aLookThatCannotBeDrawnIsRefused(String text) {
        assertThatThrownBy(() -> LookReader.read(Fact.ofKeeper("look", text), text))
                .isInstanceOf(CatalogueException.class);
    }
}
