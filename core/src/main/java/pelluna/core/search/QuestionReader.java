package pelluna.core.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import pelluna.core.phrasebook.Phrasebook;

/** Reads what a keeper typed: misspelt words first, then phrases, then what is left as parts of names. */
final class QuestionReader {
    private static final Pattern FITS = Pattern.compile(
            "(?<= |^)(?<!not )(?<!dont )(?<!doesnt )(?:that |which )?(?:fits?|fitting|suits?)(?: (?:me|it|in it|my "
                    + "tank|the tank|this tank|here))?(?= |$)");
    /**
     * A 'not' that stands right before a phrase and turns it round; phrases that hold their own 'not' take it first.
     */
    private static final Pattern NOT_BEFORE = Pattern.compile(
            "(?:^| )(?:not|no|non|without|never|nothing|none|isnt|arent|is not|are not|does not|doesnt|do "
                    + "not|dont|wont|will not)"
                    + "(?: that| which| is| are)?(?: a| an| any| too| so| very| really)?[ -]*$");

    private static final Pattern WITHOUT =
            Pattern.compile("(?<= |^)(?:not an?|not|no|except|but no|other than) ([a-z]{3,})(?= |$)");

    private final Terms terms;
    private final Words words;
    private final Phrasebook book;

    QuestionReader(Terms terms, Words words, Phrasebook book) {
        this.terms = terms;
        this.words = words;
        this.book = book;
    }

    Question read(String typed) {
        List<Understood> readAs = new ArrayList<>();
        List<String> spelt = new ArrayList<>();
        for (String token : Words.plain(book.question(typed)).split(" ")) {
            Optional<String> meant = words.meant(token, book.words());
            meant.ifPresent(m -> readAs.add(new Understood.ReadAs(token, m)));
            spelt.add(meant.orElse(token));
        }
        String rest = book.question(String.join(" ", spelt));
        List<Criterion> criteria = new ArrayList<>();
        boolean excludes = false;
        Matcher fits = FITS.matcher(rest);
        boolean onlyFits = fits.find() && !rest.substring(fits.end()).matches(" ?(?:in|into)? ?(?:a |an )?\\d.*");
        if (onlyFits) {
            rest = rest.substring(0, fits.start()) + " " + rest.substring(fits.end());
        }
        for (Terms.Term term : terms.all()) {
            Matcher m = term.phrase().matcher(rest.replaceAll(" +", " "));
            String tried = rest.replaceAll(" +", " ");
            StringBuilder left = new StringBuilder();
            int at = 0;
            while (m.find()) {
                if (m.end() > m.start()) {
                    String before = tried.substring(at, m.start());
                    Matcher not = NOT_BEFORE.matcher(before);
                    boolean turned = not.find();
                    term.asks().apply(m.toMatchResult()).forEach(c -> criteria.add(turned ? c.not() : c));
                    left.append(turned ? before.substring(0, not.start()) : before)
                            .append(" | ");
                    excludes |= turned;
                    at = m.end();
                }
            }
            rest = left.append(tried.substring(at)).toString();
        }
        int before = criteria.size();
        rest = without(rest, criteria);
        excludes |= criteria.size() > before;
        List<String> names = Words.tokens(rest.replace('|', ' ')).stream()
                .filter(t -> !Words.empty(t) && !t.matches("[<>\"&.0-9-]+"))
                .toList();
        List<String> known = names.stream().filter(words::isName).toList();
        if (known.isEmpty() && criteria.isEmpty()) {
            return new Question(criteria, names, excludes, onlyFits, readAs);
        }
        names.stream().filter(n -> !known.contains(n)).forEach(n -> readAs.add(new Understood.NotUnderstood(n)));
        return new Question(criteria, known, excludes, onlyFits, readAs);
    }

    /** Takes 'not a goby', 'except tangs' out of the text, where the word is one that fish go by. */
    private String without(String text, List<Criterion> criteria) {
        String plain = text.replaceAll(" +", " ");
        Matcher m = WITHOUT.matcher(plain);
        StringBuilder left = new StringBuilder();
        int at = 0;
        while (m.find()) {
            String name = m.group(1);
            if (!Words.empty(name) && words.isName(name)) {
                criteria.add(Criterion.when(new Understood.NotCalled(name), s -> !words.goesBy(s, name)));
                left.append(plain, at, m.start()).append(' ');
                at = m.end();
            }
        }
        return left.append(plain.substring(at)).toString();
    }
}
