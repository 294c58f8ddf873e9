package pelluna.core.cases;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.core.arrivals.Dated;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.capacity.Lens;
import pelluna.core.capacity.RoomLeft;
import pelluna.core.names.FishNames;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanReader;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.RuleName;
import pelluna.core.sieve.Verdict;
import pelluna.core.tension.Tension;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;
import pelluna.core.units.Step;

/** What Pelluna once said wrongly to keepers who tried it, each in plain words. */
class MisjudgedBeforeTest {
    private static final Map<String, Object> WELL_KEPT = Map.of(
            "cycledOn",
            Plans.START.minusYears(2).toString(),
            "cover",
            "solid",
            "keeper",
            "settled",
            "mealsADay",
            2,
            "seaweed",
            true,
            "pods",
            "some",
            "sandDepthCm",
            5,
            "hides",
            8);

    private final Map<String, Object> tank = new HashMap<>();
    private final List<Object> residents = new ArrayList<>();
    private final List<Object> wishes = new ArrayList<>();

    private MisjudgedBeforeTest glass(double length, double width, double height) {
        tank.putAll(WELL_KEPT);
        tank.putAll(Map.of("lengthCm", length, "widthCm", width, "waterHeightCm", height));
        return this;
    }

    private MisjudgedBeforeTest with(String figure, Object value) {
        tank.put(figure, value);
        return this;
    }

    private MisjudgedBeforeTest lives(String species, double cm, String since) {
        residents.add(
                since.isEmpty()
                        ? Map.of("species", species, "lengthCm", cm)
                        : Map.of("species", species, "lengthCm", cm, "since", since));
        return this;
    }

    private MisjudgedBeforeTest wish(String species, int count) {
        wishes.add(Map.of("species", species, "count", count));
        return this;
    }

    private Plan plan() {
        return new PlanReader(Plans.CATALOGUE)
                .read(PlanTree.file(Map.of("tank", tank, "residents", residents, "wishes", wishes)), Plans.START);
    }

    private Assessment assessed() {
        return new Assessor().assess(plan());
    }

    private Verdict verdict() {
        return assessed().sieve().get(0);
    }

    private static double presses(Assessment a, String one, String other) {
        return a.tension().stream()
                .filter(t -> t.aggressor().species().scientificName().equals(one)
                        && t.target().species().scientificName().equals(other))
                .mapToDouble(Tension::index)
                .max()
                .orElseThrow();
    }

