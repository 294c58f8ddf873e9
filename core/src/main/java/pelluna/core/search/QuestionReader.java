package pelluna.core.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;

/** Reads what a keeper typed: misspelt words first, then phrases, then what is left as parts of names. */
final class QuestionReader {
    private final Terms terms;
    private final Words words;

    QuestionReader(Terms terms, Words words) {
        this.terms = terms;
        this.words = words;
    }

    Question read(String typed) {
        List<String> readAs = new ArrayList<>();
        List<String> spelt = new ArrayList<>();
        for (String token : Words.plain(typed).split(" ")) {
            Optional<String> meant = words.meant(token);
            meant.ifPresent(m -> readAs.add("'" + token + "' read as '" + m + "'"));
            spelt.add(meant.orElse(token));
        }
        String rest = String.join(" ", spelt);
        List<Criterion> criteria = new ArrayList<>();
        Matcher fits = java.util.regex.Pattern.compile("(?<= |^)(?:that |which )?(?:fits?|fitting|suits?)(?: (?:me|it|in it|my tank|the tank|this tank|here))?(?= |$)").matcher(rest);
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
                    criteria.addAll(term.asks().apply(m.toMatchResult()));
                    left.append(tried, at, m.start()).append(" | ");
                    at = m.end();
                }
            }
            rest = left.append(tried.substring(at)).toString();
        }
        List<String> names = Words.tokens(rest.replace('|', ' ')).stream().filter(t -> !Words.empty(t) && !t.matches("[<>\"&.0-9-]+")).toList();
        return new Question(criteria, names, onlyFits, readAs);
    }
}
