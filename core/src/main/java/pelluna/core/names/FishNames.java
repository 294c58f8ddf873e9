package pelluna.core.names;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.EditDistance;
import pelluna.core.catalogue.Species;

/**
 * The one place where a typed name becomes a fish: wish list, tank, log, search, plan files and command line ask here.
 * Made once for a
 * catalogue; immutable. Resolving costs O(names), far below a millisecond a hundred species.
 */
public final class FishNames {
    /** Words that say nothing of a fish. */
    private static final Set<String> EMPTY = Set.of(
            "a", "an", "the", "my", "some", "of", "fish", "fishes", "one", "ein", "eine", "der", "die", "das", "fisch",
            "fische");

    private static final Pattern INITIAL = Pattern.compile("([a-z])\\.? ([a-z]{3,})");
    private static final int NEAREST = 8;
    private static final int SHORTEST_INSIDE = 5;

    /** One typed word: the forms that it may have, and the groups that it may stand for. */
    private record Word(Set<String> forms, Set<String> groups) {
        static Word of(String token) {
            return new Word(NameText.forms(token), GroupWords.groups(token));
        }

        boolean begins(Iterable<String> tokens) {
            for (String form : forms) {
                for (String token : tokens) {
                    if (form.length() < 2
                            ? token.equals(form)
                            : token.startsWith(form) || form.length() >= SHORTEST_INSIDE && token.contains(form)) {
                        return true;
                    }
                }
            }
            return false;
        }

        boolean groups(Species s) {
            return groups.contains(s.group());
        }
    }

    /** One name of a species, with its words. */
    private record Named(String written, String key, List<String> tokens, Meant.Grade grade) {
        boolean scientific() {
            return grade == Meant.Grade.SCIENTIFIC;
        }
    }

    private final List<Species> all;
    private final Map<Species, List<Named>> names = new HashMap<>();
    private final Map<Species, Set<String>> words = new HashMap<>();
    private final TreeSet<String> known = new TreeSet<>();

    public FishNames(Catalogue catalogue) {
        all = catalogue.all();
        for (Species s : all) {
            List<Named> of = new ArrayList<>();
            of.add(named(s.scientificName(), Meant.Grade.SCIENTIFIC));
            s.synonyms().forEach(n -> of.add(named(n, Meant.Grade.SCIENTIFIC)));
            s.commonNames()
                    .forEach(n -> of.add(named(n, n.equals(s.name()) ? Meant.Grade.OWN_NAME : Meant.Grade.OTHER_NAME)));
            s.namesAbroad().forEach(n -> of.add(named(n, Meant.Grade.OTHER_NAME)));
            names.put(s, List.copyOf(of));
            Set<String> tokens = new LinkedHashSet<>();
            of.forEach(n -> tokens.addAll(n.tokens()));
            tokens.addAll(NameText.tokens(s.family() + " " + s.group()));
            s.localNames().forEach(n -> tokens.addAll(NameText.tokens(n)));
            words.put(s, tokens);
            known.addAll(tokens);
        }
        known.addAll(GroupWords.words());
        known.addAll(EMPTY);
    }

    private static Named named(String written, Meant.Grade grade) {
        return new Named(
                written,
                key(NameText.tokens(written).stream()
                        .filter(t -> !EMPTY.contains(t))
                        .toList()),
                NameText.tokens(written),
                grade);
    }

    /** What a name may mean; a word that is still being typed counts as the beginning of one. */
    public Resolution resolve(String typed) {
        List<String> tokens =
                NameText.tokens(typed).stream().filter(t -> !EMPTY.contains(t)).toList();
        if (tokens.isEmpty()) {
            return new Resolution(typed, List.of(), false);
        }
        boolean group = tokens.stream().allMatch(GroupWords::known);
        Map<Species, Meant> found = new LinkedHashMap<>();
        byWhole(key(tokens), found);
        byWords(tokens, Meant.Grade.WORDS_OF_A_NAME, found);
        if (found.isEmpty()) {
            List<String> spelt =
                    tokens.stream().map(t -> meant(t, Set.of()).orElse(t)).toList();
            byWhole(key(spelt), found);
            byWords(spelt, Meant.Grade.MISSPELT, found);
            found.replaceAll((s, m) -> new Meant(s, Meant.Grade.MISSPELT, m.as()));
        }
        return new Resolution(typed, found.isEmpty() ? nearest(NameText.key(typed)) : sorted(found), group);
    }

    /** What a name may mean where it is a whole one, word for word; nothing is guessed. O(names). */
    public Resolution wholly(String typed) {
        Map<Species, Meant> found = new LinkedHashMap<>();
        byWhole(
                key(NameText.tokens(typed).stream()
                        .filter(t -> !EMPTY.contains(t))
                        .toList()),
                found);
        return new Resolution(typed, sorted(found), false);
    }

