package pelluna.words;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * How a language puts an article before a name, as its folder says: {@code words.nouns.X} are the ends of the nouns of
 * a gender, {@code words.article.X} its article as subject, direct and indirect object, and {@code words.adjective.X}
 * the end of an adjective without an article, then in the same three places with it. A first word that ends as
 * {@code words.genitive} says stands in the place of the article. A language without such messages
 * puts nothing before a name.
 */
final class Declension {
    private static final String NOUNS = "words.nouns.";

    private record Gender(List<String> articles, List<String> endings) {}

    /** The longest ends first. */
    private final Map<String, Gender> nouns =
            new TreeMap<>(Comparator.comparingInt(String::length).reversed().thenComparing(s -> s));

    private final String genitive;

    private Declension(String genitive) {
        this.genitive = genitive;
    }

    static Declension of(Messages messages) {
        Declension declension = new Declension(
                messages.find("words.genitive").map(Message::pattern).orElse(""));
        messages.keys("words").stream().filter(k -> k.startsWith(NOUNS)).forEach(k -> {
            String gender = k.substring(NOUNS.length());
            Gender is = new Gender(
                    words(messages, "words.article." + gender), words(messages, "words.adjective." + gender));
            words(messages, k).forEach(end -> declension.nouns.put(end, is));
        });
        return declension;
    }

    private static List<String> words(Messages messages, String key) {
        return List.of(messages.get(key).pattern().split("\\s+"));
    }

    /** A name with its article; as it is if no noun of the folder is its end. */
    String with(View.How how, String name) {
        return gender(name)
                .map(g -> with(how.ordinal() - View.How.DER.ordinal(), name, g))
                .orElse(name);
    }

    /** Whether the gender of a name is known. */
    boolean knows(String name) {
        return gender(name).isPresent();
    }

    /** Whether its first word is a name in the genitive, and no adjective: 'Fridmans Zwergbarsch'. */
    private boolean genitive(String name, Gender gender) {
        int first = name.indexOf(' ');
        String word = first < 0 ? "" : name.substring(0, first);
        return !genitive.isEmpty() && word.endsWith(genitive) && !word.endsWith(gender.endings.get(0));
    }

    private Optional<Gender> gender(String name) {
        String lower = name.toLowerCase(Locale.ROOT);
        return nouns.entrySet().stream()
                .filter(e -> lower.endsWith(e.getKey()))
                .map(Map.Entry::getValue)
                .findFirst();
    }

    private String with(int place, String name, Gender gender) {
        int noun = name.lastIndexOf(' ') + 1;
        if (genitive(name, gender)) {
            return name;
        }
        String strong = gender.endings.get(0);
        String before = Arrays.stream(name.substring(0, noun).split("(?<= )"))
                .map(w -> w.stripTrailing())
                .filter(w -> !w.isEmpty())
                .map(w -> w.endsWith(strong)
                        ? w.substring(0, w.length() - strong.length()) + gender.endings.get(place + 1) + " "
                        : w + " ")
                .collect(Collectors.joining());
        return gender.articles.get(place) + " " + before + name.substring(noun);
    }
}
