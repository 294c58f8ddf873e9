package pelluna.core.names;

import java.text.Normalizer;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import pelluna.core.catalogue.EditDistance;

/** Text as names are compared by: lower case, no accents, no apostrophes, hyphens as blanks, plurals as singulars. */
public final class NameText {
    private static final Pattern ACCENTS = Pattern.compile("\\p{M}");
    private static final Pattern QUOTES = Pattern.compile("['’`´]");
    private static final Pattern COMMA = Pattern.compile("(?<=\\d),(?=\\d)");
    private static final Pattern OTHER = Pattern.compile("[^a-z0-9.<>\"& -]|\\.(?!\\d)");
    private static final Pattern HYPHEN = Pattern.compile("(?<=[a-z])-(?=[a-z])");
    private static final Pattern BLANKS = Pattern.compile("\\s+");
    private static final Pattern BETWEEN = Pattern.compile("[ -]+");

    private NameText() {}

    /** Only letters, figures and the signs that measures need; 'ß' as 'ss', 'ü' as 'u'. */
    public static String plain(String text) {
        String letters = ACCENTS.matcher(Normalizer.normalize(text, Normalizer.Form.NFD))
                .replaceAll("")
                .toLowerCase(Locale.ROOT)
                .replace("ß", "ss");
        String bare = COMMA.matcher(QUOTES.matcher(letters).replaceAll("")).replaceAll(".");
        return BLANKS.matcher(
                        HYPHEN.matcher(OTHER.matcher(bare).replaceAll(" ")).replaceAll(" "))
                .replaceAll(" ")
                .trim();
    }

    public static List<String> tokens(String text) {
        String plain = plain(text);
        return plain.isEmpty()
                ? List.of()
                : BETWEEN.splitAsStream(plain).filter(t -> !t.isEmpty()).toList();
    }

    /** A whole name for comparing: its words in the singular. */
    public static String key(String name) {
        return String.join(" ", tokens(name).stream().map(NameText::singular).toList());
    }

    /** 'gobies' as 'goby', 'wrasses' as 'wrasse', 'Lippfische' as 'lippfisch'; 'glass' stays. */
    public static String singular(String token) {
        if (token.length() > 4 && token.endsWith("ies")) {
            return token.substring(0, token.length() - 3) + "y";
        }
        if (token.endsWith("fische") || token.endsWith("barsche")) {
            return token.substring(0, token.length() - 1);
        }
        return token.length() > 3
                        && token.endsWith("s")
                        && !token.endsWith("ss")
                        && !token.endsWith("us")
                        && !token.endsWith("is")
                ? token.substring(0, token.length() - 1)
                : token;
    }

    /**
     * The word that was probably meant by a misspelt one: one slip in up to five letters, two in more; empty if none
     * is near.
     */
    public static Optional<String> slip(String token, Stream<String> words) {
        int slips = token.length() < 6 ? 1 : 2;
        record Near(String word, int distance) {}
        return words.filter(w -> w.length() >= 3 && Math.abs(w.length() - token.length()) <= slips)
                .map(w -> new Near(w, EditDistance.between(token, w)))
                .filter(n -> n.distance() <= slips)
                .min(Comparator.comparingInt(Near::distance)
                        .thenComparing(n -> n.word().charAt(0) == token.charAt(0) ? 0 : 1)
                        .thenComparing(Near::word))
                .map(Near::word);
    }

    /** A word as it stands and every singular that it may be: 'fishes' is 'fish' too. */
    public static Set<String> forms(String token) {
        Set<String> forms = new HashSet<>(List.of(token, singular(token)));
        if (token.length() > 3 && token.endsWith("s")) {
            forms.add(token.substring(0, token.length() - 1));
            if (token.endsWith("es")) {
                forms.add(token.substring(0, token.length() - 2));
            }
        }
        if (token.length() > 5 && (token.endsWith("en") || token.endsWith("ln"))) {
            forms.add(token.substring(0, token.length() - 1));
        }
        return forms;
    }
}
