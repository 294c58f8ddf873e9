package pelluna.words;

import java.util.List;

/** The few turns of phrase that computed sentences share. */
public final class English {
    private static final String[] SMALL = {
        "no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"
    };

    private static final String[] ORDINALS = {"first", "second", "third", "fourth", "fifth", "sixth"};

    private English() {}

    /** 'first', 'second', '7th'. */
    public static String ordinal(int n) {
        return n >= 1 && n <= ORDINALS.length ? ORDINALS[n - 1] : n + "th";
    }

    /** 'one fish', 'three fish', '14 wishes'. */
    public static String count(int n, String one, String many) {
        return number(n) + " " + (n == 1 ? one : many);
    }

    /** 'no', 'one', 'three', '14'. */
    public static String number(int n) {
        return n >= 0 && n < SMALL.length ? SMALL[n] : Integer.toString(n);
    }

    /** 'a', 'a and b', 'a, b and c'. */
    public static String list(List<String> words) {
        if (words.size() < 2) {
            return String.join("", words);
        }
        return String.join(", ", words.subList(0, words.size() - 1)) + " and " + words.get(words.size() - 1);
    }

    public static String capital(String sentence) {
        return sentence.isEmpty() ? sentence : Character.toUpperCase(sentence.charAt(0)) + sentence.substring(1);
    }
}
