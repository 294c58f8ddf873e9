package pelluna.core.catalogue;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import pelluna.core.units.Named;

/** Reads the written facts of one species into figures, strict about words and units, and says file and line when it can't. */
final class FactReader {
    private final String species;
    private final String place;
    private final Map<String, Fact> facts;

    FactReader(String species, String place, Map<String, Fact> facts) {
        this.species = species;
        this.place = place;
        this.facts = facts;
    }

    Optional<Fact> fact(String key) {
        return Optional.ofNullable(facts.get(key));
    }

    Fact need(String key) {
        return fact(key).orElseThrow(() -> new CatalogueException(place, species + " has no '" + key + "'"));
    }

    static CatalogueException wrong(Fact fact, String expected) {
        return new CatalogueException(fact.place(), "'" + fact.key() + ": " + fact.value() + "' is not " + expected);
    }

    /** Matches the value against a pattern and gives its groups; '#' in the pattern stands for a number. */
    static Matcher match(Fact fact, String pattern, String expected) {
        Matcher matcher = Pattern.compile(pattern.replace("#", "(\\d+(?:\\.\\d+)?)")).matcher(fact.value());
        if (!matcher.matches()) {
            throw wrong(fact, expected);
        }
        return matcher;
    }

    static double number(Matcher matcher, int group) {
        return Double.parseDouble(matcher.group(group));
    }

    double quantity(String key, String unit) {
        return number(match(need(key), "#" + unit, "a number with its unit, such as '3" + unit + "'"), 1);
    }

    Schools schools(Fact fact, String unit) {
        Matcher m = match(fact, "# / # / # " + unit, "bold / customary / cautious with the unit " + unit);
        Schools schools = new Schools(number(m, 1), number(m, 2), number(m, 3));
        if (schools.bold() > schools.customary() || schools.customary() > schools.cautious()) {
            throw wrong(fact, "rising from bold to cautious");
        }
        return schools;
    }

    static List<String> parts(Fact fact) {
        return fact.value().equals("none") ? List.of() : Arrays.asList(fact.value().split(", *"));
    }

    <E extends Enum<E> & Named> E word(Class<E> type, Fact fact, String word) {
        return Named.find(type, word).orElseThrow(() -> wrong(fact, "one of: " + Named.words(type)));
    }

    <E extends Enum<E> & Named> Set<E> words(Class<E> type, String key) {
        Set<E> found = EnumSet.noneOf(type);
        fact(key).ifPresent(fact -> parts(fact).forEach(word -> found.add(word(type, fact, word))));
        return found;
    }

    /** A list of 'word number' pairs, all of the given words and no others. */
    Map<String, Integer> ratings(String key, int most, List<String> keys) {
        Fact fact = need(key);
        Map<String, Integer> ratings = new LinkedHashMap<>();
        for (String part : parts(fact)) {
            int space = part.lastIndexOf(' ');
            String word = space < 0 ? part : part.substring(0, space);
            if (space < 0 || !keys.contains(word) || !part.substring(space + 1).matches("\\d")) {
                throw wrong(fact, "a list of " + String.join(", ", keys) + ", each with a figure 0 to " + most);
            }
            int rating = Integer.parseInt(part.substring(space + 1));
            if (rating > most) {
                throw wrong(fact, "within 0 to " + most);
            }
            ratings.put(word, rating);
        }
        if (!ratings.keySet().containsAll(keys)) {
            throw wrong(fact, "complete: " + String.join(", ", keys));
        }
        return ratings;
    }
}
