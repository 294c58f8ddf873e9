package pelluna.core.search;

import java.text.Normalizer;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;

import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.EditDistance;
import pelluna.core.catalogue.Species;

/** The words that fish are called by, and how near a typed word comes to one. */
final class Words {
    /** Words that say nothing of a fish. */
    private static final Set<String> EMPTY = Set.of("a", "an", "the", "i", "me", "my", "we", "want", "wants", "need", "would", "like", "something", "anything", "some", "any", "fish",
        "fishes", "one", "ones", "that", "which", "who", "is", "are", "be", "can", "will", "for", "of", "to", "in", "on", "with", "and", "or", "as", "at", "it", "its", "this", "also",
        "tank", "aquarium", "reef", "marine", "saltwater", "good", "best", "nice", "cool", "looking", "please", "stays", "stay", "keep", "kept", "add", "next", "eater", "eaters", "types", "type",
        "species", "kind", "kinds", "lives", "live", "but", "very", "not", "too", "what", "whats", "does", "should", "could", "give", "show", "find", "has", "have", "from", "more", "most",
        "under", "below", "over", "above", "less", "than", "up", "about", "around", "long", "foot", "feet", "no", "nothing", "none", "never", "non", "isnt", "arent", "doesnt", "dont", "wont", "without", "except", "other", "eats", "eat", "safe");
    /** What keepers call one group by another word. */
    private static final Map<String, String> ALSO = Map.of("tang", "surgeonfish", "surgeon", "tang", "eel", "moray", "morays", "moray", "nem", "anemone", "humu", "trigger",
        "doctor", "surgeonfish", "scooter", "dragonet", "toby", "puffer");

    private static final Pattern ACCENTS = Pattern.compile("\\p{M}");
    private static final Pattern QUOTES = Pattern.compile("['’`´]");
    private static final Pattern COMMA = Pattern.compile("(?<=\\d),(?=\\d)");
    private static final Pattern OTHER = Pattern.compile("[^a-z0-9.<>\"& -]|\\.(?!\\d)");
    private static final Pattern HYPHEN = Pattern.compile("(?<=[a-z])-(?=[a-z])");
    private static final Pattern BLANKS = Pattern.compile("\\s+");
    private static final Pattern BETWEEN = Pattern.compile("[ -]+");

    private final Map<Species, Set<String>> names = new HashMap<>();
    private final TreeSet<String> known = new TreeSet<>();

    Words(Catalogue catalogue, Set<String> ofPhrases) {
        for (Species s : catalogue.all()) {
            Set<String> tokens = new LinkedHashSet<>();
            s.commonNames().forEach(n -> tokens.addAll(tokens(n)));
            s.localNames().forEach(n -> tokens.addAll(tokens(n)));
            s.synonyms().forEach(n -> tokens.addAll(tokens(n)));
            tokens.addAll(tokens(s.scientificName() + " " + s.family() + " " + s.group()));
            names.put(s, tokens);
            known.addAll(tokens);
        }
        known.addAll(ofPhrases);
        known.addAll(EMPTY);
        known.addAll(ALSO.keySet());
    }

    /** Lower case, no accents, no apostrophes; only letters, figures and the signs that measures need. */
    static String plain(String text) {
        String letters = ACCENTS.matcher(Normalizer.normalize(text, Normalizer.Form.NFD)).replaceAll("").toLowerCase(Locale.ROOT).replace("ß", "ss");
        String bare = COMMA.matcher(QUOTES.matcher(letters).replaceAll("")).replaceAll(".");
        return BLANKS.matcher(HYPHEN.matcher(OTHER.matcher(bare).replaceAll(" ")).replaceAll(" ")).replaceAll(" ").trim();
    }

    static List<String> tokens(String text) {
        String plain = plain(text);
        return plain.isEmpty() ? List.of() : BETWEEN.splitAsStream(plain).filter(t -> !t.isEmpty()).toList();
    }

    /** Whether anybody goes by a word. */
    boolean isName(String token) {
        return names.keySet().stream().anyMatch(s -> goesBy(s, token));
    }

    static boolean empty(String token) {
        return EMPTY.contains(token);
    }

    /** A word as it was probably meant; empty if it is known as it stands, or like nothing known. One slip in four or five letters, two in more. */
    Optional<String> meant(String token) {
        if (token.length() < 4 || token.matches(".*\\d.*") || isKnown(token)) {
            return Optional.empty();
        }
        int slips = token.length() < 6 ? 1 : 2;
        record Near(String word, int distance) { }
        return known.stream().filter(w -> w.length() >= 3 && Math.abs(w.length() - token.length()) <= slips)
            .map(w -> new Near(w, EditDistance.between(token, w))).filter(n -> n.distance() <= slips)
            .min(Comparator.comparingInt(Near::distance).thenComparing(n -> n.word().charAt(0) == token.charAt(0) ? 0 : 1).thenComparing(Near::word)).map(Near::word);
    }

    private boolean isKnown(String token) {
        for (String form : forms(token)) {
            if (known.contains(form)) {
                return true;
            }
        }
        String after = known.ceiling(token);
        return after != null && after.startsWith(token);
    }

    /** Whether a species goes by a word: as it stands, in the singular, as the start of one of its names, or by another word for its group. */
    boolean goesBy(Species s, String token) {
        Set<String> own = names.get(s);
        for (String form : forms(token)) {
            if (own.contains(form) || form.length() >= 3 && !ALSO.containsKey(form) && own.stream().anyMatch(t -> t.startsWith(form))) {
                return true;
            }
        }
        return false;
    }

    private static Set<String> forms(String token) {
        Set<String> forms = new HashSet<>(Set.of(token));
        if (token.length() > 4 && token.endsWith("ies")) {
            forms.add(token.substring(0, token.length() - 3) + "y");
        }
        if (token.length() > 3 && token.endsWith("s")) {
            forms.add(token.substring(0, token.length() - 1));
            if (token.endsWith("es")) {
                forms.add(token.substring(0, token.length() - 2));
            }
        }
        for (String form : List.copyOf(forms)) {
            if (ALSO.containsKey(form)) {
                forms.add(ALSO.get(form));
            }
        }
        return forms;
    }
}
