package pelluna.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.core.catalogue.Guild;
import pelluna.core.catalogue.Harm;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Plan;
import pelluna.core.sieve.Verdict;
import pelluna.core.tank.ReefLife;
import pelluna.core.testing.Plans;
import pelluna.core.units.Length;

class SearchTest {
    private static final Search SEARCH = new Search(Plans.CATALOGUE);
    private static final Plan PLAN = Plans.sixFeet().plan();

    private static Answer ask(String typed) {
        return SEARCH.ask(typed, PLAN);
    }

    private static List<Species> found(String typed) {
        return ask(typed).found().stream().map(Found::species).toList();
    }

    @Test
    void smallPeacefulAlgaeEaterUnderTwoHundredLitres() {
        Answer answer = ask("small peaceful algae eater under 200 L");
        assertThat(answer.relaxed()).isFalse();
        assertThat(answer.found())
                .extracting(f -> f.species().scientificName())
                .contains("Ecsenius stigmatura", "Salarias fasciatus")
                .doesNotContain("Zebrasoma flavescens", "Gramma loreto");
        assertThat(answer.found()).allSatisfy(f -> {
            assertThat(f.species().room().litres().customary()).isLessThanOrEqualTo(200);
            assertThat(f.species().size().usualCm()).isLessThanOrEqualTo(13);
            assertThat(f.species().diet().guild() == Guild.FILM
                            || f.species().diet().guild() == Guild.GRAZER
                            || f.species().diet().algaeDaily())
                    .isTrue();
            assertThat(f.species().manner().bold()).isLessThanOrEqualTo(3);
        });
    }

    @Test
    void somethingYellowThatStaysUnderEightCentimetres() {
        assertThat(found("something yellow that stays under 8 cm"))
                .extracting(Species::scientificName)
                .contains("Gobiodon okinawae", "Assessor flavissimus", "Cryptocentrus cinctus")
                .doesNotContain("Zebrasoma flavescens", "Assessor macneilli");
        assertThat(found("something yellow that stays under 8 cm"))
                .allSatisfy(s -> assertThat(s.size().usualCm()).isLessThanOrEqualTo(8));
        assertThat(found("yellow under 3.2 inches")).isEqualTo(found("yellow under 8.1 cm"));
    }

