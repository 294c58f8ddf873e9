package pelluna.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.MessagePattern;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A language is a folder that says everything that English says, with nothing that English has not at hand. */
class EveryLanguageTest {
    /** In how many ways a message may ask for one argument. */
    private static final Pattern VIEW =
            Pattern.compile("((Der|Den|Dem|Words)?Cap|Der|Den|Dem|Words|Short|Or|(?<!^)\\d)$");

    private static final String CASE = "\\.(der|den|dem)$";

    /** What only a language with articles or cases has. */
    private static final Pattern OF_ITS_OWN = Pattern.compile(" words\\.(nouns|article|adjective|genitive)|" + CASE);

    static Stream<String> languages() throws IOException {
        try (Stream<Path> folders = Files.list(MessageFiles.FOLDERS)) {
            return folders.map(f -> f.getFileName().toString()).filter(f -> !f.equals("en")).sorted().toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("languages")
    void itHasEveryMessageInTheSameFile(String language) {
        assertThat(MessageFiles.of(language).keySet().stream()
                        .filter(key -> !OF_ITS_OWN.matcher(key).find()))
                .containsExactlyInAnyOrderElementsOf(MessageFiles.of("en").keySet().stream()
                        .filter(key -> !OF_ITS_OWN.matcher(key).find())
                        .toList());
    }

    @ParameterizedTest
    @MethodSource("languages")
    void noneIsLeftAsItIsInEnglishButForFigures(String language) {
        Map<String, String> english = MessageFiles.of("en");
        assertThat(MessageFiles.of(language))
                .allSatisfy((key, text) -> assertThat(!text.equals(english.get(key)) || same(text))
                        .as(key + " = " + text)
                        .isTrue());
    }

    /** What may well be the same: names, units, abbreviations, and what is made of arguments alone. */
    private static boolean same(String text) {
        return Readings.of(text).stream()
                .allMatch(r -> r.replace(Readings.FILLED, "").matches("[^\\p{L}]*(\\p{L}+[^\\p{L}]*){0,2}"));
    }

    @ParameterizedTest
    @MethodSource("languages")
    void itAsksForNothingThatEnglishDoesNotHave(String language) {
        Map<String, String> english = MessageFiles.of("en");
        assertThat(MessageFiles.of(language))
                .allSatisfy((key, text) -> assertThat(arguments(text))
                        .as(key)
                        .isSubsetOf(arguments(english.getOrDefault(key.replaceFirst(CASE, ""), ""))));
    }

    private static Set<String> arguments(String text) {
        MessagePattern pattern = new MessagePattern(text);
        Set<String> arguments = new TreeSet<>();
        for (int i = 0; i < pattern.countParts(); i++) {
            MessagePattern.Part part = pattern.getPart(i);
            if (part.getType() == MessagePattern.Part.Type.ARG_NAME
                    || part.getType() == MessagePattern.Part.Type.ARG_NUMBER) {
                String name = pattern.getSubstring(part);
                String base = name.length() > 1 ? VIEW.matcher(name).replaceFirst("") : name;
                arguments.add(base.substring(0, 1).toLowerCase() + base.substring(1));
            }
        }
        return arguments;
    }
}
