package pelluna.words;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** The languages that have a folder of messages, English first; a folder is named by its ISO 639 code. */
public final class Languages {
    private static final List<Locale> ALL = Arrays.stream(Locale.getISOLanguages())
            .filter(code -> Messages.class.getResource(code + "/words.properties") != null)
            .map(Locale::new)
            .sorted(Comparator.comparing((Locale l) -> !l.equals(Locale.ENGLISH))
                    .thenComparing(Locale::getLanguage))
            .toList();

    private Languages() {}

    public static List<Locale> all() {
        return ALL;
    }

    /** What a language calls itself: 'English', 'Deutsch'. */
    public static String name(Locale language) {
        return Messages.in(language).get("words.language").pattern();
    }

    /**
     * The first that a reader asks for and that there is, else English.
     *
     * @param asked as browsers write it, 'de-AT,de;q=0.9,en;q=0.5'; null or unreadable for nothing asked
     */
    public static Locale best(String asked) {
        try {
            Locale found = asked == null ? null : Locale.lookup(Locale.LanguageRange.parse(asked), ALL);
            return found == null ? Locale.ENGLISH : found;
        } catch (IllegalArgumentException unreadable) {
            return Locale.ENGLISH;
        }
    }
}
