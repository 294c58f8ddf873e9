package pelluna.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.core.tank.ReefLife;
import pelluna.core.testing.Plans;

/**
 * Facts of the catalogue against each other. Whoever is out of line stands in a list with the reason; a list may not
 * name anybody who is in line.
 */
class CrossChecksTest {
    private static final List<Species> ALL = Plans.CATALOGUE.all();

    /**
     * Pelluna's judgement: litres = c · cm^p by way of swimming, fitted over the catalogue; within a factor of two
     * either way.
     */
    private static final Map<Swims, double[]> LITRES = Map.of(
            Swims.NEVER_STOPS,
            new double[] {13.9, 1.25},
            Swims.CRUISES,
            new double[] {12.0, 1.29},
            Swims.PERCHES,
            new double[] {6.9, 1.30},
            Swims.BURROWS,
            new double[] {14.7, 0.93},
            Swims.HIDES,
            new double[] {19.5, 0.85});

    private static final String FANGS = "slim, and hovers on the spot; keepers quote 20 gallons";
    private static final Map<String, String> OTHER_LITRES = Map.ofEntries(
            Map.entry("Meiacanthus grammistes", FANGS),
            Map.entry("Meiacanthus atrodorsalis", FANGS),
            Map.entry("Meiacanthus bundoon", FANGS),
            Map.entry("Meiacanthus nigrolineatus", FANGS),
            Map.entry("Meiacanthus oualanensis", FANGS),
            Map.entry("Meiacanthus kamoharai", FANGS),
            Map.entry("Meiacanthus mossambicus", FANGS),
            Map.entry("Ecsenius midas", "a blenny's body and a blenny's home, though it swims"),
            Map.entry("Wetmorella nigropinnata", "creeps through one heap of rock; keepers quote 15 gallons"),
            Map.entry("Dunckerocampus dactyliophorus", "thin as a pencil: length says little of its size"),
            Map.entry("Gymnothorax melatremus", "an eel, and a dwarf"),
            Map.entry("Gymnothorax funebris", "an eel as thick as a leg"),
            Map.entry("Gymnothorax javanicus", "an eel as thick as a leg"),
            Map.entry("Pseudechidna brummeri", "an eel, thin as a ribbon"),
            Map.entry("Rhinomuraena quaesita", "an eel, thin as a ribbon, that lives in one burrow"),
            Map.entry("Epinephelus lanceolatus", "fifty kilograms of fish: no line through smaller ones reaches it"),
            Map.entry("Gnathanodon speciosus", "an ocean fish that swims in schools of three and more"),
            Map.entry("Neotrygon kuhlii", "a ray needs floor, not height"),
            Map.entry("Hippocampus abdominalis", "length of a seahorse is height"),
            Map.entry("Synchiropus splendidus", "asks for the live food of a large tank, not for its room"),
            Map.entry("Synchiropus picturatus", "asks for the live food of a large tank, not for its room"),
            Map.entry("Synchiropus rubrovinctus", "asks for the live food of a large tank, not for its room"));

    /** Least and most of run ÷ adult length by way of swimming. Pelluna's judgement. */
    private static final Map<Swims, double[]> BODY_LENGTHS = Map.of(
            Swims.NEVER_STOPS,
            new double[] {5.5, 12.6},
            Swims.CRUISES,
            new double[] {5, 12.6},
            Swims.PERCHES,
            new double[] {4, 12.6},
            Swims.BURROWS,
            new double[] {5, 12.6},
            Swims.HIDES,
            new double[] {5, 12.6});
    /** Fish that display or chase in groups need more lengths than loners of their size. */
    private static final double MOST_IN_GROUPS = 15;

