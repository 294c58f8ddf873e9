package pelluna.core.catalogue;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** All species that Pelluna knows, by accepted name, synonym or common name. Immutable; shared freely. */
public final class Catalogue {
    private final List<Species> all;
    private final Map<String, Species> byName = new LinkedHashMap<>();

    private Catalogue(List<Species> species) {
        List<String> problems = CatalogueRules.problems(species);
        if (!problems.isEmpty()) {
            throw new CatalogueException(problems);
        }
        all = species.stream().sorted(Comparator.comparing(Species::scientificName)).toList();
        all.forEach(s -> byName.put(key(s.scientificName()), s));
        all.forEach(s -> s.synonyms().forEach(n -> byName.putIfAbsent(key(n), s)));
        all.forEach(s -> s.commonNames().forEach(n -> byName.putIfAbsent(key(n), s)));
    }

    /**
     * The catalogue that ships with Pelluna.
     *
     * @throws CatalogueException if a file breaks the catalogue's rules, with every file and line
     */
    public static Catalogue shipped() {
        try (InputStream in = Catalogue.class.getResourceAsStream("/catalogue/index.txt")) {
            List<String> files = new String(in.readAllBytes(), StandardCharsets.UTF_8).lines()
                .map(String::trim).filter(l -> !l.isEmpty() && !l.startsWith("#")).toList();
            return new Catalogue(new CatalogueLoader().load(files));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A catalogue from the text of one file, under the same rules. */
    public static Catalogue of(String fileName, String yaml) {
        CatalogueLoader loader = new CatalogueLoader();
        loader.read(fileName, yaml);
        return new Catalogue(loader.result());
    }

    public List<Species> all() {
        return all;
    }

    /** Finds a species by accepted name, synonym or common name; case and outer blanks do not matter. */
    public Optional<Species> find(String name) {
        return Optional.ofNullable(byName.get(key(name)));
    }

    /** The names nearest to a word that was not found, by edit distance, best first. */
    public List<String> nearest(String name, int most) {
        String wanted = key(name);
        record Near(String shown, int distance) { }
        List<Near> near = new ArrayList<>();
        for (Species s : all) {
            List<String> names = new ArrayList<>(s.commonNames());
            names.add(s.scientificName());
            names.stream().map(n -> new Near(n, EditDistance.between(wanted, key(n)))).min(Comparator.comparingInt(Near::distance))
                .filter(n -> n.distance() <= Math.max(2, wanted.length() / 3)).ifPresent(near::add);
        }
        return near.stream().sorted(Comparator.comparingInt(Near::distance)).limit(most).map(Near::shown).toList();
    }

    /** Species whose names or group hold every word of the query; an empty query finds all. Common names first. */
    public List<Species> search(String query) {
        String[] words = key(query).split("\\s+");
        return all.stream().filter(s -> {
            String names = key(String.join(" ", s.commonNames()) + " " + s.scientificName() + " " + String.join(" ", s.synonyms())
                + " " + s.group() + " " + s.family());
            for (String word : words) {
                if (!names.contains(word)) {
                    return false;
                }
            }
            return true;
        }).toList();
    }

    private static String key(String name) {
        return name.trim().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    }
}
