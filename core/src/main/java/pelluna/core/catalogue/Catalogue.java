package pelluna.core.catalogue;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** All species that Pelluna knows, by accepted name, synonym or common name. Immutable; shared freely. */
public final class Catalogue {
    private static final Pattern SCIENTIFIC = Pattern.compile("[A-Z][a-z]+ [a-z]+(-[a-z]+)?");
    private static final Pattern FAMILY = Pattern.compile("[A-Z][a-z]+idae");

    private final List<Species> all;
    private final Map<String, Species> byName = new LinkedHashMap<>();

    private Catalogue(List<Species> species) {
        hold(species);
        all = species.stream()
                .sorted(Comparator.comparing(Species::scientificName))
                .toList();
        all.forEach(s -> byName.put(key(s.scientificName()), s));
        all.forEach(s -> s.synonyms().forEach(n -> byName.putIfAbsent(key(n), s)));
        all.forEach(s -> byName.putIfAbsent(key(s.name()), s));
        Map<String, Set<Species>> others = new LinkedHashMap<>();
        all.forEach(s -> s.commonNames()
                .forEach(n ->
                        others.computeIfAbsent(key(n), k -> new HashSet<>()).add(s)));
        others.forEach((name, bearers) -> {
            if (bearers.size() == 1) {
                byName.putIfAbsent(name, bearers.iterator().next());
            }
        });
    }

    private static void hold(List<Species> species) {
        List<CatalogueProblem> problems = CatalogueRules.problems(species);
        if (!problems.isEmpty()) {
            throw new CatalogueException(problems);
        }
    }

    /**
     * The catalogue that ships with Pelluna.
     *
     * @throws CatalogueException if a file breaks the catalogue's rules, with every file and line
     */
    public static Catalogue shipped() {
        try (InputStream in = Catalogue.class.getResourceAsStream("/catalogue/index.txt")) {
            List<String> files = new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .map(String::trim)
                    .filter(l -> !l.isEmpty() && !l.startsWith("#"))
                    .toList();
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

    /**
     * This catalogue with one keeper's own word over it; the facts that are seen otherwise have {@link Source#KEEPER}.
     *
     * @throws CatalogueException if a word is not written in its form, breaks the catalogue's rules, or is about a
     * species that is not there
     */
    public Catalogue with(FactOverrides word) {
        return word.isEmpty() ? this : new Catalogue(laid(word));
    }

    /**
     * Whether a word could be laid over this catalogue, without making one of it.
     *
     * @throws CatalogueException as {@link #with}
     */
    public void check(FactOverrides word) {
        hold(laid(word));
    }

    private List<Species> laid(FactOverrides word) {
        Map<String, List<Fact>> facts = new LinkedHashMap<>();
        word.facts()
                .forEach(f -> facts.computeIfAbsent(f.scientificName(), n -> new ArrayList<>())
                        .add(Fact.ofKeeper(f.key(), f.value())));
        List<Species> species = new ArrayList<>();
        for (Species s : all) {
            List<Fact> own = facts.remove(s.scientificName());
            species.add(own == null ? s : over(s.scientificName(), s.family(), s.facts(), own));
        }
        for (FactOverrides.OwnSpecies own : word.species()) {
            if (!SCIENTIFIC.matcher(own.scientificName()).matches()
                    || !FAMILY.matcher(own.family()).matches()) {
                throw new CatalogueException(
                        new FactPlace.At(own.scientificName()), new CatalogueFault.NoScientificName());
            }
            Map<String, Fact> taken = taken(own);
            species.add(over(
                    own.scientificName(), own.family(), taken, facts.getOrDefault(own.scientificName(), List.of())));
            facts.remove(own.scientificName());
        }
        if (!facts.isEmpty()) {
            throw new CatalogueException(
                    new FactPlace.AllOwnWords(), new CatalogueFault.NoSuchSpecies(List.copyOf(facts.keySet())));
        }
        return species;
    }

    /** What a species of one's own starts with: the facts of the one it is like, or nothing. */
    private Map<String, Fact> taken(FactOverrides.OwnSpecies own) {
        Map<String, Fact> taken = new LinkedHashMap<>();
        if (!own.like().isEmpty()) {
            Species like = find(own.like())
                    .orElseThrow(() -> new CatalogueException(
                            new FactPlace.At(own.scientificName()), new CatalogueFault.NotInTheCatalogue(own.like())));
            like.facts().forEach((key, fact) -> taken.put(key, Fact.ofKeeper(key, fact.value())));
            List.of("synonyms", "local", "confused", "buying").forEach(taken::remove);
            taken.put("names", Fact.ofKeeper("names", own.scientificName()));
        }
        return taken;
    }

    private static Species over(String name, String family, Map<String, Fact> under, List<Fact> own) {
        Map<String, Fact> facts = new LinkedHashMap<>(under);
        own.forEach(f -> facts.put(f.key(), f));
        return SpeciesReader.read(name, family, new FactPlace.OwnWords(name), facts);
    }

    public List<Species> all() {
        return all;
    }

    /**
     * Finds a species by accepted name, synonym or common name as it is written, a name of several species excepted;
     * case and outer
     * blanks do not
     * matter. For names as people type them see {@code names.FishNames}.
     */
    public Optional<Species> find(String name) {
        return Optional.ofNullable(byName.get(key(name)));
    }

    private static String key(String name) {
        return name.trim().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    }
}
