package pelluna.core.catalogue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pelluna.core.units.Named;

/**
 * The facts of one species as figures, by the names of {@link FactForms}; strict about words and units, and says file
 * and line when it can't.
 */
final class FactReader {
    private final Map<String, Fact> facts;
    private final Map<String, String> values = new LinkedHashMap<>();
    private final Map<String, Fact> origins = new LinkedHashMap<>();

    /** @throws CatalogueException with every fact that is missing, unknown, or not written in its form */
    FactReader(String species, FactPlace place, Map<String, Fact> facts) {
        this.facts = facts;
        List<CatalogueProblem> problems = new ArrayList<>();
        for (FactForm form : FactForms.all()) {
            Fact fact = facts.get(form.key());
            if (fact == null && form.required()) {
                problems.add(new CatalogueProblem(place, new CatalogueFault.FactMissing(species, form.key())));
            } else if (fact != null) {
                try {
                    form.read(fact).forEach((slot, value) -> {
                        values.put(slot, value);
                        origins.put(slot, fact);
                    });
                } catch (CatalogueException e) {
                    problems.addAll(e.problems());
                }
            }
        }
        facts.values().stream()
                .filter(f -> FactForms.of(f.key()).isEmpty())
                .forEach(f -> problems.add(new CatalogueProblem(f.place(), new CatalogueFault.NoSuchFact(f.key()))));
        if (!problems.isEmpty()) {
            throw new CatalogueException(problems);
        }
    }

    static CatalogueException wrong(Fact fact, FactNeeds needs) {
        return new CatalogueException(fact.place(), new CatalogueFault.IsNot(fact.key(), fact.value(), needs));
    }

    Optional<Fact> fact(String key) {
        return Optional.ofNullable(facts.get(key));
    }

    Fact from(String slot) {
        return origins.get(slot);
    }

    double number(String slot) {
        return Double.parseDouble(values.get(slot));
    }

    /** A whole number from least to most. */
    int whole(String slot, int least, int most) {
        double value = number(slot);
        if (value != Math.rint(value) || value < least || value > most) {
            throw wrong(from(slot), new FactNeeds.Whole(least, most));
        }
        return (int) value;
    }

    Optional<String> text(String slot) {
        return Optional.ofNullable(values.get(slot)).filter(v -> !v.isEmpty());
    }

    boolean flag(String slot, String yes) {
        return yes.equals(values.get(slot));
    }

    List<String> list(String slot) {
        String text = values.getOrDefault(slot, "none");
        return text.equals("none") ? List.of() : Arrays.asList(text.split(", *"));
    }

    <E extends Enum<E> & Named> E word(Class<E> type, String slot) {
        return word(type, slot, values.get(slot));
    }

    private <E extends Enum<E> & Named> E word(Class<E> type, String slot, String word) {
        return Named.find(type, word).orElseThrow(() -> wrong(from(slot), new FactNeeds.OneOf(Named.words(type))));
    }

    <E extends Enum<E> & Named> Set<E> words(Class<E> type, String slot) {
        Set<E> found = EnumSet.noneOf(type);
        list(slot).forEach(word -> found.add(word(type, slot, word)));
        return found;
    }

    /** Bold, customary and cautious of one figure. */
    Schools schools(String field) {
        Schools schools =
                new Schools(number(field + ".bold"), number(field + ".customary"), number(field + ".cautious"));
        if (schools.bold() > schools.customary() || schools.customary() > schools.cautious()) {
            throw wrong(from(field + ".bold"), new FactNeeds.RisingToCautious());
        }
        return schools;
    }

    Optional<Species.Dispute> dispute(String field, String less, String more) {
        return text(field + "." + less)
                .map(l -> new Species.Dispute(l, text(field + "." + more).orElse("")));
    }
}
