package pelluna.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Stance;
import pelluna.core.testing.Plans;
import pelluna.core.units.Measures;

/** The parts of reading a question: colours off drawings, words, phrases. */
class ReadingTest {
    private static final Terms TERMS = new Terms(Measures.metric(), Stance.CUSTOMARY);
    private static final Words WORDS = new Words(Plans.CATALOGUE, TERMS.words());

    private static Question read(String typed) {
        return new QuestionReader(TERMS, WORDS).read(typed);
    }

    private static List<String> understood(String typed) {
        return read(typed).criteria().stream().map(Criterion::understood).toList();
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({
        "#ff0000,RED",
        "#e8651d,ORANGE",
        "#f7d814,YELLOW",
        "#2fa040,GREEN",
        "#2358d8,BLUE",
        "#7d3fa8,PURPLE",
        "#e88ab8,PINK",
        "#6a4a34,BROWN",
        "#101214,BLACK",
        "#f4f2ea,WHITE",
        "#8a9098,GREY",
        "#000000,BLACK",
        "#ffffff,WHITE"
    })
    void aColourHasTheWordPeopleUse(String hex, Colour colour) {
        assertThat(Colour.of(hex)).isEqualTo(colour);
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({
        "yellow tang,YELLOW",
        "regal tang,BLUE",
        "flame angelfish,RED",
        "percula clownfish,ORANGE",
        "orchid dottyback,PURPLE",
        "midnight angelfish,BLACK",
        "royal gramma,YELLOW",
        "royal gramma,PURPLE",
        "blue-green chromis,GREEN",
        "devil damsel,BLUE",
        "three-stripe damselfish,WHITE",
        "three-stripe damselfish,BLACK",
        "coral hind,RED",
        "lemonpeel angelfish,YELLOW"
    })
    void aFishHasTheColoursItIsKnownBy(String species, Colour colour) {
        assertThat(Colour.of(Plans.species(species).look())).contains(colour);
    }

    @Test
    void everyFishHasAColourAndNoneHasThemAll() {
        for (Species s : Plans.CATALOGUE.all()) {
            Set<Colour> colours = Colour.of(s.look());
            assertThat(colours).as(s.name()).hasSizeBetween(1, 4);
        }
    }

    @ParameterizedTest(name = "''{0}'' is plainly ''{1}''")
    @CsvSource(delimiter = '|', textBlock = """
        Lau'īpala        | lauipala
        KÖNIGS-barsch    | konigs barsch
        3,5 cm           | 3.5 cm
        Weißkehl         | weisskehl
        a.b,  c!         | a b c
        """)
    void textIsMadePlain(String typed, String plain) {
        assertThat(Words.plain(typed)).isEqualTo(plain);
    }

    @Test
    void knownWordsAreLeftAsTheyAreAndStrangeOnesToo() {
        assertThat(WORDS.meant("tang")).isEmpty();
        assertThat(WORDS.meant("gobies")).isEmpty();
        assertThat(WORDS.meant("humu")).as("the start of a name").isEmpty();
        assertThat(WORDS.meant("gramma")).isEmpty();
        assertThat(WORDS.meant("tnag")).contains("tang");
        assertThat(WORDS.meant("angelfihs")).contains("angelfish");
        assertThat(WORDS.meant("qzxvwk")).isEmpty();
        assertThat(WORDS.meant("abc")).as("too short to guess").isEmpty();
    }

    @Test
    void aSpeciesGoesByItsNamesInTheSingularAndPluralAndByOtherWordsForItsGroup() {
        Species tang = Plans.species("yellow tang");
        assertThat(List.of("tang", "tangs", "yellow", "surgeonfish", "zebrasoma", "acanthuridae", "zebra", "lauipala"))
                .allMatch(w -> WORDS.goesBy(tang, w));
        assertThat(List.of("goby", "purple", "angel")).noneMatch(w -> WORDS.goesBy(tang, w));
        assertThat(WORDS.goesBy(Plans.species("snowflake moray"), "eel")).isTrue();
        assertThat(WORDS.goesBy(Plans.species("royal gramma"), "grammas")).isTrue();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
        under 8 cm                    | grows to 8 cm at most
        stays smaller than 4 inches   | grows to 10 cm at most
        up to 80 mm                   | grows to 8 cm at most
        larger than 30 cm             | grows to 30 cm at least
        for a 55 gallon tank          | lives in 208 L (Customary)
        200 litres                    | lives in 200 L (Customary)
        under 200L                    | lives in 200 L (Customary)
        for a 6 foot tank             | has room in a run of 183 cm
        leaves my clams alone         | leaves clams alone, or nearly
        won't eat shrimp              | leaves shrimp alone, or nearly
        doesn't nip at zoas           | leaves zoanthids alone, or nearly
        safe around feather dusters   | leaves tube worms alone, or nearly
        no jumpers                    | seldom jumps
        tank-raised                   | is to be had captive-bred
        non-aggressive                | is peaceful
        lives with a pistol shrimp    | lives with a pistol shrimp
        eats flatworms                | is kept for flatworms, with luck
        bottom dweller                | lives on the bottom
        bare bottom                   | needs no sand
        cave dweller                  | lives in caves
        grows to 20 centimetres       | grows to 20 cm at most
        """)
    void aPhraseIsUnderstood(String typed, String as) {
        assertThat(understood(typed)).containsExactly(as);
        assertThat(read(typed).names()).as("nothing left over").isEmpty();
    }

    @Test
    void severalPhrasesAndANameTogether() {
        Question q = read("a small, peaceful, captive bred goby under 5 cm that fits, not a clown");
        assertThat(q.criteria())
                .extracting(Criterion::understood)
                .containsExactlyInAnyOrder(
                        "grows to 5 cm at most",
                        "is peaceful",
                        "is to be had captive-bred",
                        "is small, about 10 cm at most",
                        "is not called clown");
        assertThat(q.names()).containsExactly("goby");
        assertThat(q.onlyFits()).isTrue();
        assertThat(q.excludes()).isTrue();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
        nothing that jumps      | seldom jumps
        not yellow              | not: is yellow, at least in part
        no stripes              | not: is striped
        nothing venomous        | is harmless to its keeper
        not too small           | not: is small, about 10 cm at most
        without spots           | not: is spotted
        not captive bred        | not: is to be had captive-bred
        isn't shy               | not: is shy
        """)
    void aNotTurnsWhatFollowsRound(String typed, String as) {
        assertThat(understood(typed)).containsExactly(as);
        assertThat(read(typed).names()).isEmpty();
        assertThat(read(typed).readAs()).as("and 'not' is no misspelling").isEmpty();
    }

    @Test
    void aWordThatNobodyGoesByIsSaidAndLeftOut() {
        Question q = read("yellow blorptacular goby");
        assertThat(q.names()).containsExactly("goby");
        assertThat(q.readAs()).containsExactly("'blorptacular' not understood");
        assertThat(read("blorptacular").names())
                .as("if it is all there is, it finds nobody")
                .containsExactly("blorptacular");
    }

    @Test
    void reefSafeWithTwoKindsAsksForBoth() {
        assertThat(understood("reef safe with shrimp and clams"))
                .containsExactly(
                        "leaves small-polyp corals, large-polyp corals, soft corals and zoanthids alone, or nearly",
                        "leaves shrimp alone, or nearly",
                        "leaves clams alone, or nearly");
    }

    @Test
    void everyCriterionIsBetweenNoneAndWhole() {
        for (String typed : List.of(
                "small",
                "peaceful",
                "reef safe",
                "yellow",
                "nano",
                "striped",
                "easy",
                "eats algae",
                "under 200 L",
                "hair algae eater",
                "spotted",
                "colourful",
                "shy",
                "venomous")) {
            read(typed)
                    .criteria()
                    .forEach(c -> assertThat(Plans.CATALOGUE.all())
                            .allSatisfy(
                                    s -> assertThat(c.match().applyAsDouble(s)).isBetween(0.0, 1.0)));
            assertThat(read(typed).criteria()).as(typed).hasSize(1);
            Criterion only = read(typed).criteria().get(0);
            assertThat(Plans.CATALOGUE.all())
                    .as(typed + " parts the catalogue")
                    .anyMatch(s -> only.match().applyAsDouble(s) > 0)
                    .anyMatch(s -> only.match().applyAsDouble(s) == 0);
        }
    }

    @Test
    void theStanceDecidesWhatATankHolds() {
        Criterion bold = new QuestionReader(new Terms(Measures.metric(), Stance.BOLD), WORDS)
                .read("for a 300 L tank")
                .criteria()
                .get(0);
        Criterion cautious = new QuestionReader(new Terms(Measures.metric(), Stance.CAUTIOUS), WORDS)
                .read("for a 300 L tank")
                .criteria()
                .get(0);
        assertThat(bold.understood()).contains("Bold");
        assertThat(bold.match().applyAsDouble(Plans.species("yellow tang"))).isEqualTo(1);
        assertThat(cautious.match().applyAsDouble(Plans.species("yellow tang"))).isZero();
    }
}
