package pelluna.core.sighting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** Finds fish by what a keeper types: every typed word has to begin a word of one of its names. */
final class Names {
    private static final List<String> SKIPPED = List.of("the", "a", "my", "at", "to", "of", "and", "has", "have", "is", "are");
    private final List<Known> fish;

    Names(List<Known> fish) {
        this.fish = List.copyOf(fish);
    }

    /** All that the words may mean; those with exactly this name alone, if there are any. */
    List<Known> meant(List<String> typed) {
        List<String> words = typed.stream().filter(w -> !SKIPPED.contains(w)).map(Names::plain).filter(w -> !w.isEmpty()).toList();
        if (words.isEmpty()) {
            return List.of();
        }
        String whole = String.join(" ", words);
        List<Known> exact = fish.stream().filter(f -> f.names().stream().anyMatch(n -> plain(n).equals(whole))).toList();
        if (!exact.isEmpty()) {
            return exact;
        }
        List<Known> found = new ArrayList<>();
        for (Known f : fish) {
            if (f.names().stream().anyMatch(n -> fits(words, plain(n)))) {
                found.add(f);
            }
        }
        return found;
    }

    private static boolean fits(List<String> words, String name) {
        List<String> of = Arrays.asList(name.split("[ -]+"));
        return words.stream().allMatch(w -> of.stream().anyMatch(o -> o.startsWith(singular(w)) || o.endsWith(singular(w)) && w.length() >= 4));
    }

    private static String singular(String w) {
        return w.length() > 4 && w.endsWith("s") && !w.endsWith("ss") ? w.substring(0, w.length() - 1) : w;
    }

    static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replace("'s", "").replaceAll("[^\\p{L}\\p{N} -]", "").strip();
    }

    List<Known> all() {
        return fish;
    }
}
