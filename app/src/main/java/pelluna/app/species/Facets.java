package pelluna.app.species;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import pelluna.core.search.Found;
import pelluna.core.sieve.Verdict;
import pelluna.words.Words;

/** Ways to narrow what was found, each with how many there are; one choice of each kind at a time. */
record Facets(String fit, String group, String size, String origin) {
    /** One way: its name in the address, its words, how many, and whether it is chosen. */
    record Choice(String value, String words, long count, boolean chosen) {}

    /** One kind of ways. */
    record Kind(String name, String words, List<Choice> choices) {}

    private static final Map<String, Predicate<Found>> FITS = new LinkedHashMap<>();
    private static final Map<String, Predicate<Found>> SIZES = new LinkedHashMap<>();
    private static final Map<String, Predicate<Found>> ORIGINS = new LinkedHashMap<>();

    static {
        FITS.put("fits", f -> f.verdict().outcome() == Verdict.Outcome.FITS);
        FITS.put("fits-if", f -> f.verdict().outcome() == Verdict.Outcome.FITS_IF);
        FITS.put("not-here", f -> f.verdict().outcome() == Verdict.Outcome.NOT_IN_THIS_TANK);
        SIZES.put("5", f -> f.species().size().usualCm() <= 5);
        SIZES.put(
                "10",
                f -> f.species().size().usualCm() > 5 && f.species().size().usualCm() <= 10);
        SIZES.put(
                "20",
                f -> f.species().size().usualCm() > 10 && f.species().size().usualCm() <= 20);
        SIZES.put("more", f -> f.species().size().usualCm() > 20);
        ORIGINS.put("captive-bred", f -> f.species().captiveBred());
        ORIGINS.put("wild", f -> !f.species().captiveBred());
    }

    List<Found> narrow(List<Found> found) {
        return found.stream().filter(f -> passes(f, "")).toList();
    }

    private boolean passes(Found f, String but) {
        return (but.equals("fit") || FITS.getOrDefault(fit, x -> true).test(f))
                && (but.equals("size") || SIZES.getOrDefault(size, x -> true).test(f))
                && (but.equals("origin")
                        || ORIGINS.getOrDefault(origin, x -> true).test(f))
                && (but.equals("group")
                        || group.isEmpty()
                        || f.species().group().equals(group));
    }

    /** Every kind with counts over what the other kinds leave. */
    List<Kind> kinds(List<Found> found, Words say) {
        Map<String, Predicate<Found>> groups = new TreeMap<>(String.CASE_INSENSITIVE_ORDER);
        found.forEach(f -> groups.put(
                f.species().group(), x -> x.species().group().equals(f.species().group())));
        return List.of(
                kind("fit", say.text("page.species.inThisTank"), FITS, fit, found, fitWords(say)),
                kind("size", say.text("page.species.grownSize"), SIZES, size, found, sizeWords(say)),
                kind("origin", say.text("page.species.origin"), ORIGINS, origin, found, originWords(say)),
                kind("group", say.text("page.species.group"), groups, group, found, groupWords(groups.keySet(), say)));
    }

    private static Map<String, String> groupWords(Set<String> groups, Words say) {
        return groups.stream().collect(Collectors.toMap(g -> g, say::written));
    }

    private static Map<String, String> fitWords(Words say) {
        return Map.of(
                "fits", say.text("page.species.fits"),
                "fits-if", say.text("page.species.fitsIf"),
                "not-here", say.text("page.species.notHere"));
    }

    private static Map<String, String> originWords(Words say) {
        return Map.of(
                "captive-bred", say.text("page.species.captiveBred"),
                "wild", say.text("page.species.wild"));
    }

    private static Map<String, String> sizeWords(Words say) {
        return Map.of(
                "5",
                say.text("page.species.upTo", say.length(5)),
                "10",
                say.text("page.species.to", say.length(10)),
                "20",
                say.text("page.species.to", say.length(20)),
                "more",
                say.text("page.species.over", say.length(20)));
    }

    private Kind kind(
            String name,
            String words,
            Map<String, Predicate<Found>> ways,
            String chosen,
            List<Found> found,
            Map<String, String> wordsOf) {
        List<Choice> choices = new ArrayList<>();
        ways.forEach((value, test) -> {
            long count =
                    found.stream().filter(f -> passes(f, name) && test.test(f)).count();
            if (count > 0 || value.equals(chosen)) {
                choices.add(new Choice(
                        value.equals(chosen) ? "" : value,
                        wordsOf.getOrDefault(value, value),
                        count,
                        value.equals(chosen)));
            }
        });
        return new Kind(name, words, choices);
    }
}
