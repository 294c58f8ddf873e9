package pelluna.core.search;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.names.FishNames;
import pelluna.core.names.NameText;

/**
 * The words of a question: those of names, which are {@link FishNames}' business, those of phrases, and those that say
 * nothing.
 */
final class Words {
    /** Words that say nothing of a fish. */
    private static final Set<String> EMPTY = Set.of(
            "a",
            "an",
            "the",
            "i",
            "me",
            "my",
            "we",
            "want",
            "wants",
            "need",
            "would",
            "like",
            "something",
            "anything",
            "some",
            "any",
            "fish",
            "fishes",
            "one",
            "ones",
            "that",
            "which",
            "who",
            "is",
            "are",
            "be",
            "can",
            "will",
            "for",
            "of",
            "to",
            "in",
            "on",
            "with",
            "and",
            "or",
            "as",
            "at",
            "it",
            "its",
            "this",
            "also",
            "tank",
            "aquarium",
            "reef",
            "marine",
            "saltwater",
            "good",
            "best",
            "nice",
            "cool",
            "looking",
            "please",
            "stays",
            "stay",
            "keep",
            "kept",
            "add",
            "next",
            "eater",
            "eaters",
            "types",
            "type",
            "species",
            "kind",
            "kinds",
            "lives",
            "live",
            "but",
            "very",
            "not",
            "too",
            "what",
            "whats",
            "does",
            "should",
            "could",
            "give",
            "show",
            "find",
            "has",
            "have",
            "from",
            "more",
            "most",
            "under",
            "below",
            "over",
            "above",
            "less",
            "than",
            "up",
            "about",
            "around",
            "long",
            "foot",
            "feet",
            "no",
            "nothing",
            "none",
            "never",
            "non",
            "isnt",
            "arent",
            "doesnt",
            "dont",
            "wont",
            "without",
            "except",
            "other",
            "eats",
            "eat",
            "safe");

    private final FishNames names;
    private final Set<String> ofPhrases;

    Words(FishNames names, Set<String> ofPhrases) {
        this.names = names;
        this.ofPhrases = ofPhrases;
    }

    Words(Catalogue catalogue, Set<String> ofPhrases) {
        this(new FishNames(catalogue), ofPhrases);
    }

    FishNames names() {
        return names;
    }

    static String plain(String text) {
        return NameText.plain(text);
    }

    static List<String> tokens(String text) {
        return NameText.tokens(text);
    }

    static boolean empty(String token) {
        return EMPTY.contains(token);
    }

    boolean isName(String token) {
        return names.isName(token);
    }

    boolean goesBy(Species s, String token) {
        return names.goesBy(s, token);
    }

    /** A word as it was probably meant; empty if it is known as it stands, or like nothing known. */
    Optional<String> meant(String token) {
        return meant(token, Set.of());
    }

    /** The same with the words of another language besides. */
    Optional<String> meant(String token, Set<String> also) {
        if (EMPTY.contains(token)) {
            return Optional.empty();
        }
        Set<String> all = new HashSet<>(ofPhrases);
        all.addAll(also);
        return names.meant(token, all);
    }
}