    private static final Map<String, String> OTHER_RUN = Map.ofEntries(
            Map.entry("Chiloscyllium punctatum", "a metre of shark that lies on the bottom; width counts more"),
            Map.entry("Diodon hystrix", "grown to half a metre it drifts more than it swims"),
            Map.entry("Dunckerocampus dactyliophorus", "hovers; its length is a thread"),
            Map.entry("Heteroconger hassi", "an eel that never leaves its hole"),
            Map.entry("Echidna nebulosa", "an eel"),
            Map.entry("Enchelycore pardalis", "an eel"),
            Map.entry("Gymnomuraena zebra", "an eel"),
            Map.entry("Gymnothorax favagineus", "an eel"),
            Map.entry("Gymnothorax melatremus", "an eel"),
            Map.entry("Gymnothorax miliaris", "an eel"),
            Map.entry("Gymnothorax funebris", "an eel"),
            Map.entry("Gymnothorax javanicus", "an eel"),
            Map.entry("Rhinomuraena quaesita", "an eel"),
            Map.entry("Hippocampus erectus", "length of a seahorse is height"),
            Map.entry("Hippocampus kuda", "length of a seahorse is height"),
            Map.entry("Hippocampus reidi", "length of a seahorse is height"),
            Map.entry("Labroides dimidiatus", "works a station the length of a reef"),
            Map.entry("Labroides phthirophagus", "works a station the length of a reef"),
            Map.entry("Pholidichthys leucotaenia", "lives in its tunnels"));

    private static void onlyListed(Map<String, String> listed, Function<Species, Boolean> inLine, String what) {
        Set<String> out = ALL.stream()
                .filter(s -> !inLine.apply(s))
                .map(Species::scientificName)
                .collect(Collectors.toSet());
        assertThat(out)
                .as(what + ": everybody out of line is listed with a reason, and nobody else")
                .isEqualTo(listed.keySet());
        assertThat(listed.values()).allSatisfy(reason -> assertThat(reason).isNotBlank());
    }

    @Test
    void massIsWithinReasonForTheForm() {
        // a grows with depth and width of the body; an ellipsoid of depth d lengths and width 0.4 d has a of about 0.2
        // d²
        assertThat(ALL)
                .allSatisfy(s -> assertThat(s.size().adultGrams()
                                / Math.pow(s.size().usualCm(), 3)
                                / Math.pow(s.look().form().depthShare(), 1.5))
                        .as(s.name())
                        .isBetween(
                                s.look().form() == Form.RAY ? 0.005 : 0.015,
                                0.2)); // the ribbon eel is the thinnest; a ray is drawn from above, half of it is tail
    }

    @Test
    void everyFishIsFourFifthsGrownInTheFirstThirdOfItsLife() {
        assertThat(ALL)
                .allSatisfy(s -> assertThat(
                                s.size().growth().lengthAfter(0.01, s.size().lifespanYears() / 3 * 365.25)
                                        / s.size().usualCm())
                        .as(s.name())
                        .isGreaterThanOrEqualTo(0.8));
    }

    @Test
    void mouthsFitWhatTheyAreKnownFor() {
        String eel = "a share of an eel's length is a mouthful";
        String soldier = "a large mouth for plankton taken at night";
        Map<String, String> listed = new HashMap<>();
        List.of("Enchelycore pardalis", "Enchelynassa canina", "Rhinomuraena quaesita")
                .forEach(n -> listed.put(n, eel));
        List.of(
                        "favagineus",
                        "miliaris",
                        "funebris",
                        "javanicus",
                        "tile",
                        "undulatus",
                        "thyrsoideus",
                        "fimbriatus",
                        "meleagris",
                        "moringa")
                .forEach(n -> listed.put("Gymnothorax " + n, eel));
        List.of("vittata", "murdjan", "jacobus", "berndti").forEach(n -> listed.put("Myripristis " + n, soldier));
        onlyListed(
                listed,
                s -> switch (s.diet().guild()) {
                    case FISH -> s.mouthShare() >= 0.25;
                    case INVERTEBRATES -> s.mouthShare() <= 0.33;
                    case SMALL_CRUSTACEANS -> s.mouthShare() <= 0.25;
                    default -> s.mouthShare() <= 0.2;
                },
                "mouth");
        assertThat(ALL).filteredOn(s -> s.diet().guild() == Guild.FISH).allSatisfy(s -> {
            assertThat(s.mouthShare() * s.size().usualCm())
                    .as(s.name() + " swallows at least a goby")
                    .isGreaterThanOrEqualTo(2.5);
            assertThat(s.harmTo(ReefLife.SHRIMP))
                    .as(s.name() + " takes shrimp too")
                    .isGreaterThanOrEqualTo(Harm.OFTEN);
        });
    }

