package pelluna.app.catalogue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.app.limits.Numbers;
import pelluna.core.catalogue.CatalogueException;
import pelluna.core.catalogue.Fact;
import pelluna.core.catalogue.FactForm;
import pelluna.core.catalogue.FactForms;
import pelluna.core.catalogue.FactPlace;
import pelluna.core.catalogue.Harm;
import pelluna.core.catalogue.Level;
import pelluna.core.catalogue.ReefText;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Named;
import pelluna.core.units.Rounding;

/**
 * A species as flat fields, the common ground of the open formats: field names are those of {@link FactForms}, with
 * 'reefLife.shrimp' and its kin for the
 * kinds of other life. Nothing is lost on the way out and back.
 */
final class Fields {
    static final String REEF = "reefLife.";
    static final String SPARES = "reefLifeSparesFromCm.";
    private static final FactPlace YOUR_FILE = new FactPlace.YourFile();

    private Fields() {}

    /** Every field of a species, in the order of the forms. */
    static Map<String, String> of(Species s) {
        Map<String, String> fields = new LinkedHashMap<>();
        for (FactForm form : FactForms.all()) {
            Fact fact = s.facts().get(form.key());
            if (fact == null) {
                continue;
            }
            if (form.key().equals("reef")) {
                for (ReefLife kind : ReefLife.values()) {
                    fields.put(REEF + kind.word(), word(s.harmTo(kind)));
                    Species.ReefRisk risk = s.reefLife().get(kind);
                    if (risk != null && risk.sparesFromCm() > 0) {
                        fields.put(SPARES + kind.word(), Rounding.text(risk.sparesFromCm()));
                    }
                }
            } else {
                fields.putAll(form.read(fact));
            }
        }
        return fields;
    }

    /** The harm in four steps by the words of the open formats. */
    static String word(Harm harm) {
        return switch (harm) {
            case LEAVES_ALONE -> "leaves-alone";
            case KNOWN -> "has-been-known-to";
            case OFTEN -> "often";
            case EXPECT -> "expect-it";
        };
    }

    /**
     * The entry that fields and codes make; a fact none of whose fields is given is not given, and one of which only
     * some are given is refused.
     *
     * @param codes source code and level by fact key, such as 'm? genus'; a missing one counts as the keeper's own word
     * @throws CatalogueException if a field has no place, or a fact is not complete
     */
    static Entry entry(String scientificName, String family, Map<String, String> fields, Map<String, String> codes) {
        Map<String, String> left = new LinkedHashMap<>(fields);
        Map<String, Fact> facts = new LinkedHashMap<>();
        for (FactForm form : FactForms.all()) {
            Optional<String> text = form.key().equals("reef") ? reef(left) : text(form, left);
            text.ifPresent(t ->
                    facts.put(form.key(), coded(form.key(), t, codes.getOrDefault(form.key(), "own keeper"))));
        }
        left.values().removeIf(String::isEmpty);
        if (!left.isEmpty()) {
            throw new CatalogueException(
                    new FactPlace.At(scientificName),
                    new FileFault.NoSuchField(left.keySet().iterator().next()));
        }
        return new Entry(scientificName, family, facts);
    }

    private static Optional<String> text(FactForm form, Map<String, String> left) {
        Map<String, String> values = new LinkedHashMap<>();
        List<String> given = form.slots().stream()
                .map(FactForm.Slot::name)
                .filter(slot -> !left.getOrDefault(slot, "").isEmpty())
                .toList();
        for (FactForm.Slot slot : form.slots()) {
            if (!given.isEmpty() && slot.kind() != FactForm.Kind.TEXT && !left.containsKey(slot.name())) {
                throw new CatalogueException(new FactPlace.At(slot.name()), new FileFault.FieldMissing(given));
            }
            String value = left.remove(slot.name());
            if (value != null && !value.isEmpty()) {
                values.put(slot.name(), value);
            }
        }
        return values.isEmpty() ? Optional.empty() : Optional.of(form.write(values));
    }

    private static Optional<String> reef(Map<String, String> left) {
        Map<ReefLife, Species.ReefRisk> risks = new EnumMap<>(ReefLife.class);
        boolean given = Arrays.stream(ReefLife.values())
                .anyMatch(k -> !left.getOrDefault(REEF + k.word(), "").isEmpty());
        for (ReefLife kind : ReefLife.values()) {
            if (given && left.getOrDefault(REEF + kind.word(), "").isEmpty()) {
                throw new CatalogueException(
                        new FactPlace.At(REEF + kind.word()), new FileFault.LifeMissing(ReefLife.values().length));
            }
            String harm = left.remove(REEF + kind.word());
            String spares = left.remove(SPARES + kind.word());
            if (harm != null && !harm.isEmpty()) {
                Harm step = Arrays.stream(Harm.values())
                        .filter(h -> word(h).equals(harm))
                        .findFirst()
                        .orElseThrow(() -> new CatalogueException(
                                new FactPlace.At(REEF + kind.word()), new FileFault.NoSuchHarm(harm)));
                risks.put(
                        kind,
                        new Species.ReefRisk(
                                step, spares == null || spares.isEmpty() ? 0 : number(SPARES + kind.word(), spares)));
            }
        }
        return given ? Optional.of(ReefText.write(risks)) : Optional.empty();
    }

    private static double number(String field, String text) {
        try {
            return Numbers.finite(text);
        } catch (NumberFormatException e) {
            throw new CatalogueException(new FactPlace.At(field), new FileFault.NoNumber(text));
        }
    }

    /** 'm? genus' for a fact. */
    static String code(Fact fact) {
        return fact.code() + " " + fact.level().word();
    }

    private static Fact coded(String key, String value, String code) {
        String[] parts = code.trim().split(" +");
        Level level = Named.find(Level.class, parts.length > 1 ? parts[1] : "species")
                .orElseThrow(() ->
                        new CatalogueException(new FactPlace.At("source." + key), new FileFault.NoSourceCode(code)));
        return Fact.coded(key, value, parts[0], level, YOUR_FILE)
                .orElseThrow(() ->
                        new CatalogueException(new FactPlace.At("source." + key), new FileFault.NoSourceCode(code)));
    }

    /** Fact keys by the first part of their fields: 'adultLengthCm' stands for 'adult'. */
    static Map<String, String> factOfField() {
        Map<String, String> keys = new LinkedHashMap<>();
        FactForms.all()
                .forEach(form ->
                        form.slots().forEach(slot -> keys.put(slot.name().split("\\.")[0], form.key())));
        return keys;
    }

    /** Every field that can be, in order; those of reef life one by one. */
    static List<String> all() {
        List<String> names = new ArrayList<>();
        for (FactForm form : FactForms.all()) {
            if (form.key().equals("reef")) {
                Arrays.stream(ReefLife.values()).forEach(k -> names.add(REEF + k.word()));
                Arrays.stream(ReefLife.values()).forEach(k -> names.add(SPARES + k.word()));
            } else {
                form.slots().forEach(slot -> names.add(slot.name()));
            }
        }
        return names;
    }
}
