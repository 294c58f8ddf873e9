package pelluna.core.sighting;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import pelluna.core.names.NameText;

/** Finds fish by what a keeper types: every typed word has to begin a word of one of its names. */
final class Names {
    private static final List<String> SKIPPED =
            List.of("the", "a", "my", "at", "to", "of", "and", "has", "have", "is", "are");
    private final List<Known> fish;

    Names(List<Known> fish) {
        this.fish = List.copyOf(fish);
    }

    /**
     * All that the words may mean; those with exactly this name alone, if there are any; with slips of the keyboard
     * put right if nobody
     * else is meant.
     */
    List<Known> meant(List<String> typed) {
        List<String> words = typed.stream()
                .filter(w -> !SKIPPED.contains(w))
                .flatMap(w -> NameText.tokens(w.replaceFirst("['’]s$", "")).stream())
                .toList();
        if (words.isEmpty()) {
            return List.of();
        }
        List<Known> found = spelt(words);
        if (!found.isEmpty()) {
            return found;
        }
        Set<String> known = fish.stream()
                .flatMap(f -> f.names().stream())
                .flatMap(n -> NameText.tokens(n).stream())
                .collect(Collectors.toSet());
        return spelt(words.stream()
                .map(w -> known.contains(w) || w.length() < 4
                        ? w
                        : NameText.slip(w, known.stream()).orElse(w))
                .toList());
    }

    private List<Known> spelt(List<String> words) {
        String whole = key(words);
        List<Known> exact = fish.stream()
                .filter(f ->
                        f.names().stream().anyMatch(n -> key(NameText.tokens(n)).equals(whole)))
                .toList();
        return exact.isEmpty()
                ? fish.stream()
                        .filter(f -> f.names().stream().anyMatch(n -> fits(words, NameText.tokens(n))))
                        .toList()
                : exact;
    }

    private static String key(List<String> words) {
        return String.join(" ", words.stream().map(NameText::singular).toList());
    }

    private static boolean fits(List<String> words, List<String> name) {
        return words.stream()
                .map(NameText::singular)
                .allMatch(w -> name.stream()
                        .map(NameText::singular)
                        .anyMatch(o -> o.startsWith(w) || o.endsWith(w) && w.length() >= 4));
    }

    List<Known> all() {
        return fish;
    }
}
