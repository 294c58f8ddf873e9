package pelluna.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A floor under the words, not a style: short sentences of short words. */
class PlainWordsTest {
    private static final int LONGEST_SENTENCE = 20;
    private static final double HARDEST = 40;
    private static final double MIDDLE = 65;
    private static final int A_SENTENCE = 5;
    /** Lists of what a field of a file may hold, by its names. */
    private static final Set<String> OF_FILES = Set.of("catalogue.FactMeaning", "app.planfile.FieldNeeds");

    /** What every message may read like, by its file and key. */
    private static Map<String, List<String>> readings() {
        Map<String, List<String>> all = new TreeMap<>();
        MessageFiles.of("en").forEach((key, text) -> {
            if (OF_FILES.stream().noneMatch(key::endsWith)) {
                all.put(key, Readings.of(text));
            }
        });
        return all;
    }

    @Test
    void noSentenceIsLong() {
        List<String> tooLong = new ArrayList<>();
        readings()
                .forEach((key, readings) -> readings.stream()
                        .flatMap(r -> ReadingEase.sentences(r).stream())
                        .filter(s -> ReadingEase.words(s) > LONGEST_SENTENCE)
                        .forEach(s -> tooLong.add(key + ": " + s)));
        assertThat(tooLong).isEmpty();
    }

    @Test
    void sentencesAreEasyToRead() {
        List<Double> eases = new ArrayList<>();
        List<String> hard = new ArrayList<>();
        readings()
                .forEach((key, readings) -> readings.stream()
                        .filter(r -> r.matches(".*[.!?]") && ReadingEase.words(r) >= A_SENTENCE)
                        .forEach(r -> {
                            double ease = ReadingEase.of(r);
                            eases.add(ease);
                            if (ease < HARDEST) {
                                hard.add(key + ": " + Math.round(ease) + " " + r);
                            }
                        }));
        assertThat(hard).isEmpty();
        assertThat(eases).hasSizeGreaterThan(800);
        assertThat(eases.stream().sorted().toList().get(eases.size() / 2)).isGreaterThan(MIDDLE);
    }

    @ParameterizedTest
    @CsvSource({
        "fish, 1",
        "bullied, 2",
        "aggression, 3",
        "chased, 1",
        "acclimation, 4",
        "quarantine, 3",
        "little, 2",
        "territory, 4",
        "hiding, 2",
        "places, 2",
        "needed, 2",
        "species, 2",
        "volume, 2",
        "wrasse, 1"
    })
    void syllablesAreCounted(String word, int syllables) {
        assertThat(ReadingEase.syllables(word)).isEqualTo(syllables);
    }

    @Test
    void theFormulaIsFleschs() {
        // 6 words, 1 sentence, 6 syllables
        assertThat(ReadingEase.of("The cat sat on the mat."))
                .isCloseTo(116.145, org.assertj.core.data.Offset.offset(0.001));
        assertThat(ReadingEase.of(
                        "Nevertheless, considerable quantities of supplementary nourishment appear unnecessary."))
                .isLessThan(HARDEST);
    }

    @Test
    void aMessageIsReadInEveryChoice() {
        assertThat(Readings.of(
                        "It {harm, select, OFTEN {often} other {never}} eats {n, plural, =1 {one} other {# of them}}."))
                .containsExactly("It often eats one.", "It often eats Finn of them.", "It never eats Finn of them.");
        assertThat(Readings.of("It''s {who}''s.")).containsExactly("It's Finn's.");
    }
}
