package pelluna.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Stance;
import pelluna.core.phrasebook.Phrasebook;
import pelluna.core.testing.Plans;
import pelluna.core.units.Length;
import pelluna.core.units.Volume;

/** The parts of reading a question: colours off drawings, words, phrases. */
class ReadingTest {
    private static final Terms TERMS = new Terms(Stance.CUSTOMARY);
    private static final Words WORDS = new Words(Plans.CATALOGUE, TERMS.words());

    private static Question read(String typed) {
        return new QuestionReader(TERMS, WORDS, Phrasebook.ENGLISH).read(typed);
    }

    private static List<String> understood(String typed) {
        return read(typed).criteria().stream().map(c -> code(c.understood())).toList();
    }

    /** The code and the arguments of what was understood: 'LivesIn 208 CUSTOMARY'. */
    private static String code(Object said) {
        if (said instanceof Length l) {
            return Long.toString(Math.round(l.cm()));
        }
        if (said instanceof Volume v) {
            return Long.toString(Math.round(v.litres()));
        }
        if (said instanceof Collection<?> all) {
            return all.stream().map(ReadingTest::code).collect(Collectors.joining(" "));
        }
        if (!(said instanceof Understood)) {
            return said.toString();
        }
        return said.getClass().getSimpleName()
                + Arrays.stream(said.getClass().getRecordComponents())
                        .map(c -> " " + code(value(said, c)))
                        .collect(Collectors.joining());
    }

    private static Object value(Object said, RecordComponent component) {
        try {
            return component.getAccessor().invoke(said);
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(e);
        }
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
        under 8 cm                    | GrowsAtMost 8
        stays smaller than 4 inches   | GrowsAtMost 10
        up to 80 mm                   | GrowsAtMost 8
        larger than 30 cm             | GrowsAtLeast 30
        for a 55 gallon tank          | LivesIn 208 CUSTOMARY
        200 litres                    | LivesIn 200 CUSTOMARY
        under 200L                    | LivesIn 200 CUSTOMARY
        for a 6 foot tank             | RoomInRun 183
        leaves my clams alone         | LeavesAlone CLAMS
        won't eat shrimp              | LeavesAlone SHRIMP
        doesn't nip at zoas           | LeavesAlone ZOANTHIDS
        safe around feather dusters   | LeavesAlone TUBE_WORMS
        no jumpers                    | Is SELDOM_JUMPS
        tank-raised                   | Is CAPTIVE_BRED
        non-aggressive                | Is PEACEFUL
        lives with a pistol shrimp    | Is LIVES_WITH_A_PISTOL_SHRIMP
        eats flatworms                | KeptFor FLATWORMS
        bottom dweller                | Is LIVES_ON_THE_BOTTOM
        bare bottom                   | Is NEEDS_NO_SAND
        cave dweller                  | Is LIVES_IN_CAVES
        grows to 20 centimetres       | GrowsAtMost 20
        """)
    void aPhraseIsUnderstood(String typed, String as) {
        assertThat(understood(typed)).containsExactly(as);
        assertThat(read(typed).names()).as("nothing left over").isEmpty();
    }

    @Test
    void severalPhrasesAndANameTogether() {
        Question q = read("a small, peaceful, captive bred goby under 5 cm that fits, not a clown");
        assertThat(q.criteria())
                .extracting(c -> code(c.understood()))
                .containsExactlyInAnyOrder(
                        "GrowsAtMost 5", "Is PEACEFUL", "Is CAPTIVE_BRED", "Small 10", "NotCalled clown");
        assertThat(q.names()).containsExactly("goby");
        assertThat(q.onlyFits()).isTrue();
        assertThat(q.excludes()).isTrue();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
        nothing that jumps      | Is SELDOM_JUMPS
        not yellow              | Not Coloured YELLOW
        no stripes              | Not Is STRIPED
        nothing venomous        | Is HARMLESS
        not too small           | Not Small 10
        without spots           | Not Is SPOTTED
        not captive bred        | Not Is CAPTIVE_BRED
        isn't shy               | Not Is SHY
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
        assertThat(q.readAs()).containsExactly(new Understood.NotUnderstood("blorptacular"));
        assertThat(read("blorptacular").names())
                .as("if it is all there is, it finds nobody")
                .containsExactly("blorptacular");
    }

    @Test
    void reefSafeWithTwoKindsAsksForBoth() {
        assertThat(understood("reef safe with shrimp and clams"))
                .containsExactly(
                        "LeavesAlone SMALL_POLYP_CORALS LARGE_POLYP_CORALS SOFT_CORALS ZOANTHIDS",
                        "LeavesAlone SHRIMP",
                        "LeavesAlone CLAMS");
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
        Criterion bold = new QuestionReader(new Terms(Stance.BOLD), WORDS, Phrasebook.ENGLISH)
                .read("for a 300 L tank")
                .criteria()
                .get(0);
        Criterion cautious = new QuestionReader(new Terms(Stance.CAUTIOUS), WORDS, Phrasebook.ENGLISH)
                .read("for a 300 L tank")
                .criteria()
                .get(0);
        assertThat(bold.understood()).isEqualTo(new Understood.LivesIn(new Volume(300), Stance.BOLD));
        assertThat(bold.match().applyAsDouble(Plans.species("yellow tang"))).isEqualTo(1);
        assertThat(cautious.match().applyAsDouble(Plans.species("yellow tang"))).isZero();
    }
}
