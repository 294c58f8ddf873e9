package pelluna.words;

import java.util.List;
import java.util.Locale;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;

/**
 * What fish are called in one language: in English by their first common name, elsewhere by the first name that the
 * catalogue has in that tongue, and by the scientific name where it has none.
 */
final class FishNames {
    private final String tongue;
    private final Declension declension;

    /** @param language the catalogue writes its name in English behind each local name: 'German' */
    FishNames(Locale language, Messages messages) {
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

    /** 'der Gelbe Lippfisch', 'dem Gelben Lippfisch'; as it is if it has no name in this language. */
    String with(View.How how, Species s) {
        return all(s).isEmpty() ? of(s) : declension.with(how, of(s));
    }

    /** 'royal gramma', or '4 × lyretail anthias'. */
    String of(Party p) {
        return p.count() == 1 ? of(p.species()) : p.count() + " × " + of(p.species());
    }

    /** With its article, if it is one fish. */
    String with(View.How how, Party p) {
        return p.count() == 1 ? with(how, p.species()) : of(p);
    }
}
