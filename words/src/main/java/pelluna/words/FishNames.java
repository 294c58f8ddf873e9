package pelluna.words;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;

/**
 * What fish are called in one language: in English by their first common name, elsewhere by the first name that the
 * catalogue has in that tongue, and by the scientific name where it has none.
 */
final class FishNames {
    private static final String ENGLISH = "English";
    private static final Pattern LOCAL = Pattern.compile("(.+) \\((.+)\\)");
    /** Languages by their English names. */
    private static final Map<String, Locale> TONGUES = Stream.concat(
                    Arrays.stream(Locale.getISOLanguages()),
                    Arrays.stream(Locale.getAvailableLocales()).map(Locale::getLanguage))
            .map(Locale::new)
            .collect(Collectors.toMap(l -> l.getDisplayLanguage(Locale.ENGLISH), l -> l, (a, b) -> a));

    private final Locale language;
    private final String tongue;
    private final Declension declension;

    /** @param language the catalogue writes its name in English behind each local name: 'German' */
    FishNames(Locale language, Messages messages) {
        this.language = language;
        tongue = Locale.ENGLISH.getLanguage().equals(language.getLanguage())
                ? ""
                : language.getDisplayLanguage(Locale.ENGLISH);
        declension = Declension.of(messages);
    }

    String of(Species s) {
        List<String> names = all(s);
        return names.isEmpty() ? s.scientificName() : names.get(0);
    }

    /** All names in this language, the usual one first; empty if there is none. */
    List<String> all(Species s) {
        return tongue.isEmpty() ? s.commonNames() : s.namesIn(tongue);
    }

    /** Its names in all other languages, each with its language in brackets: 'regal tang (Englisch)'. */
    List<String> elsewhere(Species s) {
        Stream<String> english =
                tongue.isEmpty() ? Stream.empty() : s.commonNames().stream().map(n -> n + " (" + ENGLISH + ")");
        return Stream.concat(english, s.localNames().stream())
                .map(LOCAL::matcher)
                .filter(Matcher::matches)
                .filter(m -> !m.group(2).equals(tongue))
                .map(m -> m.group(1) + " (" + tongue(m.group(2)) + ")")
                .toList();
    }

    private String tongue(String english) {
        return TONGUES.containsKey(english) ? TONGUES.get(english).getDisplayLanguage(language) : english;
    }

    /** 'der Gelbe Lippfisch', 'dem Gelben Lippfisch'; as it is if it has no name in this language. */
    String with(View.How how, Species s) {
        return all(s).isEmpty() ? of(s) : declension.with(how, of(s));
    }

    /** 'royal gramma', or '4 × lyretail anthias'. */
    String of(Species s, int count) {
        return count == 1 ? of(s) : count + " × " + of(s);
    }

    String of(Party p) {
        return of(p.species(), p.count());
    }

    /** With its article, if it is one fish. */
    String with(View.How how, Party p) {
        return p.count() == 1 ? with(how, p.species()) : of(p);
    }
}