    @Test
    void leastVolumeIsInLineWithLengthAndWayOfSwimming() {
        onlyListed(
                OTHER_LITRES,
                s -> {
                    double[] line = LITRES.get(s.place().swims());
                    double ratio = s.room().litres().customary()
                            / (line[0] * Math.pow(s.size().usualCm(), line[1]));
                    return ratio >= 0.5 && ratio <= 2;
                },
                "litres");
    }

    @Test
    void leastRunIsInLineWithLengthAndWayOfSwimming() {
        onlyListed(
                OTHER_RUN,
                s -> {
                    double lengths = s.room().runCm().customary() / s.size().usualCm();
                    double[] range = BODY_LENGTHS.get(s.place().swims());
                    boolean group =
                            s.social().life() == GroupLife.HAREM || s.social().life() == GroupLife.SHOAL;
                    return lengths >= range[0] && lengths <= (group ? MOST_IN_GROUPS : range[1]);
                },
                "run");
    }

    @Test
    void congenersAreConsistent() {
        Map<String, List<Species>> genera = ALL.stream().collect(Collectors.groupingBy(Species::genus));
        genera.forEach((genus, kin) -> {
            assertThat(kin.stream().map(s -> s.size().mass().a()).distinct())
                    .as(genus + ": one build")
                    .hasSize(1);
            assertThat(kin.stream().map(s -> s.health().copper()).distinct())
                    .as(genus + ": copper")
                    .hasSize(1);
            assertThat(kin.stream().map(Species::family).distinct())
                    .as(genus + ": family")
                    .hasSize(1);
            // the dwarf golden moray is too small to hurt anybody; the tail blade of the clown surgeonfish is venomous
            // besides
            if (!genus.equals("Gymnothorax") && !genus.equals("Acanthurus")) {
                assertThat(kin.stream().map(Species::hazards).distinct())
                        .as(genus + ": hazards")
                        .hasSize(1);
            }
            if (!genus.equals("Ecsenius")) { // the midas blenny swims where the others hop
                assertThat(kin.stream().map(s -> s.place().swims()).distinct())
                        .as(genus + ": way of swimming")
                        .hasSize(1);
            }
            for (Species longer : kin) {
                assertThat(kin)
                        .filteredOn(
                                s -> longer.size().usualCm() >= 1.25 * s.size().usualCm())
                        .allSatisfy(s -> assertThat(longer.room().litres().customary())
                                .as(longer.name() + " and " + s.name())
                                .isGreaterThanOrEqualTo(s.room().litres().customary()));
            }
        });
    }

    @Test
    void everySpeciesIsDrawnInItsOwnWay() {
        Map<Object, String> drawn = new HashMap<>();
        for (Species s : ALL) {
            assertThat(s.look().body()).matches("#[0-9a-f]{6}");
            assertThat(drawn.put(s.look(), s.name()))
                    .as(s.name() + " is drawn like another")
                    .isNull();
        }
        assertThat(ALL.stream().filter(s -> s.look().marks().isEmpty()).map(Species::name))
                .as("plain fish, without any mark")
                .hasSizeLessThan(ALL.size() / 20);
        assertThat(ALL.stream().filter(s -> s.appearance().young().isPresent()))
                .as("young that look different")
                .hasSizeGreaterThanOrEqualTo(40)
                .allSatisfy(s ->
                        assertThat(s.appearance().young().orElseThrow().look()).isNotEqualTo(s.look()));
    }