    @Test
    void reefSafeWithShrimpSparesCoralsAndShrimp() {
        assertThat(found("reef safe with shrimp"))
                .hasSizeGreaterThan(50)
                .allSatisfy(s -> {
                    for (ReefLife kind : new ReefLife[] {
                        ReefLife.SHRIMP,
                        ReefLife.SMALL_POLYP_CORALS,
                        ReefLife.LARGE_POLYP_CORALS,
                        ReefLife.SOFT_CORALS,
                        ReefLife.ZOANTHIDS
                    }) {
                        assertThat(s.harmTo(kind)).as(s.name() + ", " + kind).isLessThanOrEqualTo(Harm.KNOWN);
                    }
                })
                .extracting(Species::scientificName)
                .doesNotContain("Choerodon fasciatus", "Chaetodon auriga", "Pterois volitans");
        assertThat(ask("reef safe with shrimp").found())
                .filteredOn(f -> f.species().scientificName().equals("Pseudocheilinus hexataenia"))
                .allSatisfy(f -> assertThat(f.buts()).as("only nearly").isNotEmpty());
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "yelow tnag,Zebrasoma flavescens",
        "royl grama,Gramma loreto",
        "clwnfish,Amphiprion ocellaris",
        "mandrin,Synchiropus splendidus",
        "manini,Acanthurus triostegus",
        "humuhumunukunukuapua'a,Rhinecanthus rectangulus",
        "Rotfeuerfisch,Pterois volitans",
        "Premnas biaculeatus,Amphiprion biaculeatus",
        "leopard wrasses,Macropharyngodon meleagris",
        "peacefull anthias,Pseudanthias dispar",
        "convict blenny,Pholidichthys leucotaenia",
        "bumblebee grouper,Epinephelus lanceolatus",
        "sixline,Grammistes sexlineatus",
        "eel,Echidna nebulosa",
        "KÖNIGSFEENBARSCH,Gramma loreto",
        "weisskehl doktorfisch,Acanthurus leucosternon"
    })
    void misspeltAndLocalNamesAreUnderstood(String typed, String scientific) {
        assertThat(found(typed)).extracting(Species::scientificName).contains(scientific);
    }

    @Test
    void whatWasReadOtherwiseIsSaid() {
        assertThat(ask("yelow tnag").question().readAs())
                .containsExactly(new Understood.ReadAs("yelow", "yellow"), new Understood.ReadAs("tnag", "tang"));
        assertThat(ask("yellow tang").question().readAs()).isEmpty();
        assertThat(ask("small peaceful blenny").question().criteria())
                .extracting(Criterion::understood)
                .hasSize(2);
    }

    @Test
    void theWholeNameComesFirstHoweverItFits() {
        Plan small = Plans.sixFeet()
                .with("netLitres", 80)
                .with("lengthCm", 60)
                .with("widthCm", 40)
                .with("waterHeightCm", 40)
                .plan();
        List<Found> tangs = SEARCH.ask("yellow tang", small).found();
        assertThat(tangs.get(0).species().scientificName()).isEqualTo("Zebrasoma flavescens");
        assertThat(tangs.get(0).verdict().outcome()).isEqualTo(Verdict.Outcome.NOT_IN_THIS_TANK);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "goby", "reef safe", "small peaceful", "blue fish that fits"})
    void bestFitStandsFirst(String typed) {
        assertThat(ask(typed).found().stream().map(f -> f.verdict().outcome().ordinal()))
                .isSorted();
    }

    @Test
    void nothingTypedFindsEverybodyAndNonsenseNobody() {
        assertThat(ask("").found()).hasSameSizeAs(Plans.CATALOGUE.all());
        assertThat(ask("under 200").question().isEmpty())
                .as("a figure without its unit says nothing")
                .isTrue();
        assertThat(ask("   ").found()).hasSameSizeAs(Plans.CATALOGUE.all());
        assertThat(ask("qzxv wvut").found()).isEmpty();
        assertThat(ask("((( [a-z]* \\Q %s").found()).isNotNull();
        assertThat(ask("x".repeat(3000)).found()).isEmpty();
    }

    @Test
    void onlyWhatFitsLeavesOutTheImpossible() {
        assertThat(ask("tang that fits").found())
                .isNotEmpty()
                .noneMatch(f -> f.verdict().outcome() == Verdict.Outcome.NOT_IN_THIS_TANK);
        assertThat(ask("tang").found()).anyMatch(f -> f.verdict().outcome() == Verdict.Outcome.NOT_IN_THIS_TANK);
    }

    @Test
    void whenNobodyIsAllOfItTheNearestComeWithWhatTheyAreNot() {
        Answer answer = ask("tiny venomous shark that grazes algae");
        assertThat(answer.relaxed()).isTrue();
        assertThat(answer.found()).allSatisfy(f -> assertThat(f.buts()).isNotEmpty());
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "not aggressive,Nemateleotris magnifica,Dascyllus trimaculatus",
        "no jumpers,Pterapogon kauderni,Nemateleotris magnifica",
        "captive bred pair,Amphiprion ocellaris,Zebrasoma scopas",
        "doesn't eat snails,Gramma loreto,Choerodon fasciatus",
        "eats aiptasia,Chelmon rostratus,Gramma loreto",
        "hair algae eater,Zebrasoma flavescens,Gramma loreto",
        "sand sifter,Valenciennea puellaris,Gramma loreto",
        "shrimp goby,Amblyeleotris randalli,Gobiodon okinawae",
        "not venomous,Gramma loreto,Siganus vulpinus",
        "for a 30 gallon tank,Gramma loreto,Paracanthurus hepatus",
        "larger than 30 cm,Naso lituratus,Gramma loreto",
        "spotted,Cephalopholis miniata,Centropyge heraldi",
        "black and white,Dascyllus aruanus,Gobiodon okinawae",
        "easy,Gramma loreto,Zanclus cornutus",
        "algae eating tang for a 4 foot tank,Zebrasoma flavescens,Acanthurus sohal",
        "cuc safe,Gramma loreto,Choerodon fasciatus",
        "what cleans sand,Valenciennea strigata,Gramma loreto",
        "tang for a 120 cm tank,Ctenochaetus strigosus,Naso lituratus",
        "blenny except midas,Ecsenius bicolor,Ecsenius midas",
        "yellow but not a goby,Zebrasoma flavescens,Gobiodon okinawae",
        "predator,Pterois volitans,Neocirrhites armatus",
        "'nothing that jumps, peaceful, blue',Chrysiptera parasema,Ptereleotris heteroptera",
        "tang but not yellow,Paracanthurus hepatus,Zebrasoma flavescens",
        "damsel not blue,Pomacentrus moluccensis,Chrysiptera cyanea",
        "nem,Amphiprion ocellaris,Stonogobiops nematodes"
    })
    void phrasesMeanWhatKeepersMean(String typed, String in, String out) {
        assertThat(found(typed))
                .extracting(Species::scientificName)
                .contains(in)
                .doesNotContain(out);
    }

    @Test
    void lengthsAreUnderstoodInEitherUnit() {
        assertThat(ask("under 8 cm").question().criteria().get(0).understood())
                .isEqualTo(new Understood.GrowsAtMost(new Length(8)));
        assertThat(ask("under 3 inches").question().criteria().get(0).understood())
                .isEqualTo(new Understood.GrowsAtMost(new Length(3 * 2.54)));
    }
}