    /**
     * The species whose own, other or scientific name this is, word for word; the commonest in the trade of several.
     * O(names).
     */
    public Optional<Species> whole(String typed) {
        return wholly(typed).species().stream().findFirst();
    }

    private static List<Meant> sorted(Map<Species, Meant> found) {
        return found.values().stream()
                .sorted(Comparator.comparing(Meant::grade)
                        .thenComparing(m -> m.species().sold())
                        .thenComparing(m -> m.species().name()))
                .toList();
    }

    private static String key(List<String> tokens) {
        return String.join(" ", tokens.stream().map(NameText::singular).toList());
    }

    private void byWhole(String key, Map<Species, Meant> found) {
        Matcher initial = INITIAL.matcher(key);
        boolean shortened = initial.matches();
        for (Species s : all) {
            for (Named n : names.get(s)) {
                boolean same = n.key().equals(key)
                        || shortened
                                && n.scientific()
                                && n.key().startsWith(initial.group(1))
                                && n.key().endsWith(" " + initial.group(2));
                if (same) {
                    found.merge(
                            s,
                            new Meant(s, n.grade(), n.written()),
                            (a, b) -> a.grade().compareTo(b.grade()) <= 0 ? a : b);
                }
            }
        }
    }

    /** All words in one name; else words of names and of groups together. */
    private void byWords(List<String> tokens, Meant.Grade grade, Map<Species, Meant> found) {
        List<Word> typed = tokens.stream().map(Word::of).toList();
        for (Species s : all) {
            Set<String> own = words.get(s);
            if (!typed.stream().allMatch(w -> w.groups(s) || w.begins(own))) {
                continue;
            }
            Optional<Named> name = names.get(s).stream()
                    .filter(n -> typed.stream().allMatch(w -> w.begins(n.tokens())))
                    .findFirst();
            name.ifPresent(n -> found.putIfAbsent(s, new Meant(s, grade, n.written())));
            if (name.isEmpty() && typed.stream().anyMatch(w -> w.groups(s))) {
                found.putIfAbsent(s, new Meant(s, grade == Meant.Grade.MISSPELT ? grade : Meant.Grade.GROUP, s.name()));
            }
        }
    }

    /** By how many letters are other ones; of two as near the one that is sold more often. */
    private List<Meant> nearest(String key) {
        record Near(Meant meant, int distance) {}
        List<Near> near = new ArrayList<>();
        for (Species s : all) {
            Named best = names.get(s).stream()
                    .min(Comparator.comparingInt(n -> EditDistance.between(key, n.key())))
                    .orElseThrow();
            near.add(
                    new Near(new Meant(s, Meant.Grade.NEAREST, best.written()), EditDistance.between(key, best.key())));
        }
        return near.stream()
                .sorted(Comparator.comparingInt(Near::distance)
                        .thenComparing(n -> n.meant().species().sold()))
                .limit(NEAREST)
                .map(Near::meant)
                .toList();
    }

    /** Every word of its names, of its family and of its group, as words are compared. */
    public List<String> wordsOf(Species s) {
        return Stream.concat(words.get(s).stream(), GroupWords.wordsFor(s.group()))
                .distinct()
                .toList();
    }

    /** Whether anybody goes by a word. */
    public boolean isName(String token) {
        return all.stream().anyMatch(s -> goesBy(s, token));
    }

    /**
     * Whether a species goes by a word: as it stands, in the singular, as the start of one of its names, or by a word
     * for its group.
     */
    public boolean goesBy(Species s, String token) {
        Set<String> own = words.get(s);
        if (GroupWords.groups(token).contains(s.group())) {
            return true;
        }
        boolean whole = GroupWords.known(token);
        return NameText.forms(token).stream()
                .anyMatch(form -> own.contains(form)
                        || form.length() >= 3 && !whole && own.stream().anyMatch(t -> t.startsWith(form)));
    }

    /**
     * A word as it was probably meant; empty if it is known as it stands, or like nothing known. One slip in four or
     * five letters, two
     * in more.
     *
     * @param also words besides those of names
     */
    public Optional<String> meant(String token, Set<String> also) {
        if (token.length() < 4 || token.matches(".*\\d.*") || isKnown(token, also)) {
            return Optional.empty();
        }
        return NameText.slip(token, Stream.concat(known.stream(), also.stream()));
    }

    private boolean isKnown(String token, Set<String> also) {
        for (String form : NameText.forms(token)) {
            if (known.contains(form) || also.contains(form)) {
                return true;
            }
        }
        String after = known.ceiling(token);
        return after != null && after.startsWith(token) || also.stream().anyMatch(w -> w.startsWith(token));
    }
}