    @Test
    void everyTraitIsThereWithItsSourceAndConfidence() {
        assertThat(ALL).allSatisfy(s -> {
            assertThat(FactForms.all())
                    .filteredOn(FactForm::required)
                    .allSatisfy(form -> assertThat(s.facts()).as(s.name()).containsKey(form.key()));
            assertThat(s.facts().values())
                    .allSatisfy(f -> assertThat(f.origin().source()).isNotNull());
            assertThat(s.disputes().room().bold())
                    .isNotEqualTo(s.disputes().room().cautious());
            assertThat(s.buying()).as(s.name() + ": what to look at").isPresent();
        });
        assertThat(ALL.stream().flatMap(s -> s.facts().values().stream()).map(Fact::confidence))
                .contains(Confidence.values());
        assertThat(ALL.stream().flatMap(s -> s.facts().values().stream()).map(Fact::source))
                .as("nothing is called published that nobody looked up")
                .containsOnly(Source.COMMON_PRACTICE, Source.MEMORY, Source.JUDGEMENT);
    }

    @Test
    void namesLeadToOneSpeciesEach() {
        assertThat(ALL.stream().map(Species::name).map(String::toLowerCase)).doesNotHaveDuplicates();
        Set<String> accepted = ALL.stream().map(Species::scientificName).collect(Collectors.toSet());
        assertThat(ALL).allSatisfy(s -> {
            assertThat(s.appearance().confusedWith())
                    .allSatisfy(l ->
                            assertThat(l.name()).matches("[A-Z][a-z]+ [a-z]+").isNotEqualTo(s.scientificName()));
            assertThat(s.localNames()).allSatisfy(n -> assertThat(n).matches(".+ \\([A-Z][a-z]+\\)"));
        });
        assertThat(ALL.stream()
                        .flatMap(s -> s.appearance().confusedWith().stream())
                        .filter(l -> accepted.contains(l.name())))
                .hasSizeGreaterThan(100);
    }

    @ParameterizedTest(name = "{1} of {0}")
    @CsvSource({
        "Acanthuridae,6,genera",
        "Labridae,30,species",
        "Gobiidae,25,species",
        "Blenniidae,15,species",
        "Pomacanthidae,20,species",
        "Chaetodontidae,15,species",
        "Balistidae,8,species",
        "Pseudochromidae,8,species",
        "Apogonidae,6,species",
        "Syngnathidae,6,species",
        "Cirrhitidae,6,species",
        "Siganidae,5,species",
        "Callionymidae,5,species",
        "Monacanthidae,5,species",
        "Tetraodontidae,6,species",
        "Muraenidae,6,species",
        "Opistognathidae,3,species",
        "Ptereleotridae,6,species",
        "Malacanthidae,3,species",
        "Haemulidae,3,species"
    })
    void whatAKeeperNamesInAShopIsThere(String family, int least, String what) {
        List<Species> kin = ALL.stream().filter(s -> s.family().equals(family)).toList();
        assertThat(
                        what.equals("genera")
                                ? kin.stream().map(Species::genus).distinct().count()
                                : kin.size())
                .isGreaterThanOrEqualTo(least);
    }

    @Test
    void theCatalogueHoldsFiveHundredAndSixtySpeciesAndAThousandNamesAndMore() {
        assertThat(ALL).hasSizeGreaterThanOrEqualTo(560);
        assertThat(ALL.stream()
                        .flatMap(s -> s.commonNames().stream())
                        .map(String::toLowerCase)
                        .distinct())
                .hasSizeGreaterThanOrEqualTo(1000);
        assertThat(ALL).allSatisfy(s -> assertThat(s.facts()).as(s.name()).containsKey("sold"));
        assertThat(ALL.stream()
                        .filter(s -> s.genus().endsWith("anthias") || s.genus().equals("Serranocirrhitus")))
                .hasSizeGreaterThanOrEqualTo(15);
        assertThat(ALL.stream()
                        .filter(s ->
                                s.family().equals("Pomacentridae") && !s.genus().equals("Amphiprion")))
                .hasSizeGreaterThanOrEqualTo(12);
    }
}
