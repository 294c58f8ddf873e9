package pelluna.app.overrides;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.CatalogueException;
import pelluna.core.catalogue.FactForm;
import pelluna.core.catalogue.FactOverrides;
import pelluna.core.catalogue.FactPlace;

/**
 * Takes, changes and takes back a keeper's own word. Nothing is written that the catalogue could not read afterwards.
 */
@Service
public class FactOverrideEdits {
    /** As many words as one keeper may have; a slip with a large file should not fill the database. */
    private static final int MOST = 20_000;
    /** As many letters as the rows hold. */
    private static final int MOST_NAME = 60;

    private static final int MOST_VALUE = 2000;
    private static final int MOST_WHY = 400;

    private final KeeperCatalogue catalogue;
    private final FactOverrideRows facts;
    private final OwnSpeciesRows species;
    private final List<FactOverrideGuard> guards;

    FactOverrideEdits(
            KeeperCatalogue catalogue, FactOverrideRows facts, OwnSpeciesRows species, List<FactOverrideGuard> guards) {
        this.catalogue = catalogue;
        this.facts = facts;
        this.species = species;
        this.guards = guards;
    }

    @Transactional(readOnly = true)
    public List<FactOverrideEntity> facts() {
        return facts.findByKeeperIdOrderById(catalogue.whose());
    }

    @Transactional(readOnly = true)
    public List<OwnSpeciesEntity> species() {
        return species.findByKeeperIdOrderById(catalogue.whose());
    }

    /** What a keeper says of one species, by fact. */
    public Map<String, FactOverrideEntity> on(String scientificName) {
        Map<String, FactOverrideEntity> own = new LinkedHashMap<>();
        facts().stream().filter(f -> f.scientificName().equals(scientificName)).forEach(f -> own.put(f.fact(), f));
        return own;
    }

    /**
     * Takes a word on a fact, in place of an earlier one. A word that says the same as Pelluna takes the earlier one
     * back.
     *
     * @throws CatalogueException if it is not written in its form or breaks a rule of the catalogue
     */
    @Transactional
    public void say(FactOverrides.FactOverride word, String why) {
        take(new FactOverrides(List.of(), List.of(word)), why);
    }

    /** Takes several words at once, all or none. */
    @Transactional
    public void take(FactOverrides more, String why) {
        Long id = catalogue.whose();
        FactOverrides merged = merged(catalogue.word(id), more);
        if (merged.facts().size() > MOST) {
            throw fault(new OverrideFault.TooMany(MOST));
        }
        more.species().forEach(s -> {
            atMost(MOST_NAME, s.scientificName(), new OverrideFault.LongName(MOST_NAME));
            atMost(MOST_NAME, s.family(), new OverrideFault.LongFamily(MOST_NAME));
        });
        more.facts()
                .forEach(f -> atMost(
                        MOST_VALUE, f.value(), new OverrideFault.LongFact(FactForm.FactName.of(f.key()), MOST_VALUE)));
        atMost(MOST_WHY, why, new OverrideFault.LongReason(MOST_WHY));
        guard(merged);
        more.species().forEach(s -> {
            if (species.findByKeeperIdAndScientificName(id, s.scientificName()).isEmpty()) {
                species.save(new OwnSpeciesEntity(id, s.scientificName(), s.family(), s.like()));
            }
        });
        Map<List<String>, FactOverrideEntity> there = new HashMap<>();
        facts().forEach(row -> there.put(List.of(row.scientificName(), row.fact()), row));
        more.facts().forEach(f -> {
            FactOverrideEntity row = there.get(List.of(f.scientificName(), f.key()));
            if (sameAsOurs(f)) {
                Optional.ofNullable(row).ifPresent(facts::delete);
            } else if (row == null) {
                facts.save(new FactOverrideEntity(id, f.scientificName(), f.key(), f.value(), why));
            } else {
                row.say(f.value(), why);
                facts.save(row);
            }
        });
    }

    private static void atMost(int most, String text, OverrideFault otherwise) {
        if (text.length() > most) {
            throw fault(otherwise);
        }
    }

    private static CatalogueException fault(OverrideFault fault) {
        return new CatalogueException(new FactPlace.AllOwnWords(), fault);
    }

    private boolean sameAsOurs(FactOverrides.FactOverride f) {
        return catalogue
                .shipped()
                .find(f.scientificName())
                .map(s -> s.facts().get(f.key()))
                .map(ours -> ours.value().equals(f.value()))
                .orElse(false);
    }

    private static FactOverrides merged(FactOverrides there, FactOverrides more) {
        Map<List<String>, FactOverrides.FactOverride> facts = new LinkedHashMap<>();
        there.facts().forEach(f -> facts.put(List.of(f.scientificName(), f.key()), f));
        more.facts().forEach(f -> facts.put(List.of(f.scientificName(), f.key()), f));
        Map<String, FactOverrides.OwnSpecies> species = new LinkedHashMap<>();
        there.species().forEach(s -> species.put(s.scientificName(), s));
        more.species().forEach(s -> species.putIfAbsent(s.scientificName(), s));
        return new FactOverrides(new ArrayList<>(species.values()), new ArrayList<>(facts.values()));
    }

    /**
     * Adds a species of one's own.
     *
     * @throws CatalogueException if the name or family is not one, or a species of that name is there already
     */
    @Transactional
    public void add(FactOverrides.OwnSpecies own, String commonNames) {
        Catalogue now = catalogue.get();
        if (now.find(own.scientificName()).isPresent()) {
            throw new CatalogueException(new FactPlace.At(own.scientificName()), new OverrideFault.AlreadyThere());
        }
        take(
                new FactOverrides(
                        List.of(own),
                        List.of(new FactOverrides.FactOverride(own.scientificName(), "names", commonNames))),
                "");
    }

    private void guard(FactOverrides word) {
        Catalogue candidate = catalogue.shipped().with(word);
        guards.forEach(g -> g.check(candidate));
    }

    /**
     * Back to Pelluna's fact.
     *
     * @throws CatalogueException if a tank needs the keeper's word to make sense
     */
    @Transactional
    public void takeBack(String scientificName, String fact) {
        Long id = catalogue.whose();
        FactOverrides there = catalogue.word(id);
        guard(new FactOverrides(
                there.species(),
                there.facts().stream()
                        .filter(f -> !f.scientificName().equals(scientificName)
                                || !f.key().equals(fact))
                        .toList()));
        facts.findByKeeperIdAndScientificNameAndFact(id, scientificName, fact).ifPresent(facts::delete);
    }

    /**
     * Takes a species of one's own out again, with all that was said of it.
     *
     * @throws CatalogueException if one of it lives, or is wished for, in a tank
     */
    @Transactional
    public void remove(String scientificName) {
        Long id = catalogue.whose();
        FactOverrides there = catalogue.word(id);
        if (there.species().stream().noneMatch(s -> s.scientificName().equals(scientificName))) {
            return;
        }
        guard(new FactOverrides(
                there.species().stream()
                        .filter(s -> !s.scientificName().equals(scientificName))
                        .toList(),
                there.facts().stream()
                        .filter(f -> !f.scientificName().equals(scientificName))
                        .toList()));
        species.findByKeeperIdAndScientificName(id, scientificName).ifPresent(species::delete);
        facts.deleteByKeeperIdAndScientificName(id, scientificName);
    }
}