    private static List<Finding> blocking(Verdict v, RuleName rule) {
        return v.findings().stream().filter(f -> f.rule() == rule && f.blocks()).toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"clownfish", "neon goby", "possum wrasse", "tailspot blenny", "mandarin"})
    void whatPeopleTypeIsUnderstoodAsANameOrAsAGroup(String typed) {
        assertThat(new FishNames(Plans.CATALOGUE).resolve(typed).meant()).isNotEmpty();
    }

    @Test
    void oneClownfishLivesInAFifteenGallonReef() {
        glass(61, 30, 31).with("keeps", List.of("soft-corals")).wish("Amphiprion ocellaris", 1);
        assertThat(verdict().outcome()).isEqualTo(Verdict.Outcome.FITS);
    }

    @Test
    void aRegalTangIsNotRefusedInASixFootTankForWhatTheRockDisplaces() {
        glass(183, 61, 61).with("rockKg", 90).wish("Paracanthurus hepatus", 1);
        assertThat(blocking(verdict(), RuleName.LEAST_VOLUME)).isEmpty();
    }

    @Test
    void aNewSmallTankIsNotAYearOldAndHasNoRoomForFortyFish() {
        tank.putAll(Map.of("lengthCm", 61, "widthCm", 32, "waterHeightCm", 31));
        wish("Gobiodon okinawae", 1);
        Assessment a = assessed();
        assertThat(a.plan().tank().ageKnown()).isFalse();
        assertThat(((RoomLeft.WhatDecides) a.capacity().left()).deciding().all())
                .doesNotHaveAnyElementsOfTypes(RoomLeft.ManyMoreBy.class);
        assertThat(a.capacity().lenses()).extracting(Lens::kind).doesNotHaveDuplicates();
    }

    @Test
    void aGrownTuskWrasseIsNoCompanyForAJawfishOrAFairyWrasse() {
        glass(240, 75, 70)
                .lives("Choerodon fasciatus", 25, "2026-01-01")
                .wish("Opistognathus aurifrons", 1)
                .wish("Cirrhilabrus rubriventralis", 1);
        Assessment a = assessed();
        assertThat(presses(a, "Choerodon fasciatus", "Opistognathus aurifrons")).isGreaterThan(Tension.CHOP_FROM);
        assertThat(presses(a, "Choerodon fasciatus", "Cirrhilabrus rubriventralis"))
                .isGreaterThan(Tension.CHOP_FROM);
    }

    @Test
    void aDottybackPressesAnAssessorHarderThanAUnicornfishDoes() {
        glass(240, 75, 70)
                .lives("Pictichromis diadema", 5, "2026-01-01")
                .lives("Naso lituratus", 35, "2026-01-01")
                .wish("Assessor flavissimus", 1);
        Assessment a = assessed();
        assertThat(presses(a, "Pictichromis diadema", "Assessor flavissimus"))
                .isGreaterThan(presses(a, "Naso lituratus", "Assessor flavissimus"));
    }

    @Test
    void thePowderBlueGoesInBeforeTheSailfin() {
        glass(300, 90, 75).wish("Zebrasoma desjardinii", 1).wish("Acanthurus leucosternon", 1);
        List<String> order = order(assessed());
        assertThat(order.indexOf("Acanthurus leucosternon")).isLessThan(order.indexOf("Zebrasoma desjardinii"));
    }

    private static List<String> order(Assessment a) {
        return a.arrivals().steps().stream()
                .map(Dated::arrival)
                .flatMap(x -> x.parties().stream())
                .map(p -> p.species().scientificName())
                .toList();
    }

    @Test
    void ofEightGobiesForTwentyGallonsNoneMakesThePlanOverItsLimits() {
        glass(76, 31, 32).with("hides", 5);
        for (String goby : List.of(
                "Gobiodon okinawae",
                "Elacatinus oceanops",
                "Stonogobiops nematodes",
                "green banded goby",
                "Koumansetta rainfordi",
                "Amblyeleotris randalli",
                "Eviota atriventris",
                "Trimma cana")) {
            wish(goby, 1);
        }
        Assessment a = assessed();
        assertThat(a.bestSet().take()).isNotEmpty();
        assertThat(a.capacity().deciding())
                .allSatisfy(l -> assertThat(l.share()).as(l.kind().word()).isLessThanOrEqualTo(1.001));
        assertThat(a.sieve())
                .allSatisfy(v -> assertThat(blocking(v, RuleName.LEAST_VOLUME))
                        .as(v.wish().id())
                        .isEmpty());
    }

    @ParameterizedTest
    @ValueSource(strings = {"Pseudocheilinus hexataenia", "Amphiprion clarkii", "Chrysiptera cyanea"})
    void aThirtyGallonTankIsNotRefusedToTheseForItsLitres(String species) {
        glass(91, 31, 41).with("keeper", "first-year").wish(species, 1);
        assertThat(blocking(verdict(), RuleName.LEAST_VOLUME)).isEmpty();
    }

    @Test
    void ofFiveLargeAngelsTheRoughestComesLast() {
        glass(360, 120, 90).with("hides", 20).with("nitrateCeiling", 80);
        for (String angel : List.of(
                "Pomacanthus imperator",
                "Pygoplites diacanthus",
                "Apolemichthys trimaculatus",
                "Genicanthus melanospilos",
                "Chaetodontoplus mesoleucus")) {
            wish(angel, 1);
        }
        List<String> order = order(assessed());
        assertThat(order).hasSizeGreaterThanOrEqualTo(4);
        assertThat(order.get(order.size() - 1)).isEqualTo("Pomacanthus imperator");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Nemateleotris magnifica",
                "Centropyge bispinosa",
                "Cirrhilabrus rubriventralis",
                "Ecsenius bicolor"
            })
    void copperIsADisputeForMostReefFishAndNoChop(String species) {
        glass(200, 75, 70)
                .with("quarantine", Map.of("places", 2, "school", "thirty-days-copper-then-watch"))
                .wish(species, 1);
        assertThat(blocking(verdict(), RuleName.QUARANTINE)).isEmpty();
    }

    @Test
    void threeFirefishMayLiveInElevenHundredLitresWithAHideEach() {
        glass(220, 75, 68).with("hides", 12).wish("Nemateleotris magnifica", 3);
        assertThat(verdict().findings())
                .noneMatch(f -> f.rule() == RuleName.GROUP_SIZE && f.step().atLeast(Step.SURGE));
        assertThat(verdict().outcome()).isNotEqualTo(Verdict.Outcome.NOT_IN_THIS_TANK);
    }

    @Test
    void twoWhoCameOnOneDayPressEachOtherTheSameWhoeverIsWrittenFirst() {
        double one = presses(
                glass(180, 60, 60)
                        .lives("Zebrasoma flavescens", 15, "2026-05-01")
                        .lives("Acanthurus leucosternon", 15, "2026-05-01")
                        .assessed(),
                "Acanthurus leucosternon",
                "Zebrasoma flavescens");
        residents.clear();
        double other = presses(
                lives("Acanthurus leucosternon", 15, "2026-05-01")
                        .lives("Zebrasoma flavescens", 15, "2026-05-01")
                        .assessed(),
                "Acanthurus leucosternon",
                "Zebrasoma flavescens");
        assertThat(one).isEqualTo(other);
    }
}
