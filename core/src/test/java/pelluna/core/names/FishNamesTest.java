package pelluna.core.names;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.core.catalogue.Sold;
import pelluna.core.catalogue.Species;
import pelluna.core.testing.Plans;

/** Names as people type them. */
class FishNamesTest {
    private static final FishNames NAMES = new FishNames(Plans.CATALOGUE);

    private static String first(String typed) {
        return NAMES.resolve(typed).meant().get(0).species().scientificName();
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({
        "neon goby,Elacatinus oceanops",
        "possum wrasse,Wetmorella nigropinnata",
        "tailspot blenny,Ecsenius stigmatura",
        "tail spot blenny,Ecsenius stigmatura",
        "Tail-Spot Blennies,Ecsenius stigmatura",
        "mandarin,Synchiropus splendidus",
        "mandarin goby,Synchiropus splendidus",
        "Mandarinfisch,Synchiropus splendidus",
        "yellow tang,Zebrasoma flavescens",
        "six line wrasse,Pseudocheilinus hexataenia",
        "sixline wrasse,Pseudocheilinus hexataenia",
        "blue tang,Paracanthurus hepatus",
        "hippo tang,Paracanthurus hepatus",
        "Palettendoktor,Paracanthurus hepatus",
        "flame angel,Centropyge loricula",
        "coral beauty,Centropyge bispinosa",
        "gelber segelflossendoktor,Zebrasoma flavescens",
        "percula,Amphiprion percula",
        "ocellaris,Amphiprion ocellaris",
        "ocellaris clowns,Amphiprion ocellaris",
        "A. ocellaris,Amphiprion ocellaris",
        "maroon clown,Amphiprion biaculeatus",
        "Premnas biaculeatus,Amphiprion biaculeatus",
        "green chromis,Chromis viridis",
        "firefish,Nemateleotris magnifica",
        "fire goby,Nemateleotris magnifica",
        "purple firefish,Nemateleotris decora",
        "lawnmower,Salarias fasciatus",
        "algae blenny,Salarias fasciatus",
        "yellow watchman,Cryptocentrus cinctus",
        "goby yellow watchman,Cryptocentrus cinctus",
        "diamond goby,Valenciennea puellaris",
        "blue damsel,Chrysiptera cyanea",
        "yellowtail damsel,Chrysiptera parasema",
        "foxface,Siganus vulpinus",
        "kole tang,Ctenochaetus strigosus",
        "purple tang,Zebrasoma xanthurum",
        "powder blue,Acanthurus leucosternon",
        "copperband,Chelmon rostratus",
        "longnose hawk,Oxycirrhites typus",
        "banggai,Pterapogon kauderni",
        "PJ cardinal,Sphaeramia nematoptera",
        "pajama cardinal,Sphaeramia nematoptera",
        "cleaner wrasse,Labroides dimidiatus",
        "leopard wrasse,Macropharyngodon meleagris",
        "harlequin tusk,Choerodon fasciatus",
        "snowflake eel,Echidna nebulosa",
        "volitan lion,Pterois volitans",
        "humuhumu,Rhinecanthus aculeatus",
        "niger trigger,Odonus niger",
        "dogface,Arothron nigropunctatus",
        "tomini,Ctenochaetus tominiensis",
        "GRAMMA LORETO,Gramma loreto",
        "Königs-Feenbarsch,Gramma loreto",
        "konigs feenbarsch,Gramma loreto",
        "mystery wrasse,Pseudocheilinus ocellatus",
        "bicolor blenny,Ecsenius bicolor",
        "blenny bicolor,Ecsenius bicolor",
        "midas,Ecsenius midas",
        "LSD-Fisch,Synchiropus picturatus",
        "molly miller,Scartella cristata",
        "orchid dottyback,Pseudochromis fridmani",
        "scissortail goby,Ptereleotris evides",
        "green wrasse,Halichoeres chloropterus",
        "Spotted scat,Scatophagus argus"
    })
    void oneFishIsMeantWithoutDoubt(String typed, String scientific) {
        assertThat(NAMES.resolve(typed).one().map(Species::scientificName))
                .as("%s", NAMES.resolve(typed).meant())
                .hasValue(scientific);
    }

    @ParameterizedTest(name = "{0} opens its group, {1} first")
    @CsvSource({
        "clownfish,Amphiprion ocellaris,12",
        "clown fish,Amphiprion ocellaris,12",
        "Anemonenfische,Amphiprion ocellaris,12",
        "tangs,Paracanthurus hepatus,30",
        "Doktorfische,Paracanthurus hepatus,30",
        "wrasse,Cirrhilabrus solorensis,60",
        "Lippfische,Cirrhilabrus solorensis,60",
        "goby,Cryptocentrus cinctus,40",
        "Grundeln,Cryptocentrus cinctus,40",
        "Zwergkaiser,Centropyge bispinosa,15",
        "anthias,Pseudanthias squamipinnis,15",
        "hawkfish,Neocirrhites armatus,8",
        "seahorses,Hippocampus erectus,6"
    })
    void aWordForAGroupOpensItTheCommonestFirst(String typed, String commonest, int least) {
        Resolution found = NAMES.resolve(typed);
        assertThat(found.group()).isTrue();
        assertThat(found.one()).isEmpty();
        assertThat(found.meant()).hasSizeGreaterThanOrEqualTo(least);
        Sold soonest =
                found.species().stream().map(Species::sold).min(Sold::compareTo).orElseThrow();
        assertThat(Plans.species(commonest).sold()).isEqualTo(soonest);
        assertThat(found.species().get(0).sold()).isEqualTo(soonest);
    }

    @ParameterizedTest(name = "{0} is read as {1}")
    @CsvSource({
        "royal grama,Gramma loreto",
        "mandrin dragonet,Synchiropus splendidus",
        "yelow tang,Zebrasoma flavescens",
        "yellow tag,Zebrasoma flavescens",
        "clwnfish,Amphiprion ocellaris",
        "banggay cardinal,Pterapogon kauderni",
        "lawnmowr blenny,Salarias fasciatus",
        "pseudochromis fridmanni,Pseudochromis fridmani",
        "melanarus wrasse,Halichoeres melanurus"
    })
    void aMisspeltNameIsGuessedAndNeverTakenForSure(String typed, String scientific) {
        assertThat(NAMES.resolve(typed).one()).isEmpty();
        assertThat(first(typed)).isEqualTo(scientific);
    }

    @ParameterizedTest
    @ValueSource(strings = {"xqzt", "sea monster", "12", "?!", "fish of the deep blue", "ﷺ x", "dory"})
    void nothingTypedIsLeftWithoutAChoice(String typed) {
        boolean words = !NameText.tokens(typed).isEmpty();
        assertThat(NAMES.resolve(typed).meant().isEmpty()).isEqualTo(!words);
    }

    @ParameterizedTest
    @ValueSource(strings = {"c", "cl", "clo", "clow", "clown", "yell", "mand", "pos", "zeb"})
    void whileItIsTypedTheBeginningIsEnough(String typed) {
        assertThat(NAMES.resolve(typed).meant())
                .isNotEmpty()
                .allSatisfy(m -> assertThat(m.as()).isNotBlank());
    }

    @Test
    void everyNameThatPellunaCallsAFishLeadsToItAndToNoOther() {
        assertThat(Plans.CATALOGUE.all()).allSatisfy(s -> {
            assertThat(NAMES.resolve(s.name()).one()).as(s.name()).hasValue(s);
            assertThat(NAMES.resolve(s.scientificName()).one())
                    .as(s.scientificName())
                    .hasValue(s);
        });
    }

    @Test
    void aNameOfSeveralIsNoNameOfOne() {
        Resolution found = NAMES.resolve("neon damsel");
        assertThat(found.one()).isEmpty();
        assertThat(found.species())
                .extracting(Species::scientificName)
                .contains("Pomacentrus alleni", "Pomacentrus coelestis");
    }

    @Test
    void surenessComesFirstThenHowOftenItIsSold() {
        List<Meant> found = NAMES.resolve("leopard wrasse").meant();
        assertThat(found.stream().map(Meant::grade)).isSorted();
        assertThat(found.get(0).grade()).isEqualTo(Meant.Grade.OWN_NAME);
    }
}
