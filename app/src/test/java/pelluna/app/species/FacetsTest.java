package pelluna.app.species;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planning.Answer;
import pelluna.app.planning.OpenTank;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanFile;
import pelluna.core.search.Found;
import pelluna.core.search.Search;
import pelluna.core.search.Singles;
import pelluna.core.sieve.Verdict;
import pelluna.core.units.Stop;
import pelluna.words.UnitSystem;
import pelluna.words.Words;

/** Narrowing what was found, and what the small forms and sheets of a species say. */
class FacetsTest {
    private static final Catalogue CATALOGUE = Catalogue.shipped();
    private static final PlanFiles FILES = new PlanFiles(() -> CATALOGUE);
    private static final LocalDate DAY = LocalDate.of(2027, 3, 1);
    private static final PlanFile FILE = FILES.parse("""
        {"pelluna": 1, "startOn": "2027-03-01", "tank": {"lengthCm": 120, "widthCm": 50, "waterHeightCm": 50,
          "hides": 4, "cover": "mesh", "cycledOn": "2025-01-01"}}""");
    private static final Plan PLAN = FILES.plan(FILE, DAY);
    private static final List<Found> ALL = new Search(CATALOGUE).ask("", PLAN).found();

    private static Facets.Kind kind(Facets facets, String name) {
        return facets.kinds(ALL, Words.english(UnitSystem.METRIC)).stream()
                .filter(k -> k.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void nothingChosenNarrowsNothingAndEveryKindCountsEverybody() {
        Facets none = new Facets("", "", "", "");
        assertThat(none.narrow(ALL)).hasSameSizeAs(ALL);
        none.kinds(ALL, Words.english(UnitSystem.METRIC))
                .forEach(k -> assertThat(k.choices().stream()
                                .mapToLong(Facets.Choice::count)
                                .sum())
                        .as(k.words())
                        .isEqualTo(ALL.size()));
    }

    @Test
    void oneOfEachKindTogether() {
        Facets some = new Facets("fits", "clown gobies", "5", "captive-bred");
        assertThat(some.narrow(ALL)).isNotEmpty().allSatisfy(f -> {
            assertThat(f.verdict().outcome()).isEqualTo(Verdict.Outcome.FITS);
            assertThat(f.species().group()).isEqualTo("clown gobies");
            assertThat(f.species().captiveBred()).isTrue();
            assertThat(f.species().size().usualCm()).isLessThanOrEqualTo(5);
        });
    }

    @Test
    void theCountOfAChoiceIsWhatItWouldLeave() {
        Facets gobies = new Facets("", "gobies", "", "");
        for (Facets.Choice c : kind(gobies, "fit").choices()) {
            assertThat(new Facets(c.value(), "gobies", "", "").narrow(ALL)).hasSize((int) c.count());
        }
        assertThat(kind(gobies, "group").choices())
                .as("other groups stay on offer")
                .hasSizeGreaterThan(10);
    }

    @Test
    void chosenOnceMoreItIsLetGo() {
        assertThat(kind(new Facets("fits", "", "", ""), "fit").choices())
                .filteredOn(Facets.Choice::chosen)
                .singleElement()
                .satisfies(c -> assertThat(c.value()).isEmpty());
        assertThat(new Facets("nonsense", "", "", "").narrow(ALL))
                .as("an unknown choice narrows nothing")
                .hasSameSizeAs(ALL);
    }

    @Test
    void sizesSpeakTheReadersUnits() {
        assertThat(new Facets("", "", "", "")
                        .kinds(ALL, Words.english(UnitSystem.US))
                        .get(1)
                        .choices())
                .extracting(Facets.Choice::words)
                .allMatch(w -> w.endsWith(" in"))
                .satisfiesExactly(
                        w -> assertThat(w).containsPattern(said("page.species.upTo", "2 in")),
                        w -> assertThat(w).containsPattern(said("page.species.to", "3.9 in")),
                        w -> assertThat(w).containsPattern(said("page.species.to", "7.9 in")),
                        w -> assertThat(w).containsPattern(said("page.species.over", "7.9 in")));
    }

    @Test
    void everySheetHasTheSameTopicsInTheSameOrder() {
        List<String> first = new FactSheet(CATALOGUE.all().get(0), Words.english(UnitSystem.METRIC))
                .lines().stream().map(FactSheet.Line::topic).toList();
        assertThat(CATALOGUE.all()).allSatisfy(s -> {
            List<FactSheet.Line> lines = new FactSheet(s, Words.english(UnitSystem.METRIC)).lines();
            assertThat(lines.stream().map(FactSheet.Line::topic)).containsExactlyElementsOf(first);
            assertThat(lines).allSatisfy(l -> {
                assertThat(l.says()).isNotBlank().endsWith(".");
                assertThat(l.origin()).isNotBlank();
            });
        });
    }

    @Test
    void sheetsSayWhatTheFactsSay() {
        String comet = new FactSheet(CATALOGUE.find("marine betta").orElseThrow(), Words.english(UnitSystem.METRIC))
                .lines()
                .toString();
        assertThat(comet)
                .containsPattern(said("page.species.swallows"))
                .containsPattern(saidWith(
                        "page.species.oftenGoesFor",
                        "0",
                        ""
                                + saidWith(
                                        "page.species.under",
                                        Map.of("0", "" + said("tank.ReefLife.SHRIMP"), "1", "5 cm"))));
        String firefish = new FactSheet(CATALOGUE.find("firefish").orElseThrow(), Words.english(UnitSystem.METRIC))
                .lines()
                .toString();
        assertThat(firefish)
                .containsPattern(said("page.species.jumpsOftenNoGapInTheCover"))
                .containsPattern(said("page.species.andEasilyFrightened"));
        String tang = new FactSheet(CATALOGUE.find("yellow tang").orElseThrow(), Words.english(UnitSystem.US))
                .lines()
                .toString();
        assertThat(tang)
                .contains("6.3 in")
                .containsPattern(said("page.species.keepersDifferTheBoldSayThe"))
                .containsPattern(saidWith("catalogue.Danger", "hazard", "TAIL_BLADES"));
    }

    @Test
    void twoAlikeAreSaidToBeAlikeAndTwoUnlikeAreParted() {
        var opened = new OpenTank(
                null,
                null,
                List.of(),
                List.of(),
                null,
                new Answer(PLAN, () -> Stop.NEVER),
                Words.english(UnitSystem.METRIC));
        Comparison tangs = Comparison.of(
                List.of(
                        CATALOGUE.find("yellow tang").orElseThrow(),
                        CATALOGUE.find("regal tang").orElseThrow(),
                        CATALOGUE.find("royal gramma").orElseThrow()),
                opened);
        assertThat(tangs.sentence()).startsWith("Royal gramma").containsPattern(said("page.species.doesBest"));
        assertThat(tangs.rules()).isNotEmpty().allMatch(Comparison.Row::differs);
        assertThat(tangs.facts()).isNotEmpty().allMatch(Comparison.Row::differs);
        assertThat(tangs.alike()).noneMatch(Comparison.Row::differs);
        assertThat(tangs.columns().get(1).decides()).containsPattern(said("sieve.RuleName.LEAST_VOLUME"));
        assertThat(Comparison.of(List.of(), opened).columns()).isEmpty();
        Comparison same = Comparison.of(
                List.of(
                        CATALOGUE.find("royal gramma").orElseThrow(),
                        CATALOGUE.find("royal gramma").orElseThrow()),
                opened);
        assertThat(same.rules()).isEmpty();
        assertThat(same.facts()).isEmpty();
    }

    @Test
    void aFactIsASmallFormWithItsWordsToChooseFrom() {
        var gramma = CATALOGUE.find("royal gramma").orElseThrow();
        var form = pelluna.core.catalogue.FactForms.of("feeding").orElseThrow();
        FactEdit edit = FactEdit.of(form, java.util.Optional.of(gramma.facts().get("feeding")), "ours", "", "");
        assertThat(edit.disagrees()).isFalse();
        assertThat(edit.fields()).extracting(FactEdit.Field::name).contains("mealsADay", "hardToFeed", "pace");
        assertThat(edit.fields())
                .filteredOn(f -> f.name().equals("pace"))
                .singleElement()
                .satisfies(f -> assertThat(f.choices()).containsExactly("slow", "normal", "quick"));
        assertThat(edit.hint(Words.english(UnitSystem.METRIC)))
                .containsPattern(saidWith("catalogue.FactMeaning", "fact", "feeding"))
                .doesNotContain("cm");
        FactEdit absent = FactEdit.of(
                pelluna.core.catalogue.FactForms.of("group-volume").orElseThrow(),
                java.util.Optional.empty(),
                "",
                "",
                "");
        assertThat(absent.fields())
                .hasSize(3)
                .allSatisfy(f -> assertThat(f.value()).isEmpty());
        assertThat(absent.hint(Words.english(UnitSystem.METRIC))).endsWith("In cm, L and °C.");
        assertThat(FactEdit.posted(form, Map.of("mealsADay", " 3 ", "other", "x")))
                .containsEntry("mealsADay", "3")
                .doesNotContainKey("other");
    }

    @Test
    void aPathIsAScientificNameBothWays() {
        CATALOGUE.all().forEach(s -> assertThat(Paths.name(Paths.of(s))).isEqualTo(s.scientificName()));
    }

    @Test
    void neighboursAreTroubleOrCalmAndNobodyIsForgotten() {
        Plan home = FILES.plan(
                FILE.living(List.of(
                        FishFile.of("Pictichromis paccagnellae", 1),
                        FishFile.of("Sphaeramia nematoptera", 3),
                        FishFile.of("Gobiodon okinawae", 1))),
                DAY);
        Neighbours gramma = Neighbours.of(
                CATALOGUE.find("royal gramma").orElseThrow(), new Singles(home), Words.english(UnitSystem.METRIC));
        assertThat(gramma.trouble())
                .isNotEmpty()
                .allSatisfy(f -> assertThat(Words.english(UnitSystem.METRIC).of(f.reason()))
                        .contains("bicolor dottyback"));
        assertThat(gramma.calm()).containsExactly("pyjama cardinal", "yellow clown goby");
        Neighbours lion = Neighbours.of(
                CATALOGUE.find("volitans lionfish").orElseThrow(), new Singles(home), Words.english(UnitSystem.METRIC));
        assertThat(lion.calm()).as("everybody here is a mouthful").isEmpty();
        assertThat(Neighbours.of(
                                CATALOGUE.find("royal gramma").orElseThrow(),
                                new Singles(PLAN),
                                Words.english(UnitSystem.METRIC))
                        .alone())
                .isTrue();
    }
}
